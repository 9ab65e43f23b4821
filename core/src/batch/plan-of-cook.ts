import type { SetPot } from "../simulate/set-pot";
import { besideOf } from "../dish/accompaniments";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import type { Plan } from "../simulate/plan-schema";
import { waterDensityKgL } from "../water/properties";
import type { Cook } from "./fold";
import { stretchesAsWent } from "./stretches-as-went";

/** What the plan and the cook noted, as one note for the next time. */
export const notesOf = (plan: Plan, cook: Cook): string =>
  [plan.note, ...cook.notes.map((n) => n.text)].filter(Boolean).join(" ").slice(0, 2000);

/** The plan with its heat as it went, stretch by stretch, and what really went in of each ingredient. */
export function planAsWent(plan: Plan, cook: Cook): Plan {
  const went: Plan = { ...plan, ...stretchesAsWent(plan, cook) };
  return {
    ...went,
    items: went.items.map((item) => {
      const added = cook.addedItems.get(item.id);
      if (added === undefined || added.massKg === item.massKg) return item;
      const { counted: _counted, ...rest } = item;
      return { ...rest, massKg: added.massKg };
    }),
  };
}

/**
 * A plan that repeats what was really done: what was added and how much, the water with every top-up,
 * every stretch of its heat and how long it held. The cook's notes come along, to be seen the next time.
 * @throws Problem as waterL does
 */
export function planOfCook(setPot: SetPot, cook: Cook, id: string): Plan {
  const { plan, kitchen } = setPot;
  const begunL = besideOf(plan)
    .filter((s) => s.isFromPot && cook.sides.get(s.kind)?.isLeft === false)
    .reduce((sum, s) => sum + s.stockL, 0);
  // What was ladled out for a side dish is so again.
  const toppedL = cook.pours.reduce((sum, t) => sum + t.volumeL, begunL);
  const pouredL = coldWaterKg(waterL(setPot), kitchen) / waterDensityKgL(kitchen.waterC) + toppedL;
  return {
    ...planAsWent(plan, cook),
    id,
    readyAt: null,
    water: toppedL > 0 ? { by: "amount", volumeL: pouredL } : plan.water,
    note: notesOf(plan, cook),
  };
}
