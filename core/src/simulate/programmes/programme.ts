import type { SetPot } from "../set-pot";
import type { Heat } from "../../heats/heat-schema";
import type { Problem } from "../../units/problem";
import type { Kitchen } from "../kitchen-schema";
import type { Parameters } from "../parameters";
import type { HeatTurn } from "../course";
import type { Plan } from "../plan-schema";
import type { Pot } from "../pot";
import type { MarkKind, Phase } from "../trace";

/** The pot on its heat, as a programme sees and drives it. */
export interface Cooking {
  readonly setPot: SetPot;
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly parameters: Parameters;
  readonly pot: Pot;
  readonly boilingC: number;
  readonly airKPa: number;
  readonly plannedHoldMin: number;
  readonly tMin: number;
  /** When the stretch that it is in began to hold, and how long that is thought to be. */
  readonly stretchFromMin: number;
  readonly plannedStretchMin: number;
  readonly problem: Problem | null;
  /** When the cook's clock starts: at the simmer, in the oven, switched on, at pressure. */
  clockFromMin: number;
  mark(kind: MarkKind): void;
  /** Steam in kg/s at a flux of kg/m²·h, lid in, off the surface half-way through a step of dtS; fat slows it. */
  steamKgS(fluxKgM2H: number, lid: number, dtS: number): number;
  /** Surface half-way through a step of dtS that begins now, m². */
  surfaceM2(dtS: number): number;
  steamW(steamKgS: number): number;
  /** How fast this pot steams on a heat against the default: by its parameters, and by what is learned here. */
  steams(heat: Heat): number;
  /** How much of its heat reaches the pot against the default, from the ring that it is planned on. */
  readonly ringReaches: number;
  lossW(): number;
  /** Liquid and solids together, hot litres. */
  contentsL(): number;
  /** Warms to toC at powerW; steam leaves as the lid lets it, none where lid is 0. */
  comeUp(toC: number, powerW: number, lid: () => number): void;
  /** True while the heat is out. */
  readonly isCold: boolean;
  /** True while the lid is off though it should be on. */
  readonly isOpen: boolean;
  /** Heat and lid as last set by the cook; null where they are the plan's. */
  readonly turned: HeatTurn | null;
  /** What a thermometer says the simmer is held at, °C; null where none has said it. */
  readonly seenC: number | null;
  /** Minutes from now until it is turned down from the boil; null where the plan says. */
  readonly untilTurnedDownMin: number | null;
  /** What of so much fire warms the pot at tempC, W: less what is lost and steams off past the lid. */
  netW(fireW: number, tempC: number, lid: number): number;
  /** Lets dtS pass on so much fire, W, off its simmer: none, and it cools. The lid lets so much of the steam out. */
  warm(phase: Phase, fireW: number, dtS: number, lid: number, netW?: number): void;
  /** How long the next step may be, s. */
  stepS(): number;
  /** Something changed at once: the next step is short, and goes by no step before it. */
  begin(): void;
  /** Lets dtS pass with steamKgS leaving. */
  pass(phase: Phase, dtS: number, steamKgS: number): void;
}

/** How one heat takes a pot from cold to done. */
export interface Programme {
  /** Temperature the liquid comes to in the hold, °C. */
  readonly holdC: number;
  /** Heat into the pot at full power, W. */
  readonly powerW: number;
  /** False where what goes in late has to wait until the lid can be opened. */
  readonly opensInHold: boolean;
  /** From the first heat until the cook's clock starts. */
  bringUp(): void;
  /** On from another heat, where it has to come to something first. */
  enter?(): void;
  /** One step of the hold, at most longestS, cut where the liquid falls to wantedKg; its length, s. */
  holdStep(longestS: number, wantedKg: number): number;
  /** When something goes in during the hold. */
  opened?(): void;
  /** From the end of the hold until the lid is off. */
  letDown?(): void;
  /** How long that takes from now, min. */
  letDownMin?(): number;
  /** What could not go in before the lid was off simmers then, steaming so much, kg/m²·h. */
  readonly lateFluxKgM2H?: number;
  /** Heat that holds it there, W. */
  holdingW(): number;
}
