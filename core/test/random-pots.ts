import { SCHEMA_VERSION } from "../src/simulate/schema-version";
import { KitchenSchema, type Kitchen } from "../src/simulate/kitchen-schema";
import { PlanSchema, type Plan } from "../src/simulate/plan-schema";
import { testKitchen } from "./kitchen";

/** A pot made at random: on any heat, with any end, things that go in late or come out, one stretch or two. */
export interface RandomPot {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly waterKg: number;
}

const MAIN = ["lambNeck", "goatShoulder", "beefShank", "chickenThigh", "porkTrotter", "beefBones"];

/** `random` gives numbers from 0 to 1. */
export function randomPot(random: () => number): RandomPot {
  const between = (low: number, high: number) => low + (high - low) * random();
  const one = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)] as T;
  const chance = (share: number) => random() < share;
  const method = one(["hob", "hob", "hob", "oven", "slowCooker", "pressure"] as const);
  const vesselId = {
    hob: one(["tall", "casserole"]),
    oven: "casserole",
    slowCooker: "crock",
    pressure: "pressure",
  }[method];
  const roomL = { tall: 11, casserole: 5, crock: 6, pressure: 7 }[vesselId] ?? 5;
  const waterL = roomL * between(0.2, 0.5);
  const massKg = roomL * between(0.08, 0.28);
  const hob = {
    method: "hob" as const,
    vigour: one(["bare", "gentle", "steady", "rolling"] as const),
    lid: one(["off", "ajar", "on"] as const),
    boilFirstMin: chance(0.5) ? Math.round(between(2, 15)) : null,
  };
  const heat = {
    hob,
    oven: {
      method: "oven" as const,
      ovenId: "oven",
      ovenC: Math.round(between(110, 200)),
      lid: one(["off", "on"] as const),
      start: one(["hot", "cold"] as const),
    },
    slowCooker: {
      method: "slowCooker" as const,
      setting: one(["low", "high"] as const),
      lidLifts: Math.floor(between(0, 3)),
      warmMin: chance(0.3) ? 60 : 0,
    },
    pressure: {
      method: "pressure" as const,
      setting: one(["high", "low"] as const),
      release: one(["natural", "quick"] as const),
    },
  }[method];
  const longest = { hob: 1440, oven: 300, slowCooker: 600, pressure: 90 }[method];
  const holdMin = Math.round(between(longest / 12, longest));
  const isOpen = method === "hob" && hob.lid === "off";
  const stop =
    isOpen && chance(0.5)
      ? { by: "share" as const, share: between(0.7, 0.9) }
      : {
          by: "time" as const,
          holdMin: method === "hob" ? Math.min(holdMin, isOpen ? 240 : 1440) : holdMin,
        };

  const items: object[] = [
    {
      id: "main",
      ingredientId: one(MAIN),
      massKg,
      when: { at: "start" },
      frozen: chance(0.15),
      ...(chance(0.5)
        ? { piece: { kind: "brick", sizeM: [0, 0, 0].map(() => between(0.015, 0.07)) } }
        : {}),
    },
    { id: "onion", ingredientId: "onion", massKg: massKg * 0.15, when: { at: "start" } },
  ];
  if (method !== "pressure" && stop.by === "time")
    items.push({
      id: "late",
      ingredientId: "carrot",
      massKg: massKg * 0.2,
      when: { at: "beforeEnd", min: Math.round(between(10, 40)) },
    });
  const isFollowed = method !== "pressure" && chance(0.3);
  const plan = PlanSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: "random",
    name: "A pot",
    vesselId,
    ringId: "gas",
    pieceM: between(0.015, 0.07),
    items,
    water: { by: "amount", volumeL: waterL },
    heat,
    stop,
    ...(isFollowed
      ? {
          then: [
            chance(0.5)
              ? {
                  id: "then",
                  heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
                  stop: { by: "time", holdMin: 45 },
                }
              : {
                  id: "then",
                  heat: { method: "rest", lid: "on" },
                  stop: { by: "time", holdMin: 60 },
                },
          ],
        }
      : {}),
    end: one(["strained", "served"] as const),
  });
  const kitchen = KitchenSchema.parse({
    ...testKitchen({ altitudeM: Math.round(between(0, 2400)) }),
    waterC: Math.round(between(6, 25)),
  });
  return { plan, kitchen, waterKg: waterL };
}
