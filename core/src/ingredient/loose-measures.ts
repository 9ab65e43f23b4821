import { one } from "./make";
import type { Ingredient } from "./ingredient";

/** Measures by hand and eye, for whatever has none of its own by that word. */
export const LOOSE_MEASURES: Ingredient["each"] = {
  pinch: one(0.4),
  dash: one(0.8),
  splash: one(10),
  glug: one(15),
  knob: one(15),
  handful: one(30),
};
