import type { AsPlanned } from "@kettlos/core/simulate/as-planned";
import type { SetPot } from "@kettlos/core/simulate/set-pot";
import { spreadInTurn, type Spread } from "@kettlos/core/simulate/spread";
import { outcomeOf } from "@kettlos/core/units/problem";
import { pause } from "../../data/pause";

/** A plan's ranges, one uncertainty with each task; undefined where they cannot be had: then its answers say why. */
export async function spreadInParts(
  setPot: SetPot,
  { waterKg, trace }: AsPlanned,
): Promise<Spread | undefined> {
  const turns = spreadInTurn(setPot, waterKg, trace);
  for (;;) {
    const turn = outcomeOf(() => turns.next());
    if (!turn.ok) return undefined;
    if (turn.value.done === true) return turn.value.value;
    await pause();
  }
}
