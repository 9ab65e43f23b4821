import { z } from "zod";
import { BatchSchema, CookEventSchema } from "../batch/batch-schema";
import { LarderEventSchema } from "../larder/larder-schema";
import { KitchenSchema, SCHEMA_VERSION } from "../simulate/kitchen-schema";
import { PlanSchema } from "../simulate/plan-schema";
import { migrateFile } from "./migrate";

const uniqueIds = (items: readonly { id: string }[]) =>
  new Set(items.map((i) => i.id)).size === items.length;

/** The Kettlos JSON file: a kitchen with its plans, batches, events and larder. Described in docs/format.md. */
export const KettlosFileSchema = z
  .object({
    format: z.literal("kettlos"),
    schemaVersion: z.literal(SCHEMA_VERSION),
    exportedAt: z.iso.datetime({ offset: true }).optional(),
    kitchen: KitchenSchema,
    plans: z.array(PlanSchema).max(2000).refine(uniqueIds, "Two plans have the same id."),
    batches: z
      .array(BatchSchema)
      .max(5000)
      .refine(uniqueIds, "Two batches have the same id.")
      .default([]),
    events: z
      .array(CookEventSchema)
      .max(200_000)
      .refine(uniqueIds, "Two events have the same id.")
      .default([]),
    /** What happened in the larder, in the order of writing. */
    larder: z
      .array(LarderEventSchema)
      .max(200_000)
      .refine(uniqueIds, "Two larder events have the same id.")
      .default([]),
  })
  .check((context) => {
    const file = context.value;
    const vessels = new Set(file.kitchen.vessels.map((v) => v.id));
    const rings = new Set(file.kitchen.rings.map((r) => r.id));
    const ovens = new Set(file.kitchen.ovens.map((o) => o.id));
    const batches = new Set(file.batches.map((b) => b.id));
    const miss = (path: (string | number)[], input: unknown, message: string) =>
      context.issues.push({ code: "custom", input, path, message });
    file.plans.forEach((plan, i) => {
      if (!vessels.has(plan.vesselId))
        miss(
          ["plans", i, "vesselId"],
          plan.vesselId,
          `No vessel "${plan.vesselId}" in the kitchen.`,
        );
      if (!rings.has(plan.ringId))
        miss(["plans", i, "ringId"], plan.ringId, `No ring "${plan.ringId}" in the kitchen.`);
      if (plan.heat.method === "oven" && !ovens.has(plan.heat.ovenId))
        miss(
          ["plans", i, "heat", "ovenId"],
          plan.heat.ovenId,
          `No oven "${plan.heat.ovenId}" in the kitchen.`,
        );
    });
    file.events.forEach((event, i) => {
      if (!batches.has(event.batchId))
        miss(["events", i, "batchId"], event.batchId, `No batch "${event.batchId}" in the file.`);
    });
  });
export type KettlosFile = z.infer<typeof KettlosFileSchema>;

/** One thing wrong with a file: where, and what would be right. */
export interface FileProblem {
  readonly path: string;
  readonly message: string;
}

export type FileReading =
  | { readonly ok: true; readonly file: KettlosFile }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

/** Larger files are refused unread. */
export const MAX_FILE_CHARACTERS = 50_000_000;
const MOST_PROBLEMS = 20;

/** Reads the text of a Kettlos JSON file. A bad or newer file is refused whole, with reasons. */
export function readKettlosFile(text: string): FileReading {
  if (text.length > MAX_FILE_CHARACTERS)
    return refuse("", "The file is larger than 50 MB; it is not read.");
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return refuse(
      "",
      `This is not JSON: ${error instanceof Error ? error.message : "unreadable"}.`,
    );
  }
  return readKettlosData(data);
}

/** As readKettlosFile, for data that is parsed already. */
export function readKettlosData(data: unknown): FileReading {
  const head = z.looseObject({ format: z.unknown(), schemaVersion: z.unknown() }).safeParse(data);
  if (!head.success || head.data.format !== "kettlos")
    return refuse("format", 'This is not a Kettlos file: "format" must be "kettlos".');
  const version = head.data.schemaVersion;
  if (typeof version === "number" && version > SCHEMA_VERSION)
    return refuse(
      "schemaVersion",
      `The file is of version ${version} and this Kettlos reads up to ${SCHEMA_VERSION}. Update Kettlos, then read it again.`,
    );
  const parsed = KettlosFileSchema.safeParse(migrateFile(data));
  if (parsed.success) return { ok: true, file: parsed.data };
  return {
    ok: false,
    problems: parsed.error.issues.slice(0, MOST_PROBLEMS).map((issue) => ({
      path: pathText(issue.path),
      message: issue.message,
    })),
  };
}

const refuse = (path: string, message: string): FileReading => ({
  ok: false,
  problems: [{ path, message }],
});

const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, key) =>
      typeof key === "number"
        ? `${text}[${key}]`
        : text === ""
          ? String(key)
          : `${text}.${String(key)}`,
    "",
  );

/** Writes a Kettlos JSON file. Reading it back gives the same data. */
export const writeKettlosFile = (file: KettlosFile): string => `${JSON.stringify(file, null, 2)}\n`;
