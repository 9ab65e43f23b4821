import { kitchenEstimate, type Constant } from "../units/constant";

/** What an ingredient can be cooked to. */
export const TARGET_IDS = [
  "tenderDice",
  "lambDice",
  "shank",
  "brisket",
  "cheek",
  "jointToSlice",
  "jointToShred",
  "onTheBone",
  "trotter",
  "poultryThigh",
  "poultryOnBone",
  "wholeBird",
  "wings",
  "leanGame",
  "oldGame",
  "minceFine",
  "minceCoarse",
  "sausage",
  "rendered",
  "ham",
  "offal",
  "hardOffal",
  "shellfish",
  "fish",
  "beansSoaked",
  "beansUnsoaked",
  "chickpeasSoaked",
  "chickpeasUnsoaked",
  "splitPeas",
  "lentils",
  "lentilsWhole",
  "grains",
  "barley",
  "rootsHold",
  "rootsSoft",
  "rootsMelt",
  "potatoStarchy",
  "potatoBig",
  "potatoWaxy",
  "quickVegetable",
  "onionSoft",
  "onionMelt",
] as const;
export type TargetId = (typeof TARGET_IDS)[number];

/** Cook values (average over the piece) at which something is done, at its best, and past it. */
export interface DonenessTarget {
  readonly id: TargetId;
  /** As a cook names it: "to slice". */
  readonly name: string;
  readonly done: Constant;
  readonly ideal: Constant;
  readonly past: Constant;
  /** Done by its core and not by its cook value, °C: fish, whole birds, ham. */
  readonly coreC?: number;
}

const SOURCE = "usual times as cook values, ±25 %, until learned";

const value = (what: string, min: number) =>
  kitchenEstimate(what, min, "min at 100 °C", SOURCE, 0.25);

const target = (
  id: TargetId,
  name: string,
  done: number,
  ideal: number,
  past: number,
): DonenessTarget => ({
  id,
  name,
  done: value(`${name}: done`, done),
  ideal: value(`${name}: at its best`, ideal),
  past: value(`${name}: past it`, past),
});

/** docs/method.md, “Cook value, flavour, set”. Vegetables that cannot be overdone (onion, roots to melt) are past it very late. */
export const TARGETS: Record<TargetId, DonenessTarget> = {
  tenderDice: target("tenderDice", "tender dice", 75, 105, 260),
  lambDice: target("lambDice", "tender lamb or pork", 60, 85, 220),
  shank: target("shank", "shank, tender", 75, 105, 210),
  brisket: target("brisket", "brisket, tender", 95, 140, 240),
  cheek: target("cheek", "cheek, tender", 95, 130, 260),
  jointToSlice: target("jointToSlice", "joint, to slice", 60, 85, 150),
  jointToShred: target("jointToShred", "joint, to shred", 80, 115, 200),
  onTheBone: target("onTheBone", "meat off the bone by itself", 85, 120, 260),
  trotter: target("trotter", "trotter, soft to the bone", 95, 140, 300),
  poultryThigh: target("poultryThigh", "poultry, tender", 20, 28, 75),
  poultryOnBone: target("poultryOnBone", "poultry on the bone, tender", 20, 28, 130),
  wholeBird: { ...target("wholeBird", "whole bird, done in the thigh", 20, 28, 110), coreC: 74 },
  wings: target("wings", "wings, tender", 20, 28, 110),
  leanGame: target("leanGame", "lean game, tender", 60, 85, 140),
  oldGame: target("oldGame", "old game, tender", 75, 106, 175),
  minceFine: target("minceFine", "fine mince", 20, 50, 150),
  minceCoarse: target("minceCoarse", "coarse mince", 35, 60, 140),
  sausage: target("sausage", "sausage, done", 12, 20, 200),
  rendered: target("rendered", "bacon, rendered", 5, 20, 400),
  ham: { ...target("ham", "ham, done in the middle", 20, 40, 150), coreC: 63 },
  offal: target("offal", "offal, tender", 15, 25, 90),
  hardOffal: target("hardOffal", "gizzard or heart, tender", 60, 90, 220),
  shellfish: target("shellfish", "shellfish, done", 2, 4, 20),
  fish: { ...target("fish", "fish, done", 2, 4, 8), coreC: 63 },
  beansSoaked: target("beansSoaked", "soaked beans, soft", 45, 70, 180),
  beansUnsoaked: target("beansUnsoaked", "unsoaked beans, soft", 76.5, 119, 306),
  chickpeasSoaked: target("chickpeasSoaked", "soaked chickpeas, soft", 50, 75, 180),
  chickpeasUnsoaked: target("chickpeasUnsoaked", "unsoaked chickpeas, soft", 85, 127.5, 306),
  // Without a skin they fall apart, and that is wanted.
  splitPeas: target("splitPeas", "split peas, falling apart", 25, 40, 900),
  lentils: target("lentils", "lentils, soft", 12, 18, 35),
  lentilsWhole: target("lentilsWhole", "brown lentils, soft", 16, 24, 60),
  grains: target("grains", "grain, soft", 15, 22, 45),
  barley: target("barley", "barley or spelt, soft", 30, 45, 110),
  rootsHold: target("rootsHold", "roots that hold", 11, 15, 120),
  rootsSoft: target("rootsSoft", "soft roots", 25, 35, 200),
  rootsMelt: target("rootsMelt", "roots that melt", 90, 120, 900),
  potatoStarchy: target("potatoStarchy", "floury potato", 12, 16, 45),
  potatoBig: target("potatoBig", "floury potato in big pieces", 12, 16, 150),
  potatoWaxy: target("potatoWaxy", "waxy potato", 12, 16, 150),
  quickVegetable: target("quickVegetable", "tender greens", 6, 12, 60),
  onionSoft: target("onionSoft", "soft onion", 8, 15, 900),
  onionMelt: target("onionMelt", "onion that melts", 40, 55, 900),
};

/** Least temperature of the centre of what rules the dish, °C: min(85, plateau − 3). */
export const centreGateC = (plateauC: number): number => Math.min(85, plateauC - 3);
