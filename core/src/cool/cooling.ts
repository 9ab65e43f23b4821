import { exp } from "../units/same-math";
import { square } from "../units/whole-power";
import { THERMAL_DIFFUSIVITY_M2_S, WATER_HEAT_KJ_KG_K } from "../heat/constants";
import { warmingFluxKgM2H } from "../heat/hob";
import { COLD_DENSITY_KG_L, latentHeatKJKg } from "../water/properties";
import { floorM2, wallM2, type CoolingContainer } from "./container";
import type { Gate } from "./codes";
import { PLASTIC_FACTOR, WAYS, type CoolingWay } from "./ways";

/** One stage: a way, for so long; the last one lasts to the end. */
export interface CoolingStage {
  readonly way: CoolingWay;
  readonly min: number;
}

/** What is cooled, and where. */
export interface CoolingFacts {
  readonly container: CoolingContainer;
  /** In each container, kg. */
  readonly massKg: number;
  readonly fromC: number;
  readonly roomC: number;
  readonly waterC: number;
  readonly airKPa: number;
  /** Not stirred through, and thick: heat has to find its way out. */
  readonly isThick: boolean;
  /** How fast heat passes against what is thought; 1 until a thermometer says otherwise. */
  readonly pace?: number;
  /** How fast it passes here by what earlier thermometers said of such containers; as thought where not given. */
  readonly here?: (containerId: string, way: CoolingWay) => PaceHere;
}

/** How fast a container passes its heat in one kitchen, against what is thought. */
export interface PaceHere {
  /** Never more than 1: a plan counts on nothing that is faster than thought. */
  readonly pace: number;
  /** How far off the next one may be, one standard deviation of the logarithm. */
  readonly sigmaLog: number;
}

export interface CoolingPoint {
  readonly tMin: number;
  readonly tempC: number;
}

const STEP_MIN = 0.5;
const LONGEST_MIN = 24 * 60;
/** Steam off an uncovered surface counts above this, °C. */
const STEAMS_FROM_C = 30;

/** Depth of the liquid in a container, m. */
export const depthOf = ({
  container,
  massKg,
}: Pick<CoolingFacts, "container" | "massKg">): number =>
  massKg / COLD_DENSITY_KG_L / 1000 / floorM2(container);

/**
 * Time constant of a way, min: τ = m·c/(h·A), all faces in air and the wetted ones in a bath, plastic half;
 * thick food adds 4L²/(π²α), L half its depth from both sides, the depth from one (docs/method.md, “Chilling”).
 */
export function coolingTauMin(facts: CoolingFacts, way: CoolingWay): number {
  const { container, massKg } = facts;
  const depthM = depthOf(facts);
  const floor = floorM2(container);
  const { h, isBath } = WAYS[way];
  const areaM2 = wallM2(container, depthM) + floor * (isBath ? 1 : 2);
  const wall = container.isPlastic ? PLASTIC_FACTOR.value : 1;
  const outerS =
    (massKg * WATER_HEAT_KJ_KG_K.value * 1000) / (h.value * paceIn(facts, way) * areaM2 * wall);
  const pathM = isBath ? depthM : depthM / 2;
  const innerS = facts.isThick
    ? (4 * square(pathM)) / (square(Math.PI) * THERMAL_DIFFUSIVITY_M2_S.value)
    : 0;
  return (outerS + innerS) / 60;
}

const paceIn = ({ container, pace = 1, here }: CoolingFacts, way: CoolingWay): number =>
  pace * (here?.(container.id, way).pace ?? 1);

/** Temperature round it, °C. */
export const aroundC = (facts: CoolingFacts, way: CoolingWay): number =>
  WAYS[way].aroundC ?? (way === "room" ? facts.roomC : facts.waterC);

/**
 * The course of cooling through its stages, in steps of half a minute: Newton's law, and what an uncovered
 * hot surface steams off in air. Ends at longestMin (a day on where nothing is said), or where it stands within
 * a tenth of a degree.
 */
export function coolingCurve(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  longestMin = LONGEST_MIN,
): readonly CoolingPoint[] {
  const points: CoolingPoint[] = [{ tMin: 0, tempC: facts.fromC }];
  let tempC = facts.fromC;
  let tMin = 0;
  for (const [index, stage] of stages.entries()) {
    const isLast = index === stages.length - 1;
    const untilMin = isLast ? longestMin : Math.min(longestMin, tMin + stage.min);
    const tauMin = coolingTauMin(facts, stage.way);
    const around = aroundC(facts, stage.way);
    const steams = !WAYS[stage.way].isBath;
    while (tMin < untilMin - 1e-9) {
      if (isLast && Math.abs(tempC - around) < 0.1) return points;
      const dt = Math.min(STEP_MIN, untilMin - tMin);
      tempC = around + (tempC - around) * exp(-dt / tauMin);
      if (steams && tempC > STEAMS_FROM_C) tempC -= steamedC(facts, tempC, dt);
      tMin += dt;
      points.push({ tMin, tempC });
    }
  }
  return points;
}

/** What steam off the open surface takes in dtMin, °C. */
function steamedC(facts: CoolingFacts, tempC: number, dtMin: number): number {
  const kg = ((warmingFluxKgM2H(tempC, facts.airKPa) * floorM2(facts.container)) / 60) * dtMin;
  return (kg * latentHeatKJKg(tempC)) / (facts.massKg * WATER_HEAT_KJ_KG_K.value);
}

/** When a curve is down at tempC, min; null where it never is. */
export function whenAtMin(points: readonly CoolingPoint[], tempC: number): number | null {
  const first = points[0];
  if (first === undefined) return null;
  if (first.tempC <= tempC) return first.tMin;
  for (let i = 1; i < points.length; i++) {
    const a = points[i - 1];
    const b = points[i];
    if (a === undefined || b === undefined || b.tempC > tempC) continue;
    return a.tMin + ((a.tempC - tempC) / (a.tempC - b.tempC)) * (b.tMin - a.tMin);
  }
  return null;
}

/** The temperature at a moment, linear between points, held at the ends. */
export function tempAtC(points: readonly CoolingPoint[], tMin: number): number {
  const after = points.findIndex((p) => p.tMin >= tMin);
  const b = points[after === -1 ? points.length - 1 : after];
  const a = points[Math.max(0, after - 1)];
  if (a === undefined || b === undefined) return NaN;
  const span = b.tMin - a.tMin;
  return after <= 0 || span <= 0
    ? b.tempC
    : a.tempC + ((tMin - a.tMin) / span) * (b.tempC - a.tempC);
}

/** How a gate is met: when it opens and shuts on the curve, and how long that took; null is never. */
export interface GateResult {
  readonly gate: Gate;
  readonly fromMin: number | null;
  readonly toMin: number | null;
  readonly tookMin: number | null;
  readonly passes: boolean;
}

/** Every gate against a curve. A gate is met at its very minute; its time begins where the curve is at its line. */
export const gatesMet = (
  points: readonly CoolingPoint[],
  gates: readonly Gate[],
  opensMin: (gate: Gate) => number | null = (gate) => whenAtMin(points, gate.fromC),
): readonly GateResult[] =>
  gates.map((gate) => {
    const fromMin = opensMin(gate);
    const toMin = whenAtMin(points, gate.toC);
    const tookMin = fromMin === null || toMin === null ? null : toMin - fromMin;
    return {
      gate,
      fromMin,
      toMin,
      tookMin,
      passes: tookMin !== null && tookMin <= gate.withinMin + 1e-6,
    };
  });

/** Heat that melting ice and its water up to 5 °C take, kJ/kg: docs/method.md, “Chilling”. */
const ICE_KJ_KG = 334 + WATER_HEAT_KJ_KG_K.value * 5;

/** Ice for a bath that takes massKg from one temperature to another, kg: m·c·ΔT/(334 + 4.18·5). */
export const iceKg = (massKg: number, fromC: number, toC: number): number =>
  (massKg * WATER_HEAT_KJ_KG_K.value * Math.max(0, fromC - toC)) / ICE_KJ_KG;
