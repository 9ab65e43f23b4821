import { HOLD_MIN } from "../units/limits";
import type { Heat, StretchHeat } from "../heats/heat-schema";
import { isRest, stretchOf } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import type { HeatStretch, Plan } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";
import { withoutStretch } from "../simulate/without-stretch";
import type { Cook } from "./fold";

/** What was set for less than that was on the way to something else, min. */
const LEAST_MIN = 3;
const MOST_LATER = 5;

interface Went {
  readonly id: string;
  readonly heat: StretchHeat;
  readonly fromMs: number;
}

const isSame = (a: StretchHeat, b: StretchHeat): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * The heat of a pot as it was really set, stretch by stretch, each for its own time; what came and went
 * within minutes, and more turns than a plan holds, are taken together. Null where nobody knows how long it
 * was on.
 */
export function stretchesAsWent(
  plan: Plan,
  cook: Cook,
): Pick<Plan, "heat" | "stop" | "then" | "items"> | null {
  const { simmerMs, offMs } = cook;
  if (simmerMs === null || offMs === null || offMs - simmerMs < MINUTE_MS / 2) return null;
  const planned = new Map(stretchesOf(plan).map((s) => [s.id, s.heat]));
  let went: readonly Went[] = [{ id: "", heat: plan.heat, fromMs: simmerMs }];
  cook.settings.forEach((to, i) => {
    const last = went.at(-1);
    if (last === undefined || to.atMs >= offMs) return;
    const begun = to.stretchId === undefined ? undefined : planned.get(to.stretchId);
    const heat = begun ?? stretchOf(last.heat).turned(last.heat, to);
    if (isSame(heat, last.heat)) return;
    const isSoon = to.atMs - last.fromMs < LEAST_MIN * MINUTE_MS;
    const replaces = isSoon && (went.length > 1 || to.stretchId === undefined);
    const next = { id: to.stretchId ?? `went-${i}`, heat, fromMs: to.atMs };
    went = replaces
      ? [...went.slice(0, -1), { ...last, id: last.id === "" ? "" : next.id, heat }]
      : [...went, next];
  });
  const kept = went.slice(0, MOST_LATER + 1);
  const first = kept[0]?.heat;
  const stopOf = (index: number): HeatStretch["stop"] => {
    const fromMs = kept[index]?.fromMs ?? simmerMs;
    const toMs = kept[index + 1]?.fromMs ?? offMs;
    const holdMin = Math.round((toMs - fromMs) / MINUTE_MS);
    return { by: "time", holdMin: Math.min(HOLD_MIN.most, Math.max(HOLD_MIN.least, holdMin)) };
  };
  const then = kept.slice(1).map(({ id, heat }, i): HeatStretch => {
    const was = plan.then.find((s) => s.id === id);
    const strained = was?.isStrained ? { isStrained: true as const } : {};
    return { id, heat: stretchOf(heat).follows(heat), stop: stopOf(i + 1), ...strained };
  });
  // What moved with a stretch that never came moves with the next, or at the end.
  const stays = plan.then
    .filter((s) => !then.some((t) => t.id === s.id))
    .reduce<Plan>((rest, s) => withoutStretch(rest, s.id), plan);
  const heat: Heat = first === undefined || isRest(first) ? plan.heat : first;
  return { heat, stop: stopOf(0), then, items: stays.items };
}
