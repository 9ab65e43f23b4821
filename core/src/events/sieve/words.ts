import { SET_WORDS } from "../../extraction/set";
import { ingredientById } from "../../ingredient/catalogue";
import { kilos, litres, say, type Said } from "../../units/said";
import type { EventWords } from "../event-words";
import { lookWords } from "./look-words";
import type { SieveEvent } from "./schema";
import type { SolidsFate } from "./terms";

const SOLIDS_WORDS: Readonly<Record<SolidsFate, string>> = {
  eaten: "eaten",
  returned: "back into the pot",
  frozen: "frozen",
  fed: "fed to animals",
  thrown: "thrown away",
};

type Measured = Extract<SieveEvent, { kind: "strained" }>["measured"];
function measuredSaid({ servedKg, massKg, volumeL }: Measured): Said {
  if (servedKg !== undefined) return say`Served, ${kilos(servedKg)}`;
  return say`Strained, ${massKg === undefined ? litres(volumeL ?? 0) : kilos(massKg)}`;
}

export const SIEVE_WORDS: EventWords<SieveEvent> = {
  strained: ({ measured }) =>
    measured.isReckoned === true
      ? say`${measuredSaid(measured)}, as estimated`
      : measuredSaid(measured),
  fatLifted: ({ fatKg }) => say`Fat lifted, ${kilos(fatKg)}`,
  setJudged: ({ set }) => `Set when cold: ${SET_WORDS[set]}`,
  looked: (event) => lookWords(event).join(", "),
  solids: ({ fate }) => `What stayed in the sieve: ${SOLIDS_WORDS[fate]}`,
  reducedTo: ({ volumeL }) => say`Boiled down to ${litres(volumeL)}`,
  stirredIn: ({ ingredientId, massKg }) =>
    say`${ingredientById(ingredientId).name} stirred in, ${kilos(massKg)}`,
  keptApart: ({ massKg }) =>
    massKg > 0 ? say`${kilos(massKg)} of the solids kept apart` : "Nothing kept apart",
  handedOn: ({ massKg }) => say`${kilos(massKg)} poured hot into the next pot`,
};
