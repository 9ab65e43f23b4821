import { salinity } from "../../seasoning/salinity";
import { either, inWords, say } from "../../units/said";
import { falling } from "../practice-points";
import { saltOfPot } from "../salt-of-pot";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** What a broth to sip holds, g/L. */
const WANTED = { from: 6, to: 8 } as const;
const HALF_GL = 2;

/** The hock is saltier than its label. */
export const tooSalty: Lesson = {
  id: "tooSalty",
  title: "Too salty",
  aim: say`Bring it to the sieve with ${either("6 to 8 g of salt in a litre", "0.6 to 0.8 % of salt")}, though the hock is saltier than it says.`,
  teaches:
    "Cured meat gives its salt early, and boiling down makes it saltier still: taste after the first hour, while it can be thinned. Unsalted water is the only way back; potato draws nothing out.",
  otherwise: "a hock with 60 % more salt than on its label",
  plan: (kitchen, id) =>
    lessonBroth(kitchen, id, {
      items: [
        { id: "neck", ingredientId: "lambNeck", massKg: 0.8, when: { at: "start" } },
        { id: "hock", ingredientId: "hamHock", massKg: 0.9, when: { at: "start" } },
      ],
      water: { by: "amount", volumeL: 3.4 },
      stop: { by: "time", holdMin: 180 },
    }),
  score: ({ setPot, cook, pot, truth }) => {
    const gL = saltOfPot(setPot, pot, truth.endLiquidL);
    const miss = Math.max(0, WANTED.from - gL, gL - WANTED.to);
    const tasted = cook.tastings.length;
    return [
      {
        id: "salt",
        title: "Salt",
        points: falling(75, miss, HALF_GL),
        of: 75,
        why: inWords(say`${salinity(gL, "L")} at the end.`, setPot.kitchen.units),
      },
      {
        id: "tasted",
        title: "Tasted on the way",
        points: tasted > 0 ? 25 : 0,
        of: 25,
        why: tasted > 0 ? "Tasted while it could be put right." : "Nobody tasted it.",
      },
    ];
  },
};
