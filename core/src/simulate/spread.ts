import { COOK_VALUE_Z_C } from "../doneness/cook-value";
import { SIMMER_FLUX_KG_M2_H } from "../liquid/constants";
import { Z90 } from "../units/estimate";
import type { Kitchen } from "./kitchen-schema";
import { EXPECTED, SPREAD, type Parameters } from "./parameters";
import type { Plan } from "./plan-schema";
import { simulate } from "./simulate";
import type { Trace, TracePoint } from "./trace";

/** The figures a trace gives; each a positive number. */
export const FIGURES = {
  strainedL: (t: Trace) => t.strained.volumeL,
  endLiquidL: (t: Trace) => t.endLiquidL,
  steamedL: (t: Trace) => -t.ledger.evaporated,
  gelatinGL: (t: Trace) => t.strained.gelatinGL,
  saltGL: (t: Trace) => t.strained.saltGL,
  fatKg: (t: Trace) => t.strained.fatKg,
  cookMin: (t: Trace) => t.cookMin,
  toSimmerMin: (t: Trace) => t.toSimmerMin,
  holdMin: (t: Trace) => t.holdMin,
  totalMin: (t: Trace) => t.totalMin,
} as const;
export type FigureId = keyof typeof FIGURES;

export interface FigureSpread {
  /** Standard deviation of the figure's logarithm. */
  readonly sigmaLog: number;
  /** Share of the variance by parameter, 0–1. */
  readonly shares: Readonly<Record<keyof Parameters, number>>;
}

/** The level's P10 and P90 along the simmer, hot litres, at the trace's own moments. */
export interface LevelBand {
  readonly tMin: readonly number[];
  readonly lowL: readonly number[];
  readonly highL: readonly number[];
}

export interface Spread {
  readonly figures: Readonly<Record<FigureId, FigureSpread>>;
  readonly band: LevelBand;
}

const PARAMETERS = Object.keys(EXPECTED) as (keyof Parameters)[];

/** One parameter moved by one standard deviation up or down. */
function moved(
  parameter: keyof Parameters,
  up: boolean,
  plan: Plan,
): Parameters {
  const sign = up ? 1 : -1;
  if (parameter === "zC")
    return { ...EXPECTED, zC: COOK_VALUE_Z_C.value + sign * SPREAD.zC.value };
  const sigma =
    parameter === "evaporation"
      ? (SIMMER_FLUX_KG_M2_H[plan.heat.vigour].sigmaLog ?? 0)
      : SPREAD[parameter].value;
  return { ...EXPECTED, [parameter]: Math.exp(sign * sigma) };
}

/**
 * How uncertain each figure is: every parameter moved by ±1σ in the logarithm,
 * σ_out = √Σ(½·ln(out⁺/out⁻))² (model section 13). Costs two simulations a parameter.
 */
export function spreadOf(
  plan: Plan,
  kitchen: Kitchen,
  waterKg: number,
  expected: Trace,
): Spread {
  const squares = Object.fromEntries(
    Object.keys(FIGURES).map((id) => [
      id,
      {} as Record<keyof Parameters, number>,
    ]),
  ) as Record<FigureId, Record<keyof Parameters, number>>;
  let band: LevelBand = { tMin: [], lowL: [], highL: [] };
  for (const parameter of PARAMETERS) {
    const run = (up: boolean) =>
      simulate(plan, kitchen, {
        waterKg,
        parameters: moved(parameter, up, plan),
      });
    const high = run(true);
    const low = run(false);
    for (const id of Object.keys(FIGURES) as FigureId[])
      squares[id][parameter] =
        halfLogRatio(FIGURES[id](high), FIGURES[id](low)) ** 2;
    if (parameter === "evaporation") band = bandBetween(expected, high, low);
  }
  const figures = Object.fromEntries(
    (Object.keys(FIGURES) as FigureId[]).map((id) => {
      const total = PARAMETERS.reduce((sum, p) => sum + squares[id][p], 0);
      const shares = Object.fromEntries(
        PARAMETERS.map((p) => [p, total > 0 ? squares[id][p] / total : 0]),
      ) as Record<keyof Parameters, number>;
      return [id, { sigmaLog: Math.sqrt(total), shares }];
    }),
  ) as Record<FigureId, FigureSpread>;
  return { figures, band };
}

const SMALL = 1e-3;

const halfLogRatio = (up: number, down: number): number =>
  Math.log(Math.max(up, SMALL) / Math.max(down, SMALL)) / 2;

function bandBetween(expected: Trace, faster: Trace, slower: Trace): LevelBand {
  const tMin = expected.points.map((p) => p.tMin);
  const spreadAt = (p: TracePoint) =>
    (Z90 * Math.abs(levelAt(slower, p.tMin) - levelAt(faster, p.tMin))) / 2;
  return {
    tMin,
    lowL: expected.points.map((p) => Math.max(0, p.liquidL - spreadAt(p))),
    highL: expected.points.map((p) => p.liquidL + spreadAt(p)),
  };
}

const levelAt = (trace: Trace, tMin: number): number =>
  pointAt(trace, tMin).liquidL;

/** The trace at a moment, linear between its points, held at its ends. */
export function pointAt(trace: Trace, tMin: number): TracePoint {
  const { points } = trace;
  let low = 0;
  let high = points.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((points[middle]?.tMin ?? 0) <= tMin) low = middle;
    else high = middle;
  }
  const a = points[low];
  const b = points[high];
  if (a === undefined || b === undefined)
    throw new RangeError("a trace has at least one point");
  const span = b.tMin - a.tMin;
  const s = span > 0 ? Math.min(1, Math.max(0, (tMin - a.tMin) / span)) : 1;
  const mix = (x: number, y: number) => x + (y - x) * s;
  return {
    tMin,
    phase: s < 1 ? a.phase : b.phase,
    liquidC: mix(a.liquidC, b.liquidC),
    liquidKg: mix(a.liquidKg, b.liquidKg),
    liquidL: mix(a.liquidL, b.liquidL),
    depthM: mix(a.depthM, b.depthM),
    steamedKg: mix(a.steamedKg, b.steamedKg),
    cookMin: mix(a.cookMin, b.cookMin),
    gelatinG: mix(a.gelatinG, b.gelatinG),
  };
}
