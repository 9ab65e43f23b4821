import { isoDayOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import type { Gap } from "@kettlos/core/batch/gap";
import { LOG_COLUMNS, logRow } from "@kettlos/core/formats/log-rows";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import Papa from "papaparse";
import { somePots, writeFile, type Way } from "./file-out";
import { pause } from "./pause";
import type { PotState } from "./pot-state";
import { fileWord, save, saveBlob } from "./save-file";
import { wholePots } from "./use-pot";

/** Pots as a file that another Kettlos adds to its log; one by its dish and day, several by today. */
export async function savePots(
  ids: readonly string[],
  kitchen: Kitchen,
  nowMs: number,
  way: Way = {},
): Promise<void> {
  const [first] = await wholePots(ids.slice(0, 1));
  if (first === undefined) return;
  const isOne = ids.length === 1;
  const name = isOne
    ? `kettlos-${fileWord(first.batch.plan.name)}-${isoDayOf(begunMs(first))}`
    : `kettlos-log-${isoDayOf(nowMs)}`;
  const written = await writeFile(
    await somePots(ids, isOne ? first.stored.kitchen : kitchen, nowMs),
    way,
  );
  saveBlob(`${name}.${written.ending}`, written.blob);
}

const isoTime = (ms: number): string => new Date(ms).toISOString();

const POTS_AT_ONCE = 40;

/** Pots as a table. What begins like a formula is written so that no table takes it for one. */
export const logCsv = (
  pots: readonly Pick<PotState, "batch" | "cook">[],
  gaps: ReadonlyMap<string, Gap | null>,
  header = true,
): string =>
  Papa.unparse(
    pots.map((pot) => logRow(pot, gaps.get(pot.batch.id) ?? null, isoTime)),
    { columns: [...LOG_COLUMNS], escapeFormulae: true, header },
  );

/** The same as a file, read a few pots at a time. @throws the signal's reason where it is stopped */
export async function saveLogTable(
  shelved: readonly ShelvedPot[],
  nowMs: number,
  { onShare, signal }: Way = {},
): Promise<void> {
  const gaps = new Map(shelved.map((p) => [p.id, p.gap]));
  const parts: string[] = [];
  for (let from = 0; from < shelved.length; from += POTS_AT_ONCE) {
    signal?.throwIfAborted();
    const pots = await wholePots(shelved.slice(from, from + POTS_AT_ONCE).map((p) => p.id));
    parts.push(logCsv(pots, gaps, from === 0));
    onShare?.(from / shelved.length);
    await pause();
  }
  save(`kettlos-log-${isoDayOf(nowMs)}.csv`, parts.join("\r\n"), "text/csv");
}
