import type { PlanItem } from "../../simulate/plan-schema";
import type { Effects, Open } from "../effect";
import type { PotEvent } from "./schema";
import type { SaltRound } from "./terms";

export interface InPot {
  readonly addedItems: ReadonlyMap<string, { readonly atMs: number; readonly massKg: number }>;
  readonly swaps: readonly {
    readonly itemId: string;
    readonly ingredientId: string;
    readonly massKg: number;
  }[];
  readonly splits: readonly {
    readonly itemId: string;
    readonly intoId: string;
    readonly massKg: number;
  }[];
  readonly leftOut: ReadonlySet<string>;
  /** What was put in without having been planned. */
  readonly extras: readonly PlanItem[];
  /** When each was first lifted out, and put back. */
  readonly outMs: ReadonlyMap<string, number>;
  readonly backMs: ReadonlyMap<string, number>;
  readonly isWaterIn: boolean;
  /** Liquid poured in, or ladled out (below nothing); what is poured back was ladled out before, and is hot. */
  readonly pours: readonly {
    readonly atMs: number;
    readonly volumeL: number;
    readonly isBack: boolean;
  }[];
  readonly unsalted: ReadonlySet<SaltRound>;
}

/** Whether it was lifted out and lies beside the pot now. */
export const isLiftedOut = ({ outMs, backMs }: InPot, itemId: string): boolean =>
  outMs.has(itemId) && !backMs.has(itemId);

export const emptyPot = (): Open<InPot> => ({
  addedItems: new Map(),
  swaps: [],
  splits: [],
  leftOut: new Set(),
  extras: [],
  outMs: new Map(),
  backMs: new Map(),
  isWaterIn: false,
  pours: [],
  unsalted: new Set(),
});

const first = (moments: Map<string, number>, { itemId, atMs }: { itemId: string; atMs: number }) =>
  moments.has(itemId) || moments.set(itemId, atMs);

export const POT_EFFECTS: Effects<PotEvent, Open<InPot>> = {
  added: (pot, { itemId, atMs, massKg }) => pot.addedItems.set(itemId, { atMs, massKg }),
  swapped: (pot, event) => pot.swaps.push(event),
  extra: (pot, { item }) => pot.extras.push(item),
  split: (pot, event) => pot.splits.push(event),
  leftOut: (pot, { itemId }) => pot.leftOut.add(itemId),
  takenOut: (pot, event) => first(pot.outMs, event),
  putBack: (pot, event) => first(pot.backMs, event),
  waterIn: (pot) => (pot.isWaterIn = true),
  toppedUp: (pot, { atMs, volumeL }) => pot.pours.push({ atMs, volumeL, isBack: false }),
  ladledOut: (pot, { atMs, volumeL }) => pot.pours.push({ atMs, volumeL: -volumeL, isBack: false }),
  pouredBack: (pot, { atMs, volumeL }) => pot.pours.push({ atMs, volumeL, isBack: true }),
  noSalt: (pot, { round }) => pot.unsalted.add(round),
};
