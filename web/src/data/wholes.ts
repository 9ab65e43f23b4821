import { BatchSchema, type Batch } from "@kettlos/core/batch/batch-schema";
import { PictureSchema } from "@kettlos/core/batch/picture-schema";
import { CookEventSchema } from "@kettlos/core/events/event-schema";
import { LarderEventSchema } from "@kettlos/core/larder/larder-schema";
import { ClockSchema, type Clock } from "@kettlos/core/simulate/clock-schema";
import { KitchenSchema, type Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { PlanSchema, type Plan } from "@kettlos/core/simulate/plan-schema";
import { checked } from "./checked";

/** Documents as they may be written, each whole by its schema. @throws Problem `unreadable` */
export const wholeKitchen = (kitchen: Kitchen) => checked(KitchenSchema, kitchen, "The kitchen");
export const wholePlan = (plan: Plan, name = plan.name) =>
  checked(PlanSchema, plan, name || "The plan");
export const wholeBatch = (batch: Batch) => checked(BatchSchema, batch, batch.plan.name);
export const wholeEvent = (event: unknown) => checked(CookEventSchema, event, "This entry");
export const wholeLarderEvent = (event: unknown) => checked(LarderEventSchema, event, "This entry");
/** @param of what it is called where it cannot be kept: its file */
export const wholePicture = (picture: unknown, of: string) => checked(PictureSchema, picture, of);
export const wholeClock = (clock: Clock) => checked(ClockSchema, clock, "The clock");

/** Come with them: a change is merged, and an entry held against the log, as it is written. */
export { mayBeSaid, notSaidYet } from "@kettlos/core/batch/not-said-yet";
export { mergePlans } from "@kettlos/core/formats/merge-plans";
