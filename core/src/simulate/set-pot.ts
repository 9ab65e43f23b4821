import type { Ring } from "../heat/ring-schema";
import type { Vessel } from "../vessel/vessel-schema";
import type { Kitchen } from "./kitchen-schema";
import type { Plan } from "./plan-schema";
import { startContents, type StartContents } from "./start-contents";

/**
 * A plan set up in its kitchen: all it names there is looked up. What the kitchen has not got is undefined, and
 * says so where it is needed (`vesselOf`, `ringOf`): an impossible plan is resolved as far as it goes.
 */
export interface SetPot {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  /** Its pot, also where that does not suit the heat. */
  readonly vessel: Vessel | undefined;
  readonly ring: Ring | undefined;
  /** What lies in it when the water goes in. */
  readonly start: StartContents;
}

/** Sets a plan up in a kitchen, once; everything that is worked out of it takes what comes of this. */
export const resolve = (plan: Plan, kitchen: Kitchen): SetPot => ({
  plan,
  kitchen,
  vessel: findVessel(plan, kitchen),
  ring: kitchen.rings.find((r) => r.id === plan.ringId),
  start: startContents(plan),
});

/** The plan's vessel, also where it does not suit; undefined where this kitchen has none of that id. */
export const findVessel = (
  { vesselId }: Pick<Plan, "vesselId">,
  { vessels }: Pick<Kitchen, "vessels">,
): Vessel | undefined => vessels.find((v) => v.id === vesselId);
