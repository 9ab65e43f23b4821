import type { Language } from "./translate";

const RING = /\b([Rr])ing(s?)\b/gu;
/** What rings, what is a ring by its shape, and what no cook reads: no burner is meant. */
const NO_BURNER: readonly RegExp[] = [
  /^It rings|^Shall it ring|^Yes, ring/u,
  /ring that fat leaves|rings are readings/u,
  /^ring \{0\}$|same id|^The plan's ring|^spread of/u,
];

/** English as it is said in the kitchens of the United States, where that is another word: a ring is a burner. */
export const us: Language = (id) =>
  NO_BURNER.some((not) => not.test(id)) || id.search(RING) < 0
    ? undefined
    : id.replace(RING, (_, r: string, s: string) => `${r === "R" ? "B" : "b"}urner${s}`);
