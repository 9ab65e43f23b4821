import { RINGS } from "../heat/ring-kinds";
import { describe, expect, test } from "vitest";
import { FLAVOUR_WINDOWS } from "../doneness/flavour-window";
import { SET_FROM_GL } from "../extraction/set";
import {
  BODY_HEAT_KJ_KG_K,
  SIMMER_OFFSET_C,
  THERMAL_DIFFUSIVITY_M2_S,
  WALL_LOSS_W_M2_K,
} from "../heat/constants";
import { ingredientById } from "../ingredient/catalogue";
import {
  LEFT_IN_CLOTH_L,
  LEFT_ON_PRESSED_L_KG,
  LEFT_ON_SOLIDS_L_KG,
  LID_FACTOR,
  SIMMER_FLUX_KG_M2_H,
} from "../liquid/constants";
import { SPREAD } from "./parameters";

/** The model as written down, number by number, against the data the code runs on. */
describe("constants are those of the model", () => {
  test("heat", () => {
    expect(Object.values(SIMMER_OFFSET_C).map((c) => c.value)).toEqual([10, 5, 2, 0]);
    expect(RINGS.gas.efficiency.value).toBe(0.4);
    expect(RINGS.induction.efficiency.value).toBe(0.85);
    expect(RINGS.radiant.efficiency.value).toBe(0.7);
    expect(WALL_LOSS_W_M2_K.enamel.value).toBe(12);
    expect(WALL_LOSS_W_M2_K.iron.value).toBe(12);
    expect(WALL_LOSS_W_M2_K.steel.value).toBe(7);
    expect(BODY_HEAT_KJ_KG_K.steel.value).toBe(0.5);
    expect(BODY_HEAT_KJ_KG_K.iron.value).toBe(0.46);
    expect(BODY_HEAT_KJ_KG_K.aluminium.value).toBe(0.9);
    expect(BODY_HEAT_KJ_KG_K.ceramic.value).toBe(0.88);
    expect(THERMAL_DIFFUSIVITY_M2_S.value).toBe(1.35e-7);
  });

  test("steam and what stays behind", () => {
    expect(Object.values(SIMMER_FLUX_KG_M2_H).map((c) => c.value)).toEqual([5, 10, 17, 30]);
    expect(SIMMER_FLUX_KG_M2_H.bare.sigmaLog).toBe(0.5);
    expect(SIMMER_FLUX_KG_M2_H.gentle.sigmaLog).toBe(0.35);
    expect(LID_FACTOR.off.value).toBe(1);
    expect(LID_FACTOR.ajar.value).toBe(0.35);
    expect(LID_FACTOR.on.value).toBe(0.08);
    expect(LID_FACTOR.heavy.value).toBe(0.04);
    expect(LEFT_ON_SOLIDS_L_KG.value).toBe(0.08);
    expect(LEFT_ON_PRESSED_L_KG.value).toBe(0.03);
    expect(LEFT_IN_CLOTH_L.value).toBe(0.05);
  });

  test("flavour windows and sets", () => {
    const row = (k: keyof typeof FLAVOUR_WINDOWS) => [
      FLAVOUR_WINDOWS[k].from.value,
      FLAVOUR_WINDOWS[k].ideal.value,
      FLAVOUR_WINDOWS[k].past.value,
    ];
    expect(row("fish")).toEqual([8, 15, 25]);
    expect(row("vegetable")).toEqual([15, 25, 100]);
    expect(row("poultry")).toEqual([60, 150, 600]);
    expect(row("meat")).toEqual([100, 250, 900]);
    expect(Object.values(SET_FROM_GL).map((c) => c.value)).toEqual([6, 12, 22, 40]);
  });

  test("spreads", () => {
    expect(SPREAD.efficiency.value).toBe(0.2);
    expect(SPREAD.extraction.value).toBe(0.25);
    expect(SPREAD.freed.value).toBe(0.15);
    expect(SPREAD.zC.value).toBe(4);
  });
});

describe("the catalogue's numbers are those of the model", () => {
  test.each([
    ["chickenFeet", 90, 90],
    ["chickenBacks", 35, 110],
    ["chickenFrame", 35, 110],
    ["chickenWings", 35, 110],
    ["pigeonFrame", 25, 120],
    ["pheasantFrame", 25, 120],
    ["whiteFishFrame", 25, 15],
    ["smokedTroutFrame", 25, 15],
    ["porkTrotter", 95, 200],
    ["porkSkin", 95, 200],
    ["porkNeckBones", 30, 200],
    ["porkRibs", 30, 200],
    ["vealKnuckle", 60, 220],
    ["beefKnuckle", 45, 300],
    ["beefMarrow", 15, 350],
    ["oxtail", 50, 260],
    ["lambNeck", 35, 220],
    ["lambShankBone", 35, 220],
    ["goatNeck", 35, 220],
    ["deerJoint", 40, 300],
  ])("%s gives %d g/kg with K %d", (id, gGKg, kMin) => {
    expect(ingredientById(id).gelatinGKg?.value).toBe(gGKg);
    expect(ingredientById(id).gelatinKMin?.value).toBe(kMin);
  });

  test.each([
    ["beefChuck", 0.33],
    ["beefShank", 0.26],
    ["beefBrisket", 0.36],
    ["deerDice", 0.28],
    ["porkShoulder", 0.34],
    ["chickenThigh", 0.24],
    ["mincedBeef", 0.27],
    ["sausage", 0.2],
  ])("%s frees %d of its weight", (id, share) => {
    expect(ingredientById(id).meatFreed?.value).toBe(share);
  });

  test("lean cuts free 93 % juice, others 80 %", () => {
    expect(ingredientById("deerDice").fatOfFreed?.value).toBe(0.07);
    expect(ingredientById("beefChuck").fatOfFreed?.value).toBe(0.2);
  });

  test.each([
    ["onion", 0.25],
    ["mushroom", 0.45],
    ["tomato", 0.6],
    ["cabbage", 0.2],
    ["celery", 0.15],
    ["pepper", 0.2],
    ["carrot", 0.08],
    ["beet", 0.08],
    ["squash", 0.15],
    ["potato", 0],
    ["mussels", 0.15],
  ])("%s lets go %d of its weight", (id, share) => {
    expect(ingredientById(id).vegetableFreed?.value).toBe(share);
  });

  test.each([
    ["kidneyBean", 1.35],
    ["chickpea", 1.25],
    ["brownLentil", 1.5],
    ["pearlBarley", 2.7],
    ["rice", 2.2],
    ["pasta", 1.4],
    ["prune", 0.8],
    ["driedMushroom", 5],
    ["kelp", 3.5],
    ["lambNeck", 0.03],
  ])("%s takes up %d L/kg", (id, litres) => {
    expect(ingredientById(id).uptakeLKg?.value).toBe(litres);
  });

  test.each([
    ["beefMarrow", 1.35, 0.4],
    ["lambNeck", 1.17, 0.45],
    ["chickenBacks", 1.1, 0.45],
    ["chickenFrame", 1.1, 0.35],
    ["pigeonFrame", 1.1, 0.25],
    ["beefChuck", 1.06, 0.58],
    ["carrot", 0.95, 0.55],
    ["chickpea", 1.25, 0.6],
  ])("%s weighs %d kg/L and packs to %d", (id, density, packing) => {
    expect(ingredientById(id).densityKgL.value).toBe(density);
    expect(ingredientById(id).packing.value).toBe(packing);
  });

  test.each([
    ["boughtStock", 8],
    ["lowSaltStock", 1.5],
    ["curedPork", 30],
    ["tableSalt", 1000],
  ])("%s holds %d g salt a kg", (id, gKg) => {
    expect(ingredientById(id).saltGKg?.value).toBe(gKg);
  });

  test("a litre of soy sauce holds 160 g, of fish sauce 250 g, a 10 g cube 4.5 g", () => {
    // By weight: soy sauce 1.18 kg/L, fish sauce 1.2 kg/L.
    expect((ingredientById("soySauce").saltGKg?.value ?? 0) * 1.18).toBeCloseTo(160, -1);
    expect((ingredientById("fishSauce").saltGKg?.value ?? 0) * 1.2).toBeCloseTo(250, -1);
    expect((ingredientById("stockCube").saltGKg?.value ?? 0) * 0.01).toBeCloseTo(4.5, 6);
  });
});
