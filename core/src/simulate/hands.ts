import type { Hand, Span } from "./hands-schema";

export const USUAL_SLEEP: Span = { from: "22:00", to: "06:00" };

/** Where nobody was named there is one pair of hands. */
export const ONE_COOK: Hand = {
  id: "you",
  name: "You",
  there: [],
  away: [],
  sleep: USUAL_SLEEP,
};
