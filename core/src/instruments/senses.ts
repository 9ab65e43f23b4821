import type { Cook } from "../batch/fold";
import { minOf } from "../batch/course-of";
import type { Check, Taste } from "../events/watch/terms";
import { judgedTarget } from "../simulate/judged";
import { pointAt } from "../simulate/point-at";
import type { SetPot } from "../simulate/set-pot";
import type { TracePoint } from "../simulate/trace";
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
/** A broth to sip. */
const SALT = { dull: 6, salty: 8 } as const;
/** A fork goes in, but it holds on. */
const NEARLY = 0.75;

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
            how: forked(
              point.cookMin / (pot.trouble.tougher ?? 1),
              target.ideal.value,
              target.past.value,
            ),
          },
    saltGL: perL,
    taste: perL > SALT.salty ? "salty" : perL < SALT.dull ? "dull" : "right",
    liquidC: Math.round(point.liquidC * 2) / 2,
  };
}

function seen(point: TracePoint, boilingC: number): string {
  if (point.phase === "boil") return "it boils hard, the scum rises";
  if (point.liquidC >= boilingC - SIMMERS_WITHIN_C) return "small bubbles rise, it simmers";
  if (point.liquidC >= STEAMS_FROM_C) return "it steams, no bubble rises";
  return point.liquidC >= WARM_FROM_C ? "it is warm, and still" : "it is cold, and still";
}

const forked = (got: number, ideal: number, past: number): Check =>
  got > past ? "tooSoft" : got >= ideal ? "tender" : got >= ideal * NEARLY ? "nearly" : "notYet";
