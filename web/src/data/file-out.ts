import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { FILE_LISTS, type FileHead, type FileList } from "@kettlos/core/formats/file-lists";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { potsFile } from "@kettlos/core/formats/pots-file";
import type { LarderEvent } from "@kettlos/core/larder/larder-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { db } from "./db";
import { pause } from "./pause";
import { takenInTurn } from "./pictures";
import { logTables, readLogs } from "./pot-logs";

/** Settings of this browser that go along in a file; what was kept for this browser alone does not. */
const HERE_ONLY = ["link:", "backup:", "log:"];
const POTS_AT_ONCE = 20;
const PICTURES_AT_ONCE = 10;
/** A file longer than this is compressed; shorter ones can be looked at as they are. */
const PLAIN_CHARS = 20_000_000;

/** How the writing or reading of a file goes on, and how it is stopped. */
export interface Way {
  /** Called with the share that is done, 0 to 1. */
  readonly onShare?: (share: number) => void;
  readonly signal?: AbortSignal;
}

interface Piece {
  readonly text: string;
  readonly share: number;
}

/** What is written: short lists as they are, pots and pictures by their ids. */
export interface Written {
  readonly head: FileHead;
  readonly plans: readonly Plan[];
  readonly potIds: readonly string[];
  readonly pictureIds: readonly string[];
  readonly larder: readonly LarderEvent[];
  readonly settings: KettlosFile["settings"];
}

/** Everything there is; null where there is no kitchen yet. */
export async function everything(): Promise<Written | null> {
  const kitchen = await db.kitchens.toCollection().first();
  if (kitchen === undefined) return null;
  const [plans, potIds, pictureIds, larder, settings, clocks] = await Promise.all([
    db.plans.orderBy("updatedMs").toArray(),
    db.batches.orderBy("createdMs").primaryKeys(),
    db.pictures.orderBy("[batchId+atMs]").primaryKeys(),
    db.larder.orderBy("seq").toArray(),
    db.settings.toArray(),
    db.clocks.toArray(),
  ]);
  return {
    head: {
      format: "kettlos",
      schemaVersion: SCHEMA_VERSION,
      exportedAt: new Date().toISOString(),
      kitchen,
      ...(clocks[0] === undefined ? {} : { clock: clocks[0].clock }),
    },
    plans: plans.map((p) => p.plan),
    potIds,
    pictureIds,
    larder: larder.map((e) => e.event),
    settings: settings.filter((s) => !HERE_ONLY.some((prefix) => s.key.startsWith(prefix))),
  };
}

/** Some pots with their logs and pictures, and of the kitchen no more than its head. */
export async function somePots(
  potIds: readonly string[],
  kitchen: Kitchen,
  nowMs: number,
): Promise<Written> {
  const {
    batches: _,
    events: _e,
    pictures: _p,
    plans,
    larder,
    settings,
    ...head
  } = potsFile([], kitchen, new Date(nowMs).toISOString());
  const pictureIds = await takenInTurn(potIds).primaryKeys();
  return { head, plans, potIds, pictureIds, larder, settings };
}

/**
 * The text of one Kettlos file, in pieces, a few pots at a time: what is written meanwhile waits for none of it. Pots
 * that are begun while it is written are not in it.
 * @throws the signal's reason where it is stopped
 */
async function* pieces(
  { head, plans, potIds, pictureIds, larder, settings }: Written,
  { signal }: Way,
): AsyncGenerator<Piece, void> {
  yield { text: JSON.stringify(head).slice(0, -1), share: 0 };
  const all = 2 * potIds.length + pictureIds.length + 1;
  let [done, isFirst] = [0, true];
  const entries = (texts: readonly string[], of: number): Piece => {
    done += of;
    const text = texts.map((t) => (isFirst ? ((isFirst = false), t) : `,${t}`)).join("");
    return { text, share: done / all };
  };
  /** A list of so many, so many at a time. */
  async function* paged<T>(
    keys: readonly T[],
    atOnce: number,
    read: (keys: T[]) => Promise<readonly string[]>,
  ): AsyncGenerator<Piece> {
    for (let from = 0; from < keys.length; from += atOnce) {
      signal?.throwIfAborted();
      const some = keys.slice(from, from + atOnce);
      yield entries(await read(some), some.length);
      await pause();
    }
  }
  const json = (values: readonly unknown[]) => values.map((v) => JSON.stringify(v));
  // Only what is in it as a pot has entries in it.
  const there: string[] = [];
  const lists: Readonly<Record<FileList, () => AsyncIterable<Piece> | Piece[]>> = {
    plans: () => [entries(json(plans), 0)],
    batches: () =>
      paged(potIds, POTS_AT_ONCE, async (some) => {
        const batches = (await db.batches.bulkGet(some)).flatMap((b) => b ?? []);
        there.push(...batches.map((b) => b.id));
        return json(batches);
      }),
    events: () =>
      paged(there, POTS_AT_ONCE, async (some) => {
        const logs = await db.transaction("r", [...logTables()], async () => await readLogs(some));
        return json([...logs.values()].flat());
      }),
    pictures: () =>
      paged(pictureIds, PICTURES_AT_ONCE, async (some) => {
        const known = new Set(there);
        const found = (await db.pictures.bulkGet([...some])).flatMap((p) => p ?? []);
        return json(found.filter((p) => known.has(p.batchId)));
      }),
    larder: () => [entries(json(larder), 0)],
    settings: () => [entries(json(settings), 1)],
  };
  for (const list of FILE_LISTS) {
    yield { text: `,"${list}":[`, share: done / all };
    isFirst = true;
    yield* lists[list]();
    yield { text: "]", share: done / all };
  }
  yield { text: "}", share: 1 };
}

/** A written file; its name says how it is to be read. */
export interface WrittenFile {
  readonly blob: Blob;
  readonly ending: "json" | "json.gz";
}

/**
 * One Kettlos file, compressed (gzip) where it is long, or where it is asked to be.
 * @throws the signal's reason where it is stopped
 */
export async function writeFile(
  written: Written,
  way: Way & { readonly isPacked?: boolean } = {},
): Promise<WrittenFile> {
  const coming = pieces(written, way);
  const texts: string[] = [];
  let chars = 0;
  let isOver = false;
  while (chars <= PLAIN_CHARS) {
    const { value, done } = await coming.next();
    isOver = done === true;
    if (value === undefined) break;
    texts.push(value.text);
    chars += value.text.length;
    way.onShare?.(value.share);
  }
  if (isOver && way.isPacked !== true)
    return { blob: new Blob(texts, { type: "application/json" }), ending: "json" };
  return { blob: await compressed(texts, coming, way), ending: "json.gz" };
}

/** These texts and those that are still to come, as gzip. */
async function compressed(
  texts: readonly string[],
  coming: AsyncIterator<Piece, void>,
  { onShare }: Way,
): Promise<Blob> {
  const encoder = new TextEncoder();
  const { readable, writable } = new CompressionStream("gzip");
  const writer = writable.getWriter();
  const parts: Blob[] = [];
  const reading = (async () => {
    const reader = readable.getReader();
    for (;;) {
      const { value, done } = await reader.read();
      if (done) return;
      // As blobs they need not stay in memory.
      parts.push(new Blob([value]));
    }
  })();
  try {
    for (const text of texts) {
      await writer.write(encoder.encode(text));
      await pause();
    }
    for (;;) {
      const { value } = await coming.next();
      if (value === undefined) break;
      await writer.write(encoder.encode(value.text));
      onShare?.(value.share);
    }
    await writer.close();
    await reading;
  } catch (error) {
    reading.catch(() => undefined);
    await writer.abort(error).catch(() => undefined);
    throw error;
  }
  return new Blob(parts, { type: "application/gzip" });
}
