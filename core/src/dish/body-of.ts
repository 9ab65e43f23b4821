import { isOnRing } from "../heats/heat";
import { LID_FACTOR } from "../liquid/constants";
import {
  bodyOf,
  reduceToL,
  THICKENERS,
  thickenWithG,
  thinWithL,
  type ThickenerId,
} from "../seasoning/thickness";
import { bindsIn, type BodyFrom } from "../simulate/binding";
import type { Plan } from "../simulate/plan-schema";
import { lastHeat } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";
import { outcomeOf } from "../units/problem";

/** How to get from one thickness to another. */
interface BodyWays {
  /** Liquid to go down to, L, and minutes more at this heat; null where boiling does not thicken it. */
  readonly reduce: { readonly toL: number; readonly min: number | null } | null;
  readonly thicken: readonly {
    readonly id: ThickenerId;
    readonly name: string;
    readonly g: number;
  }[];
  /** Unthickened liquid to thin it with, L; 0 where it is not too thick. */
  readonly thinL: number;
}

/** Body of a pot's liquid at the end. */
export interface BodyOf {
  readonly flourGL: number;
  readonly name: string;
  readonly from: readonly BodyFrom[];
  readonly volumeL: number;
  readonly wantedGL: number | null;
  readonly ways: BodyWays | null;
}

/** Litres of steam a minute near the end of the hold, with the lid off where there is one to take off. */
function steamLMin(plan: Plan, trace: Trace): number {
  const heat = lastHeat(plan);
  const hold = trace.points.filter((p) => p.phase === "hold");
  const last = hold.at(-1);
  const before = hold.at(-Math.min(hold.length, 12));
  if (last === undefined || before === undefined || last.tMin - before.tMin < 1) return 0;
  const open = isOnRing(heat) ? LID_FACTOR.off.value / LID_FACTOR[heat.lid].value : 1;
  return (open * (last.steamedKg - before.steamedKg)) / (last.tMin - before.tMin);
}

/** Thickness at the end and the ways to the one that is wanted (docs/method.md, “The whole dish”, kitchen estimates). */
export function bodyOfPlan(plan: Plan, trace: Trace): BodyOf {
  const from = bindsIn(plan, trace);
  const volumeL = trace.endLiquidL;
  const flourG = from.reduce((sum, f) => sum + f.flourG, 0);
  const flourGL = volumeL > 0 ? flourG / volumeL : 0;
  const wantedGL = plan.thickWantedGL;
  return {
    flourGL,
    name: bodyOf(flourGL).name,
    from,
    volumeL,
    wantedGL,
    ways:
      wantedGL === null || bodyOf(wantedGL).id === bodyOf(flourGL).id
        ? null
        : waysTo(wantedGL, flourGL, volumeL, plan, trace),
  };
}

/** Further down it scorches and salts before it thickens: no reducing under a third. */
const LEAST_SHARE = 1 / 3;

function waysTo(toGL: number, fromGL: number, volumeL: number, plan: Plan, trace: Trace): BodyWays {
  if (toGL < fromGL) return { reduce: null, thicken: [], thinL: thinWithL(volumeL, fromGL, toGL) };
  const toL = reduceToL(volumeL, fromGL, toGL);
  const perMin = steamLMin(plan, trace);
  return {
    reduce:
      toL === null || toL < LEAST_SHARE * volumeL
        ? null
        : { toL, min: perMin > 1e-5 ? (volumeL - toL) / perMin : null },
    thicken: (Object.keys(THICKENERS) as ThickenerId[]).flatMap((id) => {
      const { name, k } = THICKENERS[id];
      const g = outcomeOf(() => thickenWithG(volumeL, fromGL, toGL, k.value));
      return g.ok ? [{ id, name, g: g.value }] : [];
    }),
    thinL: 0,
  };
}
