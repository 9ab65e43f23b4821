/** What a pot wants at the end, and in which small steps. Kitchen practice: taste after each. */
export const DOSES = [
  { wants: "Dull", give: "Salt first: 1 g a litre at a time. Then a few drops of acid." },
  {
    wants: "Flat after salting",
    give: "Acid: 2 mL vinegar or lemon a litre, stir, wait a minute, taste.",
  },
  {
    wants: "Sharp",
    give: "Sugar: 2 g a litre; or a knob of butter. Longer simmering softens tomato.",
  },
  { wants: "Too sweet", give: "Acid: 2 mL a litre; or salt 1 g a litre." },
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
    give: "Salt 1 g a litre, then a little sugar. Scorched: pour off without scraping.",
  },
] as const;
