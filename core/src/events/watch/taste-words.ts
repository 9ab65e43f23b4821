import type { Taste } from "./terms";

/** What a tasting calls it. */
export const TASTE_WORDS: Readonly<Record<Taste, string>> = {
  right: "right",
  dull: "dull",
  salty: "salty",
  sweet: "sweet",
  sharp: "sharp",
  hot: "hot",
  thin: "thin",
  thick: "thick",
};
