import type { FlavourKind, Ingredient } from "./ingredient";
import {
  BROKEN_CARCASS,
  entry,
  gelatin,
  LARGE_BARE_BONE,
  MEATY_BONE,
  one,
  POULTRY_BONE,
  renderedFat,
  takesUp,
  water,
  WHOLE_CARCASS,
} from "./make";

type Bulk = Parameters<typeof entry>[3];

const bone = (
  id: string,
  name: string,
  bulk: Bulk,
  flavour: FlavourKind,
  [gelatinGKg, kMin]: readonly [number, number],
  fat: number,
  waterShare: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("bones", id, name, bulk, {
    role: "body",
    staging: "start",
    flavour,
    waterShare: water(waterShare),
    ...gelatin(gelatinGKg, kMin),
    ...renderedFat(fat),
    ...takesUp(0.03),
    ...more,
  });

const GAME = { game: true } as const;

/** Bones by animal and part. Gelatin: docs/method.md, “Cook value, flavour, set”. */
export const BONES: readonly Ingredient[] = [
  bone("chickenBacks", "Chicken backs", POULTRY_BONE, "poultry", [35, 110], 0.08, 0.6, {
    each: { back: one(180) },
  }),
  bone("chickenFrame", "Chicken frames", BROKEN_CARCASS, "poultry", [35, 110], 0.06, 0.6, {
    each: { frame: one(350), carcass: one(350) },
  }),
  bone("chickenWings", "Chicken wings", POULTRY_BONE, "poultry", [35, 110], 0.1, 0.63, {
    each: { wing: one(90) },
  }),
  bone("chickenFeet", "Chicken feet", POULTRY_BONE, "poultry", [90, 90], 0.05, 0.65, {
    each: { foot: one(35) },
  }),
  bone("poultryNecks", "Poultry necks", POULTRY_BONE, "poultry", [45, 110], 0.08, 0.62, {
    each: { neck: one(110) },
  }),
  bone("turkeyFrame", "Turkey frame", BROKEN_CARCASS, "poultry", [35, 110], 0.05, 0.6, {
    each: { frame: one(1300) },
  }),
  bone("duckFrame", "Duck frames", BROKEN_CARCASS, "poultry", [35, 110], 0.12, 0.55, {
    each: { frame: one(450) },
  }),
  bone("gooseFrame", "Goose frame", BROKEN_CARCASS, "poultry", [35, 110], 0.14, 0.55, {
    each: { frame: one(900) },
  }),
  bone("pigeonFrame", "Pigeon frames", WHOLE_CARCASS, "poultry", [25, 120], 0.02, 0.62, {
    each: { frame: one(120) },
    ...GAME,
  }),
  bone("pheasantFrame", "Pheasant frames", WHOLE_CARCASS, "poultry", [25, 120], 0.02, 0.62, {
    each: { frame: one(350) },
    ...GAME,
  }),
  bone("porkTrotter", "Pork trotters", MEATY_BONE, "meat", [95, 200], 0.07, 0.55, {
    each: { trotter: one(400) },
  }),
  bone("porkSkin", "Pork skin", MEATY_BONE, "meat", [95, 200], 0.15, 0.5),
  bone("porkNeckBones", "Pork neck bones", MEATY_BONE, "meat", [30, 200], 0.08, 0.55, {
    each: { bone: one(150) },
  }),
  bone("porkRibs", "Pork rib bones", MEATY_BONE, "meat", [30, 200], 0.1, 0.55, {
    each: { rib: one(120), rack: one(1200) },
  }),
  bone("vealKnuckle", "Veal knuckle", MEATY_BONE, "meat", [60, 220], 0.04, 0.55, {
    each: { knuckle: one(1100) },
  }),
  bone("beefKnuckle", "Beef knuckle", MEATY_BONE, "meat", [45, 300], 0.06, 0.5, {
    each: { knuckle: one(1500) },
  }),
  bone("beefMarrow", "Beef marrow bones", LARGE_BARE_BONE, "meat", [15, 350], 0.1, 0.3, {
    each: { bone: one(450) },
  }),
  bone("oxtail", "Oxtail", MEATY_BONE, "meat", [50, 260], 0.1, 0.58, {
    each: { tail: one(1300), slice: one(170) },
  }),
  bone("beefRibs", "Beef rib bones", LARGE_BARE_BONE, "meat", [30, 300], 0.1, 0.45, {
    each: { rib: one(350) },
  }),
  bone("beefBones", "Beef bones, mixed", MEATY_BONE, "meat", [30, 300], 0.1, 0.45, {
    each: { bone: one(300) },
  }),
  bone("vealBones", "Veal bones, mixed", MEATY_BONE, "meat", [45, 220], 0.06, 0.5, {
    each: { bone: one(300) },
  }),
  bone("calfFoot", "Calf's foot", MEATY_BONE, "meat", [95, 220], 0.04, 0.55, {
    each: { foot: one(1100) },
  }),
  bone("porkBones", "Pork bones, mixed", MEATY_BONE, "meat", [30, 200], 0.09, 0.5, {
    each: { bone: one(200) },
  }),
  bone("hamBone", "Ham bone", MEATY_BONE, "meat", [40, 200], 0.06, 0.5, {
    saltGKg: {
      name: "salt",
      value: 15,
      unit: "g/kg",
      kind: "published",
      source: "label of cured ham",
      sigmaLog: 0.3,
    },
    petHazard: "cured meat is salty",
    each: { bone: one(600) },
  }),
  bone("chickenBones", "Chicken bones, mixed", POULTRY_BONE, "poultry", [35, 110], 0.06, 0.58, {
    each: { bone: one(40) },
  }),
  bone("lambBones", "Lamb bones, mixed", MEATY_BONE, "meat", [35, 220], 0.07, 0.5, {
    each: { bone: one(180) },
  }),
  bone("lambNeck", "Lamb neck", MEATY_BONE, "meat", [35, 220], 0.07, 0.58, {
    each: { neck: one(800) },
  }),
  bone("lambShankBone", "Lamb shank bones", LARGE_BARE_BONE, "meat", [35, 220], 0.05, 0.4, {
    each: { shank: one(180), bone: one(180) },
  }),
  bone("goatNeck", "Goat neck", MEATY_BONE, "meat", [35, 220], 0.03, 0.6, {
    each: { neck: one(700) },
  }),
  bone("muttonShank", "Mutton shank bones", MEATY_BONE, "meat", [35, 220], 0.06, 0.5, {
    each: { shank: one(450) },
  }),
  bone("deerJoint", "Deer joints and shanks", MEATY_BONE, "meat", [40, 300], 0.02, 0.55, {
    each: { shank: one(700) },
    ...GAME,
  }),
  bone("hareFrame", "Hare frame", BROKEN_CARCASS, "meat", [30, 220], 0.02, 0.62, {
    each: { frame: one(700) },
    ...GAME,
  }),
  bone("rabbitFrame", "Rabbit frame", BROKEN_CARCASS, "meat", [30, 200], 0.03, 0.62, {
    each: { frame: one(400) },
  }),
  bone("whiteFishFrame", "White fish frames", BROKEN_CARCASS, "fish", [25, 15], 0.01, 0.7, {
    allergens: ["fish"],
    each: { frame: one(300) },
  }),
  bone("smokedTroutFrame", "Smoked trout frames", BROKEN_CARCASS, "fish", [25, 15], 0.04, 0.6, {
    allergens: ["fish"],
    saltGKg: {
      name: "salt",
      value: 18,
      unit: "g/kg",
      kind: "published",
      source: "label of hot-smoked fish",
      sigmaLog: 0.2,
    },
    petHazard: "smoked fish is salty",
    each: { frame: one(110) },
  }),
];
