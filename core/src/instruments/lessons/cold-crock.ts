import { minOf } from "../../batch/course-of";
import { SAFE_WARM_UP_MIN, slowestIn } from "../../convert/warming";
import { inWords, ruleC, say } from "../../units/said";
import { showDuration } from "../../units/show";
import type { Lesson } from "./lesson";
import { lessonStew } from "./lesson-plans";

/** The end of the way that SAFE_WARM_UP_MIN limits. */
const SAFE_C = 60;
/** "Read it after three hours", as the caution says. */
const LOOK_BY_MIN = 180;

/** The slow cooker that never gets hot. */
export const coldCrock: Lesson = {
  id: "coldCrock",
  title: "The slow cooker that stays lukewarm",
  aim: "Find out in the first three hours, and do not let it stand in the danger zone for over four: turn it up in time, or take it off and boil it on the ring.",
  teaches:
    "A slow cooker that is old, full or cold may take too long. A thermometer after two or three hours says so. What stood between fridge-cold and hot-holding heat for over four hours is thrown away, however it smells.",
  plan: (kitchen, id) =>
    lessonStew(kitchen, id, {
      vesselId: "crock",
      items: [{ id: "chuck", ingredientId: "beefChuck", massKg: 2, when: { at: "start" } }],
      water: { by: "amount", volumeL: 2.2 },
      heat: {
        ...{ method: "slowCooker", setting: "low", start: "cold" },
        ...{ highFirstMin: 0, lidLifts: 0, warmMin: 0 },
      },
      stop: { by: "time", holdMin: 480 },
    }),
  score: ({ setPot: { plan, kitchen }, cook, truth }) => {
    const hotMin = slowestIn(plan, truth);
    const offMin = minOf(plan, cook, cook.offMs ?? 0);
    const isHotInTime = hotMin <= SAFE_WARM_UP_MIN;
    const isOffInTime = !isHotInTime && offMin <= SAFE_WARM_UP_MIN;
    const isMeasured = cook.temperatures.some((t) => minOf(plan, cook, t.atMs) <= LOOK_BY_MIN);
    return [
      {
        id: "safe",
        title: "Out of the danger zone in four hours",
        points: isHotInTime || isOffInTime ? 70 : 0,
        of: 70,
        why: inWords(
          isHotInTime
            ? say`Its thickest part was at ${ruleC(SAFE_C)} after ${showDuration(hotMin)}.`
            : isOffInTime
              ? say`Taken off after ${showDuration(offMin)}, to be boiled on the ring: it would not have been hot in time.`
              : Number.isFinite(hotMin)
                ? say`Its thickest part took ${showDuration(hotMin)} to ${ruleC(SAFE_C)}: thrown away.`
                : say`Its thickest part never came to ${ruleC(SAFE_C)}: thrown away.`,
          kitchen.units,
        ),
      },
      {
        id: "looked",
        title: "Measured in time",
        points: isMeasured ? 30 : 0,
        of: 30,
        why: isMeasured
          ? "A thermometer went in during the first three hours."
          : "No thermometer went in during the first three hours.",
      },
    ];
  },
};
