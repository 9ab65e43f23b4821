import type { Lid } from "../vessel/lid";
import type { Vigour } from "./constants";

/** What a simmer is called. */
export const VIGOUR_WORDS: Readonly<Record<Vigour, string>> = {
  bare: "bare simmer",
  gentle: "gentle simmer",
  steady: "steady simmer",
  rolling: "rolling boil",
};

/** Where the lid is. */
export const LID_WORDS: Readonly<Record<Lid, string>> = {
  off: "lid off",
  ajar: "lid ajar",
  on: "lid on",
};

/** How far it is covered, of a pot that is not looked into. */
export const COVER_WORDS: Readonly<Record<Lid, string>> = {
  off: "uncovered",
  ajar: "lid ajar",
  on: "covered",
};
