import { HOLD_MIN } from "../units/limits";
import type { Method } from "../heats/heat-schema";
import { HEATS, isSealed } from "../heats/heat";
import { isByLevel } from "../simulate/stretches";
import { cookRate } from "../doneness/cook-value";
import { goesInFirst, nameOf, waitsForRelease } from "../simulate/item-facts";
import type { HeatStretch, Plan, PlanItem } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import type { Goal } from "./goal";

/** A change to when an ingredient goes in, said to the cook. */
export interface Restaged {
  readonly itemId: string;
  readonly text: string;
}

const AFTER_RELEASE_MIN = 5;
/** What simmers open after release holds so far under the boil, °C. */
const OPEN_SIMMER_C = 5;

const isLate = (item: PlanItem): item is PlanItem & { when: { at: "beforeEnd"; min: number } } =>
  item.when.at === "beforeEnd";

/** When a written thing goes in late: so many minutes before the end, or with a stretch; null otherwise. */
const lateKey = ({ when }: PlanItem): number | string | null =>
  when.at === "beforeEnd" ? when.min : when.at === "stretch" ? when.stretchId : null;

/** Cook values that late ingredients have as written, min at 100 °C. */
const wantedOf = ({ trace }: Goal): ReadonlyMap<string, number> =>
  new Map(trace.items.map((i) => [i.itemId, i.cookMin]));

/**
 * The dish's ingredients staged for another heat: what goes in late keeps its own cook value, so its
 * minutes are counted anew (those that go in together stay together), and under pressure it simmers open after release. Dairy and thickeners wait
 * until after release. `trace` is the last simulation of the converted pot, null before the first.
 */
export function restaged(
  goal: Goal,
  items: readonly PlanItem[],
  method: Method,
  trace: Trace | null,
): readonly PlanItem[] {
  if (trace === null) return items.map((item) => waiting(item, method));
  const wanted = wantedOf(goal);
  const rate = cookRate(HEATS[method].isSealed ? trace.boilingC - OPEN_SIMMER_C : trace.holdC);
  /** New minutes of what goes in together, by when it was written to. */
  const together = new Map<number | string, number[]>();
  const writtenOf = new Map(goal.plan.items.map((i) => [i.id, i]));
  items.forEach((item) => {
    const written = writtenOf.get(item.id);
    const key = written === undefined ? null : lateKey(written);
    if (!isLate(item) || key === null) return;
    const got = trace.items.find((x) => x.itemId === item.id)?.cookMin;
    const want = wanted.get(item.id);
    if (got === undefined || want === undefined) return;
    const min = item.when.min + (want - got) / rate;
    together.set(key, [...(together.get(key) ?? []), min]);
  });
  return items.map((item) => {
    const written = writtenOf.get(item.id);
    const mins = together.get((written === undefined ? null : lateKey(written)) ?? "");
    if (!isLate(item) || mins === undefined) return waiting(item, method);
    const mean = mins.reduce((sum, m) => sum + m, 0) / mins.length;
    return {
      ...item,
      when: {
        at: "beforeEnd" as const,
        min: Math.min(HOLD_MIN.most, Math.max(HOLD_MIN.least, Math.round(mean))),
      },
    };
  });
}

/** Dairy and thickeners wait until after release. */
const waiting = (item: PlanItem, method: Method): PlanItem =>
  HEATS[method].isSealed && goesInFirst(item) && waitsForRelease(item)
    ? { ...item, when: { at: "beforeEnd", min: AFTER_RELEASE_MIN } }
    : item;

/** What changed in the staging, in words. */
export const stagingChanges = (goal: Goal, plan: Plan, trace: Trace): readonly Restaged[] => [
  ...stretchChanges(goal, plan),
  ...itemChanges(goal, plan, trace),
];

/** A dish of several stretches is converted as a whole. */
const IN_ONE_GO: Restaged = {
  itemId: "",
  text: "All of it on this heat, in one go: as done, and as much liquid at the end",
};
/** What it was boiled down by falls away with the stretch, and is told. */
const NOT_BOILED_DOWN: Restaged = {
  itemId: "",
  text: "Nothing is boiled down here: less water goes in instead",
};

function stretchChanges({ plan: written }: Goal, plan: Plan): readonly Restaged[] {
  const isGone = (id: string) => plan.then.every((s) => s.id !== id);
  const isDown = ({ stop }: HeatStretch) => isByLevel(stop);
  return [
    ...(written.then.length > 0 && plan.then.length === 0 ? [IN_ONE_GO] : []),
    ...(written.then.some((s) => isDown(s) && isGone(s.id)) ? [NOT_BOILED_DOWN] : []),
  ];
}

function itemChanges(goal: Goal, plan: Plan, trace: Trace): readonly Restaged[] {
  return plan.items.flatMap((item): Restaged[] => {
    const written = goal.plan.items.find((i) => i.id === item.id);
    if (written === undefined || !isLate(item)) return [];
    const name = nameOf(item);
    const min = item.when.min;
    if (isSealed(plan.heat))
      return [{ itemId: item.id, text: `${name}: after release, simmered open ${min} min` }];
    if (!isLate(written) || Math.abs(written.when.min - min) < 3) return [];
    return [
      {
        itemId: item.id,
        text:
          min >= trace.holdMin - 1
            ? `${name}: from the start`
            : `${name}: last ${min} min instead of ${written.when.min}`,
      },
    ];
  });
}
