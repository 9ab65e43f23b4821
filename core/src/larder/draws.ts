import type { Batch } from "../batch/batch-schema";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { isUsable, type Draw, type Larder } from "./larder";
import type { Lot } from "./larder-schema";
import type { Place } from "./larder-words";

/** Containers of a lot that so much of it takes: what is opened is opened whole. */
export const containersFor = (lot: Pick<Lot, "eachKg">, massKg: number): number =>
  Math.max(1, Math.ceil(massKg / lot.eachKg - 1e-6));

/** What a plan wants of each lot, kg. */
function wantedKg(plan: Plan): ReadonlyMap<string, number> {
  const wanted = new Map<string, number>();
  for (const { fromLotId, massKg } of plan.items)
    if (fromLotId !== undefined) wanted.set(fromLotId, (wanted.get(fromLotId) ?? 0) + massKg);
  return wanted;
}

/** A pot as the larder sees it. */
export interface Drawer {
  readonly id: string;
  readonly name: string;
  readonly planId: string;
  readonly createdMs: number;
  readonly isPractice: boolean;
  /** Lots that its plan named when it was begun. */
  readonly namedLots: readonly string[];
  /** What it takes of each lot as it is really cooked, kg. */
  readonly drawnKg: readonly (readonly [lotId: string, massKg: number])[];
}

/** A pot for the larder: `stored` as it was begun, `batch` with its plan as it is really cooked. */
export const drawerOf = ({
  batch,
  stored,
}: {
  readonly batch: Batch;
  readonly stored: Batch;
}): Drawer => ({
  id: batch.id,
  name: batch.plan.name,
  planId: batch.plan.id,
  createdMs: batch.createdMs,
  isPractice: batch.practice !== undefined,
  namedLots: [...wantedKg(stored.plan).keys()],
  drawnKg: [...wantedKg(batch.plan)],
});

/**
 * What the pots draw on the larder: what their plans as really cooked take of each lot, from the moment
 * the pot was begun. What was left out, or swapped for something else, is not drawn: it is back on its
 * shelf, as is everything of a pot that was taken off again. Practice pots draw nothing.
 */
export const drawsOf = (pots: readonly Drawer[], lots: ReadonlyMap<string, Lot>): readonly Draw[] =>
  pots
    .filter((pot) => !pot.isPractice)
    .flatMap(({ id, name, createdMs, drawnKg }) =>
      drawnKg.flatMap(([lotId, massKg]) => {
        const lot = lots.get(lotId);
        return lot === undefined
          ? []
          : [
              {
                atMs: createdMs,
                lotId,
                count: containersFor(lot, massKg),
                batchId: id,
                batchName: name,
              },
            ];
      }),
    );

/** Containers of a lot that plans not yet on the fire have spoken for. */
export interface SpokenFor {
  readonly lotId: string;
  readonly planId: string;
  readonly planName: string;
  readonly count: number;
}

/** What a pot of the plan has drawn already is not waited for any more; one for practice draws nothing. */
export const spokenFor = (
  plans: readonly Plan[],
  pots: readonly Drawer[],
  lots: ReadonlyMap<string, Lot>,
): readonly SpokenFor[] => {
  const drawn = new Set(
    pots
      .filter((pot) => !pot.isPractice)
      .flatMap(({ planId, namedLots }) => namedLots.map((lotId) => `${planId}|${lotId}`)),
  );
  return plans.flatMap((plan) =>
    [...wantedKg(plan)].flatMap(([lotId, massKg]) => {
      const lot = lots.get(lotId);
      return lot === undefined || drawn.has(`${plan.id}|${lotId}`)
        ? []
        : [{ lotId, planId: plan.id, planName: plan.name, count: containersFor(lot, massKg) }];
    }),
  );
};

/**
 * Raw things that lie there for a pot, kg by ingredient: less what plans have spoken for by name, and
 * without what is past its date.
 */
export function rawKg(
  larder: Larder,
  spoken: readonly SpokenFor[],
  nowMs: number,
): ReadonlyMap<string, number> {
  const kg = new Map<string, number>();
  const add = (lot: Lot, count: number) => {
    if (lot.ingredientId !== null && !lot.isLiquid)
      kg.set(lot.ingredientId, (kg.get(lot.ingredientId) ?? 0) + count * lot.eachKg);
  };
  const free = new Map<string, { lot: Lot; count: number }>();
  for (const h of larder.holdings)
    if (isUsable(h, nowMs) && h.bestBeforeMs >= nowMs)
      free.set(h.lot.id, { lot: h.lot, count: (free.get(h.lot.id)?.count ?? 0) + h.count });
  for (const { lot, count } of free.values()) {
    const wanted = spoken.filter((s) => s.lotId === lot.id).reduce((sum, s) => sum + s.count, 0);
    add(lot, Math.max(0, count - wanted));
  }
  return kg;
}

/** The item as this lot: what is dissolved in it comes along, and frozen it has to thaw. */
export function drawnFrom(item: PlanItem, lot: Lot, place: Place): PlanItem {
  const { fromPlanId: _plan, label, ...rest } = item;
  return {
    ...rest,
    ...(lot.ingredientId === null ? {} : { ingredientId: lot.ingredientId }),
    frozen: place === "freezer",
    fromLotId: lot.id,
    label: {
      ...(label?.packKg === undefined ? {} : { packKg: label.packKg }),
      ...lot.label,
    },
  };
}

/** How an item that draws on a lot stands. */
export interface LotNeed {
  readonly lot: Lot;
  readonly wantCount: number;
  readonly haveCount: number;
  readonly isEnough: boolean;
  /** In what is opened and not needed, kg. */
  readonly overKg: number;
}

/** What an item takes of its lot, against what is there and may be eaten; null where it draws on none that is known. */
export function lotNeed(item: PlanItem, larder: Larder, nowMs: number): LotNeed | null {
  const lot = item.fromLotId === undefined ? undefined : larder.lots.get(item.fromLotId);
  if (lot === undefined) return null;
  const wantCount = containersFor(lot, item.massKg);
  const haveCount = larder.holdings
    .filter((h) => h.lot.id === lot.id && isUsable(h, nowMs))
    .reduce((sum, h) => sum + h.count, 0);
  return {
    lot,
    wantCount,
    haveCount,
    isEnough: wantCount <= haveCount,
    overKg: Math.max(0, wantCount * lot.eachKg - item.massKg),
  };
}

/** What a lot is enough for: whole pots of a plan, by the stock or bones that it needs. */
export interface EnoughFor {
  readonly plan: Plan;
  readonly needKg: number;
  /** How many times over; below 1 it falls short. */
  readonly times: number;
  readonly shortKg: number;
}

const STOCKS = new Set(["houseStock", "boughtStock", "lowSaltStock"]);
/** Whether something in a plan can be had from a lot: any stock from any stock, the rest from its own kind. */
export const canBe = (
  item: Pick<PlanItem, "ingredientId">,
  lot: Pick<Lot, "ingredientId">,
): boolean =>
  lot.ingredientId !== null &&
  (item.ingredientId === lot.ingredientId ||
    (STOCKS.has(lot.ingredientId) && STOCKS.has(item.ingredientId)));

/** Plans that could use haveKg of what is in a lot, those it is enough for first. */
export const enoughFor = (
  lot: Pick<Lot, "ingredientId">,
  haveKg: number,
  plans: readonly Plan[],
): readonly EnoughFor[] =>
  plans
    .flatMap((plan) => {
      const needKg = plan.items.filter((i) => canBe(i, lot)).reduce((sum, i) => sum + i.massKg, 0);
      return needKg <= 0
        ? []
        : [{ plan, needKg, times: haveKg / needKg, shortKg: Math.max(0, needKg - haveKg) }];
    })
    .sort((a, b) => b.times - a.times);
