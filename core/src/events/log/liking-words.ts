import type { Liking } from "./terms";

/** How it was liked, as a cook says it. */
export const LIKING_WORDS: Readonly<Record<Liking, string>> = {
  notAgain: "Not again",
  allRight: "All right",
  good: "Good",
  best: "The best so far",
};
