import { exp, sine } from "../units/same-math";
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

/** Of a ball whose shells are one thick, over 4π: how much each holds, and how well it conducts to the one around it. */
const VOLUMES = Float64Array.from({ length: CELLS }, (_, i) => (3 * i * (i + 1) + 1) / 3);
const CONDUCTANCES = Float64Array.from(
  { length: CELLS },
  (_, i) => (i + 1) * (i + 1) * (i === LAST ? 2 : 1),
);
const VOLUME_SHARES = VOLUMES.map((volume) => volume / (wholePower(CELLS, 3) / 3));
/** Middle of each shell, of the radius, squared; and the slowest mode there. */
const MIDDLES_SQUARED = Float64Array.from({ length: CELLS }, (_, i) => square((i + 0.5) / CELLS));
const SLOWEST = MIDDLES_SQUARED.map((rr) => slowestMode(Math.sqrt(rr)));

/** Where a ball tells how warm it is midway, of the radius. */
export const MIDWAY = 0.5 + 0.5 / CELLS;

/** Shape of a ball's slowest mode, sin(πr)/(πr): 1 in the middle, 0 at the surface. `r` of the radius. */
export function slowestMode(r: number): number {
  return sine(Math.PI * r) / (Math.PI * r);
}

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
  /** How long a shell takes to conduct through its own thickness, s. */
  private readonly shellS: number;
  private steps = 0;
  private factoredDtS = 0;
  private factoredImplicit = 0;
  private surfaceBeforeC: number;

  constructor(
    readonly tauS: number,
    startC: number,
  ) {
    const bytes = CELLS * Float64Array.BYTES_PER_ELEMENT;
    const memory = new ArrayBuffer(7 * bytes);
    this.temps = new Float64Array(memory, 0, CELLS).fill(startC);
    this.next = new Float64Array(memory, bytes, CELLS);
    this.within = new Float64Array(memory, 2 * bytes, CELLS);
    this.itself = new Float64Array(memory, 3 * bytes, CELLS);
    this.around = new Float64Array(memory, 4 * bytes, CELLS);
    this.lower = new Float64Array(memory, 5 * bytes, CELLS);
    this.upper = new Float64Array(memory, 6 * bytes, CELLS);
    this.surfaceBeforeC = startC;
    this.shellS = square(equalBallRadiusM(tauS) / CELLS) / ALPHA;
  }

  get centreC(): number {
    const [a, b] = [this.temps[0] as number, this.temps[1] as number];
    return a - (b - a) / 8;
  }

  /** Half-way between the middle and the surface, to half a shell: at `MIDWAY` of the radius, °C. */
  get midwayC(): number {
    return this.temps[CELLS / 2] as number;
  }

  get meanC(): number {
    const { temps } = this;
    let sum = 0;
    for (let i = 0; i < CELLS; i++) sum += (VOLUME_SHARES[i] as number) * (temps[i] as number);
    return sum;
  }

  /**
   * Volume mean of exp(k·(T − refC)) over the shells. Where they differ by under 1 °C the mean
   * temperature stands for all: the error is below k²/24, a ten-thousandth for cook values.
   */
  meanExp(k: number, refC: number): number {
    const { temps } = this;
    if (Math.abs((temps[LAST] as number) - (temps[0] as number)) < 1)
      return exp(k * (this.meanC - refC));
    let sum = 0;
    // Two shells that differ little by their mean, and the series of half their difference: to 1e-8.
    for (let i = 0; i < CELLS; i += 2) {
      const a = temps[i] as number;
      const b = temps[i + 1] as number;
      const of = VOLUME_SHARES[i] as number;
      const other = VOLUME_SHARES[i + 1] as number;
      const d = (k * (b - a)) / 2;
      const dd = d * d;
      sum +=
        dd < 0.01
          ? exp(k * ((a + b) / 2 - refC)) *
            ((of + other) * (1 + dd / 2 + (dd * dd) / 24) + (other - of) * d * (1 + dd / 6))
          : of * exp(k * (a - refC)) + other * exp(k * (b - refC));
    }
    return sum;
  }

  /**
   * Sets the parabola of a ball in evenly warming liquid, the surface at surfaceC, the centre spreadC below; and on it
   * what is left of its slowest mode, slowestC in the middle.
   */
  settleAt(surfaceC: number, spreadC: number, slowestC: number): void {
    for (let i = 0; i < CELLS; i++)
      this.temps[i] =
        surfaceC -
        spreadC * (1 - (MIDDLES_SQUARED[i] as number)) +
        slowestC * (SLOWEST[i] as number);
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
      const outerG = CONDUCTANCES[i] as number;
      const stored = (VOLUMES[i] as number) * (this.shellS / dtS);
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
