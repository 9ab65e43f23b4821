import type { SetPot } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import { takeOuts } from "../dish/take-out";
import { isAfter, workTasks, type WorkTask } from "../schedule/work-tasks";
import { ingredientOf, isLoose, itemWork, nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { kitchenEstimate } from "../units/constant";
import { kilos, litres, say, type Said } from "../units/said";
import { showDuration } from "../units/show";
import type { Action } from "./action";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { isWorkOver, saidOfWork, workSaid } from "../events/hands/effects";
import { sayList } from "./say-list";
import { LEFT_MEANS } from "./work-words";

/** Hot liquid in a closed jug: a third full of one that holds a litre and a half. */
const LOT_L = kitchenEstimate("hot liquid blended at one go", 0.5, "L", "a third of a jug");

/** What is crushed or blended alike, at one go. */
interface Together {
  readonly kind: "crush" | "blend";
  readonly share: number;
  readonly tasks: readonly [WorkTask, ...WorkTask[]];
  readonly names: readonly string[];
}

/** What is crushed or blended and is not done or left out yet; what has the same share goes together. */
function togethers(setPot: SetPot, cook: Cook): readonly Together[] {
  const { plan } = setPot;
  const found = new Map<string, Together>();
  for (const task of workTasks(setPot)) {
    const item = plan.items.find((i) => i.id === task.itemId);
    if (!isAfter(task) || isWorkOver(cook, task) || item === undefined) continue;
    const kind = task.kind === "blend" ? "blend" : "crush";
    const share = itemWork(item, kind)?.share ?? 1;
    const key = `${kind}:${share}`;
    const before = found.get(key);
    found.set(key, {
      kind,
      share,
      tasks: before === undefined ? [task] : [...before.tasks, task],
      names: [...(before?.names ?? []), nameOf(item).toLowerCase()],
    });
  }
  return [...found.values()];
}

/**
 * Once it is off the heat, and its pressure down: what is crushed, and what is ladled out, blended and poured
 * back, with how much. None before, nor once it is strained or served.
 */
export function workAfter(setPot: SetPot, cook: Cook, forecast: LiveForecast): readonly Action[] {
  const { plan } = setPot;
  if (cook.offMs === null || cook.strainedMs !== null) return [];
  const atMs = cook.offMs + forecast.planned.releaseMin * MINUTE_MS;
  return togethers(setPot, cook).map((work) => actionOf(work, plan, cook, forecast, atMs));
}

function actionOf(
  { kind, share, tasks, names }: Together,
  plan: Plan,
  cook: Cook,
  forecast: LiveForecast,
  atMs: number,
): Action {
  const trace = forecast.planned;
  const [lead] = tasks;
  const isAll = isAllOfIt(tasks, plan, trace);
  const liquidL = forecast.nowL.expected;
  // A kilogram of soft solids takes about a litre.
  const outL = isAll ? (liquidL + trace.solidsOutKg) * share : kgOf(tasks, trace) * share;
  const lots = kind === "blend" ? Math.max(1, Math.ceil(outL / LOT_L.value - 0.05)) : 1;
  const lotsDone = Math.min(lots - 1, saidOfWork(cook, lead).batch.length);
  const isLast = lotsDone + 1 >= lots;
  const lot = lots > 1 ? `Lot ${lotsDone + 1} of ${lots}. ` : "";
  const min = tasks.reduce((sum, t) => sum + t.min, 0) / lots;
  return {
    id: `after:${kind}:${share}`,
    kind: "workAfter",
    atMs,
    title: titleOf(kind, share, names, isAll),
    lookFor: say`${firstOut(plan, cook)}${lot}${kind === "crush" ? crushHow(share) : isAll ? blendHow(share, outL, lots) : apartHow(share, outL, names)}`,
    about: `about ${showDuration(Math.max(1, Math.round(min)))}`,
    writes: isLast ? tasks.map((t) => workSaid(t, "done")) : [workSaid(lead, "batch")],
    done: isLast ? "It is done" : `Lot ${lotsDone + 1} is done`,
    leave: { writes: tasks.map((t) => workSaid(t, "left")), means: LEFT_MEANS[kind] ?? "" },
  };
}

function titleOf(
  kind: Together["kind"],
  share: number,
  names: readonly string[],
  isAll: boolean,
): string {
  if (kind === "blend" && isAll)
    return share >= 1 ? "Blend it smooth" : `Blend some of it, ${sayList(names)} and all`;
  const verb = kind === "blend" ? "Blend" : "Crush";
  return `${verb} ${share >= 1 ? "the" : "some of the"} ${sayList(names)}`;
}

/** Weight of these in the pot, kg. */
const kgOf = (tasks: readonly WorkTask[], trace: Trace): number =>
  tasks.reduce(
    (sum, { itemId }) => sum + (trace.items.find((i) => i.itemId === itemId)?.endKg ?? 0),
    0,
  );

/** What has to stay whole, however little of it there is. */
const WHOLE: ReadonlySet<string> = new Set(["meat", "fish", "bones"]);
/** So little of anything else is blended with the rest. */
const WITH_THE_REST = 0.25;

/** Whether all that is in the pot may go into the jug: of what must stay whole there is none. */
function isAllOfIt(tasks: readonly WorkTask[], plan: Plan, trace: Trace): boolean {
  const ids = new Set(tasks.map((t) => t.itemId));
  const others = plan.items.filter((i) => {
    const { group } = ingredientOf(i);
    return !ids.has(i.id) && group !== "aromatic" && !isLoose(ingredientOf(i));
  });
  const othersKg = others.reduce(
    (sum, o) => sum + (trace.items.find((i) => i.itemId === o.id)?.endKg ?? 0),
    0,
  );
  const isAnyWhole = others.some((i) => WHOLE.has(ingredientOf(i).group));
  return !isAnyWhole && othersKg <= WITH_THE_REST * (othersKg + kgOf(tasks, trace));
}

/** Leaves, string and spice ball come out before anything is crushed or blended. */
function firstOut(plan: Plan, cook: Cook): string {
  const out = takeOuts(plan).filter((t) => !cook.outMs.has(t.itemId));
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
/** Out of what must stay whole: by weight, as its litres are about its kilograms. */
const apartHow = (share: number, outKg: number, names: readonly string[]): Said =>
  say`Lift out ${share >= 1 ? "" : `${part(share)} of `}the ${sayList(names)}, about ${kilos(outKg)}, with a ladle of liquid; blend it, stir it back. The rest stays whole. ${SAFELY}`;
const blendHow = (share: number, outL: number, lots: number): Said =>
  share >= 1
    ? say`All of it, about ${litres(outL)}${lots > 1 ? say`, in lots of ${litres(LOT_L.value)}` : ""}. ${SAFELY}`
    : say`Ladle out ${part(share)}, about ${litres(outL)}${lots > 1 ? say` in lots of ${litres(LOT_L.value)}` : ""}; blend it, pour it back, stir. ${SAFELY}`;
