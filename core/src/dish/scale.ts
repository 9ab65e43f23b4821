import { startContents } from "../simulate/start-contents";
import { resolve, type SetPot } from "../simulate/set-pot";
import { isSpare } from "../heats/heat";
import { isStaged } from "../simulate/moves";
import { suitsPlan } from "../simulate/references";
import type { Plan, PlanItem, Stop, WaterStatement } from "../simulate/plan-schema";
import { fitIn } from "../simulate/pot-fit";
import { waterL } from "../simulate/stated-water";
import { outcomeOf, Problem } from "../units/problem";

const MOST_POTS = 4;
const WITHIN = 1e-3;

/** What a bigger batch does not change in proportion, said to the cook. */
export const DOES_NOT_SCALE = [
  "Time goes by the size of the pieces, not by how much there is.",
  "Steam goes by the width of the pot: a fuller pot loses a smaller share.",
  "It takes longer to come to the simmer, and more batches in the pan.",
  "Salt, chili and spice: start with three quarters of the sum, then taste.",
] as const;

function scaledItem(item: PlanItem, by: number): PlanItem {
  const { counted, work } = item;
  return {
    ...item,
    massKg: item.massKg * by,
    ...(counted === undefined ? {} : { counted: { ...counted, count: counted.count * by } }),
    work: work.map((w) => (w.liquorL === undefined ? w : { ...w, liquorL: w.liquorL * by })),
  };
}

/** Only a typed amount is scaled: the other ways of stating water mean the same in any batch. */
function scaledWater(water: WaterStatement, by: number): WaterStatement {
  if (water.by === "amount") return { ...water, volumeL: water.volumeL * by };
  if (water.by !== "left") return water;
  const { wanted } = water;
  if (wanted.by === "volume")
    return { by: "left", wanted: { ...wanted, volumeL: wanted.volumeL * by } };
  if (wanted.by === "moulds")
    return { by: "left", wanted: { ...wanted, count: Math.max(1, Math.round(wanted.count * by)) } };
  return {
    by: "left",
    wanted: { ...wanted, eaters: Math.max(1, Math.round(wanted.eaters * by)) },
  };
}

/**
 * The same dish, more or less of it: what goes in and a typed amount of water go up together; times,
 * pieces, heat and lid stay. Scaling by s and then by 1/s gives the same dish.
 * @throws Problem `range` unless 0 < by ≤ 100
 */
export function scaled(plan: Plan, by: number): Plan {
  if (!(by > 0 && by <= 100))
    throw new Problem("range", "scale", by, `${by} times the dish is out of range: 0 to 100.`);
  const stopOf = (stop: Stop): Stop =>
    stop.by === "liquid" ? { ...stop, liquidL: stop.liquidL * by } : stop;
  return {
    ...plan,
    items: plan.items.map((i) => scaledItem(i, by)),
    water: scaledWater(plan.water, by),
    stop: stopOf(plan.stop),
    then: plan.then.map((s) => ({ ...s, stop: stopOf(s.stop) })),
  };
}

/**
 * The dish for so many people: by the number it serves now.
 * @throws Problem `unreadable` where the plan does not say how many it serves
 */
export function scaledToPeople(plan: Plan, people: number): Plan {
  if (plan.serves === null)
    throw new Problem(
      "unreadable",
      "serves",
      null,
      "Say first how many it serves as it is; then it can be made for more.",
    );
  const next = scaled(plan, people / plan.serves.people);
  return { ...next, serves: { ...plan.serves, people } };
}

/** The dish scaled by what there is of one ingredient, kg. */
export function scaledToIngredient(plan: Plan, itemId: string, massKg: number): Plan {
  const item = plan.items.find((i) => i.id === itemId);
  if (item === undefined || !(massKg > 0))
    throw new Problem("range", "massKg", massKg, "Say how much of it there is: more than nothing.");
  const by = massKg / item.massKg;
  const next = scaled(plan, by);
  return plan.serves === null ? next : { ...next, serves: servesBy(plan.serves, by) };
}

const servesBy = (serves: NonNullable<Plan["serves"]>, by: number) => ({
  ...serves,
  people: Math.max(1, Math.round(serves.people * by)),
});

/** With everything in that goes in while it cooks: that has to fit as well. */
const allIn = (plan: Plan): Plan => ({
  ...plan,
  items: plan.items.map((i) => (isStaged(i) ? { ...i, when: { at: "start" as const } } : i)),
});

/** Whether so many times the dish fits its pot, with the water that it says. */
const fits = ({ plan, kitchen, vessel }: SetPot, by: number): boolean => {
  const outcome = outcomeOf(() => {
    const next = scaled(plan, by);
    return (
      vessel !== undefined &&
      fitIn(vessel, startContents(allIn(next)), waterL(resolve(next, kitchen))).limit === "fits"
    );
  });
  return outcome.ok && outcome.value;
};

/** As much of the dish as its own pot takes to the fill line; the dish as it is where nothing fits. */
export function asMuchAsFits(setPot: SetPot): Plan {
  const { plan } = setPot;
  let low = 0.02;
  if (!fits(setPot, low)) return plan;
  let high = low;
  while (high < 100 && fits(setPot, high)) high = Math.min(100, high * 2);
  if (high >= 100) return plan;
  low = high / 2;
  while (high - low > WITHIN * low) {
    const middle = (low + high) / 2;
    if (fits(setPot, middle)) low = middle;
    else high = middle;
  }
  const next = scaled(plan, low);
  return plan.serves === null ? next : { ...next, serves: servesBy(plan.serves, low) };
}

/**
 * The dish shared out over as few pots of this kitchen as it takes, each by the room it has. One plan
 * where it fits its own pot.
 * @throws Problem `notReachable` where not even four pots hold it
 */
export function acrossPots(setPot: SetPot): readonly Plan[] {
  const { plan, kitchen } = setPot;
  if (fits(setPot, 1)) return [plan];
  const pots = kitchen.vessels.filter((v) => suitsPlan(v, plan) && v.kind !== "pan");
  const shareOf = (vesselId: string): number => {
    const there = { ...plan, vesselId };
    let low = 0;
    let high = 1;
    for (let i = 0; i < 20; i++) {
      const middle = (low + high) / 2;
      if (fits(resolve(there, kitchen), Math.max(1e-3, middle))) low = middle;
      else high = middle;
    }
    return low;
  };
  // The roomiest first; a pressure cooker stands in as a pot only where nothing else is left.
  const standsIn = (id: string) =>
    kitchen.vessels.some((v) => v.id === id && isSpare(v, plan.heat.method));
  const shares = pots
    .map((v) => ({ vesselId: v.id, most: shareOf(v.id) }))
    .sort((a, b) => Number(standsIn(a.vesselId)) - Number(standsIn(b.vesselId)) || b.most - a.most);
  for (let count = 1; count <= Math.min(MOST_POTS, shares.length); count++) {
    const used = shares.slice(0, count);
    const room = used.reduce((sum, s) => sum + s.most, 0);
    if (room < 1) continue;
    return used.map(({ vesselId, most }, i) => {
      const by = most / room;
      const part = scaled({ ...plan, vesselId }, by);
      const ringId = (kitchen.rings[i] ?? kitchen.rings[0])?.id ?? plan.ringId;
      const people = plan.serves === null ? null : servesBy(plan.serves, by);
      return { ...part, ringId, serves: people };
    });
  }
  const roomL = shares.slice(0, MOST_POTS).length;
  throw new Problem(
    "notReachable",
    "vesselId",
    roomL,
    `So much does not fit ${roomL === 1 ? "the one pot" : `${roomL} pots`} of this kitchen. Cook it in two goes, or make less.`,
  );
}

/** Whole packs to buy of something, and what is over, kg; null where it is sold loose. */
export interface PacksOf {
  readonly packKg: number;
  readonly count: number;
  readonly overKg: number;
}

/** The packs that waste least: every size tried by itself. */
export function packsFor(needKg: number, sizesKg: readonly number[]): PacksOf | null {
  const ways = sizesKg
    .map((packKg) => {
      const count = Math.max(1, Math.ceil(needKg / packKg - 1e-9));
      return { packKg, count, overKg: count * packKg - needKg };
    })
    .sort((a, b) => a.overKg - b.overKg || a.count - b.count);
  return ways[0] ?? null;
}
