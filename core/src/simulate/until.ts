import { Problem } from "../units/problem";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { boundFlourG } from "./binding";
import type { Plan, Stop } from "./plan-schema";

/** The end of a stretch: after so long, at a cook value, where its level is reached, or so hot. */
export type Until =
  | { readonly by: "time"; readonly holdMin: number }
  | { readonly by: "level" }
  | { readonly by: "temperature"; readonly tempC: number }
  | { readonly by: "cook"; readonly cookMin: number };

/**
 * Liquid at which it stops, kg, of startKg; below nothing where it stops by depth. As thick as is said it is
 * with so much liquid to what binds in it.
 */
export function wantedKg(stop: Stop, startKg: number, plan: Pick<Plan, "items">): number {
  switch (stop.by) {
    case "liquid":
      return stop.liquidL * COLD_DENSITY_KG_L;
    case "share":
      return startKg * stop.share;
    case "thick":
      return (boundFlourG(plan) / stop.flourGL) * COLD_DENSITY_KG_L;
    default:
      return -1;
  }
}

const NEVER: Readonly<Record<Exclude<Until["by"], "time">, string>> = {
  cook: "It does not get tender within two days at this heat. Cook it hotter or cut it smaller.",
  level:
    "It does not get down that far within two days. Take the lid off, turn the heat up, or start with less water.",
  temperature:
    "It does not come to that temperature within two days. Say another, or set the heat otherwise.",
};

/** Why a hold never came to its end. */
export function neverThere(until: Until, stop: Stop): Problem {
  const value = until.by === "cook" ? until.cookMin : stop.by;
  return new Problem(
    "notReachable",
    "stop",
    value,
    NEVER[until.by === "time" ? "level" : until.by],
  );
}
