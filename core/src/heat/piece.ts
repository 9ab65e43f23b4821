import { exp } from "../units/same-math";
import { square, wholePower } from "../units/whole-power";
import { metres, say } from "../units/said";
import { Problem } from "../units/problem";
import { THERMAL_DIFFUSIVITY_M2_S } from "./constants";
import type { PieceShape } from "./piece-schema";

const ALPHA = THERMAL_DIFFUSIVITY_M2_S.value;

/**
 * Time constant of the slowest mode, s. Brick: 1/τ = α·(π²/4)·Σ(1/Lᵢ²) with half-lengths Lᵢ;
 * cylinder: α·(2.40483²/R² + π²/H²); ball: α·π²/R². Carslaw and Jaeger.
 * @throws Problem `range`
 */
export function pieceTauS(piece: PieceShape): number {
  const sizes =
    piece.kind === "brick"
      ? piece.sizeM
      : piece.kind === "cylinder"
        ? [piece.diameterM, piece.lengthM]
        : [piece.diameterM];
  for (const size of sizes)
    if (!(size > 0 && size < 2))
      throw new Problem("range", "sizeM", size, say`A piece of ${metres(size)} is not possible.`);
  if (piece.kind === "brick") {
    const sum = piece.sizeM.reduce((total, size) => total + 1 / square(size / 2), 0);
    return 1 / (ALPHA * (square(Math.PI) / 4) * sum);
  }
  if (piece.kind === "cylinder") {
    const radius = piece.diameterM / 2;
    return (
      1 / (ALPHA * (square(2.40483) / square(radius) + square(Math.PI) / square(piece.lengthM)))
    );
  }
  return square(piece.diameterM / 2) / (square(Math.PI) * ALPHA);
}

/** Radius, m, of the ball that warms with the same time constant: π·√(α·τ). */
export const equalBallRadiusM = (tauS: number): number => Math.PI * Math.sqrt(ALPHA * tauS);

/**
 * How much longer a frozen piece takes, s, in liquid at liquidC: Plank's melting time of a ball of
 * diameter D, ρ·L/(T + 1)·D²/(24·k) with ρ 1060 kg/m³, L 240 kJ/kg, k 0.48 W/m·K.
 */
export const frozenDelayS = (diameterM: number, liquidC: number): number =>
  ((1060 * 240e3) / (Math.max(0, liquidC) + 1)) * (square(diameterM) / (24 * 0.48));

/** Shells; every array below has this length, which the casts in the inner loops rely on. */
const CELLS = 20;
const LAST = CELLS - 1;
/** Half-steps of backward Euler at the start. */
const EULER_STEPS = 4;
/** Below this the piece is at the liquid's temperature. */
export const QUICK_TAU_S = 60;

/**
 * Radial conduction in a ball, finite volumes in equal shells, surface at the liquid's temperature.
 * The first four steps are backward Euler, which damps the shock of going in; then Crank–Nicolson.
 */
export class BallConduction {
  private readonly temps: Float64Array;
  private readonly next: Float64Array;
  /** Of the factored system, a row a shell: weights of the shell within, of itself, of the one around it. */
  private readonly within: Float64Array;
  private readonly itself: Float64Array;
  private readonly around: Float64Array;
  /** What the row before hands on, and what the row behind hands back. */
  private readonly lower: Float64Array;
  private readonly upper: Float64Array;
  /** Weights of the surface before and after the step, in the outermost row. */
  private surfaceBefore = 0;
  private surfaceAfter = 0;
  private readonly volumes: Float64Array;
  private readonly conductances: Float64Array;
  private readonly totalVolume: number;
  private steps = 0;
  private factoredDtS = 0;
  private factoredImplicit = 0;
  private surfaceBeforeC: number;

  constructor(
    readonly tauS: number,
    startC: number,
  ) {
    this.temps = new Float64Array(CELLS).fill(startC);
    this.next = new Float64Array(CELLS);
    this.within = new Float64Array(CELLS);
    this.itself = new Float64Array(CELLS);
    this.around = new Float64Array(CELLS);
    this.lower = new Float64Array(CELLS);
    this.upper = new Float64Array(CELLS);
    this.volumes = new Float64Array(CELLS);
    this.conductances = new Float64Array(CELLS);
    this.surfaceBeforeC = startC;
    const radius = equalBallRadiusM(tauS);
    const dr = radius / CELLS;
    const cube = (dr * dr * dr) / 3;
    this.totalVolume = cube * wholePower(CELLS, 3);
    for (let i = 0; i < CELLS; i++) {
      const outer = (i + 1) * dr;
      this.volumes[i] = cube * (3 * i * (i + 1) + 1);
      this.conductances[i] = (ALPHA * outer * outer) / (i === LAST ? dr / 2 : dr);
    }
  }

  get centreC(): number {
    const [a, b] = [this.temps[0] as number, this.temps[1] as number];
    return a - (b - a) / 8;
  }

  get meanC(): number {
    const { temps, volumes } = this;
    let sum = 0;
    for (let i = 0; i < CELLS; i++) sum += (volumes[i] as number) * (temps[i] as number);
    return sum / this.totalVolume;
  }

  /**
   * Volume mean of exp(k·(T − refC)) over the shells. Where they differ by under 1 °C the mean
   * temperature stands for all: the error is below k²/24, a ten-thousandth for cook values.
   */
  meanExp(k: number, refC: number): number {
    const { temps, volumes } = this;
    if (Math.abs((temps[LAST] as number) - (temps[0] as number)) < 1)
      return exp(k * (this.meanC - refC));
    let sum = 0;
    for (let i = 0; i < CELLS; i++)
      sum += (volumes[i] as number) * exp(k * ((temps[i] as number) - refC));
    return sum / this.totalVolume;
  }

  /** Sets the parabola of a ball in evenly warming liquid: the surface at surfaceC, the centre spreadC below. */
  settleAt(surfaceC: number, spreadC: number): void {
    for (let i = 0; i < CELLS; i++) {
      const r = (i + 0.5) / CELLS;
      this.temps[i] = surfaceC - spreadC * (1 - r * r);
    }
    this.surfaceBeforeC = surfaceC;
  }

  /** Advances by dtS with the surface at surfaceC at the end of the step. */
  step(dtS: number, surfaceC: number): void {
    if (this.steps < EULER_STEPS) {
      this.advance(dtS / 2, this.steps === 0 ? surfaceC : (this.surfaceBeforeC + surfaceC) / 2);
      this.advance(dtS / 2, surfaceC);
    } else this.advance(dtS, surfaceC);
  }

  private advance(dtS: number, surfaceC: number): void {
    const implicit = this.steps < EULER_STEPS ? 1 : 0.5;
    if (dtS !== this.factoredDtS || implicit !== this.factoredImplicit) this.factor(dtS, implicit);
    const { temps, next, within, itself, around, lower, upper } = this;
    let belowC = 0;
    let hereC = temps[0] as number;
    let carried = 0;
    for (let i = 0; i < LAST; i++) {
      const aboveC = temps[i + 1] as number;
      carried =
        (within[i] as number) * belowC +
        (itself[i] as number) * hereC +
        (around[i] as number) * aboveC +
        (lower[i] as number) * carried;
      next[i] = carried;
      belowC = hereC;
      hereC = aboveC;
    }
    let outerC =
      (within[LAST] as number) * belowC +
      (itself[LAST] as number) * hereC +
      this.surfaceBefore * this.surfaceBeforeC +
      this.surfaceAfter * surfaceC +
      (lower[LAST] as number) * carried;
    temps[LAST] = outerC;
    for (let i = LAST - 1; i >= 0; i--) {
      outerC = (next[i] as number) - (upper[i] as number) * outerC;
      temps[i] = outerC;
    }
    this.surfaceBeforeC = surfaceC;
    this.steps++;
  }

  /** Factors the tridiagonal system once for a step length; most steps are alike. */
  private factor(dtS: number, implicit: number): void {
    const explicit = 1 - implicit;
    let innerG = 0;
    let upperBefore = 0;
    for (let i = 0; i < CELLS; i++) {
      const outerG = this.conductances[i] as number;
      const stored = (this.volumes[i] as number) / dtS;
      const diagonal = stored + implicit * (innerG + outerG) + implicit * innerG * upperBefore;
      this.within[i] = (explicit * innerG) / diagonal;
      this.itself[i] = (stored - explicit * (innerG + outerG)) / diagonal;
      this.around[i] = (explicit * outerG) / diagonal;
      this.lower[i] = (implicit * innerG) / diagonal;
      upperBefore = (-implicit * outerG) / diagonal;
      this.upper[i] = upperBefore;
      if (i === LAST) {
        this.surfaceBefore = (explicit * outerG) / diagonal;
        this.surfaceAfter = (implicit * outerG) / diagonal;
      }
      innerG = outerG;
    }
    this.factoredDtS = dtS;
    this.factoredImplicit = implicit;
  }
}
