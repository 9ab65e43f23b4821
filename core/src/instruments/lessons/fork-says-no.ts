import { judgedTarget } from "../../simulate/judged";
import { falling } from "../practice-run";
import type { Lesson } from "./lesson";
import { lessonStew } from "./lesson-plans";

/** Cooking short of what this meat asks for, or past it, as a share of it. */
const TENDER = { of: 70, free: 0.05, half: 0.15 } as const;

/** This meat is tougher than its cut says. */
export const forkSaysNo: Lesson = {
  id: "forkSaysNo",
  title: "The fork says not yet",
  aim: "Take it off when this meat is tender, whatever the clock says.",
  teaches:
    "An old animal or a lean piece may ask for half as long again. The clock says when to ask; the fork says when it is done. What it says moves the forecast, so the table can be told in time.",
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
        points: falling(TENDER, miss),
        of: TENDER.of,
        why:
          miss <= TENDER.free
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
