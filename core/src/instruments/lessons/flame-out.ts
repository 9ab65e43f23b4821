import { minOf } from "../../batch/course-of";
import { codeOf, holdingLineC } from "../../cool/codes";
import { DANGER_ZONE_MIN } from "../../safety/standing-off";
import { aboutC, inWords, ruleC, say } from "../../units/said";
import { showDuration } from "../../units/show";
import { backAgainMin } from "../hidden-pot";
import { falling } from "../practice-run";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** Minutes without heat, and under the holding line of the code. */
const SEEN = { of: 60, free: 10, half: 30 } as const;
const UNDER = { of: 40, free: 0, half: 60 } as const;

/** The flame goes out, or the power: the pot goes cold and says nothing. */
export const flameOut: Lesson = {
  id: "flameOut",
  title: "The flame is out",
  aim: "Look in now and then. When it does not simmer, find out why. A gas flame that went out: shut the tap, air the kitchen until nothing smells, then light it anew; here you set the flame again, before the pot cools.",
  teaches:
    "A pot that is not looked at may be cold for hours. What fell below hot-holding heat and stayed there for over two hours is not brought back: throw it away. Where gas is smelled nobody lights anything and no switch is touched: tap shut, windows open, out, and call the gas emergency line (fire services everywhere; your own come first).",
  plan: (kitchen, id) => lessonBroth(kitchen, id, { stop: { by: "time", holdMin: 300 } }),
  score: ({ setPot: { plan, kitchen }, cook, pot, truth }) => {
    const goneMin = pot.trouble.heatGoneMin ?? 0;
    const endMin = minOf(plan, cook, cook.offMs ?? 0);
    const withoutMin = Math.max(0, (backAgainMin(plan, cook, goneMin) ?? endMin) - goneMin);
    const lineC = holdingLineC(codeOf(kitchen));
    const after = truth.points.filter((p) => p.tMin > goneMin && p.tMin <= endMin);
    const coldestC = Math.min(truth.holdC, ...after.map((p) => p.liquidC));
    const underMin = after.reduce(
      (sum, p, i) => (p.liquidC < lineC ? sum + p.tMin - (after[i - 1]?.tMin ?? goneMin) : sum),
      0,
    );
    return [
      {
        id: "seen",
        title: "Seen in time",
        points: falling(SEEN, withoutMin),
        of: SEEN.of,
        why:
          withoutMin === 0
            ? "It was off before the flame went out."
            : inWords(
                say`It stood without heat for ${showDuration(withoutMin)} and fell to ${aboutC(coldestC)}.`,
                kitchen.units,
              ),
      },
      {
        id: "hot",
        title: "Kept hot",
        points: underMin > DANGER_ZONE_MIN ? 0 : falling(UNDER, underMin),
        of: UNDER.of,
        why: inWords(
          underMin === 0
            ? say`It never fell below ${ruleC(lineC)}.`
            : underMin > DANGER_ZONE_MIN
              ? say`It was below ${ruleC(lineC)} for ${showDuration(underMin)}: over two hours, and it is thrown away.`
              : say`It was below ${ruleC(lineC)} for ${showDuration(underMin)}; two hours in all are the limit.`,
          kitchen.units,
        ),
      },
    ];
  },
};
