import { boilFirstMinOf } from "../../heats/heat";
import { minOf } from "../../batch/course-of";
import { asPlanned } from "../../simulate/as-planned";
import { showDuration, showVolume } from "../../units/show";
import { falling } from "../practice-points";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

const FULL_MIN = 5;
const HALF_MIN = 15;
/** A part of the amount that costs nothing, and half the points. */
const FULL = 0.03;
const HALF = 0.1;

/** Nothing goes wrong in it: what a pot asks for, from the match to the sieve, in three minutes. */
export const firstPot: Lesson = {
  id: "firstPot",
  title: "A first pot",
  aim: "Do what stands in the middle, when it is due: put it in, light it, say when it boils and simmers, skim, read the level, take it off. Nothing goes wrong in this one.",
  teaches:
    "What is next stands in the middle of Cook, with its time; every tap is a line of the log, and can be undone. The level is read with a stick: with each reading the forecast gets surer.",
  otherwise: null,
  plan: (kitchen, id) => lessonBroth(kitchen, id, { name: "Practice: a first broth" }),
  score: ({ setPot, cook, truth }) => {
    const { plan, kitchen } = setPot;
    const one = kitchen.units === "us" ? "us" : "metric";
    const lateMin =
      minOf(plan, cook, cook.simmerMs ?? cook.offMs ?? 0) -
      truth.comeUpMin -
      (boilFirstMinOf(plan.heat) ?? 0);
    const wantedL = asPlanned(setPot).trace.endLiquidL;
    const miss = Math.abs(truth.endLiquidL / wantedL - 1);
    return [
      {
        id: "turned",
        title: "Turned down when it was due",
        points: falling(40, Math.max(0, Math.abs(lateMin) - FULL_MIN), HALF_MIN),
        of: 40,
        why:
          Math.abs(lateMin) <= FULL_MIN
            ? "In time."
            : `${showDuration(Math.abs(lateMin))} ${lateMin > 0 ? "late" : "early"}.`,
      },
      {
        id: "amount",
        title: "How much is left",
        points: falling(40, Math.max(0, miss - FULL), HALF),
        of: 40,
        why: `${showVolume(truth.endLiquidL, one)} in the pot, ${showVolume(wantedL, one)} planned.`,
      },
      {
        id: "reading",
        title: "Looking in",
        points: cook.readings.length > 0 ? 20 : 0,
        of: 20,
        why: cook.readings.length > 0 ? "The level was read." : "Nobody read the level.",
      },
    ];
  },
};
