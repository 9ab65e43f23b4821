import { resolve } from "@kettlos/core/simulate/set-pot";
import type { Heat } from "@kettlos/core/heats/heat-schema";
import type { HobHeat } from "@kettlos/core/heats/hob-schema";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { linkedTo, stockYield } from "@kettlos/core/dish/linked";
import { PlanSchema, type Plan, type PlanItem } from "@kettlos/core/simulate/plan-schema";
import { bramholtKitchen } from "./kitchen";

type ItemGiven = [
  ingredientId: string,
  massKg: number,
  when: "start" | "off" | "after" | number,
  preparation: string,
  boneState?: PlanItem["boneState"],
  piece?: PlanItem["piece"],
  more?: Partial<PlanItem>,
];

const itemOf = (
  [ingredientId, massKg, when, preparation, boneState, piece, more]: ItemGiven,
  index: number,
) => ({
  id: `${ingredientId}-${index}`,
  ingredientId,
  massKg,
  when:
    when === "start"
      ? { at: "start" as const }
      : when === "off"
        ? { at: "offHeat" as const }
        : when === "after"
          ? { at: "afterStrain" as const }
          : { at: "beforeEnd" as const, min: when },
  preparation,
  boneState: boneState ?? ("raw" as const),
  ...(piece === undefined ? {} : { piece }),
  ...more,
});

interface Given extends Partial<Omit<Plan, "items" | "heat">> {
  readonly id: string;
  readonly name: string;
  readonly items: ItemGiven[];
  readonly heat?: Partial<HobHeat> | Exclude<Heat, HobHeat>;
}

const make = (given: Given): Plan =>
  PlanSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    vesselId: "tall",
    ringId: "ring1",
    water: { by: "ratio", waterPerBone: 2 },
    stop: { by: "time", holdMin: 360 },
    ...given,
    items: given.items.map(itemOf),
    heat:
      given.heat !== undefined && "method" in given.heat && given.heat.method !== "hob"
        ? given.heat
        : { ...USUAL_HEAT, ...given.heat },
  });

const USUAL_HEAT: HobHeat = { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 };

/** A cube of this edge, m. */
const cubes = (edgeM: number): PlanItem["piece"] => ({
  kind: "brick",
  sizeM: [edgeM, edgeM, edgeM],
});

const works = (...kinds: PlanItem["work"][number]["kind"][]): Partial<PlanItem> => ({
  work: kinds.map((kind) => ({ kind })),
});
const reduced: Partial<PlanItem> = { work: [{ kind: "reduce", share: 0.5 }] };
const leaves = (count: number): Partial<PlanItem> => ({
  counted: { count, word: "leaf", eachKg: 0.0003 },
});

/** The stocks, broths and dishes that Bramholt Hut makes. */
const unlinked = (): Record<string, Plan> => ({
  lamb: make({
    id: "plan-lamb",
    name: "Lamb neck broth",
    forWhat: "Thursday's spelt soup",
    items: [
      ["lambNeck", 2.2, "start", "blanched 5 min", "blanched", undefined, works("rinse")],
      ["onion", 0.18, 60, "halved, skin on"],
      ["herbBundle", 0.02, 60, "thyme, bay, in cloth", "raw", undefined, works("bundle")],
      ["pearledSpelt", 0.16, "after", "50 min, in the strained broth"],
      ["carrot", 0.25, "after", "8 mm dice, with the spelt", "raw", cubes(0.008), works("cut")],
    ],
    stop: { by: "time", holdMin: 390 },
    kind: "boneBroth",
    source: "the hut's black book",
    prepareMin: 10,
  }),
  trotter: make({
    id: "plan-trotter",
    name: "Pork trotter stock",
    kind: "meatStock",
    forWhat: "jelly and braises",
    items: [
      ["porkTrotter", 1.8, "start", "split, blanched", "blanched"],
      ["leek", 0.2, 60, "green part"],
      ["peppercorn", 0.003, 60, ""],
    ],
    heat: { vigour: "steady", lid: "on" },
    stop: { by: "time", holdMin: 300 },
  }),
  night: make({
    id: "plan-night",
    name: "Trotter stock overnight",
    kind: "meatStock",
    forWhat: "the freezer",
    vesselId: "crock",
    items: [
      ["porkTrotter", 1.2, "start", "split, blanched", "blanched"],
      ["peppercorn", 0.002, "start", ""],
    ],
    heat: {
      method: "slowCooker",
      setting: "low",
      start: "hot",
      highFirstMin: 0,
      lidLifts: 0,
      warmMin: 0,
    },
    stop: { by: "time", holdMin: 600 },
    prepareMin: 5,
  }),
  trout: make({
    id: "plan-trout",
    name: "Smoked trout fumet",
    kind: "fishStock",
    forWhat: "Friday's chowder",
    vesselId: "braiser",
    ringId: "ring2",
    items: [
      ["smokedTroutFrame", 1.1, "start", "heads off", "raw", undefined, works("rinse")],
      ["fennel", 0.25, "start", "cut in slices", "raw", cubes(0.01), works("cut")],
      ["whiteWine", 0.2, "start", "reduced by half first", "raw", undefined, reduced],
    ],
    water: { by: "cover" },
    heat: { vigour: "gentle", lid: "off", boilFirstMin: null },
    stop: { by: "time", holdMin: 35 },
    strain: { when: "atOnce", pressed: false, clothPasses: 1 },
  }),
  vegetable: make({
    id: "plan-vegetable",
    name: "Celeriac and fennel stock",
    kind: "vegetableStock",
    forWhat: "soups for those who eat no meat",
    vesselId: "braiser",
    ringId: "ring2",
    items: [
      ["celeriac", 0.8, "start", "2 cm dice", "raw", cubes(0.02), works("cut")],
      ["fennel", 0.6, "start", "cut in slices"],
      ["leek", 0.3, "start", "cut in slices"],
      ["parsley", 0.03, "off", "stalks"],
    ],
    water: { by: "amount", volumeL: 2.6 },
    heat: { vigour: "steady", lid: "ajar", boilFirstMin: null },
    stop: { by: "time", holdMin: 45 },
    fat: "skimHot",
    strain: { when: "atOnce", pressed: true, clothPasses: 0 },
  }),
  pigeon: make({
    id: "plan-pigeon",
    name: "Pigeon frame stock",
    kind: "gameStock",
    forWhat: "sauce for the braise",
    vesselId: "pressure",
    items: [
      ["pigeonFrame", 0.72, "start", "roasted 40 min at 220 °C", "roasted"],
      ["shallot", 0.09, 60, "cut in half"],
      ["juniper", 0.002, 60, ""],
    ],
    water: { by: "over", overM: 0.02 },
    heat: { vigour: "gentle", lid: "ajar" },
    stop: { by: "time", holdMin: 240 },
  }),
  hare: make({
    id: "plan-hare",
    name: "Plain hare broth",
    kind: "petBroth",
    forWhat: "the hut's two cats",
    feeds: "animals",
    vesselId: "casserole",
    ringId: "ring2",
    items: [["hareFrame", 0.7, "start", "nothing else in the pot"]],
    water: { by: "amount", volumeL: 1.7 },
    heat: { vigour: "gentle", lid: "on" },
    stop: { by: "time", holdMin: 180 },
    strain: { when: "afterPause", pressed: false, clothPasses: 1 },
  }),
  braise: make({
    id: "plan-braise",
    name: "Goat braise with apricots",
    forWhat: "Saturday supper",
    kind: "braise",
    end: "served",
    serves: { people: 8, eachKg: 0.35 },
    accompaniments: [{ kind: "polenta", eachKg: 0.06 }],
    vesselId: "braiser",
    items: [
      ["goatShoulder", 2.2, "start", "", "raw", cubes(0.04), works("trim", "cut", "brown")],
      ["onion", 0.4, "start", "", "raw", cubes(0.015), works("cut", "sweat")],
      ["houseStock", 0.3, "start", "", "raw", undefined, { fromPlanId: "plan-pigeon" }],
      ["bayLeaf", 0.0006, "start", "", "raw", undefined, leaves(2)],
      [
        "carrot",
        0.35,
        45,
        "2 cm lengths",
        "raw",
        cubes(0.02),
        { ...works("cut"), target: "rootsHold" },
      ],
      ["driedApricot", 0.15, 45, "cut in half"],
    ],
    water: { by: "amount", volumeL: 0.9 },
    heat: { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" },
    stop: { by: "time", holdMin: 165 },
    fat: "skimHot",
    strain: { when: "atOnce", pressed: false, clothPasses: 0 },
    prepareMin: 10,
  }),
  gravy: make({
    id: "plan-gravy",
    name: "Mutton in its own gravy",
    forWhat: "Sunday table",
    kind: "braise",
    end: "served",
    serves: { people: 6, eachKg: 0.3 },
    vesselId: "casserole",
    ringId: "ring2",
    items: [
      [
        "muttonShoulder",
        1.4,
        "start",
        "",
        "raw",
        cubes(0.06),
        {
          ...works("trim", "cut", "brown"),
          out: {
            when: { at: "stretch", stretchId: "boil-down" },
            isBack: true,
            backAt: "warm-through",
          },
        },
      ],
      ["onion", 0.3, "start", "", "raw", cubes(0.015), works("cut", "sweat")],
      ["redWine", 0.25, "start", "", "raw", undefined, reduced],
      ["bayLeaf", 0.0006, "start", "", "raw", undefined, leaves(2)],
    ],
    water: { by: "amount", volumeL: 1.2 },
    heat: { vigour: "gentle", lid: "on", boilFirstMin: null },
    stop: { by: "tender" },
    then: [
      {
        id: "boil-down",
        heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
        stop: { by: "share", share: 0.5 },
      },
      {
        id: "warm-through",
        heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
        stop: { by: "time", holdMin: 10 },
      },
    ],
    fat: "skimHot",
    strain: { when: "atOnce", pressed: false, clothPasses: 0 },
    prepareMin: 10,
  }),
  beans: make({
    id: "plan-beans",
    name: "Runner beans with mutton",
    forWhat: "the walkers' lunch",
    kind: "stew",
    end: "served",
    serves: { people: 10, eachKg: 0.4 },
    items: [
      ["runnerBean", 0.7, "start", "", "raw", undefined, works("soak", "rinse")],
      ["muttonShoulder", 0.9, "start", "diced", "raw", cubes(0.03), works("trim", "cut")],
      ["onion", 0.25, "start", "chopped", "raw", cubes(0.01), works("cut")],
      ["celery", 0.12, 40, "cut in slices", "raw", cubes(0.015), works("cut")],
    ],
    water: { by: "amount", volumeL: 2.6 },
    heat: { vigour: "gentle", lid: "ajar", boilFirstMin: 45 },
    stop: { by: "time", holdMin: 150 },
    fat: "skimHot",
    strain: { when: "atOnce", pressed: false, clothPasses: 0 },
    prepareMin: 5,
  }),
  chili: make({
    id: "plan-chili",
    name: "Lentil and chestnut chili",
    forWhat: "the hut's big table",
    kind: "beanChili",
    end: "served",
    serves: { people: 12, eachKg: 0.4 },
    diets: ["vegan"],
    vesselId: "braiser",
    ringId: "ring1",
    items: [
      ["brownLentil", 0.6, "start", "", "raw", undefined, works("rinse")],
      ["driedChestnut", 0.2, "start", "", "raw", undefined, works("soak")],
      ["oil", 0.04, "start", ""],
      ["onion", 0.4, "start", "", "raw", cubes(0.01), works("cut", "sweat")],
      ["chiliPowder", 0.008, "start", "", "raw", undefined, works("fry")],
      ["cumin", 0.006, "start", "", "raw", undefined, works("fry")],
      ["carrot", 0.35, "start", "", "raw", cubes(0.01), { ...works("cut"), target: "rootsHold" }],
      ["bayLeaf", 0.0009, "start", "", "raw", undefined, leaves(3)],
      ["pepper", 0.4, 18, "", "raw", cubes(0.015), works("cut")],
      ["cannedTomato", 0.8, 15, ""],
    ],
    water: { by: "amount", volumeL: 2.2 },
    heat: { vigour: "gentle", lid: "ajar", boilFirstMin: null },
    stop: { by: "time", holdMin: 40 },
    fat: "keep",
    thickWantedGL: 45,
    prepareMin: 10,
  }),
});

/** The plans with every stock they draw on linked: what is dissolved in it comes along. */
export function bramholtPlans(): Record<string, Plan> {
  const plans = unlinked();
  const kitchen = bramholtKitchen();
  const link = (item: PlanItem): PlanItem => {
    const from = Object.values(plans).find((p) => p.id === item.fromPlanId);
    const stock = from === undefined ? null : stockYield(resolve(from, kitchen));
    return stock?.ok === true ? linkedTo(item, stock.value) : item;
  };
  const linked = Object.fromEntries(
    Object.entries(plans).map(([id, plan]) => [id, { ...plan, items: plan.items.map(link) }]),
  );
  const { braise } = linked;
  // For the big table the braise goes on the second ring; the braiser it shares with the chili clashes.
  return braise === undefined
    ? linked
    : {
        ...linked,
        tableBraise: {
          ...braise,
          id: "plan-table-braise",
          name: "Goat braise for the big table",
          forWhat: "the big table",
          ringId: "ring2",
          // The bread stands on the meal.
          accompaniments: [],
        },
      };
}
