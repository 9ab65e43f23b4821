import { FileCheck, type FileReport } from "@kettlos/core/formats/file-check";
import type { FileEntry } from "@kettlos/core/formats/file-lists";
import { FilePieces } from "@kettlos/core/formats/file-pieces";
import type { FileProblem } from "@kettlos/core/formats/file-problem";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { Picture } from "@kettlos/core/batch/picture-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { Problem } from "@kettlos/core/units/problem";
import { db, type Incoming } from "./db";
import type { Way } from "./file-out";
import { alone, clearAside } from "./incoming-lock";
import { onDisk } from "./on-disk";
import { pause } from "./pause";
import type { FileSource } from "./take-in";

/** So many bytes are read between two looks at the page. */
const BYTES_AT_ONCE = 64 * 1024;
/** So long the page waits for it at most, ms. */
const BUSY_MS = 12;
/** So many entries of a list, or of one pot's log, lie in one row. */
const ENTRIES_A_ROW = 500;
/** So many entries wait to be written at once; a pot counts for many, as it carries its plan and kitchen. */
const WAITING_AT_ONCE = 1000;
const A_POT_COUNTS = 25;

/** A file that was read and waits, checked, for a yes. */
export interface ReadFile {
  readonly report: FileReport;
  readonly source: FileSource;
  /** It is not taken in: what waits of it is let go of. */
  drop(): Promise<void>;
}
export type FileReading =
  | { readonly ok: true; readonly file: ReadFile }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

const isGzip = async (blob: Blob): Promise<boolean> => {
  const [first, second] = new Uint8Array(await blob.slice(0, 2).arrayBuffer());
  return first === 0x1f && second === 0x8b;
};

/** The bytes of a file, unpacked where it is compressed; `onBytes` hears how many of its own were taken. */
async function bytesOf(blob: Blob, onBytes: (count: number) => void) {
  const counted = blob.stream().pipeThrough(
    new TransformStream<Uint8Array<ArrayBuffer>, Uint8Array<ArrayBuffer>>({
      transform(chunk, controller) {
        onBytes(chunk.length);
        controller.enqueue(chunk);
      },
    }),
  );
  return (await isGzip(blob)) ? counted.pipeThrough(new DecompressionStream("gzip")) : counted;
}

/**
 * Reads a Kettlos file of any length and lays what is whole of it aside, to be taken in after a yes. Another file that
 * waits in another tab is not disturbed: then this one is not read.
 * @throws the signal's reason where it is stopped; nothing of it is left then
 */
export async function readFile(blob: Blob, way: Way = {}): Promise<FileReading> {
  const release = await alone();
  if (release === null)
    return {
      ok: false,
      problems: [{ path: "", message: "Another tab reads a file just now: finish that first." }],
    };
  const drop = async () => {
    await clearAside();
    release();
  };
  try {
    const reading = await laidAside(blob, way);
    if (!reading.ok) await drop();
    return reading.ok ? { ok: true, file: { ...reading.file, drop } } : reading;
  } catch (error) {
    await drop();
    throw error;
  }
}

type LaidAside =
  | { readonly ok: true; readonly file: Omit<ReadFile, "drop"> }
  | { readonly ok: false; readonly problems: readonly FileProblem[] };

async function laidAside(blob: Blob, { onShare, signal }: Way): Promise<LaidAside> {
  await clearAside();
  const check = new FileCheck();
  const pieces = new FilePieces(check);
  const rows = new Rows();
  let [taken, busyFromMs] = [0, performance.now()];
  const reader = (await bytesOf(blob, (count) => (taken += count))).getReader();
  try {
    for (;;) {
      const { done, value } = await reader.read().catch((error: unknown) => {
        const why = error instanceof Error ? error.message : "it ends too soon";
        throw new Problem("unreadable", "file", blob.size, `The file cannot be read: ${why}.`);
      });
      if (done) break;
      for (let from = 0; from < value.length; from += BYTES_AT_ONCE) {
        signal?.throwIfAborted();
        const got = pieces.next(value.subarray(from, from + BYTES_AT_ONCE));
        if ("message" in got) return { ok: false, problems: [got] };
        await rows.add(got);
        if (performance.now() - busyFromMs < BUSY_MS) continue;
        onShare?.(taken / blob.size);
        await pause();
        busyFromMs = performance.now();
      }
    }
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return { ok: false, problems: [{ path: "", message: error.message }] };
  } finally {
    await reader.cancel().catch(() => undefined);
  }
  const problem = pieces.end();
  if (problem !== null) return { ok: false, problems: [problem] };
  await rows.write();
  const checked = check.done();
  if (!checked.ok) return checked;
  return {
    ok: true,
    file: { report: checked.report, source: new Aside(checked.report, rows) },
  };
}

/** Entries on their way to the disk: of each list, and of each pot's log, many in one row. */
class Rows {
  private waiting: Omit<Incoming, "n">[] = [];
  private waitingCount = 0;
  /** Ids of the pots, in the order of the file. */
  readonly batchIds: string[] = [];
  rowCount = 0;

  async add(entries: readonly FileEntry[]): Promise<void> {
    for (const { list, value } of entries) {
      const batchId =
        list === "batches"
          ? value.id
          : list === "events" || list === "pictures"
            ? value.batchId
            : undefined;
      if (list === "batches") this.batchIds.push(value.id);
      const last = this.waiting.at(-1);
      if (
        last !== undefined &&
        last.list === list &&
        last.batchId === batchId &&
        last.values.length < ENTRIES_A_ROW &&
        list !== "batches"
      )
        (last.values as FileEntry["value"][]).push(value);
      else
        this.waiting.push({ list, values: [value], ...(batchId === undefined ? {} : { batchId }) });
      this.waitingCount += list === "batches" ? A_POT_COUNTS : 1;
    }
    if (this.waitingCount >= WAITING_AT_ONCE) await this.write();
  }

  async write(): Promise<void> {
    const rows = this.waiting;
    this.waiting = [];
    this.waitingCount = 0;
    if (rows.length === 0) return;
    await onDisk(db.incoming, () => db.incoming.bulkAdd(rows));
    this.rowCount += rows.length;
  }
}

/** What lies aside of a file, read in the transaction that takes it in. */
class Aside implements FileSource {
  readonly head: FileReport["head"];
  constructor(
    report: FileReport,
    private readonly rows: Rows,
  ) {
    this.head = report.head;
  }

  get batchIds(): readonly string[] {
    return this.rows.batchIds;
  }

  /** @throws Problem `unreadable` where not all of it lies there any more */
  async begin(): Promise<void> {
    if ((await db.incoming.count()) !== this.rows.rowCount)
      throw new Problem(
        "unreadable",
        "file",
        this.rows.rowCount,
        "What was read of the file is not whole any more: read it again.",
      );
  }

  private async listed<T extends FileEntry["value"]>(list: FileEntry["list"]): Promise<T[]> {
    const rows = await db.incoming.where("list").equals(list).sortBy("n");
    return rows.flatMap((r) => r.values as T[]);
  }
  plans = () => this.listed<Plan>("plans");
  larder = () => this.listed<Extract<FileEntry, { list: "larder" }>["value"]>("larder");
  settings = () => this.listed<Extract<FileEntry, { list: "settings" }>["value"]>("settings");

  async pots(ids: readonly string[]) {
    const rows = await db.incoming.where("batchId").anyOf(ids).sortBy("n");
    const by = new Map(
      ids.map((id) => [
        id,
        { batches: [] as Batch[], events: [] as CookEvent[], pictures: [] as Picture[] },
      ]),
    );
    for (const { list, batchId, values } of rows) {
      const pot = by.get(batchId ?? "");
      if (pot === undefined) continue;
      if (list === "batches") pot.batches.push(...(values as Batch[]));
      else if (list === "events") for (const event of values as CookEvent[]) pot.events.push(event);
      else if (list === "pictures") pot.pictures.push(...(values as Picture[]));
    }
    return [...by.values()].flatMap(({ batches: [batch], events, pictures }) =>
      batch === undefined ? [] : [{ batch, events, pictures }],
    );
  }
}
