import type { Hand } from "./hands-schema";
import { USUAL_SLEEP } from "./usual-sleep";

/** Where nobody was named there is one pair of hands. */
export const ONE_COOK: Hand = {
  id: "you",
  name: "You",
  there: [],
  away: [],
  sleep: USUAL_SLEEP,
};
