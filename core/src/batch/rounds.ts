import { hasLid, isOnRing } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { DONE_SIGNS } from "../dish/meat-of";
import { bodyOfPlan } from "../dish/body-of";
import { nameOf } from "../simulate/item-facts";
import type { Plan, Stop } from "../simulate/plan-schema";
import type { Round } from "../events/watch/terms";
import type { Action } from "./action";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";

/** First skim after the simmer begins, min: scum has risen by then. */
const SKIM_AFTER_MIN = 15;
/** After this the scum has gone under or stuck to the wall; the reminder is no use any more. */
const SKIM_UNTIL_MIN = 90;
/** Skimmed often: every so many minutes. */
const SKIM_EVERY_MIN = 20;
/** So near the end the level is read, and stirred, when it comes off. */
const NOTHING_BEFORE_END_MIN = 5;
/** Minutes between stirs by how thick the liquid is, flour-equivalent g/L: kitchen estimate. */
const STIR_EVERY: readonly { readonly fromGL: number; readonly min: number }[] = [
  { fromGL: 60, min: 8 },
  { fromGL: 35, min: 12 },
  { fromGL: 15, min: 20 },
  { fromGL: 0, min: 30 },
];
/** A level under the heap lets it catch: stirred twice as often. */
const LOW_LEVEL_FACTOR = 0.5;

interface RoundFacts {
  readonly plan: Plan;
  readonly cook: Cook;
  readonly forecast: LiveForecast;
  readonly nowMs: number;
}

interface RoundAction extends Action {
  readonly kind: Round;
}

/** What comes round while it simmers: skimming, stirring, reading the level, trying with a fork. */
export function roundsOf(facts: RoundFacts): readonly Action[] {
  const endMs = facts.forecast.endMs.expected - NOTHING_BEFORE_END_MIN * MINUTE_MS;
  return [skim(facts), stir(facts), look(facts), check(facts)]
    .filter((a): a is RoundAction => a !== null && Math.max(a.atMs, facts.nowMs) < endMs)
    .map((action) => ({
      ...action,
      leave: { writes: [{ kind: "letGo", round: action.kind }], means: LET_GO_MEANS },
    }));
}

/** The next one counts from a round that was let go, and nothing is said to have been done. */
const LET_GO_MEANS = "Nothing is written down as done; the next one comes in its time.";
const latest = (...ms: readonly (number | null | undefined)[]): number | undefined => {
  const said = ms.filter((m) => m !== undefined && m !== null);
  return said.length === 0 ? undefined : Math.max(...said);
};

function skim({ plan, cook, forecast, nowMs }: RoundFacts): RoundAction | null {
  const { simmerMs } = forecast;
  const often = plan.schools["skimming"] === "often";
  const lastMs = latest(cook.skimmedMs, cook.letGoMs.get("skim"));
  const isOver =
    !isOnRing(plan.heat) ||
    plan.schools["skimming"] === "never" ||
    (lastMs !== undefined && !often) ||
    SKIM_AFTER_MIN > forecast.planned.holdMin ||
    nowMs > simmerMs + SKIM_UNTIL_MIN * MINUTE_MS;
  if (isOver) return null;
  return {
    id: "skim",
    kind: "skim",
    atMs:
      (lastMs ?? simmerMs) + (lastMs === undefined ? SKIM_AFTER_MIN : SKIM_EVERY_MIN) * MINUTE_MS,
    title: "Skim",
    lookFor: "Foam and fat at the edge; leave the liquid still.",
  };
}

/** Minutes between stirs of a pot that can catch; null for a clear stock, an oven or a crock. */
export function stirEveryMin(plan: Plan, forecast: LiveForecast): number | null {
  if (!isOnRing(plan.heat) || plan.end === "strained") return null;
  const { flourGL } = bodyOfPlan(plan, forecast.planned);
  const every = STIR_EVERY.find((s) => flourGL >= s.fromGL)?.min ?? 30;
  const isLow = forecast.nowDepthM < forecast.planned.endHeapTopM;
  return Math.max(5, every * (isLow ? LOW_LEVEL_FACTOR : 1));
}

function stir({ plan, cook, forecast }: RoundFacts): RoundAction | null {
  const everyMin = stirEveryMin(plan, forecast);
  if (everyMin === null) return null;
  const lastMs = latest(cook.stirredMs, cook.letGoMs.get("stir")) ?? forecast.simmerMs;
  return {
    id: "stir",
    kind: "stir",
    atMs: lastMs + everyMin * MINUTE_MS,
    title: "Stir",
    lookFor: `Right down to the floor and along the edge. Every ${Math.round(everyMin)} min while it is so thick.`,
  };
}

function look({ plan, cook, forecast, nowMs }: RoundFacts): RoundAction | null {
  if (!hasLid(plan.heat)) return null;
  return {
    id: "look",
    kind: "look",
    atMs:
      cook.simmerMs === null
        ? forecast.simmerMs + 45 * MINUTE_MS
        : nextLookMs(plan, cook, forecast, nowMs),
    title: "Read the level",
    lookFor: "Dip a clean stick, or measure down from the rim.",
  };
}

/** Where a pot is done by its level; of another it is enough to be sure that it does not run low. */
const BY_LEVEL: ReadonlySet<Stop["by"]> = new Set(["liquid", "share", "depth", "thick"]);
/** No nearer together than so many minutes: kitchen estimate. */
const NEXT_LOOK_MIN = { byLevel: 2, otherwise: 15 } as const;

/** The next look counts from the last reading, so that it comes nearer instead of moving off. */
function nextLookMs(plan: Plan, cook: Cook, forecast: LiveForecast, nowMs: number): number {
  const lastMs =
    latest(cook.readings.at(-1)?.atMs, cook.letGoMs.get("look")) ?? cook.simmerMs ?? nowMs;
  const stepMs = Math.max(0, forecast.endMs.low - lastMs) / 2;
  const isByLevel = [plan, ...plan.then].some(({ stop }) => BY_LEVEL.has(stop.by));
  const leastMin = NEXT_LOOK_MIN[isByLevel ? "byLevel" : "otherwise"];
  return lastMs + Math.max(leastMin * MINUTE_MS, Math.min(60 * MINUTE_MS, stepMs));
}

/** Not tried again sooner, min. */
const CHECK_AGAIN_MIN = 10;

/** A fork goes in when it may first be tender, then half-way on each time; none once it is. */
function check({ plan, cook, forecast, nowMs }: RoundFacts): RoundAction | null {
  const { tender } = forecast;
  // A crock's lid stays on until the end, and one under pressure is locked.
  if (tender === null || plan.end === "strained" || !hasLid(plan.heat)) return null;
  const last = cook.checks.findLast((c) => c.itemId === tender.itemId);
  if (last?.how === "tender" || last?.how === "tooSoft") return null;
  const item = plan.items.find((i) => i.id === tender.itemId);
  const atMs =
    last === undefined
      ? tender.atMs.low
      : Math.max(last.atMs + CHECK_AGAIN_MIN * MINUTE_MS, (last.atMs + tender.atMs.expected) / 2);
  const passedMs = cook.letGoMs.get("check") ?? -Infinity;
  return {
    id: "check",
    kind: "check",
    atMs: Math.max(atMs, forecast.simmerMs, passedMs + CHECK_AGAIN_MIN * MINUTE_MS),
    title: "Try it with a fork",
    lookFor: `${item === undefined ? "" : `${nameOf(item)}: `}${DONE_SIGNS[tender.target.id] ?? "soft all through."}`,
    itemIds: [tender.itemId],
    ...(nowMs > tender.atMs.high ? { title: "Try it again with a fork" } : {}),
  };
}
