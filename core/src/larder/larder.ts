import { inForce } from "../batch/in-force";
import type { FreezerSchool } from "../simulate/keeping-words";
import { ageOf, bestBeforeMs } from "./keeping";
import type { LarderEvent, Lot, Place, WayOut, WhyThrown } from "./larder-schema";

/** So many containers of one lot in one place since one moment. */
export interface Holding {
  readonly lot: Lot;
  readonly place: Place;
  readonly count: number;
  readonly sinceMs: number;
  /** Time spent in the fridge before that, ms. */
  readonly fridgeMs: number;
  readonly bestBeforeMs: number;
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
  /** What was used of a pot before it came to the shelves, kg by batch. */
  readonly usedKg: ReadonlyMap<string, number>;
  readonly events: readonly LarderEvent[];
}

interface Slot {
  place: Place;
  count: number;
  sinceMs: number;
  fridgeMs: number;
}

/** Every lot that was ever put on the shelves, by its id. */
export const lotsOf = (written: readonly LarderEvent[]): ReadonlyMap<string, Lot> =>
  new Map(
    inForce(written).flatMap((e) => (e.kind === "stored" ? [[e.lot.id, e.lot] as const] : [])),
  );

/**
 * Folds what happened, and what pots draw, into what is there. Nothing ever goes below none: who takes
 * more than there is gets what there is. A pot that draws takes from the fridge first, then the oldest.
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

  /** Takes up to so many out of a lot; gives back what was really taken, by slot. */
  const take = (lotId: string, places: readonly Place[], count: number): Slot[] => {
    let left = count;
    const out: Slot[] = [];
    for (const place of places)
      for (const slot of slotsOf(lotId)
        .filter((s) => s.place === place)
        .sort((a, b) => a.sinceMs - b.sinceMs)) {
        const n = Math.min(left, slot.count);
        if (n === 0) continue;
        slot.count -= n;
        left -= n;
        out.push({ ...slot, count: n });
      }
    return out;
  };
  const put = (lotId: string, slot: Slot) => {
    const list = slotsOf(lotId);
    if (list.length === 0) slots.set(lotId, list);
    const same = list.find(
      (s) => s.place === slot.place && s.sinceMs === slot.sinceMs && s.fridgeMs === slot.fridgeMs,
    );
    if (same === undefined) list.push(slot);
    else same.count += slot.count;
  };
  const total = (taken: readonly Slot[]) => taken.reduce((sum, s) => sum + s.count, 0);
  const leaves = (entry: Omit<Gone, "count">, taken: readonly Slot[]) => {
    if (taken.length > 0) gone.push({ ...entry, count: total(taken) });
  };

  const steps = [
    ...events.map((event) => ({ atMs: event.atMs, event, draw: null })),
    ...draws.map((draw) => ({ atMs: draw.atMs, event: null, draw })),
  ].sort((a, b) => a.atMs - b.atMs);
  for (const { event, draw, atMs } of steps) {
    if (draw !== null) {
      const { lotId, batchId, batchName } = draw;
      leaves(
        { atMs, lotId, how: "pot", batchId, batchName },
        take(lotId, ["fridge", "freezer"], draw.count),
      );
      continue;
    }
    switch (event.kind) {
      case "stored": {
        const sinceMs = Math.min(event.sinceMs ?? atMs, atMs);
        lots.set(event.lot.id, event.lot);
        // Until then it stood in the fridge, as far as anyone knows.
        const fridgeMs = Math.max(0, sinceMs - event.lot.madeMs);
        put(event.lot.id, { place: event.place, count: event.count, sinceMs, fridgeMs });
        break;
      }
      case "used":
        usedKg.set(event.batchId, (usedKg.get(event.batchId) ?? 0) + event.massKg);
        break;
      case "taken": {
        const { lotId, place, count, out, why } = event;
        leaves(
          { atMs, lotId, how: out, ...(why === undefined ? {} : { why }) },
          take(lotId, [place], count),
        );
        break;
      }
      case "moved": {
        const to: Place = event.from === "fridge" ? "freezer" : "fridge";
        for (const slot of take(event.lotId, [event.from], event.count))
          put(event.lotId, {
            place: to,
            count: slot.count,
            sinceMs: atMs,
            fridgeMs: slot.fridgeMs + (event.from === "fridge" ? atMs - slot.sinceMs : 0),
          });
        break;
      }
      case "counted": {
        const { lotId, place } = event;
        const there = total(slotsOf(lotId).filter((s) => s.place === place));
        if (event.count < there)
          leaves({ atMs, lotId, how: "counted" }, take(lotId, [place], there - event.count));
        else if (event.count > there && lots.has(lotId)) {
          const oldest = slotsOf(lotId)
            .filter((s) => s.place === place)
            .sort((a, b) => a.sinceMs - b.sinceMs)[0];
          // What turns up again is taken for as old as the oldest of its kind there.
          put(lotId, {
            place,
            sinceMs: oldest?.sinceMs ?? lots.get(lotId)?.madeMs ?? atMs,
            fridgeMs: oldest?.fridgeMs ?? 0,
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
            bestBeforeMs: bestBeforeMs(lot, s.place, s.sinceMs, s.fridgeMs, school),
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

/** Weight of everything in these, kg. */
export const heldKg = (holdings: readonly Holding[]): number =>
  holdings.reduce((sum, h) => sum + h.lot.eachKg * h.count, 0);

/** False once it is past its days in the fridge: then it is thrown away, and nothing else. */
export const isUsable = (holding: Holding, nowMs: number): boolean =>
  holding.place === "freezer" || ageOf(holding.place, holding.bestBeforeMs, nowMs) !== "past";

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
