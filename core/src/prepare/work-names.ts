import type { RouxColour, WorkKind } from "./works";

/** What each is called in one or two words, beside what it is done to. */
export const WORK_WORDS: Readonly<Record<WorkKind, string>> = {
  thaw: "thaw",
  saltAhead: "salt ahead",
  soak: "soak",
  rinse: "rinse",
  scrub: "scrub",
  trim: "trim",
  cut: "cut",
  tie: "tie",
  bundle: "bundle",
  brown: "brown",
  sweat: "sweat",
  fry: "fry",
  roux: "roux",
  reduce: "reduce",
  crush: "crush",
  blend: "blend",
};

export const ROUX_COLOUR_WORDS: Readonly<Record<RouxColour, string>> = {
  white: "white",
  blond: "blond",
  brown: "brown",
  dark: "dark",
};
