import { resolve } from "../simulate/set-pot";
import { ONE_COOK } from "../simulate/hands";
import { USUAL_SLEEP } from "../simulate/usual-sleep";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { outcomeOf, Problem } from "../units/problem";
import { KEEPS_MIN } from "./keeps";
import { about, exactly } from "./minutes";
import type { Clock, Meal, Side } from "../simulate/clock-schema";
import { hoursOf, nightOf, someoneUp, windowsIn, type HandHours } from "./hours";
import { mergeWork } from "./merge-work";
import { potBlocks, type PotBlocks } from "./pot-blocks";
import type { Running } from "./running";
import { blockOf, taskOf, type Block, type Link, type Task } from "./task";
import { kitchenEstimate } from "../units/constant";
import { without, type Stretch } from "./stretch";
import { minuteOf, type Minute, type WallClock } from "./wall-clock";
import { shelfM2 } from "./vessel-floor";

/** What has to be done by when: a meal, or a pot for no meal. */
export interface Goal {
  readonly id: string;
  readonly name: string;
  readonly kind: "meal" | "pot";
  /** Null where it fills what is free. */
  readonly due: Minute | null;
  /** The block that has to be ready by then. */
  readonly blockId: string;
  readonly planIds: readonly string[];
  /** What a minute late weighs against one of another. */
  readonly weight: number;
}

/** All that is to be put on one clock. */
export interface Day {
  readonly now: Minute;
  readonly until: Minute;
  readonly hands: readonly HandHours[];
  readonly up: readonly Stretch[];
  /** When the house may hear it. */
  readonly loud: readonly Stretch[];
  /** Room for stock in the fridge, L; null where there is room for all of it. */
  readonly fridgeL: number | null;
  /** Starts from which a pot goes through the night, by what it takes until it is ready, min. */
  readonly overnight: (readyMin: number) => readonly Stretch[];
  readonly shelves: ReadonlyMap<string, number>;
  readonly blocks: readonly Block[];
  readonly goals: readonly Goal[];
  /** Things of which there are as many as are wanted: to find out what stands in the way. */
  readonly endless?: ReadonlySet<string>;
  readonly pots: ReadonlyMap<string, PotBlocks>;
  /** Plans that cannot be cooked as they stand, with why. */
  readonly problems: ReadonlyMap<string, Problem>;
}

export interface Asked {
  readonly kitchen: Kitchen;
  readonly plans: readonly Plan[];
  readonly clock: Clock;
  readonly running?: readonly Running[];
  /** Free in the freezer now, L; null or left out where nobody measured it. */
  readonly freezerFreeL?: number | null;
  /** Cooked ahead already, and chilled: hot again for their meals. */
  readonly cookedAhead?: readonly string[];
  /** Minutes kept in hand, by goal. */
  readonly inHandMin?: ReadonlyMap<string, number>;
  readonly now: Minute;
}

const WEIGHTS = { any: 1, usual: 3, firm: 10 } as const;
const POT_WEIGHT = 1;
/** Nothing is looked for further ahead, min: four days after the last thing that has a time. */
const AHEAD_MIN = 4 * 1440;
/** What is put on for a night goes on from here, and is ready after it. */
const EVENING = "16:00";
/** Of the time that a dish keeps hot so much is room to move, and not kept in hand. */
const SLACK_MIN = 15;
const SIDE_KEEPS_MIN = kitchenEstimate(
  "a side dish keeps warm",
  30,
  "min",
  "covered, in a warm place",
);

const minuteAt = (iso: string): Minute => minuteOf(Date.parse(iso));

/** Puts plans, meals and hands together. A plan that cannot be cooked is left out, and said. */
export function dayOf(asked: Asked, wall: WallClock): Day {
  const { kitchen, plans, clock, running = [], now, inHandMin = new Map<string, number>() } = asked;
  const times = [
    ...clock.meals.map((m) => minuteAt(m.at)),
    ...clock.loose.flatMap((l) => (l.by === null ? [] : [minuteAt(l.by)])),
    ...clock.loose.flatMap((l) => (l.notBefore === null ? [] : [minuteAt(l.notBefore)])),
  ];
  const until = Math.max(now, ...times) + AHEAD_MIN;
  const all = { from: now, to: until };
  const hands = (kitchen.hands.length === 0 ? [ONE_COOK] : kitchen.hands).map((h) =>
    hoursOf(h, all, wall),
  );
  const problems = new Map<string, Problem>();
  const pots = new Map<string, PotBlocks>();
  const looseOf = new Map(clock.loose.map((l) => [l.planId, l]));
  const onTable = new Set(clock.meals.flatMap((m) => m.planIds));
  const aheadOf = new Map(
    clock.meals.flatMap((m) => (m.ahead ?? []).map((a) => [a.planId, a] as const)),
  );
  const wanted = new Set([...onTable, ...clock.loose.map((l) => l.planId)]);
  for (const plan of plans) {
    const ahead = aheadOf.get(plan.id) ?? null;
    const onFire = running.find((r) => r.planId === plan.id);
    if (!wanted.has(plan.id) || (onFire !== undefined && ahead === null)) continue;
    const isOvernight = looseOf.get(plan.id)?.onlyOvernight ?? false;
    const outcome = outcomeOf(() => potBlocks(resolve(plan, kitchen), { isOvernight, ahead }));
    if (outcome.ok) {
      const pot = outcome.value;
      const isCooked = asked.cookedAhead?.includes(plan.id) === true;
      if (pot.reheat === null) {
        if (onFire === undefined) pots.set(plan.id, onTable.has(plan.id) ? eatenHot(pot) : pot);
      } else if (onFire !== undefined) pots.set(plan.id, onlyReheated(pot, afterFire(onFire)));
      else pots.set(plan.id, isCooked ? onlyReheated(pot, []) : pot);
    } else problems.set(plan.id, outcome.problem);
  }
  const planOf = new Map(plans.map((p) => [p.id, p]));
  for (const meal of clock.meals)
    for (const id of meal.planIds)
      if (!planOf.has(id) && !running.some((r) => r.planId === id))
        problems.set(id, missing(id, meal));
  const blocks = new Map<string, Block>();
  for (const pot of pots.values()) for (const b of pot.blocks) blocks.set(b.id, b);
  for (const r of running) for (const b of r.blocks) blocks.set(b.id, b);

  // A stock before what draws on it; where its fat is lifted cold, its portions before.
  for (const pot of pots.values()) {
    const from = (planOf.get(pot.planId)?.items ?? []).flatMap((i) => i.fromPlanId ?? []);
    const links = from.flatMap((id): Link[] => {
      const stock = pots.get(id);
      return stock === undefined
        ? []
        : [{ blockId: stock.lastId, from: "end", leastMin: 0, mostMin: null }];
    });
    const fill = pot.blocks.find((b) => b.kind === "fill");
    if (fill !== undefined && links.length > 0)
      blocks.set(fill.id, { ...fill, after: [...fill.after, ...links] });
  }
  const goals: Goal[] = [];
  for (const meal of clock.meals) {
    const made = mealBlocks(meal, pots, running, kitchen, inHandMin.get(meal.id) ?? 0);
    for (const b of made) blocks.set(b.id, b);
    goals.push({
      id: meal.id,
      name: meal.name,
      kind: "meal",
      due: minuteAt(meal.at),
      blockId: serveId(meal),
      planIds: meal.planIds.filter((id) => pots.has(id)),
      weight: WEIGHTS[meal.importance],
    });
  }
  for (const loose of clock.loose) {
    const pot = pots.get(loose.planId);
    const onFire = running.find((r) => r.planId === loose.planId);
    if (onFire !== undefined && loose.by !== null)
      goals.push({
        id: loose.planId,
        name: onFire.name,
        kind: "pot",
        due: minuteAt(loose.by),
        blockId: onFire.fireId,
        planIds: [loose.planId],
        weight: POT_WEIGHT,
      });
    if (pot === undefined) continue;
    goals.push({
      id: loose.planId,
      name: pot.name,
      kind: "pot",
      due: loose.by === null ? null : minuteAt(loose.by) - (inHandMin.get(loose.planId) ?? 0),
      blockId: pot.fireId,
      planIds: [pot.planId],
      weight: POT_WEIGHT,
    });
    if (loose.notBefore === null) continue;
    for (const b of pot.blocks) {
      const held = blocks.get(b.id);
      if (held !== undefined) blocks.set(b.id, { ...held, notBefore: minuteAt(loose.notBefore) });
    }
  }
  const done = new Set(clock.done.map((d) => d.blockId));
  const toDo = [...blocks.values()].filter((b) => !done.has(b.id));
  const merged = mergeWork(toDo, clock.meals);
  const lengths = new Map(clock.lengths.map((l) => [l.taskId, l.min]));
  const pins = new Map(clock.pins.map((p) => [p.blockId, minuteAt(p.at)]));
  return {
    now,
    until,
    hands,
    up: someoneUp(hands),
    loud: without([all], windowsIn(kitchen.quiet ?? [], all, wall)),
    fridgeL: kitchen.fridgeL ?? null,
    overnight: overnightOf(kitchen, all, wall),
    shelves: new Map(kitchen.ovens.map((o) => [o.id, shelfM2(o)])),
    blocks: merged.map((b) => pinned(lengthened(b, lengths), pins)),
    goals,
    pots,
    problems,
  };
}

const missing = (planId: string, meal: Meal): Problem =>
  new Problem(
    "unknownReference",
    "planIds",
    planId,
    `A pot of ${meal.name} is not planned any more.`,
  );

/** What was cooked ahead stands in the fridge: it is only to be made hot. */
const onlyReheated = (pot: PotBlocks, after: readonly Link[]): PotBlocks => ({
  ...pot,
  blocks: pot.reheat === null ? [] : [{ ...pot.reheat, after }],
});
/** From the fire on, and through its bath, it waits in the fridge. */
const afterFire = ({ fireId }: Running): readonly Link[] => [
  { blockId: fireId, from: "end", leastMin: 0, mostMin: KEEPS_MIN.chilled.value },
];

/** A broth that is on a meal's table goes there hot from the sieve, and not into the bath. */
const eatenHot = (pot: PotBlocks): PotBlocks => ({
  ...pot,
  lastId: pot.fireId,
  blocks: pot.blocks
    .filter((b) => b.kind !== "portion")
    .map((b) =>
      b.id === pot.fireId ? { ...b, steps: b.steps.slice(0, b.readyStep + 1), isServed: true } : b,
    ),
});

export const serveId = (meal: Pick<Meal, "id">): string => `${meal.id}/serve`;

/** Serving, and what is cooked beside the pots. */
function mealBlocks(
  meal: Meal,
  pots: ReadonlyMap<string, PotBlocks>,
  running: readonly Running[],
  kitchen: Kitchen,
  inHandMin: number,
): readonly Block[] {
  const planIds = meal.planIds.filter((id) => pots.has(id));
  const sideSteps = (side: Side, id: string): readonly Task[] => {
    const hands = taskOf(id, side.name, { minutes: about(side.handsMin), how: meal.name });
    const rest = taskOf(`${id}:rest`, side.name, {
      minutes: exactly(side.restMin),
      how: meal.name,
      attention: "near",
      isFlame: side.onRing,
      ringIds: side.onRing ? kitchen.rings.map((r) => r.id) : [],
    });
    return [...(side.handsMin > 0 ? [hands] : []), ...(side.restMin > 0 ? [rest] : [])];
  };
  const sides = [...meal.sides, ...planIds.flatMap((id) => sidesOf(pots.get(id)))]
    .map((side) => {
      const id = `${meal.id}/side/${side.id}`;
      return blockOf(id, "side", sideSteps(side, id));
    })
    .filter((b) => b.steps.length > 0);
  const cooked = planIds.flatMap((id): Link[] => {
    const pot = pots.get(id);
    return pot === undefined
      ? []
      : [
          {
            blockId: pot.servedId,
            from: "ready",
            leastMin: 0,
            mostMin: pot.keepsHotMin,
            // It waits hot, and so no longer than it keeps hot.
            inHandMin: Math.min(inHandMin, Math.max(0, pot.keepsHotMin - SLACK_MIN)),
          },
        ];
  });
  const onFire = running.flatMap((r): Link[] =>
    meal.planIds.includes(r.planId) && !pots.has(r.planId)
      ? [{ blockId: r.fireId, from: "ready", leastMin: 0, mostMin: null }]
      : [],
  );
  const beside = sides.map((b): Link => ({
    blockId: b.id,
    from: "end",
    leastMin: 0,
    mostMin: SIDE_KEEPS_MIN.value,
    // It is quickly made: no more is kept in hand than it may take longer.
    inHandMin: Math.min(inHandMin, slowerMin(b), SIDE_KEEPS_MIN.value),
  }));
  const id = serveId(meal);
  const served = {
    planIds: meal.planIds.filter((p) => pots.has(p) || running.some((r) => r.planId === p)),
  };
  const serve = taskOf(id, `Serve: ${meal.name}`, {
    ...served,
    minutes: exactly(Math.max(1, meal.serveMin)),
  });
  return [
    ...sides,
    blockOf(id, "serve", [serve], { ...served, after: [...cooked, ...onFire, ...beside] }),
  ];
}

/** What a pot of the meal is served with, as the meal's own side dishes are. */
const sidesOf = (pot: PotBlocks | undefined): readonly Side[] =>
  (pot?.sides ?? []).map(({ kind, name, handsMin, restMin }) => ({
    id: `${pot?.planId ?? ""}/${kind}`,
    name: `${name[0]?.toUpperCase() ?? ""}${name.slice(1)}`,
    handsMin,
    restMin,
    onRing: restMin > 0,
  }));

/** By how much the steps of a block may take longer, nine times in ten. */
const slowerMin = (block: Block): number =>
  Math.ceil(block.steps.reduce((sum, t) => sum + t.minutes.p90 - t.minutes.p50, 0)) + 1;

/** Starts from the evening on, before whoever goes to bed last sleeps, so late that it is ready once they are up. */
function overnightOf(
  kitchen: Kitchen,
  all: Stretch,
  wall: WallClock,
): (readyMin: number) => readonly Stretch[] {
  const hand = kitchen.hands[0] ?? ONE_COOK;
  const sleeper = { ...hand, sleep: hand.sleep ?? USUAL_SLEEP };
  return (readyMin) => {
    const out: Stretch[] = [];
    const last = wall.dateOf(all.to);
    for (
      let date = wall.later(wall.dateOf(all.from), -1);
      date <= last;
      date = wall.later(date, 1)
    ) {
      const night = nightOf(sleeper, date, wall);
      if (night === null) continue;
      const { from: bed, to: wake } = night;
      out.push({ from: Math.max(wall.at(date, EVENING), wake - readyMin), to: bed + 1 });
    }
    return out.filter((s) => s.to > s.from);
  };
}

function lengthened(block: Block, lengths: ReadonlyMap<string, number>): Block {
  if (lengths.size === 0) return block;
  const of = (task: Task): Task => {
    const min = lengths.get(task.id);
    return min === undefined ? task : { ...task, minutes: exactly(min) };
  };
  return {
    ...block,
    steps: block.steps.map(of),
    meanwhile: block.meanwhile.map((m) => ({ ...m, task: of(m.task) })),
  };
}

const pinned = (block: Block, pins: ReadonlyMap<string, Minute>): Block => {
  const at = pins.get(block.id);
  return at === undefined ? block : { ...block, fixedAt: at };
};
