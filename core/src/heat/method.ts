/** The four heats a pot can be cooked on. */
export const METHODS = ["hob", "oven", "slowCooker", "pressure"] as const;
export type Method = (typeof METHODS)[number];

/** What each heat is called in a sentence. */
export const METHOD_NAMES: Record<Method, string> = {
  hob: "hob",
  oven: "oven",
  slowCooker: "slow cooker",
  pressure: "pressure cooker",
};
