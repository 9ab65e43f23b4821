import { SCHEMA_VERSION } from "@kettlos/core/simulate/kitchen-schema";
import {
  PlanSchema,
  type Heat,
  type HobHeat,
  type Plan,
  type PlanItem,
} from "@kettlos/core/simulate/plan-schema";

type ItemGiven = [
  ingredientId: string,
  massKg: number,
  when: "start" | "off" | "after" | number,
  preparation: string,
  boneState?: PlanItem["boneState"],
  piece?: PlanItem["piece"],
];

const itemOf = (
  [ingredientId, massKg, when, preparation, boneState, piece]: ItemGiven,
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

/** The stocks and broths that Bramholt Hut makes. */
export const bramholtPlans = (): Record<string, Plan> => ({
  lamb: make({
    id: "plan-lamb",
    name: "Lamb neck broth",
    forWhat: "Thursday's spelt soup",
    items: [
      ["lambNeck", 2.2, "start", "blanched 5 min", "blanched"],
      ["onion", 0.18, 60, "halved, skin on"],
      ["herbBundle", 0.02, 60, "thyme, bay, in cloth"],
      ["pearledSpelt", 0.16, "after", "50 min, in the strained broth"],
      ["carrot", 0.25, "after", "8 mm dice, with the spelt"],
    ],
    stop: { by: "time", holdMin: 390 },
    prepareMin: 25,
  }),
  trotter: make({
    id: "plan-trotter",
    name: "Pork trotter stock",
    forWhat: "jelly and braises",
    items: [
      ["porkTrotter", 1.8, "start", "split, blanched", "blanched"],
      ["leek", 0.2, 60, "green part"],
      ["peppercorn", 0.003, 60, ""],
    ],
    heat: { vigour: "steady", lid: "on" },
    stop: { by: "time", holdMin: 300 },
  }),
  trout: make({
    id: "plan-trout",
    name: "Smoked trout fumet",
    forWhat: "chowder",
    vesselId: "braiser",
    ringId: "ring2",
    items: [
      ["smokedTroutFrame", 1.1, "start", "heads off, rinsed"],
      ["fennel", 0.25, "start", "sliced"],
      ["whiteWine", 0.2, "start", "reduced by half first"],
    ],
    water: { by: "cover" },
    heat: { vigour: "gentle", lid: "off", boilFirstMin: null },
    stop: { by: "time", holdMin: 35 },
    strain: { when: "atOnce", pressed: false, clothPasses: 1 },
  }),
  vegetable: make({
    id: "plan-vegetable",
    name: "Celeriac and fennel stock",
    forWhat: "soups for those who eat no meat",
    vesselId: "braiser",
    ringId: "ring2",
    items: [
      ["celeriac", 0.8, "start", "2 cm dice"],
      ["fennel", 0.6, "start", "sliced"],
      ["leek", 0.3, "start", "sliced"],
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
    forWhat: "sauce for the braise",
    vesselId: "pressure",
    items: [
      ["pigeonFrame", 0.72, "start", "roasted 40 min at 220 °C", "roasted"],
      ["shallot", 0.09, 60, "halved"],
      ["juniper", 0.002, 60, ""],
    ],
    water: { by: "over", overM: 0.02 },
    heat: { vigour: "gentle", lid: "ajar" },
    stop: { by: "time", holdMin: 240 },
  }),
  hare: make({
    id: "plan-hare",
    name: "Plain hare broth",
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
    vesselId: "braiser",
    items: [
      ["goatShoulder", 2.2, "start", "browned in three batches", "raw", cubes(0.04)],
      ["onion", 0.4, "start", "sliced, sweated", "raw", cubes(0.015)],
      ["carrot", 0.35, 45, "3 cm lengths", "raw", cubes(0.03)],
      ["driedApricot", 0.15, 45, "halved"],
    ],
    water: { by: "amount", volumeL: 1.2 },
    heat: { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" },
    stop: { by: "time", holdMin: 165 },
    strain: { when: "atOnce", pressed: false, clothPasses: 0 },
    prepareMin: 40,
  }),
  beans: make({
    id: "plan-beans",
    name: "Runner beans with mutton",
    forWhat: "the walkers' lunch",
    items: [
      ["runnerBean", 0.7, "start", "soaked overnight, water thrown away"],
      ["muttonShoulder", 0.9, "start", "diced", "raw", cubes(0.03)],
      ["onion", 0.25, "start", "chopped", "raw", cubes(0.01)],
      ["celery", 0.12, 40, "sliced", "raw", cubes(0.015)],
    ],
    water: { by: "amount", volumeL: 2.6 },
    heat: { vigour: "gentle", lid: "ajar", boilFirstMin: 45 },
    stop: { by: "time", holdMin: 150 },
    strain: { when: "atOnce", pressed: false, clothPasses: 0 },
    prepareMin: 25,
  }),
});
