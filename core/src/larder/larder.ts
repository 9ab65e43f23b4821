import { inForce } from "../batch/in-force";
import type { Product } from "../batch/product-kinds";
import type { FreezerSchool } from "../simulate/freezer-school";
import { ageOf, bestBeforeMs, whyNotFrozen, type Spent } from "./keeping";
import type { LarderEvent, Lot } from "./larder-schema";
import type { Place, WayOut, WhyThrown } from "./larder-words";

/** So many containers of one lot in one place since one moment. */
export interface Holding {
  readonly lot: Lot;
  readonly place: Place;
  readonly count: number;
  readonly sinceMs: number;
  /** Time spent in the fridge before that, and frozen before that, ms. */
  readonly fridgeMs: number;
  readonly frozenMs: number;
  readonly bestBeforeMs: number;
  /** Why it is thrown away and nothing else, by what was done with it; null where it is not. */
  readonly spent: Spent | null;
}

/** What a pot on the fire takes of a lot, in containers. */
export interface Draw {
  readonly atMs: number;
  readonly lotId: string;
  readonly count: number;
  readonly batchId: string;
  readonly batchName: string;
}

/** Where containers of a lot went, or came from. */
export interface Gone {
  readonly atMs: number;
  readonly lotId: string;
  readonly count: number;
  readonly how: WayOut | "pot" | "counted";
  readonly batchId?: string;
  readonly batchName?: string;
  readonly why?: WhyThrown;
}

export interface Larder {
  readonly holdings: readonly Holding[];
  readonly lots: ReadonlyMap<string, Lot>;
  readonly gone: readonly Gone[];
  /** What was used of a pot before it came to the shelves, kg by `productKey`. */
  readonly usedKg: ReadonlyMap<string, number>;
  readonly events: readonly LarderEvent[];
}

interface Slot {
  place: Place;
  count: number;
  sinceMs: number;
  fridgeMs: number;
  frozenMs: number;
  spent: Spent | null;
}

/** Every lot that was ever put on the shelves, by its id. */
export const lotsOf = (written: readonly LarderEvent[]): ReadonlyMap<string, Lot> =>
  new Map(
    inForce(written).flatMap((e) => (e.kind === "stored" ? [[e.lot.id, e.lot] as const] : [])),
  );

/**
 * Folds what happened, and what pots draw, into what is there. Nothing ever goes below none: who takes
 * more than there is gets what there is. A pot that draws takes from the fridge first, then the oldest;
 * what is past its days only where nothing else is left.
 */
export function larderOf(
  written: readonly LarderEvent[],
  draws: readonly Draw[],
  school: FreezerSchool,
): Larder {
  const events = inForce(written);
  const lots = new Map<string, Lot>();
  const slots = new Map<string, Slot[]>();
  const gone: Gone[] = [];
  const usedKg = new Map<string, number>();
  const slotsOf = (lotId: string) => slots.get(lotId) ?? [];

  /** Takes up to so many of these, in this order; gives back what was really taken, by slot. */
  const takeOf = (list: readonly Slot[], count: number): Slot[] => {
    let left = count;
    const out: Slot[] = [];
    for (const slot of list) {
      const n = Math.min(left, slot.count);
      if (n === 0) continue;
      slot.count -= n;
      left -= n;
      out.push({ ...slot, count: n });
    }
    return out;
  };
  const oldestFirst = (lotId: string, place: Place): Slot[] =>
    slotsOf(lotId)
      .filter((s) => s.place === place)
      .sort((a, b) => a.sinceMs - b.sinceMs);
  const take = (lotId: string, place: Place, count: number): Slot[] =>
    takeOf(oldestFirst(lotId, place), count);
  const draw = (lotId: string, count: number, atMs: number): Slot[] => {
    const lot = lots.get(lotId);
    if (lot === undefined) return [];
    const all = [...oldestFirst(lotId, "fridge"), ...oldestFirst(lotId, "freezer")];
    const isGood = (s: Slot) =>
      s.spent === null && (s.place === "freezer" || atMs <= bestBeforeMs(lot, s, school));
    return takeOf([...all.filter(isGood), ...all.filter((s) => !isGood(s))], count);
  };
  const put = (lotId: string, slot: Slot) => {
    const list = slotsOf(lotId);
    if (list.length === 0) slots.set(lotId, list);
    const same = list.find(
      (s) =>
        s.place === slot.place &&
        s.sinceMs === slot.sinceMs &&
        s.fridgeMs === slot.fridgeMs &&
        s.frozenMs === slot.frozenMs &&
        s.spent === slot.spent,
    );
    if (same === undefined) list.push(slot);
    else same.count += slot.count;
  };
  const total = (taken: readonly Slot[]) => taken.reduce((sum, s) => sum + s.count, 0);
  const leaves = (entry: Omit<Gone, "count">, taken: readonly Slot[]) => {
    if (taken.length > 0) gone.push({ ...entry, count: total(taken) });
  };

  const steps = [
    ...events.map((event) => ({ atMs: event.atMs, event, drawn: null })),
    ...draws.map((drawn) => ({ atMs: drawn.atMs, event: null, drawn })),
  ].sort((a, b) => a.atMs - b.atMs);
  for (const { event, drawn, atMs } of steps) {
    if (drawn !== null) {
      const { lotId, batchId, batchName, count } = drawn;
      leaves({ atMs, lotId, how: "pot", batchId, batchName }, draw(lotId, count, atMs));
      continue;
    }
    switch (event.kind) {
      case "stored": {
        const sinceMs = Math.min(event.sinceMs ?? atMs, atMs);
        lots.set(event.lot.id, event.lot);
        // Until then it stood in the fridge, as far as anyone knows.
        const fridgeMs = Math.max(0, sinceMs - event.lot.madeMs);
        const stay = { place: event.place, sinceMs, fridgeMs, frozenMs: 0 };
        const spent = event.place === "freezer" ? whyNotFrozen(event.lot, stay, sinceMs) : null;
        put(event.lot.id, { ...stay, count: event.count, spent });
        break;
      }
      case "used":
        addUsed(usedKg, productKey(event.batchId, event.product), event.massKg);
        break;
      case "taken": {
        const { lotId, place, count, out, why } = event;
        leaves(
          { atMs, lotId, how: out, ...(why === undefined ? {} : { why }) },
          take(lotId, place, count),
        );
        break;
      }
      case "moved": {
        const lot = lots.get(event.lotId);
        if (lot === undefined) break;
        const isFrozenNow = event.from === "fridge";
        for (const slot of take(event.lotId, event.from, event.count)) {
          const stoodMs = atMs - slot.sinceMs;
          put(event.lotId, {
            place: isFrozenNow ? "freezer" : "fridge",
            count: slot.count,
            sinceMs: atMs,
            fridgeMs: slot.fridgeMs + (isFrozenNow ? stoodMs : 0),
            frozenMs: slot.frozenMs + (isFrozenNow ? 0 : stoodMs),
            spent: slot.spent ?? (isFrozenNow ? whyNotFrozen(lot, slot, atMs) : null),
          });
        }
        break;
      }
      case "counted": {
        const { lotId, place } = event;
        const there = total(slotsOf(lotId).filter((s) => s.place === place));
        if (event.count < there)
          leaves({ atMs, lotId, how: "counted" }, take(lotId, place, there - event.count));
        else if (event.count > there && lots.has(lotId)) {
          const oldest = slotsOf(lotId)
            .filter((s) => s.place === place)
            .sort((a, b) => a.sinceMs - b.sinceMs)[0];
          // What turns up again is taken for as old as the oldest of its kind there.
          put(lotId, {
            place,
            sinceMs: oldest?.sinceMs ?? lots.get(lotId)?.madeMs ?? atMs,
            fridgeMs: oldest?.fridgeMs ?? 0,
            frozenMs: oldest?.frozenMs ?? 0,
            spent: oldest?.spent ?? null,
            count: event.count - there,
          });
          gone.push({ atMs, lotId, how: "counted", count: there - event.count });
        }
        break;
      }
    }
  }
  const holdings = [...slots].flatMap(([lotId, list]) => {
    const lot = lots.get(lotId);
    return lot === undefined
      ? []
      : list
          .filter((s) => s.count > 0)
          .map((s) => ({
            lot,
            ...s,
            bestBeforeMs: s.spent === null ? bestBeforeMs(lot, s, school) : s.sinceMs,
          }));
  });
  return {
    holdings: holdings.sort((a, b) => a.bestBeforeMs - b.bestBeforeMs),
    lots,
    gone,
    usedKg,
    events,
  };
}

/** A pot's products apart: its solids by themselves, its liquid or all of it as the pot. */
export const productKey = (batchId: string, product: Product | undefined): string =>
  product === "solids" ? `${batchId}|solids` : batchId;

const addUsed = (usedKg: Map<string, number>, key: string, massKg: number) =>
  usedKg.set(key, (usedKg.get(key) ?? 0) + massKg);

/** Weight of everything in these, kg. */
export const heldKg = (holdings: readonly Holding[]): number =>
  holdings.reduce((sum, h) => sum + h.lot.eachKg * h.count, 0);

/** False once it is past its days in the fridge, then or when it was frozen: it is thrown away, and nothing else. */
export const isUsable = (holding: Holding, nowMs: number): boolean =>
  holding.spent === null &&
  (holding.place === "freezer" || ageOf(holding.place, holding.bestBeforeMs, nowMs) !== "past");

/** Containers left of a lot, everywhere or in one place. */
export const leftOf = (larder: Larder, lotId: string, place?: Place): number =>
  larder.holdings
    .filter((h) => h.lot.id === lotId && (place === undefined || h.place === place))
    .reduce((sum, h) => sum + h.count, 0);

/** The last larder event that an undo would take back, of one pot or of all; null where none is left. */
export function lastLarderEvent(
  events: readonly LarderEvent[],
  batchId?: string,
): LarderEvent | null {
  const live = new Set(inForce(events).map((e) => e.id));
  return (
    events.findLast((e) => live.has(e.id) && (batchId === undefined || isOf(e, batchId))) ?? null
  );
}

const isOf = (event: LarderEvent, batchId: string): boolean =>
  (event.kind === "stored" && event.lot.batchId === batchId) ||
  (event.kind === "used" && event.batchId === batchId);
