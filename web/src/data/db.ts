import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { FileEntry, FileList } from "@kettlos/core/formats/file-lists";
import type { Picture } from "@kettlos/core/batch/picture-schema";
import type { PotWords } from "@kettlos/core/learn/taught";
import type { WhatIsShown } from "@kettlos/core/learn/taught-shown";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import type { LearnedFactors } from "@kettlos/core/simulate/learned-schema";
import type { LarderEvent } from "@kettlos/core/larder/larder-schema";
import type { Clock } from "@kettlos/core/simulate/clock-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { Binned } from "./binned";
import type { StoredStep } from "./stored-step";
import Dexie, { type DexieOptions, type EntityTable, type Table, type Transaction } from "dexie";

/** A plan as stored: with when it was last touched, so that the newest opens first. */
interface StoredPlan {
  id: string;
  updatedMs: number;
  plan: Plan;
}

/** An event as stored; `seq` is the order of writing, which undo goes by. */
export interface StoredEvent {
  seq: number;
  id: string;
  batchId: string;
  event: CookEvent;
}

/** The log of a pot on its shelf: its events in the order of writing, as the text of a JSON list. */
interface StoredLog {
  batchId: string;
  count: number;
  text: string;
}

/** A piece of a file that waits for a yes, in the order of the file: entries of a list, or what is of one pot. */
export interface Incoming {
  n: number;
  list: FileList;
  /** Of what belongs to a pot. */
  batchId?: string;
  values: readonly FileEntry["value"][];
}

/** A larder event as stored, in the order of writing. */
interface StoredLarderEvent {
  seq: number;
  id: string;
  event: LarderEvent;
}

/** Everything as it was before it was replaced, removed or brought up to a newer version. */
interface SafetyCopy {
  id: number;
  atMs: number;
  why: "replaced" | "removed" | "migrated" | "restored";
  /** A Kettlos file as it was before a migration, to be read like any other. Of the rest the bytes lie beside it. */
  file?: unknown;
}

/** A safety copy: the bytes of a Kettlos file, compressed (gzip). */
interface CopyBytes {
  id: number;
  gzip: Uint8Array<ArrayBuffer>;
}

/** A folder of the device that this browser may write to. */
interface FolderHandle {
  key: string;
  handle: FileSystemDirectoryHandle;
}

/** What is wanted when; of one browser there is one. */
interface StoredClock {
  id: string;
  clock: Clock;
}

/** What one pot says of its kitchen, worked out once for as long as its log is as long. */
export interface StoredWords {
  batchId: string;
  key: string;
  words: PotWords;
}

/**
 * A finished pot for the logbook. It is there only while nothing was added to the pot's log since: whoever adds to it
 * takes this away in the same transaction, and it is worked out anew.
 */
export interface StoredShelved {
  /** As `shelfKey` makes it. */
  key: string;
  batchId: string;
  finishedMs: number;
  pot: ShelvedPot;
  /** There where what takes a simulation is still to be worked out. */
  unread?: 1;
}

/** What the log has taught a kitchen; it can be thrown away, and is worked out anew. */
interface StoredLearned {
  kitchenId: string;
  factors: LearnedFactors;
  /** What it stands on, as `basisOf` says it; another text where the words of the pots have changed since. */
  basis: string;
}

/** The same told: from which pots, what was not believed and why. */
interface StoredTaught {
  kitchenId: string;
  /** `WhatTaught` as JSON: of a long log it is large, and seldom read. */
  text: string;
}

/** Of that what is shown before more is asked for. */
interface StoredTaughtShown {
  kitchenId: string;
  shown: WhatIsShown;
}

/** One setting of this browser. */
interface Setting {
  key: string;
  value: string;
}

/** What brings documents of a version before up; it is there where the browser holds any. */
let bringUp: ((transaction: Transaction) => Promise<void>) | null = null;
function broughtUp(transaction: Transaction): Promise<void> {
  // Never passed over: a document left in its old form would be read as one of the new.
  if (bringUp === null) throw new Error("what brings this browser's documents up is not there");
  return bringUp(transaction);
}

/** Version of the tables; goes up with them or with the documents in them. */
const DB_VERSION = 16;
/** The last version in which a document changed. */
const DOCUMENTS_VERSION = 13;
/** The last version in which it was kept otherwise what the log taught. */
const TAUGHT_VERSION = 15;

/** What is looked for in each. */
const TABLES = {
  kitchens: "id",
  plans: "id, updatedMs",
  batches: "id, createdMs",
  events: "++seq, &id, batchId",
  settings: "key",
  larder: "++seq, &id",
  copies: "++id, atMs",
  copyBytes: "id",
  handles: "key",
  steps: "key, doc",
  bin: "id, removedMs",
  clocks: "id",
  words: "batchId",
  learned: "kitchenId",
  logs: "batchId",
  incoming: "++n, list, batchId",
  shelved:
    "key, batchId, finishedMs, pot.name, [pot.name+finishedMs], unread, *pot.namedLots, *pot.drawnKg",
  taught: "kitchenId",
  taughtShown: "kitchenId",
  pictures: "id, batchId, [batchId+atMs]",
};

/** Whether what is done once to what older versions left is known: it costs each page time, and few have any. */
let areOldNamed = false;

/** Everything Kettlos keeps, in this browser only. */
class KettlosDatabase extends Dexie {
  kitchens!: Table<Kitchen, string>;
  plans!: Table<StoredPlan, string>;
  batches!: Table<Batch, string>;
  events!: EntityTable<StoredEvent, "seq">;
  larder!: EntityTable<StoredLarderEvent, "seq">;
  settings!: Table<Setting, string>;
  logs!: Table<StoredLog, string>;
  incoming!: EntityTable<Incoming, "n">;
  copies!: EntityTable<SafetyCopy, "id">;
  copyBytes!: Table<CopyBytes, number>;
  handles!: Table<FolderHandle, string>;
  /** Steps to undo and redo, by document. */
  steps!: Table<StoredStep, string>;
  /** What was removed in the last thirty days. */
  bin!: Table<Binned, string>;

  /** Meals, pots for no meal and pins: one clock. */
  clocks!: Table<StoredClock, string>;
  words!: Table<StoredWords, string>;
  shelved!: Table<StoredShelved, string>;
  learned!: Table<StoredLearned, string>;
  taught!: Table<StoredTaught, string>;
  taughtShown!: Table<StoredTaughtShown, string>;
  pictures!: Table<Picture, string>;

  constructor(options: DexieOptions = {}) {
    // Written through to the disk before it counts as stored: a power cut loses nothing that was shown.
    // What a query gave is not kept by it: it would be copied each time, and stay in memory.
    super("kettlos", { chromeTransactionDurability: "strict", cache: "disabled", ...options });
    this.version(DB_VERSION)
      .stores(TABLES)
      .upgrade(() => {
        // Opened past `openDatabase`, what an older version left would be read as it stands.
        if (!areOldNamed) throw new Error("what older versions left is not brought up here");
      });
  }
}

export let db = new KettlosDatabase();

/** What is done once to what an older version left. Whichever that was, tables that are missing are made. */
function nameOldVersions(): void {
  areOldNamed = true;
  db.version(DOCUMENTS_VERSION).stores(TABLES).upgrade(broughtUp);
  // Kept in another way before, it is put together anew.
  db.version(TAUGHT_VERSION)
    .stores(TABLES)
    .upgrade((transaction) => transaction.table("taught").clear());
}

/** How well this browser keeps things: on the disk; in this page alone, and why; or not at all, where Kettlos itself did not come whole too. */
export type Storage =
  | { readonly kind: "disk" }
  | { readonly kind: "memory" }
  | { readonly kind: "newer" }
  | { readonly kind: "notWhole" }
  | { readonly kind: "blocked" };

/** Dexie counts a version as ten of the browser's. */
const DEXIE_STEP = 10;
/** Null where the browser does not say; 0 where it holds nothing yet. */
async function storedVersion(): Promise<number | null> {
  const list = await globalThis.indexedDB?.databases?.().catch(() => null);
  if (list === undefined || list === null) return null;
  return Math.floor((list.find((d) => d.name === "kettlos")?.version ?? 0) / DEXIE_STEP);
}

/** Another tab may hold the data in an older version; it is asked to let go, and given so long, ms. */
const OPENS_WITHIN_MS = 8000;

/**
 * Opens the database before anything asks of it. Where the browser keeps nothing (a private window, storage
 * blocked), everything works in memory and is gone with the page.
 */
export async function openDatabase(): Promise<Storage> {
  // Written by a newer Kettlos: nothing of it is touched. Dexie itself would go on with it.
  const stored = await storedVersion();
  if (stored !== null && stored > DB_VERSION) return { kind: "newer" };
  if (stored === null || (stored > 0 && stored < DB_VERSION)) nameOldVersions();
  if (stored === null || (stored > 0 && stored < DOCUMENTS_VERSION))
    try {
      bringUp = (await import("./bring-up")).bringUp;
    } catch {
      return { kind: "notWhole" };
    }
  const late = new Promise<"late">((resolve) => setTimeout(() => resolve("late"), OPENS_WITHIN_MS));
  try {
    const opened = await Promise.race([db.open(), late]);
    return { kind: opened === "late" ? "blocked" : "disk" };
  } catch {
    const { indexedDB, IDBKeyRange } = await import("fake-indexeddb");
    Dexie.dependencies.indexedDB = indexedDB;
    Dexie.dependencies.IDBKeyRange = IDBKeyRange;
    db = new KettlosDatabase({ indexedDB, IDBKeyRange });
    await db.open();
    return { kind: "memory" };
  }
}
