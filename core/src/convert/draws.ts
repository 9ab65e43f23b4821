import { exp, powerOf } from "../units/same-math";
import { resolve, type SetPot } from "../simulate/set-pot";
import { isInOven, isOnRing, isSealed, isSlow } from "../heats/heat";
import { COOK_VALUE_Z_C } from "../doneness/cook-value";
import type { Kitchen } from "../simulate/kitchen-schema";
import { hotSigmaC } from "../simulate/hot-here";
import { ringSigmaOf, steamSigmaOf } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import { pieceTauOf } from "../simulate/piece-of";
import type { Plan } from "../simulate/plan-schema";
import { pointAt } from "../simulate/point-at";
import type { Trace } from "../simulate/trace";
import { kitchenEstimate } from "../units/constant";
import { EvenDraws } from "../units/even-draws";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { cookedMinOf, rulingHeat } from "./like";
import { courseOf, followCourse, type Course, type Shift } from "./lean-course";

/** A plan with its expected simulation. */
export interface Simulated {
  readonly plan: Plan;
  readonly trace: Trace;
  /** True where the time is given: only its steam is uncertain. */
  readonly isFixed?: boolean;
}

/** P10 and P90; high is null where one in ten does not get there in two days. */
export interface DrawnRange {
  readonly low: number;
  readonly high: number | null;
}

/** What the draws say of one heat. */
export interface DrawnRanges {
  readonly holdMin: DrawnRange;
  /** Start water for the same end, L, and the end that the expected water comes to, L. */
  readonly waterChangeL: DrawnRange;
  readonly endChangeL: DrawnRange;
}

const Z_EXPECTED = COOK_VALUE_Z_C.value;
const Z_LEAST = 22;
const SIMMER_SIGMA_C = kitchenEstimate(
  "how far a simmer held by eye is off",
  1.5,
  "°C",
  "thermometer",
);
const GAUGE_SIGMA_C = kitchenEstimate("how far a gauge is off", 1, "°C", "±3 kPa");
/** How far off what is held may be, one standard deviation, °C. */
const heldSigmaC = ({ plan, kitchen }: SetPot): number => {
  const { heat } = plan;
  if (isOnRing(heat)) return SIMMER_SIGMA_C.value;
  return isSealed(heat) ? GAUGE_SIGMA_C.value : hotSigmaC(plan, kitchen);
};

/** Everything of one heat that does not change from draw to draw. */
interface Prepared {
  readonly course: Course;
  readonly isWarmed: boolean;
  readonly tauS: number;
  readonly startC: number;
  readonly holdMin: number;
  /** Of the hold: what the cook value asks for; the rest is as it is. */
  readonly cookedMin: number;
  readonly gateC: number;
  readonly capC: number;
  readonly tailMin: number;
  readonly holdC: number;
  readonly sigmaSteam: number;
  readonly sigmaHeldC: number;
  readonly sigmaComeUp: number;
  readonly lossUpL: number;
  readonly lossHoldL: number;
  readonly isFixed: boolean;
}

function prepare({ plan, trace, isFixed = false }: Simulated, kitchen: Kitchen): Prepared {
  const setPot = resolve(plan, kitchen);
  const main = plan.items.find((i) => i.id === trace.mainItemId);
  const endMin = trace.toSimmerMin + trace.holdMin;
  const centreC = pointAt(trace, endMin).centreC;
  const heat = rulingHeat(plan, trace);
  const lossL = -(trace.ledger.evaporated + trace.ledger.vented) / COLD_DENSITY_KG_L;
  const upL = pointAt(trace, trace.toSimmerMin).steamedKg / COLD_DENSITY_KG_L;
  return {
    course: courseOf(trace),
    isWarmed: isInOven(heat) || isSlow(heat),
    tauS: main === undefined ? 1 : pieceTauOf(main, plan.pieceM),
    startC: trace.points[0]?.centreC ?? 5,
    holdMin: trace.holdMin,
    cookedMin: cookedMinOf(plan, trace),
    gateC: Math.min(trace.gateC, centreC - 0.2),
    capC: isSealed(heat) ? 140 : trace.boilingC,
    tailMin: trace.cookMin - trace.cookAtEndOfHoldMin,
    holdC: trace.holdC,
    sigmaSteam: isSealed(heat) ? 0 : steamSigmaOf(setPot),
    sigmaHeldC: heldSigmaC(setPot),
    sigmaComeUp: ringSigmaOf(setPot),
    lossUpL: Math.min(lossL, upL),
    lossHoldL: Math.max(0, lossL - upL),
    isFixed,
  };
}

/** How many times as fast a minute at tempC counts with another z. */
const zFactor = (tempC: number, zC: number): number =>
  powerOf(10, (tempC - 100) * (1 / zC - 1 / Z_EXPECTED));

/** Dimensions that all heats of a draw share, z and target; and those of each heat. */
const OF_ALL = 2;
const OF_A_HEAT = 4;

const EXPECTED_SHIFT = { zC: Z_EXPECTED, plateauC: 0, comeUp: 1, warmUp: 1 };

interface Draw extends Shift {
  readonly steam: number;
}

function drawFor(p: Prepared, zC: number, even: EvenDraws): Draw {
  return {
    zC,
    plateauC: p.sigmaHeldC * even.normal(),
    capC: p.capC,
    comeUp: exp(-p.sigmaComeUp * even.normal()),
    warmUp: p.isWarmed ? exp(SPREAD.warmUp.value * even.normal()) : 1,
    steam: exp(p.sigmaSteam * even.normal()),
  };
}

/** P10 and P90 of figures, Infinity among them. */
function rangeOf(figures: number[]): DrawnRange {
  const sorted = figures.sort((a, b) => a - b);
  const at = (q: number) =>
    sorted[Math.min(sorted.length - 1, Math.round(q * (sorted.length - 1)))] ?? 0;
  const high = at(0.9);
  return { low: at(0.1), high: Number.isFinite(high) ? high : null };
}

/**
 * Seeded draws, even in all they differ in, over what is uncertain about a conversion: z, each heat's plateau and pace, the
 * ring, and how fast it steams; for a dish written "until tender" its target as well. Every draw follows
 * the piece through the written heat and then through each other one until it has had the same.
 * @returns for each target its ranges, in the order given
 */
export function drawRanges(
  source: Simulated,
  targets: readonly Simulated[],
  kitchen: Kitchen,
  options: { readonly draws: number; readonly seed: number },
): readonly DrawnRanges[] {
  const from = prepare(source, kitchen);
  const all = targets.map((target) => prepare(target, kitchen));
  const isTender = source.plan.stop.by === "tender";
  const { judged, mainItemId } = source.trace;
  const targetSigma = judged.get(mainItemId ?? "")?.sigmaLog ?? SPREAD.target.value;
  const even = new EvenDraws(options.seed, OF_ALL + OF_A_HEAT * (1 + targets.length));
  const leanAt = (p: Prepared, shift: Shift) =>
    followCourse(p.course, shift, p.tauS, p.startC, {
      cookMin: Infinity,
      centreC: 0,
      atMin: p.holdMin,
    }).cookAtMin;
  const expectedShift = (p: Prepared): Shift => ({ ...EXPECTED_SHIFT, capC: p.capC });
  const sourceExpected = leanAt(from, expectedShift(from)) + from.tailMin;
  const reach = (p: Prepared, shift: Shift, cookMin: number) =>
    followCourse(p.course, shift, p.tauS, p.startC, {
      cookMin,
      centreC: Math.min(p.gateC, p.gateC + Math.min(0, shift.plateauC)),
      atMin: 0,
    }).reachedMin;
  const expected = all.map((p) => reach(p, expectedShift(p), sourceExpected - p.tailMin));
  const holds: number[][] = all.map(() => []);
  const losses: number[][] = all.map(() => []);
  for (let n = 0; n < options.draws; n++) {
    even.begin();
    const zC = Math.max(Z_LEAST, Z_EXPECTED + SPREAD.zC.value * even.normal());
    const target = exp(targetSigma * even.normal());
    const fromDraw = drawFor(from, zC, even);
    const wanted = isTender
      ? sourceExpected * target
      : leanAt(from, fromDraw) + from.tailMin * zFactor(from.holdC, zC);
    all.forEach((p, i) => {
      const draw = drawFor(p, zC, even);
      const ratio = p.isFixed
        ? 1
        : Math.max(0, reach(p, draw, wanted - p.tailMin * zFactor(p.holdC, zC))) /
          Math.max(1, expected[i] ?? 1);
      holds[i]?.push(p.holdMin + (ratio - 1) * p.cookedMin);
      const longer = 1 + ((Number.isFinite(ratio) ? ratio : 3) - 1) * (p.cookedMin / p.holdMin);
      losses[i]?.push(
        (p.lossUpL * draw.comeUp + p.lossHoldL * longer) * draw.steam - p.lossUpL - p.lossHoldL,
      );
    });
  }
  return all.map((_, i) => {
    const waterChangeL = rangeOf(losses[i] ?? []);
    return {
      holdMin: rangeOf(holds[i] ?? []),
      waterChangeL,
      endChangeL: { low: -(waterChangeL.high ?? 0), high: -waterChangeL.low },
    };
  });
}
