import { asPlanned } from "../../simulate/as-planned";
import { showVolume } from "../../units/show";
import { falling } from "../practice-points";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** A part of the amount wanted that costs half the points. */
const HALF = 0.1;
const FULL = 0.03;
const READINGS_WANTED = 2;

/** It looks like a gentle simmer and steams like a lively one. */
export const tooLively: Lesson = {
  id: "tooLively",
  title: "Too lively under the lid",
  aim: "End with as much as was planned, though this pot steams much faster than it looks.",
  teaches:
    "What steams off is seen by the level alone. Two readings half an hour apart tell how fast it really goes; a lid, a lower flame or boiling water from the kettle puts it right while there is time.",
  otherwise: "70 % more steam than expected",
  plan: (kitchen, id) =>
    lessonBroth(kitchen, id, {
      heat: { method: "hob", vigour: "steady", lid: "ajar", boilFirstMin: 5 },
      stop: { by: "time", holdMin: 240 },
    }),
  score: ({ setPot, cook, truth }) => {
    const wantedL = asPlanned(setPot).trace.endLiquidL;
    const gotL = truth.endLiquidL;
    const miss = Math.abs(gotL / wantedL - 1);
    const { units } = setPot.kitchen;
    const one = units === "us" ? "us" : "metric";
    const readings = Math.min(READINGS_WANTED, cook.readings.length);
    return [
      {
        id: "amount",
        title: "How much is left",
        points: falling(80, Math.max(0, miss - FULL), HALF),
        of: 80,
        why: `${showVolume(gotL, one)} in the pot, ${showVolume(wantedL, one)} planned.`,
      },
      {
        id: "reading",
        title: "Looking in",
        points: (20 * readings) / READINGS_WANTED,
        of: 20,
        why:
          readings === READINGS_WANTED
            ? "The level was read twice: that is how it shows."
            : `${readings} of 2 readings of the level.`,
      },
    ];
  },
};
