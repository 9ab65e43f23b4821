import { exactC, given, kilos, litres, metres, say, type Said } from "../../units/said";
import { nameIn, type EventWords } from "../event-words";
import type { WatchEvent } from "./schema";
import { TASTE_WORDS } from "./taste-words";
import type { Check, ReadingForm, Round } from "./terms";

const CHECKED_WORDS: Readonly<Record<Check, string>> = {
  notYet: "not yet",
  nearly: "nearly",
  tender: "tender",
  tooSoft: "too soft",
};

const LET_GO_WORDS: Readonly<Record<Round, string>> = {
  skim: "skimming",
  stir: "stirring",
  look: "reading the level",
  check: "the fork",
};

const READ_AS: Readonly<Record<ReadingForm, (value: number) => Said>> = {
  liquidDepth: (value) => say`Level read, ${metres(value)} deep`,
  fromRim: (value) => say`Level read, ${metres(value)} from the rim`,
  belowTideMark: (value) => say`Level read, ${metres(value)} under the tide mark`,
  volume: (value) => say`Level read, ${litres(value)}`,
  potWeight: (value) => say`Pot weighed, ${kilos(value)}`,
};

export const WATCH_WORDS: EventWords<WatchEvent> = {
  read: ({ reading }) => READ_AS[reading.form](reading.value),
  temperature: ({ where, tempC }) =>
    where === "liquid" ? say`Liquid at ${exactC(tempC)}` : say`Piece at ${exactC(tempC)}`,
  tasted: ({ who, tastes, text }) => {
    const said = tastes.map((t) => TASTE_WORDS[t]).join(", ");
    const by = who === "" ? say`Tasted: ${said}` : say`Tasted by ${given(who)}: ${said}`;
    return text === "" ? by : say`${by}. “${given(text)}”`;
  },
  checked: ({ itemId, how }, plan) =>
    `Fork, ${nameIn(plan, itemId).toLowerCase()}: ${CHECKED_WORDS[how]}`,
  skimmed: () => "Skimmed",
  stirred: () => "Stirred",
  lookedIn: () => "Looked in",
  letGo: ({ round }) => `Let go: ${LET_GO_WORDS[round]}`,
};
