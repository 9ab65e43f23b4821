import type { PlanItem } from "@kettlos/core/simulate/plan-schema";

/** What was done to bones before, in a word or two. */
export const BONE_WORDS: Readonly<Record<PlanItem["boneState"], string>> = {
  raw: "raw",
  blanched: "blanched",
  roasted: "roasted",
  usedBefore: "used before",
};
