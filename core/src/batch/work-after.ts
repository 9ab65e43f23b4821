import { takeOuts } from "../dish/take-out";
import { isAfter, workTasks, type WorkTask } from "../schedule/work-tasks";
import type { Kitchen } from "../simulate/kitchen-schema";
import { itemWork, nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { kitchenEstimate } from "../units/constant";
import { litres, say, type Said } from "../units/said";
import { showDuration } from "../units/show";
import type { Action } from "./action";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { liftedOut, workBatch, workDone, workLeft } from "./said-marks";
import { sayList } from "./say-list";
import { LEFT_MEANS } from "./work-words";

const MINUTE_MS = 60_000;
/** Hot liquid in a closed jug: a third full of one that holds a litre and a half. */
const LOT_L = kitchenEstimate("hot liquid blended at one go", 0.5, "L", "a third of a jug");

/** What is crushed or blended alike, at one go. */
interface Together {
  readonly kind: "crush" | "blend";
  readonly share: number;
  readonly tasks: readonly WorkTask[];
  readonly names: readonly string[];
}

/** What is crushed or blended and is not done or left out yet; what has the same share goes together. */
function togethers(plan: Plan, kitchen: Kitchen, cook: Cook): readonly Together[] {
  const found = new Map<string, Together>();
  for (const task of workTasks(plan, kitchen)) {
    const item = plan.items.find((i) => i.id === task.itemId);
    const isOver = cook.did.has(workDone(task.id)) || cook.did.has(workLeft(task.id));
    if (!isAfter(task) || isOver || item === undefined) continue;
    const kind = task.kind === "blend" ? "blend" : "crush";
    const share = itemWork(item, kind)?.share ?? 1;
    const key = `${kind}:${share}`;
    const before = found.get(key) ?? { kind, share, tasks: [], names: [] };
    found.set(key, {
      ...before,
      tasks: [...before.tasks, task],
      names: [...before.names, nameOf(item).toLowerCase()],
    });
  }
  return [...found.values()];
}

/**
 * Once it is off the heat, and its pressure down: what is crushed, and what is ladled out, blended and poured
 * back, with how much. None before, nor once it is strained or served.
 */
export function workAfter(
  plan: Plan,
  kitchen: Kitchen,
  cook: Cook,
  { planned }: LiveForecast,
): readonly Action[] {
  if (cook.offMs === null || cook.strainedMs !== null) return [];
  const atMs = cook.offMs + planned.releaseMin * MINUTE_MS;
  return togethers(plan, kitchen, cook).map((work) => actionOf(work, plan, cook, planned, atMs));
}

function actionOf(
  { kind, share, tasks, names }: Together,
  plan: Plan,
  cook: Cook,
  trace: Trace,
  atMs: number,
): Action {
  const ids = tasks.map((t) => t.id);
  const outL = (trace.endLiquidL + trace.solidsOutKg) * share;
  const lots = kind === "blend" ? Math.max(1, Math.ceil(outL / LOT_L.value - 0.05)) : 1;
  const lotsDone = Math.min(lots - 1, cook.did.get(workBatch(ids[0] ?? ""))?.length ?? 0);
  const isLast = lotsDone + 1 >= lots;
  const lot = lots > 1 ? `Lot ${lotsDone + 1} of ${lots}. ` : "";
  const min = tasks.reduce((sum, t) => sum + t.min, 0) / lots;
  return {
    id: `after:${kind}:${share}`,
    kind: "workAfter",
    atMs,
    title: kind === "blend" && share >= 1 ? "Blend it smooth" : TITLES[kind](names),
    lookFor: say`${firstOut(plan, cook)}${lot}${kind === "crush" ? crushHow(share) : blendHow(share, outL, lots)}`,
    about: `about ${showDuration(Math.max(1, Math.round(min)))}`,
    marks: isLast ? ids.map(workDone) : [workBatch(ids[0] ?? "")],
    done: isLast ? "It is done" : `Lot ${lotsDone + 1} is done`,
    leave: { marks: ids.map(workLeft), means: LEFT_MEANS[kind] ?? "" },
  };
}

const TITLES = {
  crush: (names: readonly string[]) => `Crush some of the ${sayList(names)}`,
  blend: (names: readonly string[]) => `Blend some of it, ${sayList(names)} and all`,
} as const;

/** Leaves, string and spice ball come out before anything is crushed or blended. */
function firstOut(plan: Plan, cook: Cook): string {
  const out = takeOuts(plan).filter((t) => !cook.did.has(liftedOut(t.itemId)));
  return out.length === 0 ? "" : `First out: ${sayList(out.map((t) => t.what))}. `;
}

const part = (share: number): string => {
  const [near] = PARTS.toSorted((a, b) => Math.abs(a.of - share) - Math.abs(b.of - share));
  return near !== undefined && Math.abs(near.of - share) < 0.02
    ? near.said
    : `${Math.round(share * 100)} %`;
};
const PARTS = [
  { of: 1, said: "all" },
  { of: 0.5, said: "half" },
  { of: 1 / 3, said: "a third" },
  { of: 2 / 3, said: "two thirds" },
  { of: 0.25, said: "a quarter" },
] as const;

const crushHow = (share: number): string =>
  `About ${part(share)} of it, with a masher or against the wall; stir it through.`;

const SAFELY =
  "A jug only a third full, its lid vented under a folded cloth, slow first; or a stick blender in the pot.";
const blendHow = (share: number, outL: number, lots: number): Said =>
  share >= 1
    ? say`All of it, about ${litres(outL)}${lots > 1 ? say`, in lots of ${litres(LOT_L.value)}` : ""}. ${SAFELY}`
    : say`Ladle out ${part(share)}, about ${litres(outL)}${lots > 1 ? say` in lots of ${litres(LOT_L.value)}` : ""}; blend it, pour it back, stir. ${SAFELY}`;
