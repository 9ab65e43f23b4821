import type { Clarity, Colour } from "./terms";

export const CLARITY_WORDS: Readonly<Record<Clarity, string>> = {
  clear: "clear",
  hazy: "hazy",
  cloudy: "cloudy",
};
export const COLOUR_WORDS: Readonly<Record<Colour, string>> = {
  pale: "pale",
  golden: "golden",
  amber: "amber",
  brown: "brown",
};

/** How a stock looked, as far as it was said: "clear", "golden". */
export const lookWords = (looks: {
  readonly clarity?: Clarity | null | undefined;
  readonly colour?: Colour | null | undefined;
}): string[] => [
  ...(looks.clarity ? [CLARITY_WORDS[looks.clarity]] : []),
  ...(looks.colour ? [COLOUR_WORDS[looks.colour]] : []),
];
