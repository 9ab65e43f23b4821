import { MINUTE_MS } from "@kettlos/core/units/time";
import type { SheetRow } from "@kettlos/core/clock/run-sheet";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import type { Clock, LoosePot, Meal } from "@kettlos/core/simulate/clock-schema";
import { useClockStore } from "../../data/clock-store";

const MOST_DONE = 600;
const isoAt = (minute: Minute) => new Date(minute * MINUTE_MS).toISOString();

/** What can be changed on the clock, each a step with its name. */
export function useClockChanges(planName: (id: string) => string | undefined) {
  const store = useClockStore();
  const titleOf = (blockId: string) =>
    store.answer?.rows.find((r) => r.blockId === blockId)?.title.toLowerCase() ?? "a task";
  const nameOf = (planId: string) => planName(planId)?.toLowerCase() ?? "a pot";

  /** The clock with a block kept at a moment, or free to move again. */
  const withPin = (blockId: string, at: Minute | null): Clock => ({
    ...store.clock,
    pins: [
      ...store.clock.pins.filter((p) => p.blockId !== blockId),
      ...(at === null ? [] : [{ blockId, at: isoAt(at) }]),
    ],
  });
  const pin = (blockId: string, at: Minute | null, said = "kept there") =>
    store.change(withPin(blockId, at), `${titleOf(blockId)} ${at === null ? "let go" : said}`);

  /** Minutes given by hand; null is as usual again. */
  function lengthen(row: SheetRow, min: number | null): Promise<void> {
    if (min === row.to - row.from) return Promise.resolve();
    const others = store.clock.lengths.filter((l) => l.taskId !== row.taskId);
    const given = min === null ? [] : [{ taskId: row.taskId, min: Math.round(min) }];
    return store.change(
      { ...store.clock, lengths: [...others, ...given] },
      `${row.title.toLowerCase()} ${min === null ? "as usual" : `${Math.round(min)} min`}`,
    );
  }

  /** Ticked off, for every pot it was done for: it is not asked for again. */
  function done(row: SheetRow, now: Minute): Promise<void> {
    const others = store.clock.done.filter((d) => !row.blockIds.includes(d.blockId));
    const mine = row.blockIds.map((blockId) => ({ blockId, at: isoAt(now) }));
    return store.change(
      { ...store.clock, done: [...others, ...mine].slice(-MOST_DONE) },
      `${row.title.toLowerCase()} done`,
    );
  }

  function keepMeal(meal: Meal): Promise<void> {
    const { clock } = store;
    return store.change(
      {
        ...clock,
        meals: [...clock.meals.filter((m) => m.id !== meal.id), meal],
        loose: clock.loose.filter((l) => !meal.planIds.includes(l.planId)),
      },
      meal.name.toLowerCase(),
    );
  }
  function removeMeal(id: string): Promise<void> {
    const gone = store.clock.meals.find((m) => m.id === id);
    return store.change(
      { ...store.clock, meals: store.clock.meals.filter((m) => m.id !== id) },
      `${gone?.name.toLowerCase() ?? "a meal"} taken off`,
    );
  }
  const keepPot = (pot: LoosePot): Promise<void> =>
    store.change(
      {
        ...store.clock,
        loose: [...store.clock.loose.filter((l) => l.planId !== pot.planId), pot],
      },
      nameOf(pot.planId),
    );
  const removePot = (planId: string): Promise<void> =>
    store.takeOff(planId, `${nameOf(planId)} taken off`);

  return { withPin, pin, lengthen, done, keepMeal, removeMeal, keepPot, removePot };
}
