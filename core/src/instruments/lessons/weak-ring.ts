import { minOf } from "../../batch/course-of";
import { simmeredMin } from "../../simulate/trace";
import { showDuration } from "../../units/show";
import { falling, saidPart } from "../practice-run";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** As a part of the time, and in minutes. */
const SIMMERED = { of: 75, free: 0.05, half: 0.15 } as const;
const SAID = { of: 25, free: 5, half: 10 } as const;

/** The ring gives little more than half: it comes up late, and the clock runs from the match. */
export const weakRing: Lesson = {
  id: "weakRing",
  title: "A weak ring",
  aim: "Let it simmer for the two and a half hours that were planned, counted from when it really simmers.",
  teaches:
    "A recipe's hours count from the simmer, not from the match. Say when it simmers: from then on the clock, the forecast and the kitchen's memory of this ring are right.",
  plan: lessonBroth,
  score: ({ setPot: { plan }, cook, truth }) => {
    const wanted = plan.stop.by === "time" ? plan.stop.holdMin : 0;
    const simmered = simmeredMin(truth);
    return [
      {
        id: "simmered",
        title: "Simmered as long as planned",
        points: falling(SIMMERED, simmered / wanted - 1),
        of: SIMMERED.of,
        why: `${showDuration(simmered)} at the simmer; ${showDuration(wanted)} were planned.`,
      },
      saidPart(
        { id: "said", title: "Said when it simmers" },
        SAID,
        cook.simmerMs === null ? null : minOf(plan, cook, cook.simmerMs) - truth.toSimmerMin,
        { never: "Nobody said that it simmers.", inTime: "Said as it came up." },
      ),
    ];
  },
};
