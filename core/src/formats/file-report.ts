import { SCHEMA_VERSION } from "../simulate/schema-version";
import type { z } from "../units/zod";
import { BatchSchema } from "../batch/batch-schema";
import { CookEventSchema } from "../events/event-schema";
import { PictureSchema } from "../batch/picture-schema";
import { ClockSchema } from "../simulate/clock-schema";
import { LarderEventSchema } from "../larder/larder-schema";
import { KitchenSchema } from "../simulate/kitchen-schema";
import { PlanSchema } from "../simulate/plan-schema";
import { KettlosFileSchema, headOf, SettingSchema, type KettlosFile } from "./kettlos-json";
import { parseJson, pathText, type FileProblem } from "./file-problem";
import { migrateFile } from "./migrate";
import { repair, type Repair } from "./repair";

/** What a file holds and what would be done to take it in; nothing is done before a yes. */
export interface FileReport {
  readonly file: KettlosFile;
  /** What would be repaired, and how. */
  readonly repaired: readonly FileProblem[];
  /** What would be left out, and why. */
  readonly leftOut: readonly FileProblem[];
}

export type ReportedFile =
  | { readonly ok: true; readonly report: FileReport }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

/**
 * Reads the text of a Kettlos JSON file as far as it is whole: what is wrong in it is repaired or left out,
 * each with its path and reason. Only a file that is none, of a newer version, or without a kitchen is
 * refused.
 */
export function reportOf(text: string): ReportedFile {
  const parsed = parseJson(text);
  if (!parsed.ok) return { ok: false, problems: [parsed.problem] };
  const problem = headOf(parsed.data);
  if (problem !== null) return { ok: false, problems: [problem] };
  return reportOfData(migrateFile(parsed.data));
}

/** What stands in for a field of a kitchen that cannot be read; that it does is said. */
const USUAL_KITCHEN = {
  schemaVersion: SCHEMA_VERSION,
  id: "kitchen",
  name: "Kitchen",
  altitudeM: 0,
  units: "both",
  vessels: [],
  rings: [],
};

function reportOfData(data: unknown): ReportedFile {
  const whole = KettlosFileSchema.safeParse(data);
  if (whole.success) return { ok: true, report: { file: whole.data, repaired: [], leftOut: [] } };
  const raw = data as Record<string, unknown>;
  const repaired: FileProblem[] = [];
  const leftOut: FileProblem[] = [];
  const kitchen = repair(KitchenSchema, raw["kitchen"], USUAL_KITCHEN);
  if (!kitchen.ok)
    return {
      ok: false,
      problems: [{ path: pathText(["kitchen", ...kitchen.path]), message: kitchen.message }],
    };
  repaired.push(...kitchen.repairs.map((r) => told(["kitchen"], r)));
  const listOf = <T extends object>(
    name: string,
    schema: z.ZodType<T>,
    isEvent: boolean,
    idOf: (item: T) => string,
  ): T[] => {
    const ids = new Set<string>();
    const list = raw[name];
    if (!Array.isArray(list)) return [];
    return list.flatMap((entry: unknown, i): T[] => {
      // An event says what was done: half of one is none.
      const made = repair(schema, entry);
      const isPatched = made.ok && made.repairs.length > 0;
      if (!made.ok || (isEvent && isPatched)) {
        const why = made.ok ? made.repairs[0] : made;
        leftOut.push({
          path: pathText([name, i, ...(why?.path ?? [])]),
          message: why?.message ?? "",
        });
        return [];
      }
      const id = idOf(made.value);
      if (ids.has(id)) {
        leftOut.push({
          path: pathText([name, i]),
          message: `There is another with the id "${id}".`,
        });
        return [];
      }
      ids.add(id);
      repaired.push(...made.repairs.map((r) => told([name, i], r)));
      return [made.value];
    });
  };
  const withId = (item: { id: string }) => item.id;
  const plans = listOf("plans", PlanSchema, false, withId);
  const batches = listOf("batches", BatchSchema, false, withId);
  const known = new Set(batches.map((b) => b.id));
  const isOfBatch =
    (name: string) =>
    ({ id, batchId }: { id: string; batchId: string }): boolean => {
      if (known.has(batchId)) return true;
      leftOut.push({ path: `${name} "${id}"`, message: `No batch "${batchId}" in the file.` });
      return false;
    };
  const events = listOf("events", CookEventSchema, true, withId).filter(isOfBatch("events"));
  const pictures = listOf("pictures", PictureSchema, true, withId).filter(isOfBatch("pictures"));
  const larder = listOf("larder", LarderEventSchema, true, withId);
  const settings = listOf("settings", SettingSchema, false, (s) => s.key);
  const clock = raw["clock"] === undefined ? null : repair(ClockSchema, raw["clock"]);
  if (clock?.ok === true) repaired.push(...clock.repairs.map((r) => told(["clock"], r)));
  else if (clock !== null)
    leftOut.push({ path: pathText(["clock", ...clock.path]), message: clock.message });
  const { exportedAt, part } = raw;
  const file = KettlosFileSchema.safeParse({
    format: "kettlos",
    schemaVersion: SCHEMA_VERSION,
    ...(typeof exportedAt === "string" ? { exportedAt } : {}),
    ...(part === "pots" || part === "plans" ? { part } : {}),
    kitchen: kitchen.value,
    plans,
    batches,
    events,
    pictures,
    larder,
    ...(clock?.ok === true ? { clock: clock.value } : {}),
    settings,
  });
  if (file.success) return { ok: true, report: { file: file.data, repaired, leftOut } };
  return {
    ok: false,
    problems: file.error.issues.map((i) => ({ path: pathText(i.path), message: i.message })),
  };
}

const told = (under: readonly PropertyKey[], { path, did, message }: Repair): FileProblem => ({
  path: pathText([...under, ...path]),
  message: `${did === "removed" ? "Taken out" : "Set to what is usual"}: ${message}`,
});
