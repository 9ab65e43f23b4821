/** How it was liked once it was eaten, the least first. */
export const LIKINGS = ["notAgain", "allRight", "good", "best"] as const;
export type Liking = (typeof LIKINGS)[number];
