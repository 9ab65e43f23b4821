import { MINUTE_MS } from "@kettlos/core/units/time";
import type { PotCall } from "./calls-of";

/** Again after so long, until it is done or heard: dangers each minute, what is due every five. */
const AGAIN_DANGER_MS = MINUTE_MS;
const AGAIN_DUE_MS = 5 * MINUTE_MS;
/** A danger that was heard and still stands calls again after so long. */
const STILL_THERE_MS = 10 * MINUTE_MS;

/** How often something has been called, and whether somebody heard. */
export interface Rung {
  readonly lastMs: number;
  readonly times: number;
  readonly heardMs: number | null;
}

/** Which of what stands now rings at nowMs, the gravest first, and what has been rung after it. */
export function dueCalls(
  calls: readonly PotCall[],
  before: ReadonlyMap<string, Rung>,
  nowMs: number,
): { readonly ring: readonly PotCall[]; readonly after: ReadonlyMap<string, Rung> } {
  const after = new Map<string, Rung>();
  const ring = calls.filter((call) => {
    const known = before.get(call.key);
    const isRung = known === undefined || isDueAgain(call, known, nowMs);
    after.set(
      call.key,
      isRung ? { lastMs: nowMs, times: (known?.times ?? 0) + 1, heardMs: null } : known,
    );
    return isRung;
  });
  return { ring: ring.toSorted((a, b) => Number(b.isDanger) - Number(a.isDanger)), after };
}

function isDueAgain(call: PotCall, { lastMs, heardMs }: Rung, nowMs: number): boolean {
  // A clock that was set back starts over.
  if (nowMs < lastMs) return true;
  if (heardMs !== null) return call.isDanger && nowMs - heardMs >= STILL_THERE_MS;
  return nowMs - lastMs >= (call.isDanger ? AGAIN_DANGER_MS : AGAIN_DUE_MS);
}
