import { judgedIn } from "./judged";
import { rulingItemId } from "./ruling";
import type { SetPot } from "./set-pot";
import type { JudgedTarget } from "./trace";

/** What rules a pot, and the end of everything in it that is judged. */
interface Judging {
  readonly startLiquidKg: number;
  readonly ruledBy: string | null;
  readonly judged: ReadonlyMap<string, JudgedTarget>;
}

/** The same pot is run many times over with as much liquid: its ranges are. */
const lastOf = new WeakMap<SetPot, Judging>();

export function judgingOf(setPot: SetPot, startLiquidKg: number): Judging {
  const last = lastOf.get(setPot);
  if (last?.startLiquidKg === startLiquidKg) return last;
  const { plan, kitchen } = setPot;
  const judging = {
    startLiquidKg,
    ruledBy: rulingItemId(setPot, startLiquidKg),
    judged: judgedIn(plan, kitchen, startLiquidKg),
  };
  lastOf.set(setPot, judging);
  return judging;
}
