import type { Cook } from "../batch/fold";
import { minOf } from "../batch/course-of";
import type { Check, Taste } from "../events/watch/terms";
import { judgedTarget } from "../simulate/judged";
import { pointAt } from "../simulate/point-at";
import type { SetPot } from "../simulate/set-pot";
import { LEAST_SIPPING_SALT_G_L, SALTY_BROTH_G_L } from "../seasoning/salt";
import type { JudgedTarget, TracePoint } from "../simulate/trace";
import type { HiddenPot } from "./hidden-pot";
import { saltOfPot } from "./salt-of-pot";

/** What eye, fork and tongue tell of a practice pot at a moment. */
export interface Senses {
  readonly sees: string;
  /** Of what rules the dish; null where nothing is judged by a fork. */
  readonly fork: { readonly itemId: string; readonly how: Check } | null;
  readonly saltGL: number;
  readonly taste: Taste;
  /** Of the liquid, to half a degree, °C. */
  readonly liquidC: number;
}

/** Below the boil: small bubbles rise; steam; hardly warm, °C. */
const SIMMERS_WITHIN_C = 6.5;
const STEAMS_FROM_C = 60;
const WARM_FROM_C = 35;

/** @param nowMs on the pot's own clock */
export function sensesOf(setPot: SetPot, pot: HiddenPot, cook: Cook, nowMs: number): Senses {
  const trace = pot.traceAt(cook, nowMs);
  const point = pointAt(trace, minOf(setPot.plan, cook, nowMs));
  const perL = saltOfPot(setPot, pot, point.liquidL);
  const main = setPot.plan.items.find((i) => i.id === trace.mainItemId);
  const target = main === undefined ? null : judgedTarget(main, trace);
  return {
    sees: seen(point, trace.boilingC),
    fork:
      main === undefined || target === null
        ? null
        : {
            itemId: main.id,
            how: forked(point.cookMin / (pot.trouble.tougher ?? 1), target),
          },
    saltGL: perL,
    taste:
      perL > SALTY_BROTH_G_L.value
        ? "salty"
        : perL < LEAST_SIPPING_SALT_G_L.value
          ? "dull"
          : "right",
    liquidC: Math.round(point.liquidC * 2) / 2,
  };
}

function seen(point: TracePoint, boilingC: number): string {
  if (point.phase === "boil") return "it boils hard, the scum rises";
  if (point.liquidC >= boilingC - SIMMERS_WITHIN_C) return "small bubbles rise, it simmers";
  if (point.liquidC >= STEAMS_FROM_C) return "it steams, no bubble rises";
  return point.liquidC >= WARM_FROM_C ? "it is warm, and still" : "it is cold, and still";
}

/** As a fork is believed (`doneness/target-belief.ts`): nearly from done on, tender at its best. */
const forked = (cookMin: number, { done, ideal, past }: JudgedTarget): Check =>
  cookMin > past.value
    ? "tooSoft"
    : cookMin >= ideal.value
      ? "tender"
      : cookMin >= done.value
        ? "nearly"
        : "notYet";
