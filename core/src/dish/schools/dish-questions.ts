import { word } from "../../units/word";
import { isInOven, isOnRing, isSealed, isSlow } from "../../heats/heat";
import { either } from "../../units/said";
import { itemWork } from "../../simulate/item-facts";
import {
  has,
  isDish,
  both,
  change,
  every,
  when,
  withWork,
  without,
  work,
  withFlour,
  MEAT,
  MINCE,
  BEANS,
  WINE,
  DAIRY,
  HERBS,
  GARLIC,
  FLOUR,
  CANNED,
  POTATO,
  MUSHROOM,
  START,
  OFF,
  late,
} from "./plan-moves";
import { question, school, type SchoolQuestion } from "./school";

/** Searing, body, beans, herbs, dairy, stopping: the questions of a dish. */
export const DISH_QUESTIONS: readonly SchoolQuestion[] = [
  question("searing", "Searing", "yes", has(MEAT), [
    school(
      "yes",
      word("yes"),
      "Flavour and colour; it does not keep moisture in.",
      work(MEAT, "brown", true),
    ),
    school(
      "skip",
      word("skip"),
      "Less work; paler. Usual in a closed crock.",
      work(MEAT, "brown", false),
    ),
  ]),
  question("mince", "Mince", "crumbled", has(MINCE), [
    school("browned", "browned hard", "Dark and chewy bits.", work(MINCE, "brown", true)),
    school(
      "crumbled",
      "crumbled from a cold pot",
      "Fine and tender, fat renders.",
      work(MINCE, "brown", false),
    ),
    school("coarse", word("coarse"), "A bite; takes longer.", {
      apply: change(MINCE, (i) => ({
        ...i,
        target: "minceCoarse",
        piece: { kind: "ball", diameterM: 0.012 },
      })),
      isNow: every(MINCE, (i) => i.target === "minceCoarse"),
    }),
    school("fine", word("paste-fine"), "Melts into the sauce.", {
      apply: change(MINCE, (i) => ({
        ...i,
        target: "minceFine",
        piece: { kind: "ball", diameterM: 0.004 },
      })),
      isNow: every(MINCE, (i) => i.target === "minceFine"),
    }),
  ]),
  question("flour", "Flour and body", "none", isDish, [
    school("none", "none, reduce", "Boil it down; the taste thickens too.", {
      apply: (p) => ({ ...p, items: p.items.filter((i) => !FLOUR(i)) }),
      isNow: (p) => !p.items.some(FLOUR),
    }),
    school("dredge", "on the meat", "Browns with it.", {
      apply: (p) => work(FLOUR, "roux", false).apply(withFlour(p)),
      isNow: (p) => p.items.some((i) => FLOUR(i) && i.work.length === 0 && i.when.at === "start"),
    }),
    school("roux", "as a roux", "Smooth; the darker, the thinner.", {
      apply: (p) => work(FLOUR, "roux", true, { colour: "blond" }).apply(withFlour(p)),
      isNow: work(FLOUR, "roux", true).isNow,
    }),
    school("slurry", "slurry at the end", "Exact, and quick to correct.", {
      apply: (p) => change(FLOUR, (i) => ({ ...without(i, "roux"), when: late(10) }))(withFlour(p)),
      isNow: every(FLOUR, (i) => i.when.at === "beforeEnd"),
    }),
    school("condensed", "condensed soup", "Ready-made body, and salt: both are counted.", {
      isNow: (p) => p.items.some((i) => i.ingredientId === "condensedSoup"),
    }),
    school("thin", "thin on purpose", "More like a soup: a target too.", {
      apply: (p) => ({ ...p, thickWantedGL: 0 }),
      isNow: (p) => p.thickWantedGL === 0,
    }),
  ]),
  question("beans", "Dry beans", "soaked", has(BEANS), [
    school(
      "soaked",
      word("soaked"),
      "Even, and quicker; the water is thrown away.",
      work(BEANS, "soak", true),
    ),
    school(
      "unsoaked",
      word("unsoaked"),
      "About 1.7 times as long. The hard boil is still needed, and soaking is the safer advice.",
      work(BEANS, "soak", false),
    ),
  ]),
  question("cannedBeans", "Canned beans", "late", has(CANNED), [
    school("early", word("early"), "Soft, thickens a little.", when(CANNED, START)),
    school("late", word("late"), "Whole.", when(CANNED, late(20))),
    school("rinsed", word("rinsed"), "A third less salt, clearer.", work(CANNED, "rinse", true)),
  ]),
  question("potato", "Potato", "waxy", both(isDish, has(POTATO)), [
    school("starchy", word("floury"), "Gives body, falls apart.", {
      apply: change(POTATO, (i) => ({ ...i, target: "potatoStarchy" })),
      isNow: every(POTATO, (i) => i.target === "potatoStarchy"),
    }),
    school("waxy", word("waxy"), "Holds its edges.", {
      apply: change(POTATO, (i) => ({ ...i, target: "potatoWaxy" })),
      isNow: every(POTATO, (i) => i.target === "potatoWaxy"),
    }),
    school("skinOn", "skin on", "Holds together, tastes of earth; scrub it well.", {
      apply: change(POTATO, (i) => withWork(i, "scrub")),
      isNow: every(POTATO, (i) => itemWork(i, "scrub") !== undefined),
    }),
    school("beside", "beside the pot", "Nothing thickens; served apart.", {
      apply: (p) => ({
        ...p,
        items: p.items.filter((i) => !POTATO(i)),
        accompaniments: [...p.accompaniments, { kind: "boiledPotatoes", eachKg: 0.25 }],
      }),
    }),
  ]),
  question("garlic", "Garlic", "fried", has(GARLIC), [
    school("fried", word("fried"), "Nutty.", work(GARLIC, "fry", true)),
    school("whole", word("whole"), "Mild and sweet.", work(GARLIC, "fry", false)),
    school("rawEnd", "raw at the end", "Sharp.", when(GARLIC, OFF)),
    school("none", word("none"), "Left out.", {
      apply: (p) => ({ ...p, items: p.items.filter((i) => !GARLIC(i)) }),
    }),
  ]),
  question(
    "herbs",
    "Herbs",
    "freshLate",
    has((i) => HERBS(i) || i.ingredientId === "herbBundle"),
    [
      school("bundled", word("bundled"), "Comes out in one piece.", work(HERBS, "bundle", true)),
      school("loose", word("loose"), "Stays in.", work(HERBS, "bundle", false)),
      school(
        "freshLate",
        "dried early, fresh late",
        "Fresh ones keep their smell.",
        when(HERBS, OFF),
      ),
    ],
  ),
  question("mushrooms", "Mushrooms", "brushed", has(MUSHROOM), [
    school(
      "rinsed",
      word("rinsed"),
      "Clean; they hardly take up water.",
      work(MUSHROOM, "rinse", true),
    ),
    school("brushed", word("brushed"), "Dry, so that they brown.", work(MUSHROOM, "rinse", false)),
    school("dried", "dried, soaked", "Strongest; the soaking water goes in."),
    school("powdered", word("powdered"), "Flavour without pieces."),
  ]),
  question("sweetness", "Sweetness", "vegetables", isDish, [
    school("none", word("none"), "Nothing sweet."),
    school("sugar", word("sugar"), [
      "Balances acid; start with ",
      either("2 g a litre", "½ tsp a quart"),
      ".",
    ]),
    school("vegetables", "from vegetables alone", "Onion and roots bring enough."),
  ]),
  question("wine", "Wine and beer", "reduced", has(WINE), [
    school(
      "reduced",
      "reduced first",
      "Alcohol mostly gone, taste rounder.",
      work(WINE, "reduce", true, { share: 0.5 }),
    ),
    school(
      "main",
      "main liquid, unreduced",
      "Sharper; more alcohol stays.",
      work(WINE, "reduce", false),
    ),
    school(
      "straight",
      "straight into the crock",
      "Closed, nearly all alcohol stays.",
      work(WINE, "reduce", false),
    ),
  ]),
  question(
    "dairy",
    "Dairy",
    "off",
    has((i) => DAIRY(i) || i.ingredientId === "condensedSoup" || i.ingredientId === "coconutMilk"),
    [
      school("off", "off the heat", "Never curdles.", when(DAIRY, OFF)),
      school(
        "start",
        "from the start in a crock",
        "Only condensed and stable kinds; coconut milk may split.",
        {
          isNow: (p) =>
            p.items.some((i) => i.ingredientId === "condensedSoup" && i.when.at === "start"),
        },
      ),
    ],
  ),
  question(
    "coverBraise",
    "Cover of a braise",
    "half",
    (p) => p.kind === "braise" || p.kind === "potRoast",
    [
      school("submerged", word("submerged"), "Even, milder.", {
        apply: (p) => ({ ...p, water: { by: "cover" } }),
        isNow: (p) => p.water.by === "cover",
      }),
      school("half", "half, basted or turned", "Deeper: the top browns.", {
        apply: (p) => ({ ...p, water: { by: "halfWay" } }),
        isNow: (p) => p.water.by === "halfWay",
      }),
    ],
  ),
  question("stopping", "When to stop", "tender", isDish, [
    school("clock", "by the clock", "The same time every time.", {
      apply: (p) => (p.stop.by === "time" ? p : { ...p, stop: { by: "time", holdMin: 180 } }),
      isNow: (p) => p.stop.by === "time",
    }),
    school("tender", "by tenderness", "Until what rules the dish is at its best.", {
      apply: (p) => ({ ...p, stop: { by: "tender" } }),
      isNow: (p) => p.stop.by === "tender",
    }),
    school("longer", "longer is better", "Falls apart; lean meat dries."),
  ]),
  question("heat", "Heat", "hob", () => true, [
    school("hob", word("hob"), "Steams most, easiest to read.", {
      isNow: (p) => isOnRing(p.heat),
    }),
    school("oven", word("oven"), "Even, unstirred.", { isNow: (p) => isInOven(p.heat) }),
    school("crock", "crock, low or high", "Unattended, loses nothing.", {
      isNow: (p) => isSlow(p.heat),
    }),
    school("pressure", word("pressure"), "Fast, loses nothing. Compare all four under Crossover.", {
      isNow: (p) => isSealed(p.heat),
    }),
  ]),
];
