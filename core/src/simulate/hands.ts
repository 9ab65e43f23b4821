import { word } from "../units/word";
import type { Hand } from "./hands-schema";
import { USUAL_SLEEP } from "./usual-sleep";

/** Where nobody was named there is one pair of hands. */
export const ONE_COOK: Hand = {
  id: "you",
  name: word("You"),
  there: [],
  away: [],
  sleep: USUAL_SLEEP,
};

/** Whether it is whoever reads this: said to them, not of them. */
export const isReader = ({ name }: Pick<Hand, "name">): boolean => name === ONE_COOK.name;
