import { LIKINGS, type Liking } from "@kettlos/core/batch/batch-schema";

/** How it was liked, as a cook says it. */
export const LIKING_WORDS: Readonly<Record<Liking, string>> = {
  notAgain: "Not again",
  allRight: "All right",
  good: "Good",
  best: "The best so far",
};
export const LIKING_OPTIONS = LIKINGS.map((value) => ({ value, label: LIKING_WORDS[value] }));
