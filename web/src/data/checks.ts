import { pause } from "./pause";

/** What checks documents did not come: the network is away, and the browser has not kept it. */
class NotLoaded extends Error {
  override readonly name = "NotLoadedError";
}

/**
 * What documents are checked by before they are written. It comes once the first screen stands; whatever is written
 * waits for it, outside of any transaction: one that waits is over.
 * @throws NotLoaded where it does not come; what was to be written waits to be tried again
 */
export const checks = () =>
  import("./wholes").catch((cause: unknown) => {
    throw new NotLoaded("What checks documents did not come.", { cause });
  });

export type Checks = Awaited<ReturnType<typeof checks>>;

/** Each stands on those before it. All at once they would hold a slow device up for as long as a tap is felt to wait. */
const PARTS = [
  () => import("@kettlos/core/units/text-schema"),
  () => import("@kettlos/core/ingredient/label-schema"),
  () => import("@kettlos/core/simulate/teaching-schema"),
  () => import("@kettlos/core/vessel/vessel-schema"),
  () => import("@kettlos/core/simulate/hands-schema"),
  () => import("@kettlos/core/simulate/kitchen-schema"),
  () => import("@kettlos/core/heats/heat-schema"),
  () => import("@kettlos/core/simulate/plan-schema"),
  () => import("@kettlos/core/events/event-schema"),
  () => import("@kettlos/core/larder/larder-schema"),
  () => import("@kettlos/core/simulate/clock-schema"),
  checks,
];

/** Has them at hand before the first tap, each part in a task of its own; what does not come now comes when it is asked for. */
export async function bringChecks(): Promise<void> {
  for (const part of PARTS) {
    await part().catch(() => undefined);
    await pause();
  }
}
