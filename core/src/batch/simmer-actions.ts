import { isSealed } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { DONE_SIGNS } from "../dish/meat-of";
import { isOffBones, nameOf } from "../simulate/item-facts";
import { outOf } from "../simulate/out-of";
import { judgedTarget } from "../simulate/judged";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { isRestAt } from "../simulate/stretches";
import type { Action } from "./action";
import { sayAll, type Said } from "../units/said";
import { onCounter } from "./counter";
import { goesInHow } from "./goes-in";
import { isLiftedOut } from "../events/pot/effects";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { offBonesHow } from "./off-bones";
import { roundsOf } from "./rounds";
import { sayList } from "./say-list";
import { begunIdsOf } from "./stretch-now";

/** While it simmers: what goes in, what comes out, and the rounds of looking and skimming. */
export function simmerActions(
  plan: Plan,
  cook: Cook,
  forecast: LiveForecast,
  nowMs: number,
): readonly Action[] {
  const isResting = isRestAt(plan, forecast.stretchIndex);
  return [
    ...late(plan, cook, nowMs),
    ...additions(plan, cook, forecast.simmerMs, forecast.endMs.expected),
    ...lifts(plan, cook, forecast, nowMs),
    ...lateBacks(plan, cook, nowMs),
    // Off the heat nothing is skimmed or stirred.
    ...(isResting ? [] : roundsOf({ plan, cook, forecast, nowMs })),
  ];
}

/** What was to go in at the start, or with a stretch that has begun, and still lies on the counter. */
function late(plan: Plan, cook: Cook, nowMs: number): readonly Action[] {
  const begun = begunIdsOf(plan, cook);
  const items = onCounter(plan, cook).filter(
    ({ when }) => when.at === "start" || (when.at === "stretch" && begun.has(when.stretchId)),
  );
  if (items.length === 0) return [];
  return [
    {
      id: "add:start",
      kind: "add",
      atMs: cook.litMs ?? nowMs,
      title: `${sayList(items.map(nameOf))} in`,
      lookFor: `Still on the counter; ${items.length === 1 ? "it was" : "they were"} to go in before.`,
      itemIds: items.map((i) => i.id),
    },
  ];
}

/** What was to go back as a stretch began that was passed over. */
function lateBacks(plan: Plan, cook: Cook, nowMs: number): readonly Action[] {
  const begun = begunIdsOf(plan, cook);
  const items = plan.items.filter(
    ({ id, out }) => out?.backAt !== undefined && begun.has(out.backAt) && isLiftedOut(cook, id),
  );
  return items.length === 0
    ? []
    : [
        {
          id: "back:late",
          kind: "putBack",
          atMs: nowMs,
          title: `${sayList(items.map(nameOf))} back in`,
          lookFor: "Still out; it was to go back before.",
          itemIds: items.map((i) => i.id),
        },
      ];
}

/** What comes out: so long before this pot's own end, or when the simulation says that it is tender. */
function lifts(plan: Plan, cook: Cook, forecast: LiveForecast, nowMs: number): readonly Action[] {
  const begun = begunIdsOf(plan, cook);
  const { course, simmerMs, endMs } = forecast;
  return plan.items.flatMap((item): Action[] => {
    const when = outOf(item, plan)?.when;
    if (when === undefined || cook.outMs.has(item.id)) return [];
    // With a stretch that is still to begin it is said there.
    if (when.at === "stretch" && !begun.has(when.stretchId)) return [];
    const mark = course.marks.find((m) => m.kind === "itemOut" && m.itemId === item.id);
    if (mark === undefined && when.at !== "stretch") return [];
    const target = judgedTarget(item, course);
    return [
      {
        id: `lift:${item.id}`,
        kind: "lift",
        atMs:
          when.at === "beforeEnd"
            ? endMs.expected - when.min * MINUTE_MS
            : mark === undefined
              ? nowMs
              : simmerMs + (mark.tMin - course.toSimmerMin) * MINUTE_MS,
        title: `${nameOf(item)} out`,
        lookFor:
          when.at === "beforeBoil"
            ? "Before it boils."
            : sayAll(
                [
                  target === null ? "" : (DONE_SIGNS[target.id] ?? ""),
                  liftedHow(item, course),
                ].filter((said) => said !== ""),
                " ",
              ),
        itemIds: [item.id],
      },
    ];
  });
}

/** What is done with it once it is out. */
function liftedHow(item: PlanItem, course: LiveForecast["course"]): Said {
  if (item.out === undefined) return "Through the sieve; it stays out.";
  if (isOffBones(item)) return offBonesHow([item], course);
  return item.out?.isBack === true
    ? "Keep it covered and hot; it goes back in at the end."
    : "Eaten apart.";
}

/** What still goes in while it simmers; what is due together is one action. */
function additions(plan: Plan, cook: Cook, simmerMs: number, endMs: number): readonly Action[] {
  // Under pressure nothing can go in before release: it is said there.
  if (isSealed(plan.heat)) return [];
  return lateByMin(plan, cook).map(([min, items]) => ({
    id: `add:${min}`,
    kind: "add",
    atMs: Math.max(simmerMs, endMs - min * MINUTE_MS),
    title: `${sayList(items.map(nameOf))} in`,
    lookFor: goesInHow(items),
    itemIds: items.map((i) => i.id),
  }));
}

/** What still goes in before the end and is not in yet, by its minutes. */
export function lateByMin(
  plan: Plan,
  cook: Cook,
): readonly (readonly [number, readonly PlanItem[]])[] {
  const byMin = new Map<number, PlanItem[]>();
  for (const item of plan.items)
    if (item.when.at === "beforeEnd" && !cook.addedItems.has(item.id))
      byMin.set(item.when.min, [...(byMin.get(item.when.min) ?? []), item]);
  return [...byMin];
}
