import { SCHEMA_VERSION } from "../src/simulate/schema-version";
import { KitchenSchema, type Kitchen } from "../src/simulate/kitchen-schema";
import { PlanSchema, type Plan } from "../src/simulate/plan-schema";
import type { z } from "../src/units/zod";

/** A small kitchen for tests: one straight and one tapered pot, one gas ring. */
export const testKitchen = (over: Partial<z.input<typeof KitchenSchema>> = {}): Kitchen =>
  KitchenSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: "kitchen",
    name: "Bramholt Hut",
    altitudeM: 1640,
    units: "both",
    vessels: [
      {
        id: "tall",
        name: "Tall stockpot",
        kind: "pot",
        shape: "round",
        bottomM: [0.26, 0.26],
        topM: [0.26, 0.26],
        heightM: 0.226,
        massKg: 2.2,
        body: "enamel",
        lid: "ordinary",
      },
      {
        id: "casserole",
        name: "Oval casserole",
        kind: "casserole",
        shape: "oval",
        bottomM: [0.28, 0.2],
        topM: [0.31, 0.23],
        heightM: 0.11,
        massKg: 5.2,
        body: "iron",
        lid: "heavy",
      },
      {
        id: "crock",
        name: "Slow cooker",
        kind: "slowCooker",
        shape: "oval",
        bottomM: [0.26, 0.2],
        topM: [0.3, 0.24],
        heightM: 0.13,
        massKg: 3.5,
        body: "ceramic",
        lid: "ordinary",
      },
      {
        id: "pressure",
        name: "Pressure cooker",
        kind: "pressureCooker",
        shape: "round",
        bottomM: [0.22, 0.22],
        topM: [0.22, 0.22],
        heightM: 0.197,
        massKg: 2.9,
        body: "steel",
        lid: "heavy",
        pressure: { drive: "stovetop", highKPa: 103, lowKPa: 60 },
      },
    ],
    ovens: [{ id: "oven", name: "Oven" }],
    rings: [{ id: "gas", name: "Gas ring", kind: "gas", powerW: 3000 }],
    ...over,
  });

/** Lamb neck broth, 2.2 kg in 4.4 L, six hours at a bare simmer with the lid off. */
export const testPlan = (over: Partial<z.input<typeof PlanSchema>> = {}): Plan =>
  PlanSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: "plan",
    name: "Lamb neck broth",
    vesselId: "tall",
    ringId: "gas",
    items: [
      {
        id: "neck",
        ingredientId: "lambNeck",
        massKg: 2.2,
        when: { at: "start" },
      },
      {
        id: "onion",
        ingredientId: "onion",
        massKg: 0.18,
        when: { at: "beforeEnd", min: 60 },
      },
    ],
    water: { by: "amount", volumeL: 4.4 },
    heat: { method: "hob", vigour: "bare", lid: "off", boilFirstMin: 5 },
    stop: { by: "time", holdMin: 360 },
    ...over,
  });

type PlanGiven = z.input<typeof PlanSchema>;

/** The usual way of each heat, for tests. */
export const HEATS = {
  hob: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
  oven: { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" },
  low: { method: "slowCooker", setting: "low" },
  high: { method: "slowCooker", setting: "high" },
  pressure: { method: "pressure", setting: "high" },
} as const satisfies Record<string, PlanGiven["heat"]>;
export type HeatName = keyof typeof HEATS;

/** The test kitchen's vessel for each heat. */
export const VESSEL_OF: Record<HeatName, string> = {
  hob: "casserole",
  oven: "casserole",
  low: "crock",
  high: "crock",
  pressure: "pressure",
};

/** A braise of 1.4 kg in 4 cm dice, 0.9 L of water, 165 min in the oven. */
export const testBraise = (over: Partial<PlanGiven> = {}): Plan =>
  testPlan({
    id: "braise",
    name: "Goat braise",
    vesselId: "casserole",
    items: [
      {
        id: "goat",
        ingredientId: "goatShoulder",
        massKg: 1.4,
        when: { at: "start" },
        piece: { kind: "brick", sizeM: [0.04, 0.04, 0.04] },
      },
    ],
    water: { by: "amount", volumeL: 0.9 },
    heat: HEATS.oven,
    stop: { by: "time", holdMin: 165 },
    strain: { when: "atOnce", pressed: false, clothPasses: 0 },
    ...over,
  });
