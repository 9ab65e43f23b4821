import { backAgainMin } from "../hidden-pot";
import { falling } from "../practice-points";
import { minOf } from "../../batch/course-of";
import { inWords, ruleC, say } from "../../units/said";
import { showDuration } from "../../units/show";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** Minutes without heat that cost nothing, and half the points. */
const FULL_MIN = 10;
const HALF_MIN = 30;
/** Above this a pot is held hot, °C: the highest gate of the published rules. */
const HOT_C = 63;

/** The flame goes out, or the power: the pot goes cold and says nothing. */
export const flameOut: Lesson = {
  id: "flameOut",
  title: "The flame is out",
  aim: "Look in now and then. When it does not simmer, find out why, and set the flame again before it cools.",
  teaches:
    "A pot that is not looked at may be cold for hours. What fell below hot-holding heat and stayed there for over two hours is not brought back: throw it away. A gas smell comes first: shut the tap, air, no spark.",
  otherwise: "a flame that went out after 1 h 50",
  plan: (kitchen, id) => lessonBroth(kitchen, id, { stop: { by: "time", holdMin: 300 } }),
  score: ({ setPot: { plan, kitchen }, cook, pot, truth }) => {
    const goneMin = pot.trouble.heatGoneMin ?? 0;
    const endMin = minOf(plan, cook, cook.offMs ?? 0);
    const withoutMin = Math.max(0, (backAgainMin(plan, cook, goneMin) ?? endMin) - goneMin);
    const after = truth.points.filter((p) => p.tMin > truth.toSimmerMin && p.tMin <= endMin);
    const coldestC = Math.min(...after.map((p) => p.liquidC), truth.holdC);
    const stood = inWords(
      say`It stood without heat for ${showDuration(withoutMin)} and fell to ${ruleC(Math.round(coldestC))}.`,
      kitchen.units,
    );
    return [
      {
        id: "seen",
        title: "Seen in time",
        points: falling(60, Math.max(0, withoutMin - FULL_MIN), HALF_MIN),
        of: 60,
        why: withoutMin === 0 ? "It was off before the flame went out." : stood,
      },
      {
        id: "hot",
        title: "Kept hot",
        points: coldestC >= HOT_C ? 40 : falling(40, HOT_C - coldestC, 8),
        of: 40,
        why:
          coldestC >= HOT_C
            ? inWords(say`It never fell below ${ruleC(HOT_C)}.`, kitchen.units)
            : inWords(
                say`It was below ${ruleC(HOT_C)}: how long decides whether it is kept.`,
                kitchen.units,
              ),
      },
    ];
  },
};
