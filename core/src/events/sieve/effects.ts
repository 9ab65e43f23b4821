import type { SetGrade } from "../../extraction/set";
import type { Effects, Open } from "../effect";
import type { SieveEvent } from "./schema";
import type { Clarity, Colour, Marrow, SolidsFate } from "./terms";

/** One thing done to a strained pot. */
export type Finishing = Extract<SieveEvent, { kind: "reducedTo" | "stirredIn" | "handedOn" }>;

export interface Sieved {
  /** The last straining that was said. */
  readonly strained: Extract<SieveEvent, { kind: "strained" }> | null;
  readonly strainedMs: number | null;
  readonly marrow: Marrow | null;
  /** Left in the pot with the grit, L. */
  readonly leftL: number;
  readonly fatKg: number | null;
  readonly set: SetGrade | null;
  /** What was done to it after the sieve, in order. */
  readonly finishing: readonly Finishing[];
  readonly looks: { readonly clarity: Clarity | null; readonly colour: Colour | null };
  readonly solids: SolidsFate | null;
  /** Solids kept apart from the liquid to be eaten, kg. */
  readonly apartKg: number;
}

export const unstrained = (): Open<Sieved> => ({
  strained: null,
  strainedMs: null,
  marrow: null,
  leftL: 0,
  fatKg: null,
  set: null,
  finishing: [],
  looks: { clarity: null, colour: null },
  solids: null,
  apartKg: 0,
});

export const SIEVE_EFFECTS: Effects<SieveEvent, Open<Sieved>> = {
  strained: (sieved, event) => {
    sieved.strained = event;
    sieved.strainedMs = event.atMs;
    sieved.marrow = event.measured.marrow ?? null;
    sieved.leftL = event.measured.leftL ?? 0;
  },
  fatLifted: (sieved, { fatKg }) => (sieved.fatKg = fatKg),
  setJudged: (sieved, { set }) => (sieved.set = set),
  looked: (sieved, { clarity, colour }) => {
    const { looks } = sieved;
    sieved.looks = { clarity: clarity ?? looks.clarity, colour: colour ?? looks.colour };
  },
  solids: (sieved, { fate }) => (sieved.solids = fate),
  reducedTo: (sieved, event) => sieved.finishing.push(event),
  stirredIn: (sieved, event) => sieved.finishing.push(event),
  handedOn: (sieved, event) => sieved.finishing.push(event),
  keptApart: (sieved, { massKg }) => (sieved.apartKg = massKg),
};
