import { judgedTarget } from "../../simulate/judged";
import { falling } from "../practice-points";
import type { Lesson } from "./lesson";
import { lessonStew } from "./lesson-plans";

/** Cooking short of what this meat asks for, or past it, that costs half the points; as a share of it. */
const HALF = 0.15;

/** This meat is tougher than its cut says. */
export const forkSaysNo: Lesson = {
  id: "forkSaysNo",
  title: "The fork says not yet",
  aim: "Take it off when this meat is tender, whatever the clock says.",
  teaches:
    "An old animal or a lean piece may ask for half as long again. The clock says when to ask; the fork says when it is done. What it says moves the forecast, so the table can be told in time.",
  otherwise: "meat that asks for a third more cooking than its cut",
  plan: lessonStew,
  score: ({ setPot: { plan }, cook, pot, truth }) => {
    const main = plan.items.find((i) => i.id === truth.mainItemId);
    const target = main === undefined ? null : judgedTarget(main, truth);
    const by = pot.trouble.tougher ?? 1;
    const ideal = (target?.ideal.value ?? 1) * by;
    const past = (target?.past.value ?? 1) * by;
    const got = truth.cookMin;
    const miss = got < ideal ? 1 - got / ideal : got > past ? got / past - 1 : 0;
    const asked = cook.checks.length;
    return [
      {
        id: "tenderness",
        title: "Tender",
        points: falling(70, Math.max(0, miss - 0.05), HALF),
        of: 70,
        why:
          miss <= 0.05
            ? "At its best."
            : got < ideal
              ? `It had ${Math.round((got / ideal) * 100)} % of the cooking it asks for.`
              : "Cooked past it: it falls apart and is dry.",
      },
      {
        id: "asked",
        title: "The fork was asked",
        points: Math.min(30, asked * 15),
        of: 30,
        why:
          asked === 0
            ? "Nobody asked the fork."
            : `Asked ${asked === 1 ? "once" : `${asked} times`}.`,
      },
    ];
  },
};
