import { MASHED_STARCH_G_KG } from "../ingredient/traits";
import {
  bodyOf,
  CORN_AFTER_HOUR,
  CORN_THINS_AFTER_MIN,
  reduceToL,
  ROUX_BINDS,
  THICKENERS,
  thickenWithG,
  thinWithL,
  type ThickenerId,
} from "../seasoning/thickness";
import { ingredientOf, itemWork, nameOf, valuesOf } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { outcomeOf } from "../units/problem";
import { goesInAfter } from "./eaten";

/** One thing that gives body, as g of wheat flour. */
export interface BodyFrom {
  readonly itemId: string;
  readonly name: string;
  readonly flourG: number;
}

/** How to get from one thickness to another. */
export interface BodyWays {
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

/** What an item gives, g of flour: its starch as far as it still binds, and what of it is mashed. */
function flourGOf(item: PlanItem, trace: Trace): number {
  const course = trace.items.find((c) => c.itemId === item.id);
  const roux = itemWork(item, "roux");
  let binds = roux === undefined ? 1 : ROUX_BINDS[roux.colour ?? "blond"].value;
  if (item.ingredientId === "cornStarch" && boiledMin(item, trace) >= CORN_THINS_AFTER_MIN)
    binds *= CORN_AFTER_HOUR.value;
  const own = item.massKg * valuesOf(item).starchGKg * binds;
  const { group } = ingredientOf(item);
  const mashes = group === "pulse" || item.ingredientId === "potato";
  const share = Math.min(
    1,
    (itemWork(item, "crush")?.share ?? 0) + (itemWork(item, "blend")?.share ?? 0),
  );
  const mashed = mashes ? (course?.endKg ?? item.massKg) * share * MASHED_STARCH_G_KG : 0;
  return own + mashed;
}

/** Minutes something boils in the pot, by when it goes in. */
function boiledMin({ when }: PlanItem, trace: Trace): number {
  switch (when.at) {
    case "start":
      return trace.holdMin;
    case "after":
      return Math.max(0, trace.holdMin - when.min);
    case "beforeEnd":
      return Math.min(trace.holdMin, when.min);
    default:
      return 0;
  }
}

/** Litres of steam a minute near the end of the hold. */
function steamLMin(trace: Trace): number {
  const hold = trace.points.filter((p) => p.phase === "hold");
  const last = hold.at(-1);
  const before = hold.at(-Math.min(hold.length, 12));
  if (last === undefined || before === undefined || last.tMin - before.tMin < 1) return 0;
  return (last.steamedKg - before.steamedKg) / (last.tMin - before.tMin);
}

/** Thickness at the end and the ways to the one that is wanted (model section 14, kitchen estimates). */
export function bodyOfPlan(plan: Plan, trace: Trace): BodyOf {
  const from = plan.items
    .filter((i) => !goesInAfter(i) || plan.end === "served")
    .map((i) => ({ itemId: i.id, name: nameOf(i), flourG: flourGOf(i, trace) }))
    .filter((f) => f.flourG > 0.5)
    .sort((a, b) => b.flourG - a.flourG);
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
        : waysTo(wantedGL, flourGL, volumeL, trace),
  };
}

function waysTo(toGL: number, fromGL: number, volumeL: number, trace: Trace): BodyWays {
  if (toGL < fromGL) return { reduce: null, thicken: [], thinL: thinWithL(volumeL, fromGL, toGL) };
  const toL = reduceToL(volumeL, fromGL, toGL);
  const perMin = steamLMin(trace);
  return {
    reduce: toL === null ? null : { toL, min: perMin > 1e-5 ? (volumeL - toL) / perMin : null },
    thicken: (Object.keys(THICKENERS) as ThickenerId[]).flatMap((id) => {
      const { name, k } = THICKENERS[id];
      const g = outcomeOf(() => thickenWithG(volumeL, fromGL, toGL, k.value));
      return g.ok ? [{ id, name, g: g.value }] : [];
    }),
    thinL: 0,
  };
}
