import { kitchenEstimate, type Constant } from "../units/constant";

/** What an ingredient can be cooked to. */
export const TARGET_IDS = [
  "tenderDice",
  "shank",
  "brisket",
  "jointToSlice",
  "jointToShred",
  "poultryThigh",
  "leanGame",
  "oldGame",
  "minceFine",
  "minceCoarse",
  "sausage",
  "offal",
  "shellfish",
  "fish",
  "beansSoaked",
  "beansUnsoaked",
  "chickpeasSoaked",
  "lentils",
  "grains",
  "rootsHold",
  "rootsSoft",
  "rootsMelt",
  "potatoStarchy",
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

/** Model section 6. Vegetables that cannot be overdone (onion, roots to melt) are past it very late. */
export const TARGETS: Record<TargetId, DonenessTarget> = {
  tenderDice: target("tenderDice", "tender dice", 75, 105, 190),
  shank: target("shank", "shank or cheek, tender", 75, 105, 210),
  brisket: target("brisket", "brisket, tender", 95, 140, 240),
  jointToSlice: target("jointToSlice", "joint, to slice", 60, 85, 150),
  jointToShred: target("jointToShred", "joint, to shred", 80, 115, 200),
  poultryThigh: target("poultryThigh", "poultry, tender", 20, 28, 75),
  leanGame: target("leanGame", "lean game, tender", 60, 85, 140),
  oldGame: target("oldGame", "old game, tender", 75, 106, 175),
  minceFine: target("minceFine", "fine mince", 20, 40, 120),
  minceCoarse: target("minceCoarse", "coarse mince", 35, 60, 140),
  sausage: target("sausage", "sausage, done", 12, 20, 90),
  offal: target("offal", "offal, tender", 15, 25, 90),
  shellfish: target("shellfish", "shellfish, done", 2, 4, 8),
  fish: target("fish", "fish, done", 2, 4, 8),
  beansSoaked: target("beansSoaked", "soaked beans, soft", 45, 60, 110),
  beansUnsoaked: target("beansUnsoaked", "unsoaked beans, soft", 76.5, 102, 187),
  chickpeasSoaked: target("chickpeasSoaked", "soaked chickpeas, soft", 60, 85, 160),
  lentils: target("lentils", "lentils, soft", 12, 18, 35),
  grains: target("grains", "grain, soft", 15, 22, 45),
  rootsHold: target("rootsHold", "roots that hold", 11, 15, 60),
  rootsSoft: target("rootsSoft", "soft roots", 25, 35, 90),
  rootsMelt: target("rootsMelt", "roots that melt", 90, 120, 900),
  potatoStarchy: target("potatoStarchy", "floury potato", 9, 13, 28),
  potatoWaxy: target("potatoWaxy", "waxy potato", 9, 13, 60),
  quickVegetable: target("quickVegetable", "tender greens", 6, 12, 60),
  onionSoft: target("onionSoft", "soft onion", 8, 15, 900),
  onionMelt: target("onionMelt", "onion that melts", 40, 55, 900),
};

/** Least temperature of the centre of what rules the dish, °C: min(85, plateau − 3). */
export const centreGateC = (plateauC: number): number => Math.min(85, plateauC - 3);
