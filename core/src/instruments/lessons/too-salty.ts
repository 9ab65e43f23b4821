import { LEAST_SIPPING_SALT_G_L, SALTY_BROTH_G_L } from "../../seasoning/salt";
import { salinity } from "../../seasoning/salinity";
import { either, inWords, say } from "../../units/said";
import { falling } from "../practice-run";
import { saltOfPot } from "../salt-of-pot";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** In g/L. */
const SALT = { of: 75, free: 0, half: 2 } as const;

/** The hock is saltier than its label. */
export const tooSalty: Lesson = {
  id: "tooSalty",
  title: "Too salty",
  aim: say`Bring it to the sieve with ${either("6 to 8 g of salt in a litre", "0.6 to 0.8 % of salt")}, though the hock is saltier than it says.`,
  teaches:
    "Cured meat gives its salt early, and boiling down makes it saltier still: taste after the first hour, while it can be thinned. Unsalted water is the only way back; potato draws nothing out.",
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
    const miss = Math.max(0, LEAST_SIPPING_SALT_G_L.value - gL, gL - SALTY_BROTH_G_L.value);
    const tasted = cook.tastings.length;
    return [
      {
        id: "salt",
        title: "Salt",
        points: falling(SALT, miss),
        of: SALT.of,
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
