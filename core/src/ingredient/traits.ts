import { kitchenEstimate } from "../units/constant";

/**
 * What the shopper, the server and the guest want to know of an ingredient beside how it cooks.
 * Contents per kg are typical labels and food composition tables, rounded; a packet's own label
 * replaces them. How things thicken, as g of wheat flour per kg: model section 14, kitchen estimates.
 */
export interface Traits {
  readonly fatGKg?: number;
  readonly sugarGKg?: number;
  readonly starchGKg?: number;
  /** Gelatin that is in it already, g/kg. */
  readonly solubleGelatinGKg?: number;
  /** Sizes it is usually sold in, kg. */
  readonly packsKg?: readonly number[];
  /** What has to come out before serving, one of it. */
  readonly takeOut?: string;
  readonly isAcid?: true;
  readonly isHot?: true;
  readonly isPork?: true;
  /** How high a piece of it lies, m, whatever its flesh is cut to: kitchen estimate. */
  readonly liesM?: number;
  /** Of it, this share is shell, which nobody eats, 0–1. */
  readonly shellShare?: number;
  /** Raw it keeps a day or two only: mince, sausage, offal. */
  readonly spoilsFast?: true;
  /** Ground: what was on its outside is all through it. */
  readonly isGround?: true;
  /** Across, m, as it is sold, where it is not cut: kitchen estimate. */
  readonly acrossM?: number;
  /** Made up of things its name does not tell: only its label says what every eater has to know. */
  readonly isComposed?: true;
  /** Sold under one name with meat in it and without: only its label tells. */
  readonly isOftenMeat?: true;
  /** Splits, scorches or spits under pressure: stirred in once the lid is off. */
  readonly waitsForRelease?: true;
  /** Holds no meat, fish, dairy or egg though its group would say so. */
  readonly isPlant?: true;
  /** Of animals though its group would not say so. */
  readonly isAnimal?: "meat" | "fish" | "dairy" | "egg";
  /** Does not stand boiling: curdles, splits or boils its smell away. */
  readonly spoilsOver?: { readonly boiledMin: number; readonly how: string };
}

const CURDLES = { boiledMin: 5, how: "curdles" };
const FADES = { boiledMin: 20, how: "boils its smell away" };
const MASHED = 120;
export const GELATIN_IN_POWDER = kitchenEstimate(
  "gelatin in gelatin powder",
  860,
  "g/kg",
  "the rest is water",
);

const TRAITS: Readonly<Record<string, Traits>> = {
  flour: { starchGKg: 1000, packsKg: [1] },
  cornStarch: { starchGKg: 2000, packsKg: [0.4] },
  potatoStarch: { starchGKg: 2200, packsKg: [0.5] },
  arrowroot: { starchGKg: 2000, packsKg: [0.1] },
  tapioca: { starchGKg: 2000, packsKg: [0.2] },
  gelatinPowder: { solubleGelatinGKg: GELATIN_IN_POWDER.value, isAnimal: "meat", packsKg: [0.1] },
  potato: { packsKg: [1, 2.5] },
  tomato: { starchGKg: 50, isAcid: true },
  cannedTomato: { starchGKg: 50, isAcid: true, packsKg: [0.4, 0.8] },
  tomatoPaste: { starchGKg: 100, isAcid: true, packsKg: [0.14, 0.2] },
  vinegar: { isComposed: true, isAcid: true, packsKg: [0.5] },
  lemonJuice: { isAcid: true },
  whiteWine: { isAcid: true, packsKg: [0.75] },
  redWine: { isAcid: true, packsKg: [0.75] },
  beer: { packsKg: [0.33, 0.5] },
  brandy: { packsKg: [0.7] },
  houseStock: { isComposed: true, isOftenMeat: true },
  boughtStock: { isComposed: true, isOftenMeat: true, packsKg: [0.4, 1] },
  lowSaltStock: { isComposed: true, isOftenMeat: true, packsKg: [0.4, 1] },
  stockCube: { isComposed: true, isOftenMeat: true, packsKg: [0.08], fatGKg: 150 },
  bouillonPaste: { isComposed: true, isOftenMeat: true, packsKg: [0.12], fatGKg: 120 },
  seasoningPacket: { isComposed: true, packsKg: [0.04], starchGKg: 250, isHot: true },
  condensedSoup: {
    isComposed: true,
    waitsForRelease: true,

    packsKg: [0.295],
    starchGKg: 80,
    fatGKg: 60,
    isAnimal: "dairy",
  },
  jarSauce: { isComposed: true, packsKg: [0.4, 0.5], starchGKg: 40, fatGKg: 30, sugarGKg: 60 },
  curryPaste: { isComposed: true, packsKg: [0.1, 0.2], fatGKg: 120, isHot: true },
  coconutMilk: {
    waitsForRelease: true,

    packsKg: [0.4],
    fatGKg: 180,
    isPlant: true,
    spoilsOver: { boiledMin: 20, how: "may split" },
  },
  cannedBeans: { packsKg: [0.4], starchGKg: 0 },
  cannedChickpeas: { packsKg: [0.4] },
  soySauce: { isComposed: true, packsKg: [0.15, 0.5] },
  fishSauce: { packsKg: [0.2], isAnimal: "fish" },
  mustard: { isComposed: true, packsKg: [0.2] },
  sausage: {
    isComposed: true,
    isGround: true,
    spoilsFast: true,
    isPork: true,
    fatGKg: 250,
    packsKg: [0.36],
  },
  smokedSausage: { isComposed: true, isGround: true, isPork: true, fatGKg: 280, packsKg: [0.3] },
  curedPork: { isPork: true, fatGKg: 350, packsKg: [0.15] },
  porkShoulder: { isPork: true },
  porkTrotter: { liesM: 0.06, isPork: true },
  porkSkin: { isPork: true },
  porkNeckBones: { liesM: 0.04, isPork: true },
  porkRibs: { liesM: 0.04, isPork: true },
  lard: { isPork: true, isAnimal: "meat", fatGKg: 1000, packsKg: [0.25] },
  butter: { fatGKg: 810, packsKg: [0.25] },
  oil: { fatGKg: 1000, packsKg: [0.5, 1] },
  milk: { fatGKg: 35, packsKg: [1], spoilsOver: CURDLES },
  cream: { fatGKg: 350, packsKg: [0.2, 0.5], spoilsOver: { boiledMin: 15, how: "may split" } },
  sourCream: { fatGKg: 200, packsKg: [0.2], spoilsOver: CURDLES },
  creamAlternative: { isComposed: true, fatGKg: 150, packsKg: [0.25], isPlant: true },
  honey: { sugarGKg: 800, isAnimal: "egg" },
  sugar: { sugarGKg: 1000, packsKg: [1] },
  driedApricot: { sugarGKg: 430, packsKg: [0.25] },
  prune: { sugarGKg: 380, packsKg: [0.25] },
  raisin: { sugarGKg: 590, packsKg: [0.25] },
  appleJuice: { sugarGKg: 100, packsKg: [1] },
  chiliPowder: { isHot: true, packsKg: [0.05] },
  freshChili: { isHot: true },
  beefLiver: { spoilsFast: true },
  mussels: { shellShare: 0.7 },
  clams: { shellShare: 0.75 },
  crayfishShells: { shellShare: 1 },
  prawnShells: { shellShare: 1 },
  turkeyFrame: { liesM: 0.1 },
  gooseFrame: { liesM: 0.1 },
  duckFrame: { liesM: 0.09 },
  chickenFrame: { liesM: 0.08 },
  chickenBacks: { liesM: 0.05 },
  chickenWings: { liesM: 0.03 },
  poultryNecks: { liesM: 0.04 },
  chickenFeet: { liesM: 0.04 },
  pigeonFrame: { liesM: 0.06 },
  pheasantFrame: { liesM: 0.06 },
  hareFrame: { liesM: 0.06 },
  rabbitFrame: { liesM: 0.06 },
  vealKnuckle: { liesM: 0.1 },
  beefKnuckle: { liesM: 0.1 },
  beefMarrow: { liesM: 0.08 },
  oxtail: { liesM: 0.05 },
  beefRibs: { liesM: 0.05 },
  lambNeck: { liesM: 0.04 },
  lambShankBone: { liesM: 0.06 },
  goatNeck: { liesM: 0.04 },
  muttonShank: { liesM: 0.06 },
  deerJoint: { liesM: 0.08 },
  bayLeaf: { takeOut: "bay leaf" },
  herbBundle: { isComposed: true, takeOut: "herb bundle" },
  spiceBall: { isComposed: true, takeOut: "spice ball" },
  clove: { takeOut: "clove" },
  cinnamonStick: { takeOut: "cinnamon stick" },
  starAnise: { takeOut: "star of anise" },
  rosemary: { takeOut: "rosemary stem", spoilsOver: { boiledMin: 90, how: "turns bitter" } },
  thyme: { takeOut: "thyme stem" },
  lemongrass: { takeOut: "lemongrass stalk" },
  kelp: { takeOut: "sheet of kelp", spoilsOver: { boiledMin: 10, how: "turns slimy" } },
  parsley: { spoilsOver: FADES },
  chive: { spoilsOver: FADES },
  dill: { spoilsOver: FADES },
  coriander: { spoilsOver: FADES },
  lovage: { spoilsOver: { boiledMin: 45, how: "boils its smell away" } },
  kidneyBean: { starchGKg: 0, packsKg: [0.5] },
  runnerBean: { packsKg: [0.5] },
  whiteBean: { packsKg: [0.5] },
  blackBean: { packsKg: [0.5] },
  chickpea: { packsKg: [0.5] },
  brownLentil: { packsKg: [0.5], starchGKg: 60 },
  redLentil: { packsKg: [0.5], starchGKg: 250 },
  splitPea: { packsKg: [0.5], starchGKg: 250 },
  pearledSpelt: { packsKg: [0.5], starchGKg: 60 },
  pearlBarley: { packsKg: [0.5], starchGKg: 60 },
  rice: { packsKg: [0.5, 1], starchGKg: 60 },
  pasta: { packsKg: [0.5], starchGKg: 40 },
  beefChuck: { fatGKg: 130 },
  beefShank: { fatGKg: 80 },
  beefBrisket: { fatGKg: 200 },
  lambShoulder: { fatGKg: 180 },
  muttonShoulder: { fatGKg: 190 },
  goatShoulder: { fatGKg: 70 },
  chickenThigh: { fatGKg: 100 },
  chickenBreast: { acrossM: 0.035, fatGKg: 20 },
  wholeChicken: { acrossM: 0.09, liesM: 0.12, fatGKg: 110 },
  duckLeg: { acrossM: 0.045, fatGKg: 250 },
  turkeyLeg: { acrossM: 0.07, fatGKg: 70 },
  beefCheek: { acrossM: 0.06, fatGKg: 90 },
  porkCheek: { acrossM: 0.04, isPork: true, fatGKg: 80 },
  ham: { acrossM: 0.14, isPork: true, isComposed: true, fatGKg: 150 },
  wildBoar: { isPork: true, fatGKg: 50 },
  bearMeat: { fatGKg: 80 },
  poultryLiver: { acrossM: 0.025, spoilsFast: true, fatGKg: 45 },
  mincedBeef: { isGround: true, spoilsFast: true, fatGKg: 150 },
  mincedPork: { isGround: true, spoilsFast: true, isPork: true, fatGKg: 200 },
  mincedLamb: { isGround: true, spoilsFast: true, fatGKg: 180 },
  mincedPoultry: { isGround: true, spoilsFast: true, fatGKg: 90 },
  deerDice: { fatGKg: 25 },
  harePieces: { fatGKg: 25 },
};

/** What the catalogue knows of an ingredient beside how it cooks; empty where nothing is special. */
export const traitsOf = (ingredientId: string): Traits => TRAITS[ingredientId] ?? {};

/** Weight of mashed beans or potato that thickens like flour, g per kg: model section 14. */
export const MASHED_STARCH_G_KG = MASHED;
