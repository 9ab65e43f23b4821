import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Cook, Interrupted } from "./fold";
import { LiveModel } from "./live-model";

const MINUTE_MS = 60_000;
const HOLDING_C = 60;
const AHEAD_MIN = 12 * 60;
const STEP_MIN = 1;

/** What being without heat does to a pot. */
export interface ColdStory {
  readonly interruption: Interrupted;
  readonly sinceMs: number;
  readonly isBack: boolean;
  /** When it falls under 60 °C if nothing is done; null where it does not within 12 h. */
  readonly under60Ms: number | null;
  /** Minutes it has been under 60 °C since the heat went. */
  readonly under60Min: number;
}

/** The last time this pot was without heat; null where it never was. */
export function coldStoryOf(facts: {
  plan: Plan;
  kitchen: Kitchen;
  cook: Cook;
  nowMs: number;
}): ColdStory | null {
  const { plan, kitchen, cook, nowMs } = facts;
  const interruption = cook.interruptions.findLast((i) => i.why !== "lidOff");
  if (interruption === undefined) return null;
  const isBack = interruption.untilMs !== null;
  // As if nobody ever came back to it: the simulation then shows how it cools.
  const model = new LiveModel(plan, kitchen, cook, isBack ? nowMs : nowMs + AHEAD_MIN * MINUTE_MS);
  const fromMin = model.modelMin(interruption.fromMs);
  const nowMin = model.modelMin(nowMs);
  let under60Min = 0;
  let under60Ms: number | null = null;
  const wasHot = model.point(fromMin).liquidC >= HOLDING_C;
  for (let t = fromMin; t < nowMin + (isBack ? 0 : AHEAD_MIN); t += STEP_MIN) {
    if (model.point(t).liquidC >= HOLDING_C) continue;
    if (t < nowMin) under60Min += Math.min(STEP_MIN, nowMin - t);
    else {
      under60Ms ??= model.msAt(t);
      break;
    }
  }
  return {
    interruption,
    sinceMs: interruption.fromMs,
    isBack,
    under60Ms: wasHot || under60Ms !== null ? under60Ms : nowMs,
    under60Min,
  };
}
