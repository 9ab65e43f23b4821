import type { Said } from "../units/said";
import { exactly, type Spread3 } from "./minutes";

/**
 * What a task wants of a cook. Hands: all of one pair. Near: somebody up, who may do other work within
 * reach and looks after three such at most. Eyes: somebody up and in the house, as beside any flame. None:
 * it runs alone, as the house allows.
 */
export type Attention = "hands" | "near" | "eyes" | "none";

/** One thing to be done, or that is left to happen, with all that it needs. */
export interface Task {
  readonly id: string;
  /** The plans whose work it is: more than one where it is done for all of them together. */
  readonly planIds: readonly string[];
  readonly title: string;
  readonly how: Said;
  readonly minutes: Spread3;
  readonly attention: Attention;
  /** Under it burns a flame, or a ring glows. */
  readonly isFlame: boolean;
  /** Rings it may stand on; none where it needs none. */
  readonly ringIds: readonly string[];
  /** Vessels it keeps busy: all of them. */
  readonly vesselIds: readonly string[];
  readonly oven: OvenNeed | null;
  /** Heard through the wall: chopping, frying, blending. Not in the house's quiet hours. */
  readonly isLoud: boolean;
  /** It stands in the bath or trough. */
  readonly isCold: boolean;
}

export interface OvenNeed {
  readonly ovenId: string;
  readonly ovenC: number;
  /** Floor it covers, handles and all, m². */
  readonly areaM2: number;
}

/** What is done while something else goes on: so long after that step's beginning. */
export interface Meanwhile {
  readonly task: Task;
  /** Which step of the block, by its place. */
  readonly step: number;
  readonly atMin: number;
}

/** So long after another block: from its end, or from when what it makes is ready. */
export interface Link {
  readonly blockId: string;
  readonly from: "end" | "ready";
  readonly leastMin: number;
  readonly mostMin: number | null;
  /** What stands in the fridge from the one to the end of the other, L. */
  readonly fridgeL?: number;
  /** Minutes kept in hand beside that: planned with, and used up when something takes longer. */
  readonly inHandMin?: number;
}

/**
 * What a block is: work before the pot, its filling, the pot on its heat (planned or under way), portions,
 * what was cooked ahead hot again, a side dish, serving.
 */
export type BlockKind =
  "prep" | "fill" | "fire" | "running" | "portion" | "reheat" | "side" | "serve";

/** Tasks that follow one another without a pause, and what is done meanwhile. */
export interface Block {
  readonly id: string;
  readonly kind: BlockKind;
  /** The blocks it was made of: more than one where the work of several pots is done at one go. */
  readonly ids: readonly string[];
  readonly planIds: readonly string[];
  readonly steps: readonly Task[];
  readonly meanwhile: readonly Meanwhile[];
  /** What it comes after. */
  readonly after: readonly Link[];
  /** The step at whose end the pot is ready, by its place; the last where it is not said. */
  readonly readyStep: number;
  /** What has the same can be done at one go; null where it is done by itself. */
  readonly sameAs: string | null;
  /** A dish that waits hot for the table once it is ready. */
  readonly isServed: boolean;
  /** It goes through the night: on in the evening, ready in the morning. */
  readonly isOvernight: boolean;
  /** Where it stands on the clock whatever else moves: under way, or pinned. */
  readonly fixedAt: number | null;
  /** Not before. */
  readonly notBefore: number | null;
}

/** A task of hands for a minute, but for what is said otherwise. */
export const taskOf = (id: string, title: string, more: Partial<Task> = {}): Task => ({
  id,
  planIds: [],
  title,
  how: "",
  minutes: exactly(1),
  attention: "hands",
  isFlame: false,
  ringIds: [],
  vesselIds: [],
  oven: null,
  isLoud: false,
  isCold: false,
  ...more,
});

/** A block of these steps, ready at its end, but for what is said otherwise. */
export const blockOf = (
  id: string,
  kind: BlockKind,
  steps: readonly Task[],
  more: Partial<Block> = {},
): Block => ({
  id,
  kind,
  ids: [id],
  planIds: [],
  steps,
  meanwhile: [],
  after: [],
  readyStep: steps.length - 1,
  sameAs: null,
  isServed: false,
  isOvernight: false,
  fixedAt: null,
  notBefore: null,
  ...more,
});
