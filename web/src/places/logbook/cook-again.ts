import { resolve } from "@kettlos/core/simulate/set-pot";
import { planOfCook } from "@kettlos/core/batch/plan-of-cook";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { newId } from "../../data/new-id";
import { plain } from "../../data/plain";
import type { PotState } from "../../data/pot-state";

/** What was really done becomes a plan; where so much of it is wanted, with the water that gives it. */
export function planLike(pot: PotState, wantedL: number | null): Plan {
  const { plan, kitchen } = pot.batch;
  const went = planOfCook(resolve(plain(plan), kitchen), pot.cook, newId());
  return wantedL === null
    ? went
    : { ...went, water: { by: "left", wanted: { by: "volume", volumeL: wantedL } } };
}
