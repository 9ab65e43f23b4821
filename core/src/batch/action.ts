import type { EventFacts } from "../events/event-schema";
import type { Said } from "../units/said";

export type ActionKind =
  | "work"
  | "workGoes"
  | "workAfter"
  | "meanwhile"
  | "side"
  | "fill"
  | "salt"
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
  /** What the log says once it is done, or begun. */
  readonly writes?: readonly EventFacts[];
  /** What the log says where a timer is set for it. */
  readonly timer?: EventFacts;
  /** Minutes that it takes, where it takes any to speak of. */
  readonly min?: number;
  /** About how long it takes, where no clock runs yet. */
  readonly about?: string;
  /** What the log says where it is left out, and what that means for the dish. */
  readonly leave?: { readonly writes: readonly EventFacts[]; readonly means: string };
  /** Liquid that is ladled out of the pot for it, L. */
  readonly ladleL?: number;
  /** What goes in beside the ingredients of the plan. */
  readonly stirIn?: { readonly ingredientId: string; readonly massKg: number };
  /** What goes in or comes out, or is tried with a fork. */
  readonly itemIds?: readonly string[];
}
