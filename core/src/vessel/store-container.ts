import { CONTAINERS, CUPS } from "../units/limits";
import { z } from "../units/zod";
import { nameUpTo, numberIn } from "../units/text-schema";

/** What portions are kept in. */
export const STORE_KINDS = ["mould", "tray", "jar", "shoulderJar", "bag", "tub"] as const;
export type StoreKind = (typeof STORE_KINDS)[number];

/** One kind of container of this kitchen, by what it holds to the brim. */
export const StoreContainerSchema = z
  .object({
    id: z.string().min(1).max(80),
    name: nameUpTo(60),
    kind: z.enum(STORE_KINDS),
    /** One cup of a mould, or the whole container, to the brim, L. */
    capacityL: z.number().min(0.01).max(50),
    /** Height inside, m: jars and tubs leave their headspace by it. */
    heightM: z.number().min(0.01).max(1).optional(),
    /** What a jar with a shoulder holds up to it, L. */
    shoulderL: z.number().min(0.01).max(50).optional(),
    /** Cups in one mould. */
    cups: numberIn(CUPS).int().default(1),
    /** How many of it the kitchen has; null where there are always enough. */
    have: numberIn(CONTAINERS).int().nullable().default(null),
  })
  .check((context) => {
    const c = context.value;
    const miss = (path: string, message: string) =>
      context.issues.push({ code: "custom", input: c, path: [path], message });
    if (
      (c.kind === "jar" || c.kind === "shoulderJar" || c.kind === "tub") &&
      c.heightM === undefined
    )
      miss("heightM", "Jars and tubs need their height inside, for the headspace.");
    if (c.kind === "shoulderJar" && c.shoulderL === undefined)
      miss("shoulderL", "Say what the jar holds up to its shoulder.");
    if (c.shoulderL !== undefined && c.shoulderL > c.capacityL)
      miss("shoulderL", "It holds less to the shoulder than to the brim; check both.");
  });
export type StoreContainer = z.infer<typeof StoreContainerSchema>;
