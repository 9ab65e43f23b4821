import { BatchSchema } from "../batch/batch-schema";
import { PictureSchema } from "../batch/picture-schema";
import { CookEventSchema } from "../events/event-schema";
import { LarderEventSchema } from "../larder/larder-schema";
import { ClockSchema } from "../simulate/clock-schema";
import { KitchenSchema } from "../simulate/kitchen-schema";
import { PlanSchema } from "../simulate/plan-schema";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import type { z } from "../units/zod";
import { isFileList, type FileEntry, type FileHead, type FileList } from "./file-lists";
import { pathText, type FileProblem } from "./file-problem";
import { headOf, KettlosFileSchema, SettingSchema, type KettlosFile } from "./kettlos-json";
import {
  migrateBatch,
  migrateClock,
  migrateEvent,
  migrateKitchen,
  migrateLarderEvent,
  migratePicture,
  migratePlan,
} from "./migrate";
import { repair, type Repair } from "./repair";

/** What a file holds, and what would be repaired and left out of it. Of many faults the first are told, and how many there are. */
export interface FileReport {
  readonly head: FileHead;
  readonly counts: Readonly<Record<FileList, number>>;
  /** Names of plans, and of what its pots cooked: each once, the first few. */
  readonly planNames: readonly string[];
  readonly potNames: readonly string[];
  readonly repaired: readonly FileProblem[];
  readonly repairedCount: number;
  readonly leftOut: readonly FileProblem[];
  readonly leftOutCount: number;
}
export type CheckedFile =
  | { readonly ok: true; readonly report: FileReport }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

const MOST_TOLD = 200;
const MOST_NAMES = 6;

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

/** How the entries of a list are read. What says that something was done or seen is whole or none. */
interface Form {
  readonly schema: z.ZodType;
  readonly migrate: (value: unknown) => unknown;
  readonly isWhole: boolean;
  readonly idOf: (value: never) => string;
}
const byId = (value: { readonly id: string }) => value.id;
const FORMS: Readonly<Record<FileList, Form>> = {
  plans: { schema: PlanSchema, migrate: migratePlan, isWhole: false, idOf: byId },
  batches: { schema: BatchSchema, migrate: migrateBatch, isWhole: false, idOf: byId },
  events: { schema: CookEventSchema, migrate: migrateEvent, isWhole: true, idOf: byId },
  pictures: { schema: PictureSchema, migrate: migratePicture, isWhole: true, idOf: byId },
  larder: { schema: LarderEventSchema, migrate: migrateLarderEvent, isWhole: true, idOf: byId },
  settings: {
    schema: SettingSchema,
    migrate: (value) => value,
    isWhole: false,
    idOf: (value: { readonly key: string }) => value.key,
  },
};

/** Problems, of which the first are kept. */
class Told {
  readonly first: FileProblem[] = [];
  count = 0;
  add(problem: FileProblem): void {
    this.count++;
    if (this.first.length < MOST_TOLD) this.first.push(problem);
  }
}

/**
 * Checks a Kettlos file piece by piece, as it is read: what is wrong in it is repaired or left out, each with its
 * path and reason. Only a file that is none, of a newer version, or without a kitchen is refused.
 *
 * It keeps of what it has seen the fields and ids of plans, batches and pictures, and no entry: a file may be larger
 * than what fits into memory. Ids of events are known of the pot whose events come one after the other.
 */
export class FileCheck {
  private readonly fields = new Map<string, unknown>();
  private readonly ids = new Map<FileList, Set<string>>();
  private readonly counts: Record<FileList, number> = {
    ...{ plans: 0, batches: 0, events: 0, pictures: 0, larder: 0, settings: 0 },
  };
  private readonly repaired = new Told();
  private readonly leftOut = new Told();
  private readonly planNames = new Set<string>();
  private readonly potNames = new Set<string>();
  /** Entries of pots that have not come, by pot. */
  private readonly strays = new Map<string, { list: FileList; count: number }>();
  private eventsOf = "";

  /** Takes a field; a list that is none is said. */
  field(name: string, value: unknown): void {
    if (!isFileList(name)) this.fields.set(name, value);
    else if (!Array.isArray(value) && value !== null && value !== undefined)
      this.leftOut.add({ path: name, message: "This is no list." });
  }

  /** Why this is no file that is read; null where it may be one. Known once its first fields are. */
  get refusal(): FileProblem | null {
    return this.fields.has("format") && this.fields.has("schemaVersion")
      ? headOf(Object.fromEntries(this.fields))
      : null;
  }

  /** Takes an entry of a list. @returns it as it is taken in; null where it is left out */
  entry(list: FileList, index: number, raw: unknown): FileEntry | null {
    const { schema, migrate, isWhole, idOf } = FORMS[list];
    // Nearly all is whole: what is not is looked at closer.
    const parsed = schema.safeParse(migrate(raw));
    const made = parsed.success
      ? { ok: true as const, value: parsed.data, repairs: [] }
      : repair(schema, migrate(raw));
    if (!made.ok || (isWhole && made.repairs.length > 0)) {
      const why = made.ok ? made.repairs[0] : made;
      this.leftOut.add({
        path: pathText([list, index, ...(why?.path ?? [])]),
        message: why?.message ?? "",
      });
      return null;
    }
    const entry = { list, value: made.value } as FileEntry;
    const id = idOf(made.value as never);
    if (this.isKnown(entry, id)) {
      this.leftOut.add({
        path: pathText([list, index]),
        message: `There is another with the id "${id}".`,
      });
      return null;
    }
    for (const one of made.repairs) this.repaired.add(told([list, index], one));
    this.counts[list]++;
    this.noteName(entry);
    return entry;
  }

  private isKnown(entry: FileEntry, id: string): boolean {
    if (entry.list === "events" && entry.value.batchId !== this.eventsOf) {
      this.eventsOf = entry.value.batchId;
      this.ids.set("events", new Set());
    }
    const known = this.ids.get(entry.list) ?? new Set();
    this.ids.set(entry.list, known);
    if (known.has(id)) return true;
    known.add(id);
    return false;
  }

  private noteName({ list, value }: FileEntry): void {
    if (list === "plans") remember(this.planNames, value.name);
    else if (list === "batches") remember(this.potNames, value.plan.name);
    else if (
      (list === "events" || list === "pictures") &&
      this.ids.get("batches")?.has(value.batchId) !== true
    ) {
      const key = `${list} ${value.batchId}`;
      const stray = this.strays.get(key) ?? { list, count: 0 };
      stray.count++;
      this.strays.set(key, stray);
    }
  }

  /** Whether the file has a batch of this id, once all have come. */
  hasBatch(id: string): boolean {
    return this.ids.get("batches")?.has(id) === true;
  }

  /** What the file holds, once all of it has come. */
  done(): CheckedFile {
    const refused = headOf(Object.fromEntries(this.fields));
    if (refused !== null) return { ok: false, problems: [refused] };
    const kitchen = repair(
      KitchenSchema,
      migrateKitchen(this.fields.get("kitchen")),
      USUAL_KITCHEN,
    );
    if (!kitchen.ok)
      return {
        ok: false,
        problems: [{ path: pathText(["kitchen", ...kitchen.path]), message: kitchen.message }],
      };
    for (const one of kitchen.repairs) this.repaired.add(told(["kitchen"], one));
    this.countStrays();
    return {
      ok: true,
      report: {
        head: this.head(kitchen.value),
        counts: { ...this.counts },
        planNames: [...this.planNames],
        potNames: [...this.potNames],
        repaired: this.repaired.first,
        repairedCount: this.repaired.count,
        leftOut: this.leftOut.first,
        leftOutCount: this.leftOut.count,
      },
    };
  }

  private countStrays(): void {
    for (const [key, { list, count }] of this.strays) {
      const batchId = key.slice(list.length + 1);
      if (this.hasBatch(batchId)) continue;
      this.counts[list] -= count;
      for (let i = 0; i < count; i++)
        this.leftOut.add({ path: list, message: `No batch "${batchId}" in the file.` });
    }
  }

  private head(kitchen: KettlosFile["kitchen"]): FileHead {
    const { fields } = this;
    const clock = fields.has("clock")
      ? repair(ClockSchema, migrateClock(fields.get("clock")))
      : null;
    if (clock?.ok === true)
      for (const one of clock.repairs) this.repaired.add(told(["clock"], one));
    else if (clock !== null)
      this.leftOut.add({ path: pathText(["clock", ...clock.path]), message: clock.message });
    const part = fields.get("part");
    const exportedAt = KettlosFileSchema.shape.exportedAt.safeParse(fields.get("exportedAt")).data;
    return {
      format: "kettlos",
      schemaVersion: SCHEMA_VERSION,
      ...(part === "pots" || part === "plans" ? { part } : {}),
      ...(exportedAt === undefined ? {} : { exportedAt }),
      kitchen,
      ...(clock?.ok === true ? { clock: clock.value } : {}),
    };
  }
}

function remember(names: Set<string>, name: string): void {
  if (names.size < MOST_NAMES) names.add(name);
}

const told = (under: readonly PropertyKey[], { path, did, message }: Repair): FileProblem => ({
  path: pathText([...under, ...path]),
  message: `${did === "removed" ? "Taken out" : "Set to what is usual"}: ${message}`,
});
