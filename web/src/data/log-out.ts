import { isoDayOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import type { Gap } from "@kettlos/core/batch/gap";
import { writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { LOG_COLUMNS, logRow } from "@kettlos/core/formats/log-rows";
import { potsFile } from "@kettlos/core/formats/pots-file";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import Papa from "papaparse";
import { picturesOf } from "./pictures";
import type { PotState } from "./pot-state";
import { fileWord, save } from "./save-file";
import { wholePots } from "./use-pot";

/** Pots as a file that another Kettlos adds to its log; one by its dish and day, several by today. */
export async function savePots(
  ids: readonly string[],
  kitchen: Kitchen,
  nowMs: number,
): Promise<void> {
  const pots = await wholePots(ids);
  const [first] = pots;
  if (first === undefined) return;
  const litMs = begunMs(first);
  const name =
    pots.length === 1
      ? `kettlos-${fileWord(first.batch.plan.name)}-${isoDayOf(litMs)}`
      : `kettlos-log-${isoDayOf(nowMs)}`;
  const file = potsFile(
    await Promise.all(
      pots.map(async ({ stored, events }) => ({
        batch: stored,
        events,
        pictures: await picturesOf(stored.id),
      })),
    ),
    pots.length === 1 ? first.stored.kitchen : kitchen,
    new Date(nowMs).toISOString(),
  );
  save(`${name}.json`, writeKettlosFile(file), "application/json");
}

const isoTime = (ms: number): string => new Date(ms).toISOString();

/** Pots as a table. What begins like a formula is written so that no table takes it for one. */
export const logCsv = (
  pots: readonly Pick<PotState, "batch" | "cook">[],
  gaps: ReadonlyMap<string, Gap | null>,
): string =>
  Papa.unparse(
    pots.map((pot) => logRow(pot, gaps.get(pot.batch.id) ?? null, isoTime)),
    { columns: [...LOG_COLUMNS], escapeFormulae: true },
  );

/** The same as a file. */
export async function saveLogTable(shelved: readonly ShelvedPot[], nowMs: number): Promise<void> {
  const pots = await wholePots(shelved.map((p) => p.id));
  const gaps = new Map(shelved.map((p) => [p.id, p.gap]));
  save(`kettlos-log-${isoDayOf(nowMs)}.csv`, logCsv(pots, gaps), "text/csv");
}
