import { aboutC, say, type Said } from "../units/said";
import { traitsOf } from "../ingredient/traits";
import { ingredientOf, itemWork, nameOf, valuesOf } from "../simulate/item-facts";
import { outOf } from "../simulate/out-of";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { pointAt } from "../simulate/point-at";
import { judgedTarget } from "../simulate/judged";
import type { ItemCourse, Trace } from "../simulate/trace";
import { showDuration } from "../units/show";

export type VerdictState = "notDone" | "done" | "atItsBest" | "overdone" | "spoilt";

/** How one ingredient comes out, against what it shall become. */
export interface Verdict {
  readonly itemId: string;
  readonly name: string;
  /** What it shall become: "to slice", "soft roots". */
  readonly intent: string;
  readonly state: VerdictState;
  readonly cookMin: number;
  readonly text: Said;
}

const SLIMY_C = 85;

/** Every ingredient that has an end to be judged by, the worst first. */
export function verdictsOf(plan: Plan, trace: Trace): readonly Verdict[] {
  const all = trace.items.flatMap((course): Verdict[] => {
    const item = plan.items.find((i) => i.id === course.itemId);
    return item === undefined ? [] : [...cooked(item, course, plan, trace)];
  });
  return [...all, ...plan.items.flatMap((item) => boiledAway(item, trace))].sort(
    (a, b) => WORST.indexOf(a.state) - WORST.indexOf(b.state),
  );
}

const WORST: readonly VerdictState[] = ["notDone", "spoilt", "overdone", "done", "atItsBest"];

function cooked(item: PlanItem, course: ItemCourse, plan: Plan, trace: Trace): readonly Verdict[] {
  const target = judgedTarget(item, trace);
  // What a stock, or a sieve in between, throws away is judged by what it gives, not by its bite.
  const isThrown = plan.end === "strained" || outOf(item, plan) !== undefined;
  if (target === null || (isThrown && item.out === undefined)) return [];
  // What is blended smooth cannot be too soft.
  const isSmooth = itemWork(item, "blend")?.share === 1;
  // A sweated base melts into the rest: nothing of it can be overdone.
  const isBase = itemWork(item, "sweat") !== undefined;
  const c = course.cookMin;
  const done = target.done.value;
  const past = target.past.value;
  const name = nameOf(item);
  const base = { itemId: item.id, name, intent: target.name, cookMin: c };
  const isUnder = target.coreC === undefined ? c < done : course.hottestCentreC < target.coreC - 3;
  if (isUnder)
    return [
      {
        ...base,
        state: "notDone",
        text: say`${name} will not be done: ${target.coreC === undefined ? `it gets ${Math.round((c / done) * 100)} % of the cooking ${target.name} asks for` : say`its middle comes to ${aboutC(course.hottestCentreC)}`}${target.isSlowed ? ", and acid slows it" : ""}. Put it in earlier, cut it smaller, or cook longer.`,
      },
    ];
  if (c > past && !isSmooth && !isBase)
    return [{ ...base, state: "overdone", text: overdoneText(item, name) }];
  const isBest = target.coreC !== undefined || c >= target.ideal.value * 0.85;
  return [
    {
      ...base,
      state: isBest ? "atItsBest" : "done",
      text: isBest
        ? `${name}: ${target.name}, at its best.`
        : `${name}: ${target.name}, just done.`,
    },
  ];
}

function overdoneText(item: PlanItem, name: string): string {
  const { group } = ingredientOf(item);
  const how =
    group === "pulse"
      ? "burst to mush"
      : group === "vegetable"
        ? "fall apart"
        : group === "fish"
          ? "go dry and flake away"
          : "go stringy";
  return `${name} will ${how}. Put it in later, or lift it out when it is done.`;
}

/** Cream that curdles, herbs that boil their smell away, kelp that turns slimy. */
function boiledAway(item: PlanItem, trace: Trace): readonly Verdict[] {
  const spoils = traitsOf(item.ingredientId).spoilsOver;
  if (spoils === undefined || valuesOf(item).waterShare < 0.05) return [];
  const inMin = inMinOf(item, trace);
  if (inMin === null) return [];
  const outMin = trace.items.find((c) => c.itemId === item.id)?.outMin ?? offMin(trace);
  const hotMin = minutesOver(SLIMY_C, inMin, outMin, trace);
  if (hotMin <= spoils.boiledMin) return [];
  const name = nameOf(item);
  return [
    {
      itemId: item.id,
      name,
      intent: "fresh",
      state: "spoilt",
      cookMin: hotMin,
      text: say`${name} ${spoils.how}: it is over ${aboutC(SLIMY_C)} for ${showDuration(hotMin)}. ${item.ingredientId === "kelp" ? "Take it out before the boil." : "Put it in at the end, off the heat."}`,
    },
  ];
}

const offMin = (trace: Trace): number => trace.toSimmerMin + trace.holdMin;

/** When it goes in, min from the first heat; null where it never simmers. */
function inMinOf({ id, when }: PlanItem, trace: Trace): number | null {
  if (when.at === "start") return 0;
  return trace.marks.find((m) => m.kind === "itemIn" && m.itemId === id)?.tMin ?? null;
}

/** Minutes between two moments in which the liquid is hotter than this. */
function minutesOver(overC: number, fromMin: number, toMin: number, trace: Trace): number {
  const STEP = 1;
  let hot = 0;
  for (let t = fromMin; t < toMin; t += STEP)
    if (pointAt(trace, t).liquidC > overC) hot += Math.min(STEP, toMin - t);
  return hot;
}
