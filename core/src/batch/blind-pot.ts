import type { SetPot } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import { say } from "../units/said";
import type { Plan } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";
import type { Problem } from "../units/problem";
import type { Action } from "./action";
import { endWords } from "./after-heat-actions";
import type { Cook } from "./fold";
import { sideActions } from "./side-actions";
import type { LiveCaution } from "./live-caution";
import { lastSeenMs } from "./unseen";
import { lightAction } from "./warming-actions";

/** A pot that cannot be reckoned is looked at this often, min: kitchen estimate. */
const LOOK_EVERY_MIN = 30;

/** What to do for a pot that cannot be forecast, by the clock: look into it, take it off, strain it. */
export function blindActions(setPot: SetPot, cook: Cook, nowMs: number): readonly Action[] {
  const { plan } = setPot;
  if (cook.strainedMs !== null) return [];
  if (cook.litMs === null) return [lightAction(setPot, nowMs, null)];
  if (cook.offMs !== null)
    return [
      {
        id: "strain",
        kind: "strain",
        atMs: cook.offMs,
        title: plan.end === "served" ? "Serve it" : "Strain it",
        lookFor: "",
      },
    ];
  const look: Action = {
    id: "look",
    kind: "look",
    atMs: (lastSeenMs(cook) ?? cook.litMs) + LOOK_EVERY_MIN * MINUTE_MS,
    title: "Look into the pot",
    lookFor: "Is there liquid enough? Does it catch?",
  };
  const holdMin = stretchesOf(plan).reduce(
    (sum, { stop }) => sum + (stop.by === "time" ? stop.holdMin : NaN),
    0,
  );
  if (Number.isNaN(holdMin)) return [look];
  const off: Action = {
    id: "offHeat",
    kind: "offHeat",
    atMs: (cook.simmerMs ?? cook.boiledMs ?? cook.litMs) + holdMin * MINUTE_MS,
    title: endWords(plan),
    lookFor: "By the clock of the plan alone.",
  };
  return [look, ...sideActions(plan, cook, off.atMs), off].sort((a, b) => a.atMs - b.atMs);
}

/** That it cannot be reckoned, why, and how the cook goes on: a danger once nobody looks at it. */
export function blindCautions(
  plan: Plan,
  cook: Cook,
  problem: Problem,
  nowMs: number,
): readonly LiveCaution[] {
  if (cook.strainedMs !== null) return [];
  const burns = cook.litMs !== null && cook.offMs === null;
  const seenMs = lastSeenMs(cook) ?? nowMs;
  return [
    {
      id: "cannotReckon",
      severity: burns && nowMs - seenMs >= LOOK_EVERY_MIN * MINUTE_MS ? "danger" : "caution",
      places: ["cook"],
      sinceMs: seenMs,
      title: "This pot cannot be worked out",
      text: say`${problem.said} ${
        burns
          ? `It stays on the fire here, by the clock alone: look into it every ${LOOK_EVERY_MIN} min.`
          : `${plan.name} stays here with all that was written down.`
      } If the last entry was a slip, undo it.`,
      rule: "Without a forecast nobody is warned before it runs dry: the cook's eye is all there is.",
      whose: "Kettlos",
    },
  ];
}

/** That what was put in or left out cannot be reckoned, so that the plan as written is followed. */
export const asWrittenCaution = (problem: Problem, cook: Cook): LiveCaution => ({
  id: "asWritten",
  severity: "caution",
  places: ["cook"],
  sinceMs: lastSeenMs(cook) ?? cook.litMs ?? 0,
  title: "Worked out as it was written",
  text: say`With what was left out or swapped it cannot be worked out: ${problem.said} Times and litres go by the plan as written; trust the pot before them. If the last entry was a slip, undo it.`,
  rule: "A figure that does not stand on what is in the pot says so.",
  whose: "Kettlos",
});
