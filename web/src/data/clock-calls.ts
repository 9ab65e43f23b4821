import { MINUTE_MS } from "@kettlos/core/units/time";
import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { BlockKind } from "@kettlos/core/clock/task";
import { inWords } from "@kettlos/core/units/said";
import type { UnitSystem } from "@kettlos/core/units/show";
import type { PotCall } from "./calls-of";

/** Work before a pot is on that is due by the clock: called until it is ticked off, or its pot is put on. */
export function clockCalls(
  answer: ClockAnswer | null,
  nowMs: number,
  units: UnitSystem,
): readonly PotCall[] {
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
    .filter((row) => isBefore(row.kind) && isWanted(row.planIds) && row.from * MINUTE_MS <= nowMs)
    .map((row) => ({
      key: `clock|${row.blockId}`,
      isDanger: false,
      title: row.title,
      text: [inWords(row.how, units), row.why].filter(Boolean).join(". "),
      dueMs: row.from * MINUTE_MS,
      batchId: "",
    }));
}

const BEFORE: ReadonlySet<BlockKind> = new Set(["prep", "fill", "side", "reheat"]);
/** Once a pot is on, its own actions call. */
export const isBefore = (kind: BlockKind): boolean => BEFORE.has(kind);
