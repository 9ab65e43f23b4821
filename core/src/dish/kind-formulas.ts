import type { HobHeat } from "../heats/hob-schema";
import type { FlavourKind } from "../ingredient/ingredient";
import type { KindId } from "../simulate/dish-words";
import type { Plan, PlanItem } from "../simulate/plan-schema";

type Place = "start" | "offHeat" | "afterStrain" | number;
type More = Partial<Omit<PlanItem, "id" | "ingredientId" | "massKg" | "when">>;

/** A kind of pot as the house makes it: amounts for six, or for a stock's proportions. */
export interface KindFormula {
  readonly name: string;
  /** In a line: what it is and how it is made. */
  readonly about: string;
  readonly pot: "tall" | "wide" | "tight";
  readonly items: readonly (readonly [string, number, Place, More?])[];
  readonly water: Plan["water"];
  readonly hob?: Partial<HobHeat>;
  readonly oven?: { readonly ovenC: number };
  /** Of a stock: whose flavour its time goes by. */
  readonly flavour?: FlavourKind;
  readonly stop?: Plan["stop"];
  readonly more?: Partial<Plan>;
}

const cube = (edgeM: number): PlanItem["piece"] => ({
  kind: "brick",
  sizeM: [edgeM, edgeM, edgeM],
});
const cut: PlanItem["work"][number] = { kind: "cut" };
const rinse: PlanItem["work"][number] = { kind: "rinse" };
const trim: PlanItem["work"][number] = { kind: "trim" };
const brown: PlanItem["work"][number] = { kind: "brown" };
const sweat: PlanItem["work"][number] = { kind: "sweat" };
const fry: PlanItem["work"][number] = { kind: "fry" };
const soak: PlanItem["work"][number] = { kind: "soak" };

const dice = (edgeM: number): More => ({ piece: cube(edgeM), work: [trim, cut, brown] });
const veg = (edgeM: number, more: More = {}): More => ({
  piece: cube(edgeM),
  work: [cut],
  ...more,
});
const sweated = (edgeM = 0.01): More => ({ piece: cube(edgeM), work: [cut, sweat] });

const SIX = { serves: { people: 6, eachKg: 0.45 }, end: "served" } as const;
const BOWLS = { serves: { people: 6, eachKg: 0.4 }, end: "served" } as const;
const POT_VEGETABLES: KindFormula["items"] = [
  ["onion", 0.15, 60, { preparation: "halved, skin on" }],
  ["carrot", 0.12, 60],
  ["celery", 0.08, 60],
  ["herbBundle", 0.02, 60, { work: [{ kind: "bundle" }] }],
  ["peppercorn", 0.003, 60],
];
const CLEAR = {
  fat: "liftCold",
  strain: { when: "afterPause", pressed: false, clothPasses: 0 },
} as const;

/** Sound defaults for every kind. Times and stages are worked out for the kitchen they are cooked in. */
export const KIND_FORMULAS: Record<KindId, KindFormula> = {
  boneBroth: {
    name: "Bone broth",
    about: "Meaty bones, long and gentle, for body and flavour.",
    pot: "tall",
    flavour: "meat",
    items: [["lambNeck", 2, "start", { boneState: "blanched" }], ...POT_VEGETABLES],
    water: { by: "ratio", waterPerBone: 2 },
    hob: { boilFirstMin: 5 },
    more: CLEAR,
  },
  poultryStock: {
    name: "Poultry stock",
    about: "Frames and wings, four hours or so, clear and light.",
    pot: "tall",
    flavour: "poultry",
    items: [
      ["chickenFrame", 1.5, "start", { work: [rinse] }],
      ["chickenWings", 0.5, "start"],
      ...POT_VEGETABLES,
    ],
    water: { by: "over", overM: 0.02 },
    hob: { boilFirstMin: 5 },
    more: CLEAR,
  },
  meatStock: {
    name: "Meat stock",
    about: "Blanched bones and shin: clear, with a set.",
    pot: "tall",
    flavour: "meat",
    items: [
      ["vealKnuckle", 1.4, "start", { boneState: "blanched" }],
      ["beefShank", 0.6, "start", { piece: cube(0.04), work: [trim] }],
      ...POT_VEGETABLES,
    ],
    water: { by: "ratio", waterPerBone: 2 },
    hob: { boilFirstMin: 5 },
    more: CLEAR,
  },
  brownStock: {
    name: "Brown stock",
    about: "Roasted bones and paste: deep colour, for sauces.",
    pot: "tall",
    flavour: "meat",
    items: [
      ["beefKnuckle", 1.3, "start", { boneState: "roasted" }],
      ["oxtail", 0.7, "start", { boneState: "roasted" }],
      ["tomatoPaste", 0.04, "start", { work: [fry] }],
      ...POT_VEGETABLES,
    ],
    water: { by: "ratio", waterPerBone: 2 },
    more: CLEAR,
  },
  gameStock: {
    name: "Game stock",
    about: "Roasted joints with juniper, for game dishes.",
    pot: "tall",
    flavour: "meat",
    items: [
      ["deerJoint", 1.6, "start", { boneState: "roasted", work: [trim] }],
      ["shallot", 0.12, 60],
      ["juniper", 0.003, 60],
      ["bayLeaf", 0.0006, 60, { counted: { count: 2, word: "leaf", eachKg: 0.0003 } }],
    ],
    water: { by: "ratio", waterPerBone: 2 },
    more: CLEAR,
  },
  fishStock: {
    name: "Fish stock",
    about: "White frames, half an hour, never longer.",
    pot: "wide",
    flavour: "fish",
    items: [
      ["whiteFishFrame", 1.2, "start", { work: [rinse] }],
      ["fennel", 0.2, "start", veg(0.01)],
      ["leek", 0.2, "start", veg(0.01)],
      ["whiteWine", 0.2, "start", { work: [{ kind: "reduce", share: 0.5 }] }],
      ["parsley", 0.015, "offHeat"],
    ],
    water: { by: "cover" },
    hob: { lid: "off" },
    more: { fat: "skimHot", strain: { when: "atOnce", pressed: false, clothPasses: 1 } },
  },
  vegetableStock: {
    name: "Vegetable stock",
    about: "Fresh and quick; scraps are welcome if sound.",
    pot: "wide",
    flavour: "vegetable",
    items: [
      ["celeriac", 0.6, "start", veg(0.02)],
      ["carrot", 0.4, "start", veg(0.015)],
      ["leek", 0.3, "start", veg(0.01)],
      ["mushroom", 0.15, "start"],
      ["bayLeaf", 0.0006, "start", { counted: { count: 2, word: "leaf", eachKg: 0.0003 } }],
      ["parsley", 0.02, "offHeat"],
    ],
    water: { by: "amount", volumeL: 2.6 },
    hob: { vigour: "steady" },
    more: { fat: "skimHot", strain: { when: "atOnce", pressed: true, clothPasses: 0 } },
  },
  kelpStock: {
    name: "Kelp and mushroom stock",
    about: "Kelp out before the boil, mushrooms left in.",
    pot: "wide",
    flavour: "vegetable",
    items: [
      [
        "kelp",
        0.03,
        "start",
        { out: { when: { at: "beforeBoil" }, isBack: false }, preparation: "brushed dry" },
      ],
      ["driedMushroom", 0.04, "start", { work: [{ kind: "soak", min: 60, liquorL: 0.5 }] }],
      ["ginger", 0.02, "start", veg(0.005)],
    ],
    water: { by: "amount", volumeL: 2.5 },
    more: { fat: "skimHot", strain: { when: "atOnce", pressed: false, clothPasses: 1 } },
  },
  petBroth: {
    name: "Plain broth for animals",
    about: "Meat and bones in water, nothing else, strained twice.",
    pot: "tight",
    flavour: "poultry",
    items: [["chickenFrame", 0.9, "start", { work: [rinse] }]],
    water: { by: "cover" },
    hob: { lid: "on" },
    more: {
      feeds: "animals",
      strain: { when: "afterPause", pressed: false, clothPasses: 1 },
    },
  },
  stew: {
    name: "Stew",
    about: "Dice browned and simmered with roots, until tender.",
    pot: "wide",
    items: [
      ["beefChuck", 1.3, "start", dice(0.035)],
      ["oil", 0.03, "start"],
      ["onion", 0.3, "start", sweated()],
      ["flour", 0.035, "start", { work: [{ kind: "roux", colour: "blond" }] }],
      ["tomatoPaste", 0.03, "start", { work: [fry] }],
      ["houseStock", 1.1, "start"],
      ["bayLeaf", 0.0006, "start", { counted: { count: 2, word: "leaf", eachKg: 0.0003 } }],
      ["carrot", 0.4, 40, veg(0.025, { target: "rootsSoft" })],
      ["potato", 0.6, 30, veg(0.025, { target: "potatoWaxy" })],
      ["parsley", 0.015, "offHeat"],
    ],
    water: { by: "amount", volumeL: 0.3 },
    hob: { lid: "ajar" },
    stop: { by: "tender" },
    more: { ...SIX, fat: "skimHot", thickWantedGL: 45 },
  },
  braise: {
    name: "Braise",
    about: "Half covered in a tight pot, in the oven.",
    pot: "tight",
    items: [
      ["goatShoulder", 1.3, "start", dice(0.04)],
      ["oil", 0.02, "start"],
      ["onion", 0.3, "start", sweated(0.015)],
      ["whiteWine", 0.2, "start", { work: [{ kind: "reduce", share: 0.5 }] }],
      ["carrot", 0.3, 45, veg(0.03, { target: "rootsSoft" })],
      ["driedApricot", 0.12, 40],
    ],
    water: { by: "amount", volumeL: 0.5 },
    oven: { ovenC: 150 },
    hob: { lid: "on" },
    stop: { by: "tender" },
    more: { ...SIX, fat: "skimHot" },
  },
  potRoast: {
    name: "Pot roast",
    about: "One joint, tied and browned, in little liquid, to slice.",
    pot: "tight",
    items: [
      [
        "beefChuck",
        1.7,
        "start",
        {
          piece: { kind: "brick", sizeM: [0.09, 0.11, 0.17] },
          target: "jointToSlice",
          work: [trim, { kind: "tie" }, brown],
        },
      ],
      ["oil", 0.02, "start"],
      ["onion", 0.25, "start", veg(0.02)],
      ["redWine", 0.25, "start", { work: [{ kind: "reduce", share: 0.4 }] }],
      ["houseStock", 0.3, "start"],
      ["bayLeaf", 0.0006, "start", { counted: { count: 2, word: "leaf", eachKg: 0.0003 } }],
      ["carrot", 0.35, 60, veg(0.03, { target: "rootsSoft" })],
    ],
    water: { by: "amount", volumeL: 0.2 },
    oven: { ovenC: 150 },
    hob: { lid: "on" },
    stop: { by: "tender" },
    more: { ...SIX, serves: { people: 6, eachKg: 0.35 }, fat: "skimHot" },
  },
  meatChili: {
    name: "Chili with meat",
    about: "Coarse mince browned hard, spices fried, canned beans late.",
    pot: "wide",
    items: [
      ["mincedBeef", 1, "start", { piece: { kind: "ball", diameterM: 0.008 }, work: [brown] }],
      ["oil", 0.02, "start"],
      ["onion", 0.3, "start", sweated()],
      ["chiliPowder", 0.008, "start", { work: [fry] }],
      ["cumin", 0.006, "start", { work: [fry] }],
      ["cannedTomato", 0.8, "start"],
      ["pepper", 0.3, 30, veg(0.015)],
      ["cannedBeans", 0.48, 20, { work: [rinse] }],
    ],
    water: { by: "amount", volumeL: 0.6 },
    hob: { lid: "ajar" },
    stop: { by: "tender" },
    more: { ...SIX, fat: "skimHot" },
  },
  beanChili: {
    name: "Chili with beans",
    about: "Soaked beans boiled hard, tomato once they are soft.",
    pot: "wide",
    items: [
      ["kidneyBean", 0.5, "start", { work: [soak, rinse] }],
      ["oil", 0.03, "start"],
      ["onion", 0.3, "start", sweated()],
      ["chiliPowder", 0.008, "start", { work: [fry] }],
      ["cumin", 0.006, "start", { work: [fry] }],
      ["pepper", 0.3, 30, veg(0.015)],
      ["cannedTomato", 0.8, 15],
    ],
    water: { by: "amount", volumeL: 2.2 },
    hob: { lid: "ajar" },
    stop: { by: "tender" },
    more: { ...SIX, fat: "keep" },
  },
  rouxPot: {
    name: "Roux pot",
    about: "A dark roux, thinned with stock; poultry and sausage.",
    pot: "wide",
    items: [
      ["chickenThigh", 0.9, "start", { piece: cube(0.03), work: [trim, cut, brown] }],
      ["oil", 0.09, "start"],
      ["flour", 0.09, "start", { work: [{ kind: "roux", colour: "dark" }] }],
      ["onion", 0.25, "start", sweated()],
      ["pepper", 0.2, 25, veg(0.015)],
      ["celery", 0.12, 40, veg(0.01, { target: "rootsHold" })],
      ["houseStock", 1.2, "start"],
      ["smokedSausage", 0.3, 25, { piece: cube(0.012), work: [cut] }],
    ],
    water: { by: "amount", volumeL: 0.2 },
    stop: { by: "tender" },
    more: {
      ...SIX,
      fat: "skimHot",
      accompaniments: [{ kind: "rice", eachKg: 0.07 }],
    },
  },
  pulseSoup: {
    name: "Pulse soup",
    about: "Lentils and roots, some of them crushed for body.",
    pot: "wide",
    items: [
      ["brownLentil", 0.45, "start", { work: [rinse, { kind: "crush", share: 0.3 }] }],
      ["onion", 0.2, "start", sweated()],
      ["carrot", 0.25, "start", veg(0.01, { target: "rootsHold" })],
      ["bayLeaf", 0.0003, "start", { counted: { count: 1, word: "leaf", eachKg: 0.0003 } }],
    ],
    water: { by: "amount", volumeL: 2.1 },
    hob: { lid: "ajar" },
    stop: { by: "tender" },
    more: { ...BOWLS, fat: "keep" },
  },
  chowder: {
    name: "Chowder",
    about: "Potato first, fish for the last minutes, milk off the heat.",
    pot: "wide",
    items: [
      ["butter", 0.04, "start"],
      ["onion", 0.2, "start", sweated()],
      ["potato", 0.6, "start", veg(0.02, { target: "potatoWaxy" })],
      ["flour", 0.03, "start", { work: [{ kind: "roux", colour: "white" }] }],
      ["houseStock", 1, "start"],
      ["whiteFish", 0.6, 10, { piece: cube(0.03) }],
      ["milk", 0.4, "offHeat"],
      ["dill", 0.01, "offHeat"],
    ],
    water: { by: "amount", volumeL: 0 },
    hob: { lid: "ajar" },
    stop: { by: "time", holdMin: 25 },
    more: { ...BOWLS, fat: "keep" },
  },
  creamSoup: {
    name: "Cream soup",
    about: "Soft vegetables blended smooth, cream off the heat.",
    pot: "wide",
    items: [
      ["butter", 0.03, "start"],
      ["onion", 0.15, "start", sweated()],
      [
        "squash",
        1,
        "start",
        veg(0.02, { target: "rootsSoft", work: [cut, { kind: "blend", share: 1 }] }),
      ],
      ["potato", 0.25, "start", veg(0.02, { work: [cut, { kind: "blend", share: 1 }] })],
      ["houseStock", 1, "start"],
      ["cream", 0.15, "offHeat"],
    ],
    water: { by: "amount", volumeL: 0 },
    hob: { vigour: "steady", lid: "on" },
    stop: { by: "tender" },
    more: { ...BOWLS, fat: "keep" },
  },
  curryPot: {
    name: "Curry-type pot",
    about: "Paste fried, poultry simmered, coconut milk late.",
    pot: "wide",
    items: [
      ["chickenThigh", 1, "start", { piece: cube(0.03), work: [trim, cut] }],
      ["oil", 0.02, "start"],
      ["onion", 0.25, "start", sweated()],
      ["curryPaste", 0.07, "start", { work: [fry] }],
      ["houseStock", 0.4, "start"],
      ["potato", 0.5, 30, veg(0.025, { target: "potatoWaxy" })],
      ["coconutMilk", 0.4, 12],
      ["spinach", 0.2, 5, veg(0.006)],
    ],
    water: { by: "amount", volumeL: 0.1 },
    hob: { lid: "ajar" },
    stop: { by: "tender" },
    more: {
      ...SIX,
      fat: "keep",
      accompaniments: [{ kind: "rice", eachKg: 0.07 }],
    },
  },
  shreddedMeat: {
    name: "Shredded meat with its jus",
    about: "Big pieces until they fall apart, out, pulled, back into the jus.",
    pot: "tight",
    items: [
      [
        "porkShoulder",
        1.8,
        "start",
        {
          piece: { kind: "brick", sizeM: [0.08, 0.09, 0.12] },
          target: "jointToShred",
          work: [trim, cut, brown],
        },
      ],
      ["oil", 0.02, "start"],
      ["onion", 0.25, "start", sweated()],
      ["houseStock", 0.4, "start"],
    ],
    water: { by: "amount", volumeL: 0.2 },
    oven: { ovenC: 150 },
    hob: { lid: "on" },
    stop: { by: "tender" },
    more: { ...SIX, serves: { people: 6, eachKg: 0.25 }, fat: "liftCold" },
  },
};
