/** Whose rule for chilling the kitchen goes by. */
export const COOLING_CODES = ["us", "auNz", "uk"] as const;
export type CoolingCode = (typeof COOLING_CODES)[number];

/** From one temperature to another within so long. */
export interface Gate {
  readonly fromC: number;
  readonly toC: number;
  readonly withinMin: number;
  /** What the code asks for where it is not met. */
  readonly onFail: Remedy;
}

/** Hot again once and chilled anew, or thrown away. */
export type Remedy = "reheatOnce" | "discard";

/** What is reheated is hot through at this, °C, and cooled from there. */
export const REHEATED_C = 74;

export const REMEDIES: Readonly<Record<Remedy, string>> = {
  reheatOnce: `Bring it back to ${REHEATED_C} °C within 2 h, all through, once, and chill it faster; or throw it away.`,
  discard: "Throw it away, however it smells or tastes.",
};

/** What several missed gates ask for together: the gravest, and reheating only once. */
export const remedyFor = (missed: readonly Gate[], wasReheated: boolean): Remedy | null =>
  missed.length === 0
    ? null
    : wasReheated || missed.some((g) => g.onFail === "discard")
      ? "discard"
      : "reheatOnce";

export interface CodeOfCooling {
  readonly name: string;
  readonly gates: readonly Gate[];
  readonly text: string;
  readonly whose: string;
}

/**
 * The gates of each scheme. US: both count from 57 °C. Australia and New Zealand: the second counts
 * from 21 °C on. UK guidance speaks of small portions; larger ones as fast as possible.
 */
export const CODES: Readonly<Record<CoolingCode, CodeOfCooling>> = {
  us: {
    name: "US",
    gates: [
      { fromC: 57, toC: 21, withinMin: 120, onFail: "reheatOnce" },
      { fromC: 57, toC: 5, withinMin: 360, onFail: "discard" },
    ],
    text: "From 57 °C down to 21 °C within 2 h, and to 5 °C within 6 h in all.",
    whose: "US model food code; your local food code rules",
  },
  auNz: {
    name: "Australia, New Zealand",
    gates: [
      { fromC: 60, toC: 21, withinMin: 120, onFail: "discard" },
      { fromC: 21, toC: 5, withinMin: 240, onFail: "discard" },
    ],
    text: "From 60 °C down to 21 °C within 2 h, and to 5 °C within 4 h more.",
    whose: "Australian and New Zealand food standard; your local food code rules",
  },
  uk: {
    name: "UK",
    gates: [{ fromC: 63, toC: 8, withinMin: 90, onFail: "discard" }],
    text: "Down to 8 °C or below as fast as possible, within about 90 min for small portions.",
    whose: "UK guidance; your local authority advises",
  },
};
