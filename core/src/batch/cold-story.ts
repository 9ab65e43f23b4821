import { resolve } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Cook } from "./fold";
import type { Interrupted } from "../events/fire/effects";
import { LiveModel } from "./live-model";

/** Held over this, nothing that spoils food grows. */
const HOLDING_C = 60;
const AHEAD_MIN = 12 * 60;
const STEP_MIN = 1;

/** What being without heat does to a pot. */
export interface ColdStory {
  /** The last time it was without heat. */
  readonly interruption: Interrupted;
  readonly isBack: boolean;
  /** When it falls under 60 °C if nothing is done; null where it is under already, or not within 12 h. */
  readonly under60Ms: number | null;
  /** Minutes it has been under 60 °C since the heat first went, all times together. */
  readonly under60Min: number;
}

/** The times this pot was without heat; null where it never was. */
export function coldStoryOf(facts: {
  plan: Plan;
  kitchen: Kitchen;
  cook: Cook;
  nowMs: number;
}): ColdStory | null {
  const { plan, kitchen, cook, nowMs } = facts;
  const without = cook.interruptions.filter((i) => i.why !== "lidOff");
  const interruption = without.at(-1);
  if (interruption === undefined) return null;
  const isBack = interruption.untilMs !== null;
  // As if nobody ever came back to it: the simulation then shows how it cools.
  const model = new LiveModel(
    resolve(plan, kitchen),
    cook,
    isBack ? nowMs : nowMs + AHEAD_MIN * MINUTE_MS,
  );
  const firstMin = model.modelMin(Math.min(...without.map((i) => i.fromMs)));
  const nowMin = model.modelMin(nowMs);
  const isUnder = (tMin: number) => model.point(tMin).liquidC < HOLDING_C;
  let under60Min = 0;
  for (let t = firstMin; t < nowMin; t += STEP_MIN)
    if (isUnder(t)) under60Min += Math.min(STEP_MIN, nowMin - t);
  let under60Ms: number | null = null;
  for (let t = nowMin; !isBack && !isUnder(nowMin) && t < nowMin + AHEAD_MIN; t += STEP_MIN)
    if (isUnder(t)) {
      under60Ms = model.msAt(t);
      break;
    }
  return { interruption, isBack, under60Ms, under60Min };
}
