import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { PotCall } from "./calls-of";

const MINUTE_MS = 60_000;

/** Work before a pot is on that is due by the clock: called until it is ticked off, or its pot is put on. */
export function clockCalls(answer: ClockAnswer | null, nowMs: number): readonly PotCall[] {
  if (answer === null) return [];
  // A pot that is wanted for no time hurries nobody.
  const isWanted = (planIds: readonly string[]) =>
    planIds.length === 0 ||
    answer.goals.some((g) => g.wishedAt !== null && planIds.some((id) => g.planIds.includes(id)));
  const first = new Map<string, (typeof answer.rows)[number]>();
  for (const row of answer.rows)
    if (row.attention === "hands" && !row.isMeanwhile && !first.has(row.blockId))
      first.set(row.blockId, row);
  return [...first.values()]
    .filter(
      (row) => isBefore(row.blockId) && isWanted(row.planIds) && row.from * MINUTE_MS <= nowMs,
    )
    .map((row) => ({
      key: `clock|${row.blockId}`,
      isDanger: false,
      title: row.title,
      text: [row.how, row.why].filter(Boolean).join(". "),
      dueMs: row.from * MINUTE_MS,
      batchId: "",
    }));
}

/** Once a pot is on, its own actions call. */
export const isBefore = (blockId: string): boolean =>
  blockId.includes("/work/") || blockId.endsWith("/fill") || blockId.includes("/side/");
