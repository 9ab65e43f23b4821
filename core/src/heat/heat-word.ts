import type { Lid } from "../vessel/lid";
import type { Vigour } from "./constants";

/** A simmer in one word, where what it is of stands beside. */
export const VIGOUR_WORD: Readonly<Record<Vigour, string>> = {
  bare: "bare",
  gentle: "gentle",
  steady: "steady",
  rolling: "rolling",
};

/** A lid beside the word lid. */
export const LID_WORD: Readonly<Record<Lid, string>> = { off: "off", ajar: "ajar", on: "on" };
