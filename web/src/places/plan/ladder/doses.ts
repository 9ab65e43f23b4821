import { either, say } from "@kettlos/core/units/said";

/** A litre, or what stands for it: a quart is 5 % less, and nobody tastes that. */
const LITRE = either("a litre", "a quart");

/** So much salt at a time; as fine as spoons are. */
const SALT = either("1 g a litre", "⅛ tsp a quart");

/** What a pot wants at the end, and in which small steps. Kitchen practice: taste after each. */
export const DOSES = [
  { wants: "Dull", give: say`Salt first: ${SALT} at a time. Then a few drops of acid.` },
  {
    wants: "Flat after salting",
    give: say`Acid: ${either("2 mL", "½ tsp")} vinegar or lemon ${LITRE}, stir, wait a minute, taste.`,
  },
  {
    wants: "Sharp",
    give: say`Sugar: ${either("2 g", "½ tsp")} ${LITRE}; or a knob of butter. Longer simmering softens tomato.`,
  },
  {
    wants: "Too sweet",
    give: say`Acid: ${either("2 mL", "½ tsp")} ${LITRE}; or salt ${SALT}.`,
  },
  {
    wants: "Not hot enough",
    give: "Start with half of an unknown chili powder; it grows for 20 minutes. Then a quarter at a time.",
  },
  {
    wants: "Too hot",
    give: "More of everything else, or dairy on the plate. Nothing takes it back out.",
  },
  {
    wants: "Bitter",
    give: say`Salt ${SALT}, then a little sugar. Scorched: pour off without scraping.`,
  },
] as const;
