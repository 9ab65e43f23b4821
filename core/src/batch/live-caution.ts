import type { Caution } from "../safety/caution";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";

/** A caution about this pot now, and since when it holds. */
export interface LiveCaution extends Caution {
  readonly sinceMs: number;
}

/** What a live caution is judged by. */
export interface LiveFacts {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly cook: Cook;
  readonly forecast: LiveForecast;
  readonly nowMs: number;
  /** The clock's hour of a moment where the cook is, 0–24; without it nothing is said of the night. */
  readonly hourOf?: ((ms: number) => number) | undefined;
}

/** A caution that stands on Cook. */
export const live = (caution: Omit<LiveCaution, "places">): LiveCaution => ({
  ...caution,
  places: ["cook"],
});
