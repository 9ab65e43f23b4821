import { COOLING_WAYS } from "../../cool/ways";
import { LEAST_KG } from "../../units/limits";
import { z } from "../../units/zod";
import { event, Id, type EventOf } from "../event-base";

/** How a pot is chilled: all of it, in so many of a vessel or tray, from fromC on. */
export const ChillSchema = z.object({
  containerId: Id,
  count: z.number().int().min(1).max(200),
  massKg: z.number().min(LEAST_KG).max(500),
  fromC: z.number().min(5).max(110),
  isThick: z.boolean(),
  stages: z
    .array(z.object({ way: z.enum(COOLING_WAYS), min: z.number().min(0).max(1440) }))
    .min(1)
    .max(4),
});
export type Chill = z.infer<typeof ChillSchema>;

/** From hot to cold. */
export const CHILL = {
  /** Chilling begins: in what, and by which stages. Replaces what was begun before. */
  chillBegun: event("chillBegun", { chill: ChillSchema }),
  /** Moved while it cools: into other things or another way, as warm as it was then. The clock of the code runs on. */
  chillMoved: event("chillMoved", { chill: ChillSchema }),
  chillRead: event("chillRead", { tempC: z.number().min(-20).max(110) }),
  chilled: event("chilled", {}),
};
export type ChillEvent = EventOf<typeof CHILL>;
