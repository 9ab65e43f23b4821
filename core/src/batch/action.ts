import type { Said } from "../units/said";
export type ActionKind =
  | "light"
  | "boils"
  | "turnDown"
  | "turn"
  | "simmers"
  | "skim"
  | "stir"
  | "add"
  | "lift"
  | "look"
  | "check"
  | "offHeat"
  | "putBack"
  | "strain";

/** One thing for the cook to do, with when, and what to look for. */
export interface Action {
  readonly id: string;
  readonly kind: ActionKind;
  readonly atMs: number;
  readonly title: string;
  readonly lookFor: Said;
  /** What a cook says once it is done, where the kind alone does not say it. */
  readonly done?: string;
  /** Of "turn": the stretch of the heat that it begins. */
  readonly stretchId?: string;
  /** What goes in or comes out, or is tried with a fork. */
  readonly itemIds?: readonly string[];
}
