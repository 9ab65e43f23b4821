import { KitchenSchema, type Kitchen } from "../src/simulate/kitchen-schema";
import { PlanSchema, type Plan } from "../src/simulate/plan-schema";
import type { z } from "zod";

/** A small kitchen for tests: one straight and one tapered pot, one gas ring. */
export const testKitchen = (over: Partial<z.input<typeof KitchenSchema>> = {}): Kitchen =>
  KitchenSchema.parse({
    schemaVersion: 1,
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
    ],
    rings: [{ id: "gas", name: "Gas ring", kind: "gas", powerW: 3000 }],
    ...over,
  });

/** Lamb neck broth, 2.2 kg in 4.4 L, six hours at a bare simmer with the lid off. */
export const testPlan = (over: Partial<z.input<typeof PlanSchema>> = {}): Plan =>
  PlanSchema.parse({
    schemaVersion: 1,
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
