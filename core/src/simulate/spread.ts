import { exp, ln } from "../units/same-math";
import { square } from "../units/whole-power";
import type { SetPot } from "./set-pot";
import { afterThePot } from "./after-the-pot";
import { EXPECTED, type Parameters } from "./parameters";
import type { Plan } from "./plan-schema";
import { simulate } from "./simulate";
import { isOn, stretchesOf } from "./stretches";
import { moved, sigmaOf } from "./moved";
import { pointAt } from "./point-at";
import type { Trace } from "./trace";

/** The figures a trace gives; each a positive number. */
export const FIGURES = {
  strainedL: (t: Trace) => t.strained.volumeL,
  endLiquidL: (t: Trace) => t.endLiquidL,
  steamedL: (t: Trace) => -(t.ledger.evaporated + t.ledger.vented),
  gelatinGL: (t: Trace) => t.strained.gelatinGL,
  saltGL: (t: Trace) => t.strained.saltGL,
  fatKg: (t: Trace) => t.strained.fatKg,
  cookMin: (t: Trace) => t.cookMin,
  toSimmerMin: (t: Trace) => t.toSimmerMin,
  holdMin: (t: Trace) => t.holdMin,
  totalMin: (t: Trace) => t.totalMin,
} as const;
export type FigureId = keyof typeof FIGURES;

/**
 * Figures that are what remains of a known amount: their spread is that of the loss, so it is lopsided
 * and never reaches above what went in.
 */
const REMAINDERS: ReadonlySet<string> = new Set(["strainedL", "endLiquidL"]);

export interface FigureSpread {
  /** P10 and P90 as factors of the expected figure. */
  readonly lowFactor: number;
  readonly highFactor: number;
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

/** No ranges at all: for asking only what is expected, many times over. */
export const NO_SPREAD: Spread = {
  figures: Object.fromEntries(
    Object.keys(FIGURES).map((id) => [
      id,
      {
        lowFactor: 1,
        highFactor: 1,
        shares: Object.fromEntries(PARAMETERS.map((p) => [p, 0])),
      },
    ]),
  ) as unknown as Spread["figures"],
  band: { tMin: [], lowL: [], highL: [] },
};

/** What can be uncertain on each heat; the rest does not touch it. */
const ONLY_WARMED: ReadonlySet<keyof Parameters> = new Set(["plateauC", "warmUp"]);
const touches = (parameter: keyof Parameters, plan: Plan): boolean =>
  parameter === "target"
    ? stretchesOf(plan).some(({ stop }) => stop.by === "tender")
    : !ONLY_WARMED.has(parameter) || isOn(plan, "oven") || isOn(plan, "slowCooker");

/**
 * How uncertain each figure is: every parameter moved to its P10 and P90, the effects added in
 * quadrature. In the logarithm, σ_out = √Σ(½·ln(out⁺/out⁻))² (docs/method.md, “Ranges”), but for remainders,
 * where the drop and the rise are added apart. Costs two simulations a parameter that the pot itself knows of.
 */
export function spreadOf(setPot: SetPot, waterKg: number, expected: Trace): Spread {
  const turns = spreadInTurn(setPot, waterKg, expected);
  for (;;) {
    const turn = turns.next();
    if (turn.done === true) return turn.value;
  }
}

/** The same, with a pause after each parameter. */
export function* spreadInTurn(
  setPot: SetPot,
  waterKg: number,
  expected: Trace,
): Generator<undefined, Spread> {
  const { plan } = setPot;
  const runs: { parameter: keyof Parameters; high: Trace; low: Trace }[] = [];
  for (const parameter of PARAMETERS.filter((p) => touches(p, plan))) {
    const sigma = sigmaOf(parameter, setPot, expected);
    const run = (up: boolean) => {
      const parameters = moved(parameter, up, sigma);
      return (
        afterThePot(expected, plan, parameter, parameters[parameter]) ??
        simulate(setPot, { waterKg, parameters })
      );
    };
    runs.push({ parameter, high: run(true), low: run(false) });
    yield;
  }
  const figures = Object.fromEntries(
    (Object.keys(FIGURES) as FigureId[]).map((id) => {
      const pairs = runs.map(({ parameter, high, low }) => ({
        parameter,
        ...valuesOf(FIGURES[id], expected, high, low),
      }));
      return [id, spreadOfFigure(id, FIGURES[id](expected), pairs)];
    }),
  ) as Record<FigureId, FigureSpread>;
  const steam = runs.find((r) => r.parameter === "evaporation");
  return { figures, band: bandOf(expected, steam?.high ?? expected, steam?.low ?? expected) };
}

/** A run that never came to the simmer tells nothing of the yield: the other side is mirrored. */
function valuesOf(figure: (t: Trace) => number, expected: Trace, high: Trace, low: Trace) {
  const isLost = (t: Trace) =>
    t.problem !== null && t.problem.code !== "boiledDry" && expected.problem === null;
  const middle = figure(expected);
  const mirrored = (t: Trace) => (isLost(t) ? middle : Math.max(0, 2 * middle - figure(t)));
  return {
    high: isLost(high) ? mirrored(low) : figure(high),
    low: isLost(low) ? mirrored(high) : figure(low),
  };
}

interface Pair {
  readonly parameter: keyof Parameters;
  readonly high: number;
  readonly low: number;
}

function spreadOfFigure(id: FigureId, expected: number, pairs: readonly Pair[]): FigureSpread {
  const squares = pairs.map((p) => square(halfLogRatio(p.high, p.low)));
  const total = squares.reduce((sum, s) => sum + s, 0);
  const shares = Object.fromEntries([
    ...PARAMETERS.map((p) => [p, 0]),
    ...pairs.map((p, i) => [p.parameter, total > 0 ? (squares[i] ?? 0) / total : 0]),
  ]) as Record<keyof Parameters, number>;
  if (!REMAINDERS.has(id)) {
    const factor = exp(Math.sqrt(total));
    return { lowFactor: 1 / factor, highFactor: factor, shares };
  }
  const side = (pick: (p: Pair) => number) =>
    Math.sqrt(pairs.reduce((sum, p) => sum + square(Math.max(0, pick(p))), 0)) /
    Math.max(SMALL, expected);
  return {
    lowFactor: Math.max(0, 1 - side((p) => expected - Math.min(p.high, p.low))),
    highFactor: 1 + side((p) => Math.max(p.high, p.low) - expected),
    shares,
  };
}

const SMALL = 1e-3;

const halfLogRatio = (up: number, down: number): number =>
  ln(Math.max(up, SMALL) / Math.max(down, SMALL)) / 2;

const bandOf = (expected: Trace, faster: Trace, slower: Trace): LevelBand => ({
  tMin: expected.points.map((p) => p.tMin),
  lowL: expected.points.map((p) => Math.min(p.liquidL, levelAt(faster, p.tMin))),
  highL: expected.points.map((p) => Math.max(p.liquidL, levelAt(slower, p.tMin))),
});

const levelAt = (trace: Trace, tMin: number): number => pointAt(trace, tMin).liquidL;
