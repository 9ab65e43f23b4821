import { outcomeOf, Problem } from "../units/problem";
import type { Kitchen } from "./kitchen-schema";
import type { Plan } from "./plan-schema";
import { standsOnHob } from "./references";
import { bonesKg, fitIn, waterL, type PotFit } from "./water-ways";

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
 * From the wanted result back: for every pot that stands on the hob, the bones and water that leave
 * wantedCold litres at the given water-to-bone ratio, whether they fit, and in how many loads they do.
 * The plan gives everything else (heat, lid, time, kind of bones). Pots that fit come first, smallest first.
 * @throws Problem `notReachable` where the plan has no bones to scale
 */
export function backwardFrom(
  plan: Plan,
  kitchen: Kitchen,
  wantedCold: number,
  waterPerBone: number,
): readonly BackwardOption[] {
  if (bonesKg(plan) <= 0)
    throw new Problem(
      "notReachable",
      "items",
      plan.items.length,
      "Say which bones or meat first; then the amount can be worked out.",
    );
  const options = kitchen.vessels.filter(standsOnHob).flatMap((vessel) => {
    const inVessel: Plan = { ...plan, vesselId: vessel.id };
    for (let loads = 1; loads <= 6; loads++) {
      const found = outcomeOf(() => sized(inVessel, kitchen, wantedCold / loads, waterPerBone));
      if (!found.ok) continue;
      const fit = fitIn(vessel, scaled(inVessel, found.value.by), found.value.waterL);
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

/** Bones and water for wantedCold litres: the ratio's water follows the bones until they agree. */
function sized(plan: Plan, kitchen: Kitchen, wantedCold: number, waterPerBone: number) {
  let by = wantedCold / Math.max(0.1, bonesKg(plan) * waterPerBone * 0.7);
  let water = 0;
  for (let round = 0; round < 12; round++) {
    const trial = scaled(plan, by);
    water = waterL(trial, kitchen, {
      by: "left",
      wanted: { by: "volume", volumeL: wantedCold },
    });
    const next = water / waterPerBone / bonesKg(plan);
    const done = Math.abs(next - by) < 1e-4 * by;
    by = next;
    if (done) break;
  }
  return { by, bonesKg: by * bonesKg(plan), waterL: water };
}
