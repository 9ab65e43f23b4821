import { MINUTE_MS } from "@kettlos/core/units/time";
import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { inWords } from "@kettlos/core/units/said";
import { unparse } from "papaparse";

const isoOf = (minute: number) => new Date(minute * MINUTE_MS).toISOString();

/** The run sheet as CSV, a task a row; times in UTC. */
export function sheetCsv(
  answer: ClockAnswer,
  kitchen: Kitchen,
  potName: (planId: string) => string | undefined,
): string {
  const named = (list: readonly { id: string; name: string }[], id: string | null) =>
    list.find((x) => x.id === id)?.name ?? "";
  return unparse(
    answer.rows.map((row) => ({
      from: isoOf(row.from),
      to: isoOf(row.to),
      slowTo: isoOf(row.slowTo),
      task: row.title,
      how: inWords(row.how, "metric"),
      pot: row.planIds.flatMap((id) => potName(id) ?? []).join("; "),
      wants: row.attention,
      hands: named(answer.hands, row.handId),
      ring: named(kitchen.rings, row.ringId),
      oven: named(kitchen.ovens, row.ovenId),
      vessel: row.vesselIds.map((id) => named(kitchen.vessels, id)).join("; "),
      why: row.why,
    })),
  );
}
