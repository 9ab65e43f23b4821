import { boilFirstMinOf } from "../../heats/heat";
import { minOf } from "../../batch/course-of";
import { showDuration } from "../../units/show";
import { falling } from "../practice-points";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** Hard boil beyond what was wanted that costs half the points, min. */
const HALF_MIN = 8;
const FULL_MIN = 3;

/** The ring gives more than anybody knew: it boils long before it is looked for. */
export const boilsSoon: Lesson = {
  id: "boilsSoon",
  title: "It boils before it is looked for",
  aim: "Turn it down when it has boiled for five minutes, not when the clock said it would.",
  teaches:
    "How soon a pot boils is the least sure of all forecasts: the ring, the lid and the cold of the water move it. From half of the time on, stay in earshot, and say when it boils.",
  otherwise: "a ring that gives nearly half as much again as it says",
  plan: (kitchen, id) => lessonBroth(kitchen, id, { water: { by: "fillLine" } }),
  score: ({ setPot: { plan }, cook, truth }) => {
    const turnedMin = minOf(plan, cook, cook.simmerMs ?? cook.offMs ?? 0);
    const boiledMin = turnedMin - truth.comeUpMin;
    const over = boiledMin - (boilFirstMinOf(plan.heat) ?? 0);
    const saidMin =
      cook.boiledMs === null ? null : minOf(plan, cook, cook.boiledMs) - truth.comeUpMin;
    return [
      {
        id: "boil",
        title: "Turned down in time",
        points: falling(70, Math.max(0, Math.abs(over) - FULL_MIN), HALF_MIN),
        of: 70,
        why:
          boiledMin < 0
            ? "It was turned down before it boiled at all: nothing was skimmed."
            : `It boiled hard for ${showDuration(boiledMin)}; five minutes were wanted.`,
      },
      {
        id: "heard",
        title: "Said when it boiled",
        points: saidMin === null ? 0 : falling(30, Math.max(0, Math.abs(saidMin) - FULL_MIN), 8),
        of: 30,
        why:
          saidMin === null
            ? "Nobody said that it boils."
            : Math.abs(saidMin) <= FULL_MIN
              ? "Said as it came to the boil."
              : `Said ${showDuration(Math.abs(saidMin))} ${saidMin > 0 ? "after" : "before"} it came to the boil.`,
      },
    ];
  },
};
