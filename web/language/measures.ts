const METRIC = /(?<=(?:[\d½¼¾⅛⅓]|\{\d+\}) ?)(?:°C|kg|g|L|mL|ml|cm|mm|m|km|kPa)(?!\p{L})/u;
const US = /(?<=(?:[\d½¼¾⅛⅓]|\{\d+\}) ?)(?:°F|qt|cups?|oz|lb|psi|gal|ft)(?!\p{L})/u;
/** Grams of what labels count by grams in every country. */
const NUTRIENT = /\bg (?:of )?(?:salt|fat|alcohol|gelatin)|\{\d+\} g (?:are in|\(|\bit\b|is low)/u;

/** Whether a text names a measure of one system by itself, so that no cook of the other can read it. */
export const namesMeasure = (text: string): boolean =>
  (METRIC.test(text) || US.test(text)) && !NUTRIENT.test(text);

/** Where a measure is named by itself all the same, each with why. */
export const NAMED_ANYWAY: readonly {
  readonly why: string;
  readonly test: (id: string, modules: readonly string[]) => boolean;
}[] = [
  {
    why: "the sample kitchen's cook wrote it",
    test: (_, modules) => modules.every((m) => m.startsWith("web/src/sample/")),
  },
  {
    why: "an example of how both are written",
    test: (id) => METRIC.test(id) && US.test(id),
  },
  {
    why: "it asks which of two was meant, or says what was read",
    test: (_, modules) => modules.every((m) => m.startsWith("core/src/units/read-")),
  },
  {
    why: "a constant or its source, as it was measured: it stands in Why beside its figure",
    test: (_, modules) =>
      modules.every((m) =>
        /\/(?:constants|salt|headspace|bean-boil|set|oven|keeps|chill-minutes|work-times|hot-here|wanted-here|gelatin|limits|reckoned|accompaniments|poured|pot-times)\.ts$/u.test(
          m,
        ),
      ),
  },
  {
    why: "a unit of a figure, converted where it is shown",
    test: (id) => id === "min at 100 °C",
  },
  {
    why: "a recipe file says metric, which its readers convert",
    test: (_, modules) => modules.every((m) => m.startsWith("core/src/formats/recipe/write-")),
  },
  {
    why: "grams of a nutrient in a portion, or in the hundred grams of its label",
    test: (id) => /g a portion\.?$|some 70 g in all|^g in 100 g$/u.test(id),
  },
];
