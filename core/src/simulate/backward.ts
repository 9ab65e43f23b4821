import { startContents } from "./start-contents";
import { resolve, type SetPot } from "./set-pot";
import { outcomeOf, Problem } from "../units/problem";
import type { Plan } from "./plan-schema";
import { overRim } from "./over-rim";
import { suitsPlan, vesselOf } from "./references";
import { simulate } from "./simulate";
import { coldWaterKg } from "./stated-water";
import { fitIn, type PotFit } from "./pot-fit";

/** A pot that would give the wanted result, with what it takes. */
export interface BackwardOption {
  readonly vesselId: string;
  readonly bonesKg: number;
  readonly waterL: number;
  readonly fit: PotFit;
  /** Pots to cook one after the other, or side by side; 1 where it fits in one. */
  readonly loads: number;
}

const scaled = (plan: Plan, by: number): Plan => ({
  ...plan,
  items: plan.items.map((i) => ({ ...i, massKg: i.massKg * by })),
});

/**
 * From the wanted result back: for every pot that suits the plan's heat, the bones and water that leave
 * wantedCold litres at the given water-to-bone ratio, whether they fit, and in how many loads they do.
 * The plan gives everything else (heat, lid, time, kind of bones). Pots that fit come first, smallest first.
 * @throws Problem `notReachable` where the plan has no bones to scale
 */
export function backwardFrom(
  { plan, kitchen, start }: SetPot,
  wantedCold: number,
  waterPerBone: number,
): readonly BackwardOption[] {
  if (start.bonesKg <= 0)
    throw new Problem(
      "notReachable",
      "items",
      plan.items.length,
      "Say which bones or meat first; then the amount can be worked out.",
    );
  const options = kitchen.vessels
    .filter((v) => suitsPlan(v, plan))
    .flatMap((vessel) => {
      const inVessel: Plan = { ...plan, vesselId: vessel.id };
      for (let loads = 1; loads <= 6; loads++) {
        const found = outcomeOf(() =>
          sized(resolve(inVessel, kitchen), wantedCold / loads, waterPerBone),
        );
        if (!found.ok) continue;
        const fit = fitIn(
          vessel,
          startContents(scaled(inVessel, found.value.by)),
          found.value.waterL,
        );
        if (fit.limit === "fits")
          return [
            {
              vesselId: vessel.id,
              bonesKg: found.value.bonesKg,
              waterL: found.value.waterL,
              fit,
              loads,
            },
          ];
      }
      return [];
    });
  return options.sort(
    (a, b) => a.loads - b.loads || a.waterL - b.waterL || a.fit.roomL - b.fit.roomL,
  );
}

/**
 * Bones and water for wantedCold litres: both grow together at the ratio, and more of both leaves more,
 * so one unknown is found by the secant method inside a bracket.
 */
function sized(setPot: SetPot, wantedCold: number, waterPerBone: number) {
  const { plan, kitchen } = setPot;
  const bones = setPot.start.bonesKg;
  const vessel = vesselOf(setPot);
  const waterFor = (by: number) => waterPerBone * bones * by;
  const missAt = (by: number): number => {
    const waterKg = coldWaterKg(waterFor(by), kitchen);
    const trace = simulate(resolve(scaled(plan, by), kitchen), { waterKg });
    // Too much to go in: whether the answer itself fits is judged by its fit.
    if (overRim(trace, vessel) !== null) return wantedCold;
    if (trace.problem?.code === "boiledDry") return -wantedCold;
    if (trace.problem !== null) throw trace.problem;
    return trace.strained.volumeL - wantedCold;
  };
  let low = wantedCold / waterFor(1) / 2;
  let lowMiss = missAt(low);
  let high = low * 2.6;
  let highMiss = missAt(high);
  for (let i = 0; highMiss < 0 && i < 6; i++) {
    [low, lowMiss] = [high, highMiss];
    high *= 1.5;
    highMiss = missAt(high);
  }
  if (lowMiss > 0 || highMiss < 0)
    throw new Problem(
      "notReachable",
      "wanted",
      wantedCold,
      "No amount of bones leaves that much here.",
    );
  let by = high;
  for (let i = 0; i < 20; i++) {
    const secant = low - (lowMiss * (high - low)) / (highMiss - lowMiss);
    by = i % 3 === 2 ? (low + high) / 2 : secant;
    const miss = missAt(by);
    if (Math.abs(miss) < 1e-4 * wantedCold) break;
    if (miss < 0) [low, lowMiss] = [by, miss];
    else [high, highMiss] = [by, miss];
  }
  return { by, bonesKg: by * bones, waterL: waterFor(by) };
}
