import type { BoilCourse } from "../doneness/bean-boil";
import type { DonenessTarget } from "../doneness/targets";
import type { LedgerTotals } from "../liquid/ledger";
import type { Problem } from "../units/problem";

export type Phase = "comeUp" | "boil" | "hold" | "release" | "rest";

/** The pot at one moment. Times count from the flame being lit. */
export interface TracePoint {
  readonly tMin: number;
  readonly phase: Phase;
  readonly liquidC: number;
  /** Centre of what rules the dish, °C. */
  readonly centreC: number;
  readonly liquidKg: number;
  /** Hot litres, as a dip would read them. */
  readonly liquidL: number;
  readonly depthM: number;
  readonly steamedKg: number;
  /** Liquid that has run over the rim so far, kg. */
  readonly ranOverKg: number;
  /** Average cook value of the bones or the main solid, min at 100 °C. */
  readonly cookMin: number;
  readonly gelatinG: number;
  /** Everything in the pot, kg. */
  readonly contentsKg: number;
}

export type MarkKind =
  | "simmers"
  | "boils"
  | "turnedDown"
  | "inOven"
  | "switchedOn"
  | "toLow"
  | "atPressure"
  | "released"
  | "turned"
  | "itemIn"
  | "itemOut"
  | "itemBack"
  | "offHeat"
  | "strained"
  | "bonesBare"
  | "ranOver"
  | "dry";

export interface Mark {
  readonly kind: MarkKind;
  readonly tMin: number;
  readonly itemId?: string;
  /** Of "turned": the stretch that begins. */
  readonly stretchId?: string;
}

/** One stretch of the heat as it went, min from the first flame. */
export interface StretchCourse {
  readonly stretchId: string;
  readonly fromMin: number;
  /** The end of its hold; letting pressure down comes after. */
  readonly toMin: number;
  /** At its end: cook value of what rules the dish, and the liquid in the pot, cold litres. */
  readonly cookMin: number;
  readonly endLiquidL: number;
  /** What the liquid comes to in it, °C. */
  readonly holdC: number;
}

/** An end as one pot has it: slowed by its acid, and as such things were tender in its kitchen. */
export interface JudgedTarget extends DonenessTarget {
  readonly isSlowed: boolean;
  /** How far off it may be in the next such pot, one standard deviation of the logarithm. */
  readonly sigmaLog: number;
}

/** A fork that went into a piece, and the cook value it found there. */
export interface Forked {
  readonly itemId: string;
  readonly tMin: number;
  readonly cookMin: number;
}

/** What is in the bowl after the sieve. */
export interface Strained {
  readonly liquidKg: number;
  /** Cold litres. */
  readonly volumeL: number;
  readonly gelatinGL: number;
  readonly saltG: number;
  readonly saltGL: number;
  readonly fatKg: number;
  readonly alcoholG: number;
  /** The most that may be left of it: under a lid that drips back little steam carries it off, g. */
  readonly alcoholMostG: number;
  readonly sugarG: number;
}

/** What one ingredient went through. */
export interface ItemCourse {
  readonly itemId: string;
  readonly inMin: number;
  /** When it came out again, min; null where it stayed in. */
  readonly outMin: number | null;
  /** Weight at the end, kg; bones and meat have lost juice and fat, pulses have swollen. */
  readonly endKg: number;
  /** Average cook value at the end, min at 100 °C. */
  readonly cookMin: number;
  readonly hottestCentreC: number;
  /** Minutes its centre took from 5 to 60 °C; null where it never came to 60. */
  readonly from5To60Min: number | null;
  /** The boil that dry common beans need; null for everything else. */
  readonly boil: BoilCourse | null;
}

/** Everything one simulated pot goes through. */
export interface Trace {
  readonly points: readonly TracePoint[];
  readonly marks: readonly Mark[];
  readonly forks: readonly Forked[];
  /** The end of everything that is judged by its bite, by its id. */
  readonly judged: ReadonlyMap<string, JudgedTarget>;
  readonly ledger: LedgerTotals;
  readonly strained: Strained;
  readonly comeUpMin: number;
  /** Minutes from lighting the flame to the simmer's clock starting. */
  readonly toSimmerMin: number;
  /** From there to the end of the last stretch. */
  readonly holdMin: number;
  /** The hold, stretch by stretch; one where nothing follows on the first heat. */
  readonly stretches: readonly StretchCourse[];
  readonly totalMin: number;
  readonly boilingC: number;
  readonly holdC: number;
  readonly startDepthM: number;
  readonly endDepthM: number;
  /** Liquid in the pot at the end, before straining: cold litres. */
  readonly endLiquidL: number;
  readonly endLiquidKg: number;
  readonly heapTopM: number;
  readonly endHeapTopM: number;
  readonly solidsInKg: number;
  readonly solidsOutKg: number;
  readonly fatCapMm: number;
  readonly cookMin: number;
  /** Cook value of what rules the dish when the hold ends, before release and carry-over. */
  readonly cookAtEndOfHoldMin: number;
  readonly liquidAtEndOfHoldC: number;
  /** What the centre of what rules the dish has to come to, °C. */
  readonly gateC: number;
  /** The ingredient that rules the dish; null without solids. */
  readonly mainItemId: string | null;
  readonly items: readonly ItemCourse[];
  /** The same at the moment it came off the heat, where that is known; null where it is not. */
  readonly atOff: readonly ItemCourse[] | null;
  /** Share of the vessel that liquid and solids fill when it is fullest, on the heat. */
  readonly fullestShare: number;
  readonly leastLiquidL: number;
  readonly releaseMin: number;
  readonly holdW: number;
  readonly ringW: number;
  /** Why it stopped early, where it did. */
  readonly problem: Problem | null;
}

/** How long what is judged simmers, min: lifted or strained out, it gives no more. */
export function simmeredMin({
  toSimmerMin,
  holdMin,
  items,
  mainItemId,
}: Pick<Trace, "toSimmerMin" | "holdMin" | "items" | "mainItemId">): number {
  const toMin = items.find((i) => i.itemId === mainItemId)?.outMin ?? toSimmerMin + holdMin;
  return Math.max(0, Math.min(holdMin, toMin - toSimmerMin));
}
