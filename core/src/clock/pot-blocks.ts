import { ingredientOf, nameOf } from "../simulate/item-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { simulate } from "../simulate/simulate";
import { spreadOf } from "../simulate/spread";
import type { Mark, Trace } from "../simulate/trace";
import { coldWaterKg, waterL } from "../simulate/water-ways";
import { sayList } from "../batch/say-list";
import { browningVessel, workTasks, type WorkTask } from "../schedule/work-tasks";
import { chillMinutes } from "./chill-minutes";
import { about, exactly, type Spread3 } from "./minutes";
import type { Block, Link, Meanwhile, Task } from "./task";
import { shelfFloorM2 } from "./vessel-floor";

/** Minutes of what every pot asks for beside its own work. */
const SKIM_MIN = 5;
const ADD_MIN = 2;
const BEGIN_MIN = 3;
const SHUT_MIN = 3;
const STRAIN_MIN = 10;
const INTO_COLD_MIN = 8;
const INTO_FRIDGE_MIN = 3;
const PORTION_MIN = 15;
/** Into the fridge and a night there, until the fat is hard. */
const SET_FAT_MIN = 480;
/** Jars are filled within so long of being cold. */
const PORTION_WITHIN_MIN = 2880;
/** What is cut keeps cold and covered so long; raw meat and fish less; what is browned in its pan. */
const CUT_KEEPS_MIN = 720;
const RAW_KEEPS_MIN = 120;
/** A filled pot does not stand about: it goes on. */
const FILLED_KEEPS_MIN = 20;
const BROWNED_KEEPS_MIN = 45;
/** Soaked no longer than that over what it needs, thawed and kept in the fridge no longer. */
const SOAK_KEEPS_MIN = 480;
const THAW_KEEPS_MIN = 1440;
/** Off the ring a dish keeps hot under its lid for about so long; in a slow cooker on WARM, or in the oven turned low, longer. */
const KEEPS_HOT_MIN = 45;
const KEEPS_WARM_MIN = 120;
const KEEPS_HOT_HOW = {
  hob: "lid on; back on the lowest heat before it is lukewarm",
  oven: "in the oven, turned low, lid on",
  slowCooker: "on WARM, lid on",
  pressure: "lid on; back on the lowest heat before it is lukewarm",
} as const;
const ROAST_C = 220;
/** Things that go in within so many minutes are one task. */
const TOGETHER_MIN = 3;

const BARE = {
  how: "",
  isFlame: false,
  ringIds: [],
  vesselIds: [],
  oven: null,
  isCold: false,
} as const;

/** A plan's work as blocks on the clock, in the order of the pot. */
export interface PotBlocks {
  readonly planId: string;
  readonly name: string;
  readonly blocks: readonly Block[];
  /** The block on the heat. */
  readonly fireId: string;
  /** The last of it: portions, or the fire where it is served. */
  readonly lastId: string;
  /** How long it may wait hot for the table, min. */
  readonly keepsHotMin: number;
  /** How it waits. */
  readonly keepsHotHow: string;
  /** Litres that it makes, for the sentence. */
  readonly litres: number;
}

/**
 * The blocks of a plan: thawing and soaking, cutting, what is done at the stove, the pot itself, the sieve,
 * the bath, portions. Minutes from the simulation of the plan in this kitchen and from its work.
 * @throws Problem as simulate does
 */
export function potBlocks(plan: Plan, kitchen: Kitchen, isOvernight = false): PotBlocks {
  const found = worked
    .get(plan)
    ?.find((w) => w.isOvernight === isOvernight && isSame(w.kitchen, kitchen));
  if (found !== undefined) return found.pot;
  const pot = workOut(plan, kitchen, isOvernight);
  worked.set(plan, [{ kitchen, isOvernight, pot }, ...(worked.get(plan) ?? [])].slice(0, KEPT));
  return pot;
}

/** Pots worked out a moment ago, by their plans: a remedy changes one of them, or only the hands. */
const worked = new WeakMap<
  Plan,
  readonly { kitchen: Kitchen; isOvernight: boolean; pot: PotBlocks }[]
>();
const KEPT = 3;
const isSame = (a: Kitchen, b: Kitchen): boolean =>
  a === b ||
  (a.vessels === b.vessels &&
    a.rings === b.rings &&
    a.ovens === b.ovens &&
    a.containers === b.containers &&
    a.runsAlone === b.runsAlone &&
    a.altitudeM === b.altitudeM &&
    a.waterC === b.waterC &&
    a.roomC === b.roomC &&
    a.coolingCode === b.coolingCode &&
    a.ownCode === b.ownCode);

function workOut(plan: Plan, kitchen: Kitchen, isOvernight: boolean): PotBlocks {
  const waterKg = coldWaterKg(waterL(plan, kitchen), kitchen);
  const trace = simulate(plan, kitchen, { waterKg });
  if (trace.problem !== null) throw trace.problem;
  const work = workBlocks(plan, kitchen);
  const fire = fireBlock(plan, kitchen, trace, waterKg, isOvernight);
  const fill = fillBlock(plan, kitchen, work);
  const withFill: Block = {
    ...fire,
    after: [{ blockId: fill.id, from: "end", leastMin: 0, mostMin: FILLED_KEEPS_MIN }],
  };
  const portion = plan.end === "strained" ? [portionBlock(plan, fire.id)] : [];
  const { heat } = plan;
  return {
    planId: plan.id,
    name: plan.name,
    blocks: [...work, fill, withFill, ...portion],
    fireId: fire.id,
    lastId: portion[0]?.id ?? fire.id,
    keepsHotMin:
      heat.method === "slowCooker"
        ? Math.max(KEEPS_WARM_MIN, heat.warmMin)
        : heat.method === "oven"
          ? KEEPS_WARM_MIN
          : KEEPS_HOT_MIN,
    keepsHotHow: KEEPS_HOT_HOW[heat.method],
    litres: plan.end === "strained" ? trace.strained.volumeL : trace.endLiquidL,
  };
}

const blockOf = (
  id: string,
  planId: string,
  steps: readonly Task[],
  more: Partial<Block> = {},
): Block => ({
  id,
  planIds: [planId],
  steps,
  meanwhile: [],
  after: [],
  readyStep: steps.length - 1,
  isServed: false,
  isOvernight: false,
  fixedAt: null,
  notBefore: null,
  ...more,
});

/** Spice, wine and bones that are worked on in the pot itself keep the pot and its ring. */
const IN_POT: ReadonlySet<WorkTask["kind"]> = new Set(["sweat", "fry", "roux", "reduce", "blanch"]);
const AT_PAN: ReadonlySet<WorkTask["kind"]> = new Set(["brown"]);

/** What a piece of work before the pot needs. */
function workTask(work: WorkTask, plan: Plan, kitchen: Kitchen): Task {
  const base = {
    ...BARE,
    id: `${plan.id}/${work.id}`,
    planIds: [plan.id],
    title: work.title,
    how: work.how,
    minutes: about(Math.max(1, work.min)),
    attention: work.attention === "leave" ? ("none" as const) : work.attention,
  };
  if (work.kind === "roast") {
    const oven = kitchen.ovens[0];
    const dish = vesselOf(plan, kitchen);
    return oven === undefined
      ? base
      : {
          ...base,
          oven: {
            ovenId: oven.id,
            ovenC: Math.min(ROAST_C, oven.maxC),
            areaM2: shelfFloorM2(dish),
          },
        };
  }
  if (AT_PAN.has(work.kind)) {
    return {
      ...base,
      isFlame: true,
      ringIds: kitchen.rings.map((r) => r.id),
      vesselIds: panIds(plan, kitchen),
    };
  }
  if (IN_POT.has(work.kind) || work.kind === "boilHard")
    return {
      ...base,
      isFlame: true,
      ringIds: onRing(plan, kitchen) ? [plan.ringId] : kitchen.rings.map((r) => r.id),
      vesselIds: onRing(plan, kitchen) ? [plan.vesselId] : panIds(plan, kitchen),
    };
  return base;
}

/** The pan that is browned in, and sweated where the pot itself stands on no ring. */
const panIds = (plan: Plan, kitchen: Kitchen): readonly string[] =>
  [browningVessel(plan, kitchen)].flatMap((pan) => pan?.id ?? []);

/** Whether its own pot stands on a ring. */
const onRing = (plan: Plan, kitchen: Kitchen): boolean => {
  const vessel = vesselOf(plan, kitchen);
  return vessel.kind !== "slowCooker" && vessel.pressure?.drive !== "electric";
};

/** Whether it is done in the pot itself: one such thing after the other, with nothing between. */
const isInPot = (work: WorkTask, task: Task, plan: Plan): boolean =>
  work.attention !== "leave" && task.isFlame && task.vesselIds.includes(plan.vesselId);

/** Each piece of work a block of its own, what is done in the pot one block; all of them before it is filled. */
function workBlocks(plan: Plan, kitchen: Kitchen): readonly Block[] {
  const works = workTasks(plan, kitchen).map((work) => ({
    work,
    task: workTask(work, plan, kitchen),
  }));
  const inPot = works.filter(({ work, task }) => isInPot(work, task, plan));
  const stoveId = `${plan.id}/work/pot`;
  const lastOf = new Map<string, string>();
  const blocks: Block[] = [];
  const before: Link[] = [];
  for (const { work, task } of works) {
    const isPot = inPot.some((w) => w.work === work);
    const id = isPot ? stoveId : `${plan.id}/work/${work.id}`;
    const last = lastOf.get(work.itemId);
    const after: readonly Link[] =
      last === undefined || last === id
        ? []
        : [{ blockId: last, from: "end", leastMin: 0, mostMin: cutKeepsMin(work.itemId, plan) }];
    lastOf.set(work.itemId, id);
    if (isPot) before.push(...after);
    else blocks.push(blockOf(id, plan.id, stepsOf(work, task, plan), { after }));
  }
  return inPot.length === 0
    ? blocks
    : [
        ...blocks,
        blockOf(
          stoveId,
          plan.id,
          inPot.map((w) => w.task),
          { after: before },
        ),
      ];
}

/** The blocks of a plan's work before the pot, each with the ids of the work that is done in it. */
export const workInBlocks = (
  plan: Plan,
  kitchen: Kitchen,
): ReadonlyMap<string, readonly string[]> =>
  new Map(
    workBlocks(plan, kitchen).map((block) => {
      const ids = block.steps.map((t) => t.id.slice(plan.id.length + 1).replace(/:begin$/, ""));
      return [block.id, [...new Set(ids)]];
    }),
  );

/** What is left to itself begins with a hand that puts it there. */
function stepsOf(work: WorkTask, task: Task, plan: Plan): readonly Task[] {
  if (work.attention !== "leave") return [task];
  const hand: Task = {
    ...BARE,
    id: `${task.id}:begin`,
    planIds: [plan.id],
    title: work.title,
    how: work.how,
    minutes: about(BEGIN_MIN),
    attention: "hands",
  };
  const left: Task = {
    ...task,
    minutes: exactly(Math.max(1, Math.round(work.min))),
  };
  return [hand, left];
}

/** How long what a piece of work made may wait for the pot. */
function keepsMin(block: Block, itemId: string | undefined, plan: Plan): number {
  const last = block.steps.at(-1);
  if (last === undefined) return CUT_KEEPS_MIN;
  if (last.attention === "none") return last.id.includes(":thaw") ? THAW_KEEPS_MIN : SOAK_KEEPS_MIN;
  return last.isFlame || last.oven !== null ? BROWNED_KEEPS_MIN : cutKeepsMin(itemId, plan);
}

const RAW_GROUPS: ReadonlySet<string> = new Set(["meat", "fish", "bones"]);
/** How long something prepared may wait, by what it is. */
function cutKeepsMin(itemId: string | undefined, plan: Plan): number {
  const item = plan.items.find((i) => i.id === itemId);
  return item !== undefined && RAW_GROUPS.has(ingredientOf(item).group)
    ? RAW_KEEPS_MIN
    : CUT_KEEPS_MIN;
}

/** Gathering and filling the pot, once all the work is done. */
function fillBlock(plan: Plan, kitchen: Kitchen, work: readonly Block[]): Block {
  const itemOf = new Map<string, string>(
    workTasks(plan, kitchen).map((w) => [`${plan.id}/work/${w.id}`, w.itemId] as const),
  );
  const followed = new Set(work.flatMap((b) => b.after.map((l) => l.blockId)));
  const after = work
    .filter((b) => !followed.has(b.id))
    .map((b): Link => ({
      blockId: b.id,
      from: "end",
      leastMin: 0,
      mostMin: keepsMin(b, itemOf.get(b.id), plan),
    }));
  const id = `${plan.id}/fill`;
  const task: Task = {
    ...BARE,
    id,
    planIds: [plan.id],
    title: `Gather and fill: ${plan.name.toLowerCase()}`,
    how: sayList(
      plan.items.filter((i) => i.when.at === "start").map((i) => nameOf(i).toLowerCase()),
    ),
    minutes: about(Math.max(2, plan.prepareMin)),
    attention: "hands",
    vesselIds: [plan.vesselId],
  };
  return blockOf(id, plan.id, [task], { after });
}

/** The pot on its heat, from the flame to the sieve or the table, and into the bath. */
function fireBlock(
  plan: Plan,
  kitchen: Kitchen,
  trace: Trace,
  waterKg: number,
  isOvernight: boolean,
): Block {
  const { figures } = spreadOf(plan, kitchen, waterKg, trace);
  const spread = (min: number, id: "toSimmerMin" | "holdMin"): Spread3 => ({
    p10: min * figures[id].lowFactor,
    p50: min,
    p90: min * figures[id].highFactor,
  });
  const { heat } = plan;
  const vesselIds = [plan.vesselId];
  const task = (key: string, title: string, minutes: Spread3, more: Partial<Task>): Task => ({
    ...BARE,
    id: `${plan.id}/${key}`,
    planIds: [plan.id],
    title,
    minutes,
    attention: "eyes",
    vesselIds,
    ...more,
  });
  const flame = { isFlame: true, ringIds: [plan.ringId] } as const;
  const upMin = trace.toSimmerMin;
  const pauseMin = trace.totalMin - upMin - trace.holdMin - trace.releaseMin;
  const { runsAlone } = kitchen;
  const steps: Task[] = [];
  const up = spread(upMin, "toSimmerMin");
  const hold = spread(trace.holdMin, "holdMin");
  switch (heat.method) {
    case "hob":
      steps.push(
        task("up", "Up to the simmer", up, { ...flame, attention: "near" }),
        task("hold", "Simmers", hold, flame),
      );
      break;
    case "oven": {
      const oven = {
        ovenId: heat.ovenId,
        ovenC: heat.ovenC,
        areaM2: shelfFloorM2(vesselOf(plan, kitchen)),
      };
      steps.push(
        task("up", "Up on the ring", up, { ...flame, attention: "near" }),
        task("hold", "In the oven", hold, {
          oven,
          attention: runsAlone.oven ? "none" : "eyes",
        }),
      );
      break;
    }
    case "slowCooker":
      steps.push(
        task("up", "Warms up", up, { attention: runsAlone.slowCooker ? "none" : "eyes" }),
        task("hold", `On ${heat.setting.toUpperCase()}`, hold, {
          attention: runsAlone.slowCooker ? "none" : "eyes",
        }),
      );
      break;
    case "pressure": {
      const isElectric = vesselOf(plan, kitchen).pressure?.drive === "electric";
      const on = isElectric ? {} : flame;
      const alone = isElectric && runsAlone.electricPressure;
      steps.push(
        task("up", "Up to pressure", up, { ...on, attention: "near" }),
        task("hold", "At pressure", hold, { ...on, attention: alone ? "none" : "near" }),
        task("release", "Pressure down", exactly(Math.max(1, trace.releaseMin)), {
          attention: alone ? "none" : "eyes",
        }),
      );
      break;
    }
  }
  if (heat.method === "slowCooker" && trace.releaseMin > 1)
    steps.push(task("release", "Stays shut", exactly(trace.releaseMin), { attention: "none" }));
  const kept = steps.filter((s) => s.minutes.p50 >= 0.5);
  const meanwhile = whileItCooks(plan, trace, kept);
  if (pauseMin >= 0.5) kept.push(task("pause", "Stands", exactly(pauseMin), { attention: "eyes" }));
  let readyStep = kept.length - 1;
  if (plan.end === "strained") {
    const chill = chillMinutes(trace, kitchen);
    kept.push(
      task("strain", `Strain the ${plan.name.toLowerCase()}`, about(STRAIN_MIN), {
        attention: "hands",
      }),
    );
    readyStep = kept.length - 1;
    kept.push(
      task("cold", "Into the cold", about(INTO_COLD_MIN), {
        attention: "hands",
        how: chill.how,
        vesselIds: [],
        isCold: true,
      }),
      task("bath", "Chills", chill.bath, {
        attention: "none",
        how: chill.how,
        vesselIds: [],
        isCold: true,
      }),
      task("fridge", "Cold enough: into the fridge", about(INTO_FRIDGE_MIN), {
        attention: "hands",
        vesselIds: [],
      }),
    );
  }
  return blockOf(`${plan.id}/fire`, plan.id, kept, {
    meanwhile,
    readyStep,
    isOvernight,
    isServed: plan.end === "served",
  });
}

/** What is done while it cooks, by the marks of its simulation: what goes in and comes out, and the skimming. */
function whileItCooks(plan: Plan, trace: Trace, steps: readonly Task[]): readonly Meanwhile[] {
  const startOf: number[] = [];
  let at = 0;
  for (const step of steps) {
    startOf.push(at);
    at += step.minutes.p50;
  }
  const put = (id: string, title: string, how: string, tMin: number, min: number): Meanwhile => {
    const step = Math.max(
      0,
      startOf.findLastIndex((from) => from <= tMin + 1e-6),
    );
    const task: Task = {
      ...BARE,
      id: `${plan.id}/${id}`,
      planIds: [plan.id],
      title,
      how,
      minutes: exactly(min),
      attention: "hands",
    };
    return { task, step, atMin: Math.max(0, Math.round(tMin - (startOf[step] ?? 0))) };
  };
  const named = (mark: Mark) => {
    const item = plan.items.find((i) => i.id === mark.itemId);
    return item === undefined ? [] : [nameOf(item)];
  };
  const doings = trace.marks.filter(
    (m) => (m.kind === "itemIn" && m.tMin > 0.5) || m.kind === "itemOut" || m.kind === "itemBack",
  );
  const groups: Mark[][] = [];
  for (const mark of doings) {
    const last = groups.at(-1);
    const first = last?.[0];
    if (first !== undefined && first.kind === mark.kind && mark.tMin - first.tMin < TOGETHER_MIN)
      last?.push(mark);
    else groups.push([mark]);
  }
  const end = { itemIn: "in", itemOut: "out", itemBack: "back in" } as const;
  const verbs = groups.flatMap((group) => {
    const first = group[0];
    if (first === undefined || !(first.kind in end)) return [];
    const kind = first.kind as keyof typeof end;
    return [
      put(
        `${kind}:${first.itemId ?? ""}`,
        `${sayList(group.flatMap(named))} ${end[kind]}`,
        plan.name,
        first.tMin,
        ADD_MIN,
      ),
    ];
  });
  const isOpen = plan.heat.method === "hob";
  const skim =
    isOpen && plan.end === "strained" && trace.toSimmerMin >= SKIM_MIN
      ? [put("skim", "Skim it", plan.name, trace.toSimmerMin - SKIM_MIN, SKIM_MIN)]
      : [];
  const shut =
    plan.heat.method === "oven" || plan.heat.method === "slowCooker"
      ? [
          put(
            "shut",
            shutWords(plan),
            plan.name,
            plan.heat.method === "oven" ? trace.toSimmerMin : 0,
            SHUT_MIN,
          ),
        ]
      : [];
  return [...skim, ...shut, ...verbs];
}

const shutWords = ({ heat }: Plan): string =>
  heat.method === "oven" ? "Lid on, into the oven" : "Lid on, switch it on";

/** Into jars once it is cold, fat lifted after a night where the plan says so. */
function portionBlock(plan: Plan, fireId: string): Block {
  const isLifted = plan.fat === "liftCold";
  const id = `${plan.id}/portion`;
  const task: Task = {
    ...BARE,
    id,
    planIds: [plan.id],
    title: `${isLifted ? "Lift the fat, portion" : "Portion"} the ${plan.name.toLowerCase()}`,
    how: "",
    minutes: about(PORTION_MIN),
    attention: "hands",
  };
  return blockOf(id, plan.id, [task], {
    after: [
      {
        blockId: fireId,
        from: "end",
        leastMin: isLifted ? SET_FAT_MIN : 0,
        mostMin: PORTION_WITHIN_MIN,
      },
    ],
  });
}
