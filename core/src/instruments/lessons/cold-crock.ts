import { minOf } from "../../batch/course-of";
import { showDuration } from "../../units/show";
import { inWords, ruleC, say } from "../../units/said";
import type { Lesson } from "./lesson";
import { lessonStew } from "./lesson-plans";

/** Out of the danger zone by then, or thrown away: US guidance for slow cookers. */
const BY_MIN = 240;
const SAFE_C = 60;
const LOOK_BY_MIN = 180;

/** The slow cooker that never gets hot. */
export const coldCrock: Lesson = {
  id: "coldCrock",
  title: "The slow cooker that stays lukewarm",
  aim: "Find out in the first three hours, and do not let it stand in the danger zone for over four: turn it up in time, or take it off and boil it on the ring.",
  teaches:
    "A slow cooker that is old, full or cold may take too long. A thermometer after two or three hours says so. What stood between fridge-cold and hot-holding heat for over four hours is thrown away, however it smells.",
  otherwise: "a slow cooker that never gets as hot as it should",
  plan: (kitchen, id) =>
    lessonStew(kitchen, id, {
      vesselId: "crock",
      items: [{ id: "chuck", ingredientId: "beefChuck", massKg: 2, when: { at: "start" } }],
      water: { by: "amount", volumeL: 2.2 },
      heat: { method: "slowCooker", setting: "low" },
      stop: { by: "time", holdMin: 480 },
    }),
  score: ({ setPot: { plan, kitchen }, cook, truth }) => {
    const hotMin = truth.points.find((p) => p.liquidC >= SAFE_C)?.tMin ?? null;
    const offMin = cook.offMs === null ? null : minOf(plan, cook, cook.offMs);
    const isHotInTime =
      hotMin !== null && hotMin <= BY_MIN && (offMin === null || hotMin <= offMin);
    const isOffInTime = offMin !== null && offMin <= BY_MIN;
    const looked = cook.temperatures.find((t) => minOf(plan, cook, t.atMs) <= LOOK_BY_MIN);
    const rule = ruleC(SAFE_C);
    return [
      {
        id: "safe",
        title: "Out of the danger zone in four hours",
        points: isHotInTime || isOffInTime ? 70 : 0,
        of: 70,
        why: inWords(
          isHotInTime
            ? say`It was at ${rule} after ${showDuration(hotMin)}.`
            : isOffInTime
              ? say`Taken off after ${showDuration(offMin)}, to be boiled on the ring: it would not have been hot in time.`
              : hotMin === null
                ? say`It never came to ${rule}: thrown away.`
                : say`It took ${showDuration(hotMin)} to ${rule}: thrown away.`,
          kitchen.units,
        ),
      },
      {
        id: "looked",
        title: "Measured in time",
        points: looked === undefined ? 0 : 30,
        of: 30,
        why:
          looked === undefined
            ? "No thermometer went in during the first three hours."
            : "A thermometer went in during the first three hours.",
      },
    ];
  },
};
