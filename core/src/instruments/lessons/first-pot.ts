import { amountPart, overBoiledMin, readingPart, saidPart } from "../practice-run";
import type { Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

/** In minutes, and as a part of the amount. */
const TURNED = { of: 40, free: 5, half: 15 } as const;
const AMOUNT = { of: 40, free: 0.03, half: 0.1 } as const;

/** Nothing goes wrong in it: what a pot asks for, from the match to the sieve, in three minutes. */
export const firstPot: Lesson = {
  id: "firstPot",
  title: "A first pot",
  aim: "Do what stands in the middle, when it is due: put it in, light it, say when it boils and simmers, skim, read the level, take it off. Nothing goes wrong in this one.",
  teaches:
    "What is next stands in the middle of Cook, with its time; every tap is a line of the log, and can be undone. The level is read with a stick: with each reading the forecast gets surer.",
  plan: (kitchen, id) => lessonBroth(kitchen, id, { name: "Practice: a first broth" }),
  score: (run) => [
    saidPart({ id: "turned", title: "Turned down when it was due" }, TURNED, overBoiledMin(run), {
      never: "",
      inTime: "In time.",
    }),
    amountPart(run, AMOUNT),
    readingPart(run, 20, 1, { enough: "The level was read.", few: "Nobody read the level." }),
  ],
};
