import type { EventBody } from "../events/event-schema";
import { inForce } from "./in-force";

type Said = { readonly kind: EventBody["kind"] } & object;

/** What the last word on a thing lets go by: of these kinds the newest one in the log says where it is. */
const OF_A_THING = ["added", "leftOut", "takenOut", "putBack"] as const;
type OfAThing = (typeof OF_A_THING)[number];

/** Where a thing is said to be already: a word of this kind says nothing after one of those. */
const SAID_BY: Readonly<Record<OfAThing, readonly OfAThing[]>> = {
  added: ["added", "takenOut", "putBack"],
  leftOut: ["leftOut", "added", "takenOut", "putBack"],
  takenOut: ["takenOut"],
  putBack: ["putBack"],
};

/** Whether such a word may say what is said already, so that the log must be asked. */
export const mayBeSaid = ({ kind }: Said): boolean =>
  kind === "waterIn" || kind === "extra" || OF_A_THING.some((one) => one === kind);

/**
 * Those of these words that say something new after this log: what went into the pot went in once, whichever tap,
 * dialog or tab was first to say so. What was taken back counts as not said.
 */
export function notSaidYet<E extends Said>(
  words: readonly E[],
  log: readonly (Said & { readonly id: string; readonly atMs: number })[],
): readonly E[] {
  const held: Said[] = [...inForce(log)];
  return words.filter((word) => {
    if (isSaid(word, held)) return false;
    held.push(word);
    return true;
  });
}

function isSaid(word: Said, held: readonly Said[]): boolean {
  if (word.kind === "waterIn") return held.some((e) => e.kind === "waterIn");
  // A round of salt has its id: what lies ready by that name lies there once.
  const extraId = extraOf(word);
  if (extraId !== null) return held.some((e) => extraOf(e) === extraId);
  const itemId = thingOf(word);
  if (itemId === null) return false;
  const last = held.findLast((e) => thingOf(e) === itemId);
  return last !== undefined && SAID_BY[word.kind as OfAThing].includes(last.kind as OfAThing);
}

const thingOf = (word: Said): string | null =>
  OF_A_THING.some((one) => one === word.kind) && "itemId" in word && typeof word.itemId === "string"
    ? word.itemId
    : null;

const extraOf = (word: Said): string | null =>
  word.kind === "extra" && "item" in word ? (word.item as { readonly id: string }).id : null;
