import type { Vigour } from "../heat/constants";
import type { Oven } from "../heat/oven-schema";
import type { Ring } from "../heat/ring-schema";
import type { CrockSetting } from "../heat/slow-cooker";
import type { Constant } from "../units/constant";
import type { Said } from "../units/said";
import type { UnitSystem } from "../units/show";
import type { Lid } from "../vessel/lid";
import type { Vessel } from "../vessel/vessel-schema";

/** A piece of a plan's sentence; what it names is changed where it is touched. */
interface HeatWord {
  readonly text: string;
  readonly of?: "heat" | "vigour" | "lid";
}

/** What somebody said that a heat is turned to; of what it has not got nothing is taken. */
interface TurnedTo {
  readonly vigour: Vigour;
  readonly lid: Lid;
  readonly setting?: CrockSetting | undefined;
  readonly ovenC?: number | undefined;
}

/** What a text says of a heat; null is what it leaves out. */
export interface SaidOfHeat {
  readonly lid: Lid | null;
  readonly vigour: Vigour | null;
  readonly ovenC: number | null;
  readonly crockSetting: CrockSetting | null;
  readonly boilFirstMin?: number | null;
  readonly highFirstMin?: number | null;
}

/** What of a kitchen a heat may run with nobody up. */
interface RunsAlone {
  readonly slowCooker: boolean;
  readonly oven: boolean;
  readonly electricPressure: boolean;
}

/** How much of the cook a heat takes: nearby, a look now and then, or none. */
type HeatAttention = "near" | "look" | "leave";

/** Whatever a pot can be on, standing off the heat too: what it does, and how it is spoken of. */
export interface StretchRecord<H extends { readonly method: string }> {
  readonly method: H["method"];
  /** As it can follow on another heat, with the pot as it is. */
  follows(heat: H): H;
  /** As the cook turned it. */
  turned(heat: H, to: TurnedTo): H;
  /** What it is turned to when it is set as planned. */
  setAs(heat: H): TurnedTo;
  /** Whether it is a flame or ring all the time. */
  burns(vessel: Vessel | undefined): boolean;
  /** Whether the house lets it run with nobody up. */
  runsAlone(vessel: Vessel | undefined, house: RunsAlone): boolean;
  readonly attention: HeatAttention;
  /** While it is on: "In the oven". */
  readonly holds: string;
  /** Where it is: "on the ring", "in the oven", "on LOW", "under pressure". */
  where(heat: H): string;
  /** How it is set, its lid apart: "on the ring", "oven at 150 °C". */
  set(heat: H): Said;
  /** The same in few words with its lid, in one measure: "gentle simmer, lid ajar", "150 °C, covered". */
  inShort(heat: H, system: UnitSystem): string;
  /** How it goes on in a plan's sentence: " at a gentle simmer, lid off". */
  sentence(heat: H, system: UnitSystem): readonly HeatWord[];
  /** What is done to begin it after another; `from` where that was of the same kind. */
  turnTitle(heat: H, from: H | null): string;
  /** What to look for as it begins after another. */
  turnLook(heat: H, vessel: Vessel | undefined): Said;
  /** In a recipe that is written out: "simmer on the hob". */
  written(heat: H): string;
  /** How it is ended where it waits for its table: there it stays in a low oven and on WARM. */
  readonly offTitle: string;
}

/** A heat that a pot can begin on. */
export interface HeatRecord<H extends { readonly method: string }> extends StretchRecord<H> {
  /** In a sentence, as a heading, and in a list of things in the house: "slow cooker", "Slow cooker". */
  readonly name: string;
  readonly title: string;
  /** The usual way of it in a kitchen; null where the kitchen has none. */
  usual(kitchen: { readonly rings: readonly Ring[]; readonly ovens: readonly Oven[] }): H | null;
  /** The same in words, where a recipe said nothing. */
  readonly usualSaid: Said;
  /** Shut under pressure, or with a lid that may be off or ajar, past which it steams. */
  readonly isSealed: boolean;
  readonly hasLid: boolean;
  /** What a recipe says that it is set to; null where that is said in no such way. */
  readonly setBy: "vigour" | "degrees" | "setting" | null;
  /** Fuller than so much of its vessel is not usual. */
  readonly mostShare: number;
  /** Whether a vessel can be used on it, and what is said of one that cannot. */
  suits(vessel: Vessel): boolean;
  readonly unfit: { readonly code: "notOnHob" | "wrongVessel"; readonly said: string };
  /** What is said where a kitchen has it not. */
  readonly missing: string;
  /** A hold that is about right, to begin a search with, min. */
  readonly guessMin: number;
  /** What lets steam, and what of its setting tells one thing that steams alike from another. */
  steamConstant(heat: H): Constant;
  /** The constant of its lid; null where the heat's own steam has the lid in. */
  lidConstant(heat: H, vessel: Vessel): Constant | null;
  steamsAs(heat: H): string;
  /** The same for what is done alike on it: its method, and of a slow cooker the setting. */
  kind(heat: H): string;
  /** What says how hot it gets. */
  constants(heat: H): readonly Constant[];
  /** How it is set, by name, with its unit where it has one. */
  inputs(heat: H): readonly (readonly [name: string, value: string | number, unit?: string])[];
  /** With what a text says of it. */
  saidIn(heat: H, said: SaidOfHeat): H;
  /** Whether the clock starts at once and the liquid drifts to a plateau. */
  drifts(heat: H): boolean;
  /** Whether any of its heat comes from the ring. */
  usesRing(heat: H, vessel: Vessel | undefined): boolean;
  /** On the way to it: "Up to the simmer". */
  readonly comesUp: string;
  /** What is switched on first, once it is, and in few words. */
  begin(
    heat: H,
    vessel: Vessel | undefined,
  ): {
    readonly title: string;
    readonly done: string;
    readonly short: string;
  };
  /** What starts the cook's clock, and how to know. */
  clockStarts(
    heat: H,
    vessel: Vessel | undefined,
  ): { readonly title: string; readonly lookFor: Said; readonly done: string };
  /** The same two as the course of a pot tells them. */
  readonly logged: { readonly lit: string; readonly clock: string };
  /** How it is ended at the stove: "Take it out of the oven". */
  readonly end: string;
  /** What makes warming slow on it, and what helps. */
  readonly slowBy: readonly ("efficiency" | "warmUp" | "plateauC")[];
  faster(vessel: Vessel | undefined): string;
  /** What is turned on it: "Flame". */
  readonly knob: string;
  /** How a pot is kept hot on it. */
  keepsHot(vessel: Vessel | undefined): string;
}
