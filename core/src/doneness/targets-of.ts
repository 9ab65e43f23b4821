import { ingredientById } from "../ingredient/catalogue";
import { traitsOf } from "../ingredient/traits";
import { TARGETS, type DonenessTarget, type TargetId } from "./targets";

const ROOT: readonly TargetId[] = ["rootsSoft", "rootsHold", "rootsMelt"];
const JOINT: readonly TargetId[] = ["tenderDice", "jointToShred", "jointToSlice"];
const LAMB: readonly TargetId[] = ["lambDice", "jointToShred", "jointToSlice"];
const ON_BONE: readonly TargetId[] = ["onTheBone"];
const POULTRY: readonly TargetId[] = ["poultryThigh"];
const GAME: readonly TargetId[] = ["leanGame", "oldGame"];
const MINCE: readonly TargetId[] = ["minceCoarse", "minceFine"];
const BEANS: readonly TargetId[] = ["beansSoaked", "beansUnsoaked"];

/** What each ingredient can be cooked to, its usual end first. */
const BY_INGREDIENT: Readonly<Record<string, readonly TargetId[]>> = {
  beefChuck: JOINT,
  lambShoulder: LAMB,
  muttonShoulder: JOINT,
  goatShoulder: JOINT,
  porkShoulder: LAMB,
  curedPork: ["rendered", "jointToSlice"],
  beefShank: ["shank"],
  beefBrisket: ["brisket", "jointToSlice", "jointToShred"],
  chickenThigh: POULTRY,
  chickenBreast: POULTRY,
  wholeChicken: ["wholeBird", "poultryOnBone"],
  duckLeg: ["poultryOnBone"],
  turkeyLeg: ["poultryOnBone"],
  beefCheek: ["cheek"],
  porkCheek: ["cheek"],
  ham: ["ham", "jointToShred"],
  wildBoar: GAME,
  bearMeat: GAME,
  mincedPork: MINCE,
  mincedLamb: MINCE,
  mincedPoultry: MINCE,
  poultryLiver: ["offal"],
  deerDice: GAME,
  harePieces: GAME,
  mincedBeef: MINCE,
  sausage: ["sausage"],
  beefLiver: ["offal"],
  kidney: ["offal"],
  beefHeart: ["hardOffal"],
  poultryGizzards: ["hardOffal"],
  poultryHearts: ["hardOffal"],
  beefTongue: ["brisket"],
  chickenLeg: ["poultryOnBone"],
  chickenThighOnBone: ["poultryOnBone"],
  chickenDrumstick: ["poultryOnBone"],
  turkeyBreast: POULTRY,
  duckBreast: POULTRY,
  goosePieces: ["poultryOnBone"],
  wholeDuck: ["wholeBird", "poultryOnBone"],
  guineaFowl: ["wholeBird", "poultryOnBone"],
  pheasant: ["wholeBird", "poultryOnBone"],
  pigeon: ["leanGame", "oldGame"],
  quail: ["wholeBird", "poultryOnBone"],
  rabbit: ["leanGame", "oldGame"],
  beefShankSlice: ["shank"],
  beefRound: JOINT,
  shortRib: ["onTheBone"],
  vealShoulder: LAMB,
  vealShank: ["shank"],
  lambShank: ["shank"],
  lambLeg: LAMB,
  porkBelly: LAMB,
  porkHock: ["shank"],
  hamHock: ["shank", "ham"],
  deerShank: ["oldGame"],
  elk: GAME,
  spicedSausage: ["sausage"],
  salmon: ["fish"],
  smokedFish: ["fish"],
  saltCod: ["fish"],
  prawns: ["shellfish"],
  scallops: ["shellfish"],
  squid: ["shellfish"],
  crab: ["shellfish"],
  pintoBean: BEANS,
  navyBean: BEANS,
  butterBean: BEANS,
  borlottiBean: BEANS,
  mixedBeans: BEANS,
  blackEyedPea: ["lentilsWhole"],
  mungBean: ["lentilsWhole"],
  wholePea: ["chickpeasSoaked", "chickpeasUnsoaked"],
  greenLentil: ["lentilsWhole"],
  brownRice: ["barley"],
  wildRice: ["barley"],
  quinoa: ["grains"],
  bulgur: ["grains"],
  millet: ["grains"],
  eggNoodle: ["grains"],
  sweetPotato: ROOT,
  daikon: ROOT,
  kohlrabi: ROOT,
  pearlOnion: ["onionSoft", "onionMelt"],
  kale: ["quickVegetable"],
  chard: ["quickVegetable"],
  broccoli: ["quickVegetable"],
  cauliflower: ["quickVegetable"],
  brusselsSprout: ["quickVegetable"],
  courgette: ["quickVegetable"],
  aubergine: ["quickVegetable"],
  okra: ["quickVegetable"],
  asparagus: ["quickVegetable"],
  whiteFish: ["fish"],
  trout: ["fish"],
  mussels: ["shellfish"],
  clams: ["shellfish"],
  kidneyBean: BEANS,
  runnerBean: BEANS,
  whiteBean: BEANS,
  blackBean: BEANS,
  chickpea: ["chickpeasSoaked", "chickpeasUnsoaked"],
  splitPea: ["splitPeas"],
  brownLentil: ["lentilsWhole"],
  redLentil: ["lentils"],
  pearledSpelt: ["barley"],
  pearlBarley: ["barley"],
  oatGroats: ["grains"],
  rice: ["grains"],
  pasta: ["grains"],
  carrot: ROOT,
  celeriac: ROOT,
  parsnip: ROOT,
  turnip: ROOT,
  swede: ROOT,
  beet: ROOT,
  squash: ["rootsHold", "rootsSoft"],
  celery: ["rootsSoft", "rootsHold"],
  fennel: ["rootsSoft"],
  potato: ["potatoStarchy", "potatoWaxy", "potatoBig"],
  cabbage: ["quickVegetable"],
  pepper: ["quickVegetable"],
  greenBean: ["quickVegetable"],
  onion: ["onionSoft", "onionMelt"],
  shallot: ["onionSoft", "onionMelt"],
  leek: ["rootsSoft"],
  spinach: ["quickVegetable"],
  peas: ["quickVegetable"],
  sweetcorn: ["quickVegetable"],
  smokedSausage: ["sausage"],
};

/** Bones whose meat is eaten have an end too; in a stock they are judged by what they give. */
const ON_THE_BONE: Readonly<Record<string, readonly TargetId[]>> = {
  oxtail: ON_BONE,
  lambNeck: ON_BONE,
  goatNeck: ON_BONE,
  porkNeckBones: ON_BONE,
  porkRibs: ON_BONE,
  beefRibs: ON_BONE,
  muttonShank: ON_BONE,
  deerJoint: ON_BONE,
  porkTrotter: ["trotter"],
  chickenWings: ["wings"],
  poultryNecks: ["wings"],
  chickenFeet: ["wings"],
};

/** The end of meat on the bone that is eaten; null where it has none. */
export const targetOnBone = (ingredientId: string): DonenessTarget | null => {
  const id = ON_THE_BONE[ingredientId]?.[0];
  return id === undefined ? null : TARGETS[id];
};

/** The ends an ingredient can be cooked to, the usual one first; empty where none is judged. */
export const targetsOf = (ingredientId: string): readonly DonenessTarget[] =>
  (BY_INGREDIENT[ingredientId] ?? []).map((id) => TARGETS[id]);

/**
 * The end an ingredient shall be cooked to: the wanted one where it has it, else its usual one; null
 * where none is judged (bones, herbs, liquids).
 */
export function targetOf(ingredientId: string, wanted?: TargetId): DonenessTarget | null {
  const all = targetsOf(ingredientById(ingredientId).id);
  return all.find((t) => t.id === wanted) ?? all[0] ?? null;
}

/** Least core temperature, °C, and whose rule it is; null where none applies. */
export interface CoreRule {
  readonly coreC: number;
  readonly what: string;
  readonly whose: string;
}

const USDA = "US guidance (USDA); your local food code rules";

/** As coreRuleOf, and for meat on the bone that is eaten, which counts like its meat. */
export function coreRuleEaten(ingredientId: string): CoreRule | null {
  const i = ingredientById(ingredientId);
  if (i.group !== "bones") return coreRuleOf(ingredientId);
  if (i.game === true)
    return { coreC: 74, what: "game", whose: "wildlife agencies; your local food code rules" };
  if (i.flavour === "poultry") return { coreC: 74, what: "poultry", whose: USDA };
  return i.flavour === "fish"
    ? { coreC: 63, what: "fish", whose: USDA }
    : { coreC: 63, what: "meat on the bone", whose: USDA };
}

const OFFAL: ReadonlySet<string> = new Set(["beefLiver", "kidney", "beefHeart", "beefTongue"]);
/** Cooked and cooled before: hot through once more. */
const REHEATED: ReadonlySet<string> = new Set(["cookedBeef", "cookedHam"]);

/**
 * Core temperature that a meat must reach: poultry, game and what is reheated 74, ground, rabbit and offal 71,
 * whole cuts 63 °C.
 */
export function coreRuleOf(ingredientId: string): CoreRule | null {
  const i = ingredientById(ingredientId);
  if (i.group !== "meat" && i.group !== "fish") return null;
  if (i.id === "wildBoar" || i.id === "bearMeat")
    return {
      coreC: 74,
      what: "boar and bear (some kinds of trichinella survive freezing)",
      whose: "wildlife agencies; your local food code rules",
    };
  if (i.game === true)
    return { coreC: 74, what: "game", whose: "wildlife agencies; your local food code rules" };
  if (i.flavour === "poultry") return { coreC: 74, what: "poultry", whose: USDA };
  if (REHEATED.has(i.id)) return { coreC: 74, what: "what was cooked before", whose: USDA };
  if (i.id === "rabbit") return { coreC: 71, what: "rabbit", whose: USDA };
  if (OFFAL.has(i.id)) return { coreC: 71, what: "offal", whose: USDA };
  if (traitsOf(i.id).isGround === true) return { coreC: 71, what: "ground meat", whose: USDA };
  return { coreC: 63, what: "whole cuts", whose: USDA };
}
