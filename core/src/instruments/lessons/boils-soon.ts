import { minOf } from "../../batch/course-of";
import { showDuration } from "../../units/show";
import { boiledMin, falling, overBoiledMin, saidPart } from "../practice-run";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** In minutes. */
const BOILED = { of: 70, free: 3, half: 8 } as const;
const SAID = { of: 30, free: 3, half: 8 } as const;

/** The ring gives more than anybody knew: it boils long before it is looked for. */
export const boilsSoon: Lesson = {
  id: "boilsSoon",
  title: "It boils before it is looked for",
  aim: "Turn it down when it has boiled for five minutes, not when the clock said it would.",
  teaches:
    "How soon a pot boils is the least sure of all forecasts: the ring, the lid and the cold of the water move it. From half of the time on, stay in earshot, and say when it boils.",
  plan: (kitchen, id) => lessonBroth(kitchen, id, { water: { by: "fillLine" } }),
  score: (run) => {
    const { cook, setPot, truth } = run;
    const hardMin = boiledMin(run);
    return [
      {
        id: "boil",
        title: "Turned down in time",
        points: falling(BOILED, overBoiledMin(run)),
        of: BOILED.of,
        why:
          hardMin < 0
            ? "It was turned down before it boiled at all: nothing was skimmed."
            : `It boiled hard for ${showDuration(hardMin)}; five minutes were wanted.`,
      },
      saidPart(
        { id: "heard", title: "Said when it boiled" },
        SAID,
        cook.boiledMs === null ? null : minOf(setPot.plan, cook, cook.boiledMs) - truth.comeUpMin,
        { never: "Nobody said that it boils.", inTime: "Said as it came to the boil." },
      ),
    ];
  },
};
