import { simmerC } from "../heat/hob";
import { cookRate } from "../doneness/cook-value";
import type { Kitchen } from "../simulate/kitchen-schema";
import { ingredientOf, itemWork } from "../simulate/item-facts";
import type { Plan, PlanItem, When } from "../simulate/plan-schema";
import type { Work, WorkKind } from "../prepare/work-schema";

/** One side of a question on which cooks differ. */
export interface School {
  readonly id: string;
  readonly label: string;
  /** What it does, in a line. */
  readonly effect: string;
  /** The plan as this school cooks it; without it the choice is kept and shown, nothing is reckoned. */
  readonly apply?: (plan: Plan, kitchen: Kitchen) => Plan;
  /** True where the plan is cooked so now. */
  readonly isNow?: (plan: Plan) => boolean;
}

/** A question on which cooks differ. The default is the first choice marked so. */
export interface SchoolQuestion {
  readonly id: string;
  readonly question: string;
  readonly byDefault: string;
  readonly applies: (plan: Plan) => boolean;
  readonly schools: readonly School[];
}

type Test = (item: PlanItem) => boolean;
const group =
  (...groups: readonly string[]): Test =>
  (i) =>
    groups.includes(ingredientOf(i).group);
const isId =
  (...ids: readonly string[]): Test =>
  (i) =>
    ids.includes(i.ingredientId);
const flavour =
  (kind: string): Test =>
  (i) =>
    ingredientOf(i).group === "bones" && ingredientOf(i).flavour === kind;
const has = (test: Test) => (plan: Plan) => plan.items.some(test);
const isStock = (plan: Plan) => plan.end === "strained";
const isDish = (plan: Plan) => plan.end === "served";
const both =
  (...tests: readonly ((plan: Plan) => boolean)[]) =>
  (plan: Plan) =>
    tests.every((t) => t(plan));

const change = (test: Test, part: (item: PlanItem) => PlanItem) => (plan: Plan) => ({
  ...plan,
  items: plan.items.map((i) => (test(i) ? part(i) : i)),
});
const every = (test: Test, is: (item: PlanItem) => boolean) => (plan: Plan) => {
  const found = plan.items.filter(test);
  return found.length > 0 && found.every(is);
};
const when = (test: Test, to: When) => ({
  apply: change(test, (i) => ({ ...i, when: to })),
  isNow: every(
    test,
    (i) =>
      i.when.at === to.at &&
      (to.at !== "beforeEnd" || i.when.at !== "beforeEnd" || i.when.min === to.min),
  ),
});
const state = (test: Test, boneState: PlanItem["boneState"]) => ({
  apply: change(test, (i) => ({ ...i, boneState })),
  isNow: every(test, (i) => i.boneState === boneState),
});
const withWork = (item: PlanItem, kind: WorkKind, more: Partial<Work> = {}): PlanItem => ({
  ...item,
  work: [...item.work.filter((w) => w.kind !== kind), { kind, ...more }],
});
const without = (item: PlanItem, kind: WorkKind): PlanItem => ({
  ...item,
  work: item.work.filter((w) => w.kind !== kind),
});
const work = (test: Test, kind: WorkKind, on: boolean, more: Partial<Work> = {}) => ({
  apply: change(test, (i) => (on ? withWork(i, kind, more) : without(i, kind))),
  isNow: every(test, (i) => (itemWork(i, kind) !== undefined) === on),
});
/** The plan with flour in it, 10 g to a portion or 30 g in all, where it has none. */
const withFlour = (plan: Plan): Plan =>
  plan.items.some(FLOUR)
    ? plan
    : {
        ...plan,
        items: [
          ...plan.items,
          {
            id: "flour-for-body",
            ingredientId: "flour",
            massKg: 0.01 * (plan.serves?.people ?? 3),
            when: START,
            preparation: "",
            boneState: "raw",
            frozen: false,
            boiledMin: 0,
            work: [],
          },
        ],
      };
/** The hold that gives this many hours at a gentle simmer low down the same cooking here. */
const hold = (hours: number) => ({
  apply: (plan: Plan, kitchen: Kitchen): Plan => {
    const vigour = plan.heat.method === "hob" ? plan.heat.vigour : "gentle";
    const same = cookRate(simmerC(vigour, 0)) / cookRate(simmerC(vigour, kitchen.altitudeM));
    const holdMin = Math.min(2880, Math.round((hours * 60 * same) / 5) * 5);
    return { ...plan, stop: { by: "time", holdMin } };
  },
});
const lid = (to: "off" | "ajar" | "on") => ({
  apply: (plan: Plan): Plan =>
    plan.heat.method === "hob" || plan.heat.method === "oven"
      ? { ...plan, heat: { ...plan.heat, lid: to } }
      : plan,
  isNow: (plan: Plan) =>
    (plan.heat.method === "hob" || plan.heat.method === "oven") && plan.heat.lid === to,
});

const BONES = group("bones");
const MEAT: Test = (i) => ingredientOf(i).group === "meat" && i.ingredientId !== "mincedBeef";
const MINCE = isId("mincedBeef");
const BEANS: Test = (i) => ingredientOf(i).dryBean === true;
const SALT = isId("tableSalt", "flakedSalt");
const ACID = isId("vinegar", "lemonJuice");
const WINE = isId("whiteWine", "redWine", "beer");
const DAIRY = isId("milk", "cream", "sourCream");
const ROOTS: Test = (i) => ingredientOf(i).group === "vegetable";
const HERBS = isId("parsley", "thyme", "rosemary", "chive", "dill", "coriander", "lovage");
const GARLIC = isId("garlic");
const FLOUR = isId("flour");
const CANNED = isId("cannedBeans", "cannedChickpeas");
const POTATO = isId("potato");
const MUSHROOM = isId("mushroom");
const START: When = { at: "start" };
const OFF: When = { at: "offHeat" };
const AFTER: When = { at: "afterStrain" };
const late = (min: number): When => ({ at: "beforeEnd", min });

const school = (id: string, label: string, effect: string, more: Partial<School> = {}): School => ({
  id,
  label,
  effect,
  ...more,
});
const question = (
  id: string,
  text: string,
  byDefault: string,
  applies: SchoolQuestion["applies"],
  schools: readonly School[],
): SchoolQuestion => ({ id, question: text, byDefault, applies, schools });

/** Every question on which cooks differ, with what each school does. Source: the trade; none is hidden. */
export const SCHOOLS: readonly SchoolQuestion[] = [
  question("saltStock", "Salt in the stock", "none", isStock, [
    school("none", "none until used", "It can be reduced and used in anything.", when(SALT, AFTER)),
    school(
      "little",
      "a little at the start",
      "Draws a little more flavour; it gets saltier as it reduces.",
      when(SALT, START),
    ),
    school(
      "corrected",
      "start, then corrected",
      "Tasted each time the level has fallen by a quarter.",
    ),
  ]),
  question("saltDish", "Salt in the dish", "rounds", isDish, [
    school(
      "rounds",
      "in rounds",
      "A third at the start, a third half-way, the rest to taste: seasoned through.",
    ),
    school("end", "at the end", "Sure not to oversalt; the inside stays milder.", when(SALT, OFF)),
  ]),
  question("saltBeans", "Salt and beans", "tender", has(BEANS), [
    school(
      "soak",
      "in the soak or at the start",
      "Seasoned through; that it toughens is weakly supported.",
      when(SALT, START),
    ),
    school(
      "tender",
      "once tender",
      "The cautious way: nothing can slow the softening.",
      when(SALT, late(10)),
    ),
  ]),
  question("bones", "Bones", "blanched", has(BONES), [
    school("raw", "raw", "Fullest flavour, needs skimming.", state(BONES, "raw")),
    school(
      "blanched",
      "blanched",
      "Clear: the scum goes down the drain first.",
      state(BONES, "blanched"),
    ),
    school("roasted", "roasted", "Brown and deep; about 5 % less set.", state(BONES, "roasted")),
    school(
      "usedBefore",
      "used before",
      "A second pot: about a fifth less to give.",
      state(BONES, "usedBefore"),
    ),
  ]),
  question("beefTime", "How long, beef bones", "middle", both(isStock, has(flavour("meat"))), [
    school("short", "3–5 h", "Bright taste, light set.", hold(4)),
    school("middle", "6–8 h", "Full flavour and a set.", hold(7)),
    school("long", "12–24 h", "Deepest and stickiest; the fresh notes are gone.", hold(16)),
  ]),
  question("poultryTime", "How long, poultry", "middle", both(isStock, has(flavour("poultry"))), [
    school("short", "2 h", "Light and fresh.", hold(2)),
    school("middle", "4 h", "Full flavour.", hold(4)),
    school("long", "8–16 h", "Most set; tastes of long cooking.", hold(10)),
  ]),
  question(
    "vegetableTime",
    "How long, vegetables",
    "fresh",
    both(isStock, (p) => !has(BONES)(p) && has(ROOTS)(p)),
    [
      school("fresh", "30–45 min", "Bright and green.", hold(40 / 60)),
      school("mellow", "1–2 h covered", "Sweet and mellow.", hold(1.5)),
    ],
  ),
  question("kelp", "Kelp", "out", has(isId("kelp")), [
    school("out", "out before the boil", "Clear and clean.", {
      apply: change(isId("kelp"), (i) => ({
        ...i,
        out: { when: { at: "beforeBoil" }, isBack: false },
      })),
      isNow: every(isId("kelp"), (i) => i.out?.when.at === "beforeBoil"),
    }),
    school("in", "left in", "Stronger, a little slippery.", {
      apply: change(isId("kelp"), ({ out: _out, ...i }) => i),
      isNow: every(isId("kelp"), (i) => i.out === undefined),
    }),
  ]),
  question("pressure", "Pressure for broth", "no", both(isStock, has(BONES)), [
    school("no", "no", "Clear, and the kitchen smells of it. Quick release clouds a broth."),
    school(
      "yes",
      "yes",
      "Fast, full set, quiet, less aroma lost. Choose the heat under Crossover.",
      { isNow: (p) => p.heat.method === "pressure" },
    ),
  ]),
  question("acid", "Acid with bones", "none", both(isStock, has(BONES)), [
    school("none", "none", "The taste is left alone.", {
      apply: (plan) => ({ ...plan, items: plan.items.filter((i) => !ACID(i)) }),
      isNow: (plan) => !plan.items.some(ACID),
    }),
    school("some", "10–15 mL a litre", "The effect on minerals is small; any vinegar serves.", {
      isNow: (plan) => plan.items.some(ACID),
    }),
  ]),
  question("water", "How much water", "cover", () => true, [
    school("ratio", "by weight", "The same strength every time.", {
      apply: (p) => ({ ...p, water: { by: "ratio", waterPerBone: 2 } }),
      isNow: (p) => p.water.by === "ratio",
    }),
    school("cover", "just to cover", "As strong as this pot allows.", {
      apply: (p) => ({ ...p, water: { by: "cover" } }),
      isNow: (p) => p.water.by === "cover",
    }),
    school("over", "2–3 cm over", "Room to steam off.", {
      apply: (p) => ({ ...p, water: { by: "over", overM: 0.025 } }),
      isNow: (p) => p.water.by === "over",
    }),
    school(
      "brimful",
      "to the fill line",
      "Most of it, and thinnest. Watch that it does not boil over.",
      {
        apply: (p) => ({ ...p, water: { by: "fillLine" } }),
        isNow: (p) => p.water.by === "fillLine",
      },
    ),
  ]),
  question("crockLiquid", "Liquid in the crock", "ledger", (p) => p.heat.method === "slowCooker", [
    school("ledger", "by the ledger", "What the dish needs at the end; almost nothing leaves."),
    school("hardly", "hardly any", "Meat and vegetables make their own.", {
      apply: (p) => ({ ...p, water: { by: "amount", volumeL: 0.1 } }),
      isNow: (p) => p.water.by === "amount" && p.water.volumeL <= 0.15,
    }),
    school("plenty", "plenty, for the juice", "Thin, and much of it.", {
      apply: (p) => ({ ...p, water: { by: "cover" } }),
      isNow: (p) => p.water.by === "cover",
    }),
  ]),
  question("lid", "Lid", "ajar", (p) => p.heat.method === "hob" || p.heat.method === "oven", [
    school("off", "off", "Reduces; loses most.", lid("off")),
    school("ajar", "ajar", "About a third of the steam leaves.", lid("ajar")),
    school("on", "on", "Hardly anything leaves; boils over sooner.", lid("on")),
  ]),
  question(
    "skimming",
    "Skimming",
    "once",
    both(isStock, (p) => p.heat.method === "hob"),
    [
      school("often", "often", "Clearest."),
      school("once", "once", "When the scum has come up."),
      school("never", "not at all", "A little cloudy, nothing lost."),
    ],
  ),
  question("straining", "Straining", "pause", isStock, [
    school("atOnce", "hot at once", "Cooking stops.", {
      apply: (p) => ({ ...p, strain: { ...p.strain, when: "atOnce" } }),
      isNow: (p) => p.strain.when === "atOnce",
    }),
    school("pause", "after a pause", "Grit settles.", {
      apply: (p) => ({ ...p, strain: { ...p.strain, when: "afterPause" } }),
      isNow: (p) => p.strain.when === "afterPause",
    }),
  ]),
  question("fat", "Fat", "liftCold", (p) => has((i) => group("bones", "meat", "fat")(i))(p), [
    school("keep", "keep", "Stays in: richer.", {
      apply: (p) => ({ ...p, fat: "keep" }),
      isNow: (p) => p.fat === "keep",
    }),
    school("skimHot", "skim hot", "Taken off as it simmers; it steams freely.", {
      apply: (p) => ({ ...p, fat: "skimHot" }),
      isNow: (p) => p.fat === "skimHot",
    }),
    school("liftCold", "lift cold", "Sets on top and lifts as a disc.", {
      apply: (p) => ({ ...p, fat: "liftCold" }),
      isNow: (p) => p.fat === "liftCold",
    }),
  ]),
  question("marrow", "Marrow", "into", has(isId("beefMarrow")), [
    school("into", "into the liquid", "Richer and fatter."),
    school("apart", "eaten apart", "Push it out while hot, with salt."),
    school("left", "left in the bone", "A leaner, clearer stock."),
  ]),
  question(
    "stockVegetables",
    "Vegetables in the stock",
    "lastHour",
    both(isStock, has(BONES), has(ROOTS)),
    [
      school("start", "from the start", "Sweet, in the background.", when(ROOTS, START)),
      school("lastHour", "last hour", "They still taste of themselves.", when(ROOTS, late(60))),
      school("fried", "fried in fat", "Round and golden.", work(ROOTS, "sweat", true)),
      school("none", "none", "Pure bone; season it later.", {
        apply: (p) => ({ ...p, items: p.items.filter((i) => !ROOTS(i)) }),
        isNow: (p) => !p.items.some(ROOTS),
      }),
    ],
  ),
  question("strainedVegetables", "Strained vegetables", "discard", both(isStock, has(ROOTS)), [
    school("discard", "throw away", "They have given what they had."),
    school("eat", "eat", "Soft, dressed while warm."),
    school("blend", "blend in", "Thickens and clouds it."),
    school("feed", "feed", "Only where nothing harmful was in the pot; see the cautions."),
  ]),
  question("searing", "Searing", "yes", has(MEAT), [
    school(
      "yes",
      "yes",
      "Flavour and colour; it does not keep moisture in.",
      work(MEAT, "brown", true),
    ),
    school(
      "skip",
      "skip",
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
    school("coarse", "coarse", "A bite; takes longer.", {
      apply: change(MINCE, (i) => ({
        ...i,
        target: "minceCoarse",
        piece: { kind: "ball", diameterM: 0.012 },
      })),
      isNow: every(MINCE, (i) => i.target === "minceCoarse"),
    }),
    school("fine", "paste-fine", "Melts into the sauce.", {
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
      "soaked",
      "Even, and quicker; the water is thrown away.",
      work(BEANS, "soak", true),
    ),
    school(
      "unsoaked",
      "unsoaked",
      "About 1.7 times as long. The hard boil is still needed, and soaking is the safer advice.",
      work(BEANS, "soak", false),
    ),
  ]),
  question("cannedBeans", "Canned beans", "late", has(CANNED), [
    school("early", "early", "Soft, thickens a little.", when(CANNED, START)),
    school("late", "late", "Whole.", when(CANNED, late(20))),
    school("rinsed", "rinsed", "A third less salt, clearer.", work(CANNED, "rinse", true)),
  ]),
  question("potato", "Potato", "waxy", both(isDish, has(POTATO)), [
    school("starchy", "floury", "Gives body, falls apart.", {
      apply: change(POTATO, (i) => ({ ...i, target: "potatoStarchy" })),
      isNow: every(POTATO, (i) => i.target === "potatoStarchy"),
    }),
    school("waxy", "waxy", "Holds its edges.", {
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
    school("fried", "fried", "Nutty.", work(GARLIC, "fry", true)),
    school("whole", "whole", "Mild and sweet.", work(GARLIC, "fry", false)),
    school("rawEnd", "raw at the end", "Sharp.", when(GARLIC, OFF)),
    school("none", "none", "Left out.", {
      apply: (p) => ({ ...p, items: p.items.filter((i) => !GARLIC(i)) }),
    }),
  ]),
  question(
    "herbs",
    "Herbs",
    "freshLate",
    has((i) => HERBS(i) || i.ingredientId === "herbBundle"),
    [
      school("bundled", "bundled", "Comes out in one piece.", work(HERBS, "bundle", true)),
      school("loose", "loose", "Stays in.", work(HERBS, "bundle", false)),
      school(
        "freshLate",
        "dried early, fresh late",
        "Fresh ones keep their smell.",
        when(HERBS, OFF),
      ),
    ],
  ),
  question("mushrooms", "Mushrooms", "brushed", has(MUSHROOM), [
    school("rinsed", "rinsed", "Clean; they hardly take up water.", work(MUSHROOM, "rinse", true)),
    school("brushed", "brushed", "Dry, so that they brown.", work(MUSHROOM, "rinse", false)),
    school("dried", "dried, soaked", "Strongest; the soaking water goes in."),
    school("powdered", "powdered", "Flavour without pieces."),
  ]),
  question("sweetness", "Sweetness", "vegetables", isDish, [
    school("none", "none", "Nothing sweet."),
    school("sugar", "sugar", "Balances acid; start with 2 g a litre."),
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
      school("submerged", "submerged", "Even, milder.", {
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
    school("hob", "hob", "Steams most, easiest to read.", {
      isNow: (p) => p.heat.method === "hob",
    }),
    school("oven", "oven", "Even, unstirred.", { isNow: (p) => p.heat.method === "oven" }),
    school("crock", "crock, low or high", "Unattended, loses nothing.", {
      isNow: (p) => p.heat.method === "slowCooker",
    }),
    school("pressure", "pressure", "Fast, loses nothing. Compare all four under Crossover.", {
      isNow: (p) => p.heat.method === "pressure",
    }),
  ]),
];

/**
 * The choice a plan makes of a question: what was chosen where it still holds, else what it is cooked as
 * now, else the default; "" where it is cooked as none of them.
 */
export function choiceOf(q: SchoolQuestion, plan: Plan): string {
  const chosen = plan.schools[q.id];
  const found = q.schools.find((s) => s.id === chosen);
  if (found !== undefined && (found.isNow === undefined || found.isNow(plan))) return found.id;
  const now = q.schools.find((s) => s.isNow?.(plan) === true);
  if (now !== undefined) return now.id;
  // A plan that is cooked as none of them says, and a default that can tell it is not, leave it open.
  const usual = q.schools.find((s) => s.id === q.byDefault);
  return usual?.isNow === undefined ? q.byDefault : "";
}

/** The questions that a plan raises. */
export const questionsFor = (plan: Plan): readonly SchoolQuestion[] =>
  SCHOOLS.filter((q) => q.applies(plan));

/** The plan cooked as a school does it, with the choice kept. */
export function choose(plan: Plan, questionId: string, schoolId: string, kitchen: Kitchen): Plan {
  const chosen = SCHOOLS.find((q) => q.id === questionId)?.schools.find((s) => s.id === schoolId);
  if (chosen === undefined) return plan;
  const next = chosen.apply?.(plan, kitchen) ?? plan;
  return { ...next, schools: { ...plan.schools, [questionId]: schoolId } };
}
