import type { OwnCode } from "./own-code-schema";
import { ruleC, say, sayAll, type Said } from "../units/said";

/** Whose rule for chilling the kitchen goes by. */
export const COOLING_CODES = ["us", "auNz", "uk", "own"] as const;
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

export const REMEDIES: Readonly<Record<Remedy, Said>> = {
  reheatOnce: say`Bring it back to ${ruleC(REHEATED_C)} within 2 h, all through, once, and chill it faster; or throw it away.`,
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
  readonly text: Said;
  readonly whose: string;
}

/**
 * The gates of each scheme. US: both count from 57 °C. Australia and New Zealand: the second counts
 * from 21 °C on. UK guidance speaks of small portions; larger ones as fast as possible.
 */
export const CODES: Readonly<Record<Exclude<CoolingCode, "own">, CodeOfCooling>> = {
  us: {
    name: "US",
    gates: [
      { fromC: 57, toC: 21, withinMin: 120, onFail: "reheatOnce" },
      { fromC: 57, toC: 5, withinMin: 360, onFail: "discard" },
    ],
    text: say`From ${ruleC(57)} down to ${ruleC(21)} within 2 h, and to ${ruleC(5)} within 6 h in all.`,
    whose: "US model food code; your local food code rules",
  },
  auNz: {
    name: "Australia, New Zealand",
    gates: [
      { fromC: 60, toC: 21, withinMin: 120, onFail: "discard" },
      { fromC: 21, toC: 5, withinMin: 240, onFail: "discard" },
    ],
    text: say`From ${ruleC(60)} down to ${ruleC(21)} within 2 h, and to ${ruleC(5)} within 4 h more.`,
    whose: "Australian and New Zealand food standard; your local food code rules",
  },
  uk: {
    name: "UK",
    gates: [{ fromC: 63, toC: 8, withinMin: 90, onFail: "discard" }],
    text: say`Down to ${ruleC(8)} or below as fast as possible, within about 90 min for small portions.`,
    whose: "UK guidance; your local authority advises",
  },
};

const hours = (min: number) => (min % 60 === 0 ? `${min / 60} h` : `${min} min`);

/** The code a kitchen goes by; its own where it says so and has one, else the one named, the US one last. */
export function codeOf(kitchen: {
  readonly coolingCode: CoolingCode;
  readonly ownCode: OwnCode | null;
}): CodeOfCooling {
  const { coolingCode, ownCode } = kitchen;
  if (coolingCode !== "own") return CODES[coolingCode];
  if (ownCode === null) return CODES.us;
  return {
    name: "This kitchen's own",
    gates: ownCode.map((g) => ({ ...g, onFail: "discard" as const })),
    text: say`From ${sayAll(
      ownCode.map(
        (g) => say`${ruleC(g.fromC)} down to ${ruleC(g.toC)} within ${hours(g.withinMin)}`,
      ),
      ", then from ",
    )}.`,
    whose: "this kitchen, as set under Kitchen; your local food code rules",
  };
}

/** Above this a code holds food hot: where its first gate opens. */
export const holdingLineC = (code: CodeOfCooling): number =>
  Math.max(...code.gates.map((g) => g.fromC));
