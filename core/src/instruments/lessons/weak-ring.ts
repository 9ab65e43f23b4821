import { minOf } from "../../batch/course-of";
import { simmeredMin } from "../../simulate/trace";
import { showDuration } from "../../units/show";
import { falling } from "../practice-points";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** A part of the time wanted that costs half the points. */
const HALF = 0.15;
const FULL = 0.05;
const FULL_MIN = 5;

/** The ring gives little more than half: it comes up late, and the clock runs from the match. */
export const weakRing: Lesson = {
  id: "weakRing",
  title: "A weak ring",
  aim: "Let it simmer for the two and a half hours that were planned, counted from when it really simmers.",
  teaches:
    "A recipe's hours count from the simmer, not from the match. Say when it simmers: from then on the clock, the forecast and the kitchen's memory of this ring are right.",
  otherwise: "a ring that gives little more than half of what it says",
  plan: lessonBroth,
  score: ({ setPot: { plan }, cook, truth }) => {
    const wanted = plan.stop.by === "time" ? plan.stop.holdMin : 0;
    const simmered = simmeredMin(truth);
    const miss = Math.abs(simmered / wanted - 1);
    const lateMin = minOf(plan, cook, cook.simmerMs ?? 0) - truth.toSimmerMin;
    const isSaid = cook.simmerMs !== null;
    return [
      {
        id: "simmered",
        title: "Simmered as long as planned",
        points: falling(75, Math.max(0, miss - FULL), HALF),
        of: 75,
        why: `${showDuration(simmered)} at the simmer; ${showDuration(wanted)} were planned.`,
      },
      {
        id: "said",
        title: "Said when it simmers",
        points: isSaid ? falling(25, Math.max(0, Math.abs(lateMin) - FULL_MIN), 10) : 0,
        of: 25,
        why: isSaid
          ? Math.abs(lateMin) <= FULL_MIN
            ? "Said as it came up."
            : `Said ${showDuration(Math.abs(lateMin))} ${lateMin > 0 ? "after" : "before"} it came up.`
          : "Nobody said that it simmers.",
      },
    ];
  },
};
