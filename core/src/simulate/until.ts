import { Problem } from "../units/problem";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Stop } from "./plan-schema";

/** The end of a stretch: after so long, at a cook value, or where its level is reached. */
export type Until =
  | { readonly by: "time"; readonly holdMin: number }
  | { readonly by: "level" }
  | { readonly by: "cook"; readonly cookMin: number };

/** Liquid at which it stops, kg, of startKg; below nothing where it stops by depth. */
export function wantedKg(stop: Stop, startKg: number): number {
  if (stop.by === "liquid") return stop.liquidL * COLD_DENSITY_KG_L;
  return stop.by === "share" ? startKg * stop.share : -1;
}

/** Why a hold never came to its end. */
export function neverThere(until: Until, stop: Stop): Problem {
  return until.by === "cook"
    ? new Problem(
        "notReachable",
        "stop",
        until.cookMin,
        "It does not get tender within two days at this heat. Cook it hotter or cut it smaller.",
      )
    : new Problem(
        "notReachable",
        "stop",
        stop.by,
        "It does not get down that far within two days. Take the lid off, turn the heat up, or start with less water.",
      );
}
