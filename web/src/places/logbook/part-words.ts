import type { Difference, DifferencePart } from "@kettlos/core/compare/difference";
import type { PartKind } from "@kettlos/core/compare/parts";
import { inWords } from "@kettlos/core/units/said";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";

type Kind = DifferencePart["kinds"][number];

const NAMES: Readonly<Record<Kind, string>> = {
  goesIn: "What goes in",
  water: "Water",
  vessel: "Pot",
  ring: "Ring",
  heat: "Heat",
  vigour: "Simmer",
  lid: "Lid",
  time: "Time",
  gaps: "Heat and lid off",
  place: "The kitchen",
  sieve: "Sieve",
  clock: "By the clock",
  steam: "Steam",
  solids: "Bones, meat, vegetables",
  measuring: "The jug",
};
const HEAT_ONLY: readonly PartKind[] = ["vessel", "ring", "vigour", "lid", "time"];

/** What a part of a difference is called: "Water", "Pot, heat and time". */
export function partName({ kinds }: Pick<DifferencePart, "kinds">): string {
  const [first] = kinds;
  if (first === undefined) return "";
  if (kinds.length === 1) return NAMES[first];
  return kinds.every((k) => k === "heat" || HEAT_ONLY.some((h) => h === k))
    ? "Pot, heat and time"
    : "All of it together";
}

/** A difference with its sign: "+300 mL", "−1.2 L". */
export const signedVolume = (litres: number, system: UnitSystem): string =>
  `${litres < 0 ? "−" : "+"}${showVolume(Math.abs(litres), system)}`;

const OF_ITSELF: Partial<Readonly<Record<Kind, readonly [more: string, less: string]>>> = {
  clock: [
    "it came up, and things went in, at other times than planned",
    "it came up, and things went in, at other times than planned",
  ],
  steam: ["it steamed slower than is usual of it", "it steamed faster than is usual of it"],
  solids: ["they gave more or kept less", "they gave less or kept more"],
  measuring: ["what no measure can tell", "what no measure can tell"],
};

/** What was otherwise, in words; of what nobody planned, what it did. */
export function partWords(
  { kinds, changes, effect }: DifferencePart,
  units: UnitSystem,
): readonly string[] {
  if (changes.length > 0) return changes.map((said) => inWords(said, units));
  const [first] = kinds;
  const words = first === undefined ? undefined : OF_ITSELF[first];
  return words === undefined ? [] : [words[effect.litres < 0 ? 1 : 0]];
}

/** Less than this a jug does not tell, L. */
const NO_DIFFERENCE_L = 0.05;
const MOST_WORDS = 2;

/** What came of the second pot against the first, and what made the most of it, in a sentence. */
export function differenceWords(
  { from, to, parts }: Difference,
  ofSecond: string,
  units: UnitSystem,
): string {
  const byL = to.litres - from.litres;
  const whole =
    Math.abs(byL) < NO_DIFFERENCE_L
      ? "As much came of both."
      : `${showVolume(Math.abs(byL), units)} ${byL < 0 ? "less" : "more"} ${ofSecond}.`;
  const [most] = parts.toSorted((a, b) => Math.abs(b.effect.litres) - Math.abs(a.effect.litres));
  if (most === undefined || Math.abs(most.effect.litres) < NO_DIFFERENCE_L) return whole;
  const words = partWords(most, units);
  const said = words.slice(0, MOST_WORDS).join("; ");
  const detail = said === "" ? "" : ` (${said}${words.length > MOST_WORDS ? " …" : ""})`;
  return `${whole} The most of it: ${partName(most).toLowerCase()} ${signedVolume(most.effect.litres, units)}${detail}.`;
}
