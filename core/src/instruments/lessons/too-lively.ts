import { amountPart, readingPart } from "../practice-run";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** As a part of the amount. */
const AMOUNT = { of: 80, free: 0.03, half: 0.1 } as const;
const READINGS_WANTED = 2;

/** It looks like a gentle simmer and steams like a lively one. */
export const tooLively: Lesson = {
  id: "tooLively",
  title: "Too lively under the lid",
  aim: "End with as much as was planned, though this pot steams much faster than it looks.",
  teaches:
    "What steams off is seen by the level alone. Two readings half an hour apart tell how fast it really goes; a lid, a lower flame or boiling water from the kettle puts it right while there is time.",
  plan: (kitchen, id) =>
    lessonBroth(kitchen, id, {
      heat: { method: "hob", vigour: "steady", lid: "ajar", boilFirstMin: 5 },
      stop: { by: "time", holdMin: 240 },
    }),
  score: (run) => [
    amountPart(run, AMOUNT),
    readingPart(run, 20, READINGS_WANTED, {
      enough: "The level was read twice: that is how it shows.",
      few: `${run.cook.readings.length} of ${READINGS_WANTED} readings of the level.`,
    }),
  ],
};
