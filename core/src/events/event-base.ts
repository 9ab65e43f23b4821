import { SCHEMA_VERSION } from "../simulate/schema-version";
import { AtMs } from "../units/text-schema";
import { z } from "../units/zod";

/** What names a pot, an ingredient, a stretch. */
export const Id = z.string().min(1).max(80);

/** Litres that are poured or ladled at one go. */
export const PouredL = z.number().positive().max(100);

/** Who read it: the cook by hand (also where nothing is said), or an instrument. */
export const Source = z.enum(["hand", "instrument"]).optional();

/** One kind of event: what every entry of a log holds, and what only this one does. */
export const event = <K extends string, S extends z.ZodRawShape>(kind: K, facts: S) =>
  z.object({
    id: Id,
    batchId: Id,
    atMs: AtMs,
    schemaVersion: z.literal(SCHEMA_VERSION),
    /** Beside the wall's clock, one that only counts on, ms, while its page lives: a wall clock can be set. */
    clock: z.object({ page: Id, monoMs: z.number().min(0).max(1e13) }).optional(),
    kind: z.literal(kind),
    ...facts,
  });

/** What is of one of these kinds. */
export type EventOf<Schemas extends Readonly<Record<string, z.ZodType>>> = z.infer<
  Schemas[keyof Schemas]
>;
