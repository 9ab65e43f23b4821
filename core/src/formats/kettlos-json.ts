import { SCHEMA_VERSION } from "../simulate/schema-version";
import { z } from "../units/zod";
import { BatchSchema } from "../batch/batch-schema";
import { CookEventSchema } from "../events/event-schema";
import { PictureSchema } from "../batch/picture-schema";
import { LarderEventSchema } from "../larder/larder-schema";
import { ClockSchema } from "../simulate/clock-schema";
import { KitchenSchema } from "../simulate/kitchen-schema";
import { PlanSchema } from "../simulate/plan-schema";
import { parseJson, pathText, type FileProblem } from "./file-problem";
import { migrateFile } from "./migrate";

export type { FileProblem } from "./file-problem";

/** More than a lifetime of cooking; instruments give thousands of events a pot. */
const MOST_PLANS = 20_000;
const MOST_BATCHES = 100_000;
const MOST_EVENTS = 5_000_000;
const MOST_PICTURES = 20_000;

/** One setting of a browser, as text. */
export const SettingSchema = z.object({
  key: z.string().min(1).max(120),
  value: z.string().max(20_000),
});

const uniqueIds = (items: readonly { id: string }[]) =>
  new Set(items.map((i) => i.id)).size === items.length;

/** The Kettlos JSON file: a kitchen with its plans, batches, events and larder. Described in docs/format.md. */
export const KettlosFileSchema = z
  .object({
    format: z.literal("kettlos"),
    schemaVersion: z.literal(SCHEMA_VERSION),
    /** No whole kitchen, but some of its pots or plans: added to another, they bring nothing else along. */
    part: z.enum(["pots", "plans"]).optional(),
    exportedAt: z.iso.datetime({ offset: true }).optional(),
    kitchen: KitchenSchema,
    plans: z.array(PlanSchema).max(MOST_PLANS).refine(uniqueIds, "Two plans have the same id."),
    batches: z
      .array(BatchSchema)
      .max(MOST_BATCHES)
      .refine(uniqueIds, "Two batches have the same id.")
      .default([]),
    events: z
      .array(CookEventSchema)
      .max(MOST_EVENTS)
      .refine(uniqueIds, "Two events have the same id.")
      .default([]),
    /** Pictures of its batches. */
    pictures: z
      .array(PictureSchema)
      .max(MOST_PICTURES)
      .refine(uniqueIds, "Two pictures have the same id.")
      .default([]),
    /** What happened in the larder, in the order of writing. */
    larder: z
      .array(LarderEventSchema)
      .max(MOST_EVENTS)
      .refine(uniqueIds, "Two larder events have the same id.")
      .default([]),
    /** Meals, pots for no meal, and what was put on the clock by hand. */
    clock: ClockSchema.optional(),
    /** What this browser was told once: whether it may ring, and the like. */
    settings: z.array(SettingSchema).max(2000).default([]),
  })
  .check((context) => {
    const file = context.value;
    const batches = new Set(file.batches.map((b) => b.id));
    const miss = (path: (string | number)[], input: unknown, message: string) =>
      context.issues.push({ code: "custom", input, path, message });
    for (const list of ["events", "pictures"] as const)
      file[list].forEach(({ batchId }, i) => {
        if (!batches.has(batchId))
          miss([list, i, "batchId"], batchId, `No batch "${batchId}" in the file.`);
      });
  });
export type KettlosFile = z.infer<typeof KettlosFileSchema>;

export type FileReading =
  | { readonly ok: true; readonly file: KettlosFile }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

const MOST_PROBLEMS = 20;

/** Reads the text of a Kettlos JSON file. A bad or newer file is refused whole, with reasons. */
export function readKettlosFile(text: string): FileReading {
  const parsed = parseJson(text);
  return parsed.ok ? readKettlosData(parsed.data) : { ok: false, problems: [parsed.problem] };
}

/** Why these data are no file that this version reads; null where they may be one. */
export function headOf(data: unknown): FileProblem | null {
  const head = z.looseObject({ format: z.unknown(), schemaVersion: z.unknown() }).safeParse(data);
  if (!head.success || head.data.format !== "kettlos")
    return {
      path: "format",
      message: 'This is not a Kettlos file: "format" must be "kettlos".',
    };
  const version = head.data.schemaVersion;
  if (typeof version === "number" && version > SCHEMA_VERSION)
    return {
      path: "schemaVersion",
      message: `The file is of version ${version} and this Kettlos reads up to ${SCHEMA_VERSION}. Update Kettlos, then read it again.`,
    };
  return null;
}

/** As readKettlosFile, for data that is parsed already. */
export function readKettlosData(data: unknown): FileReading {
  const problem = headOf(data);
  if (problem !== null) return { ok: false, problems: [problem] };
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

/** Writes a Kettlos JSON file, without spaces. Reading it back gives the same data. */
export const writeKettlosFile = (file: KettlosFile): string => JSON.stringify(file);
