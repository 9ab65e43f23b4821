import { ln, powerOf } from "../units/same-math";

/** After something changed a step is this long, s; from there each may be twice as long as the one before. */
const FIRST_S = 15;
const GROWS_BY = 2;
/** A day on a plateau, where nothing moves but the level. */
const LONGEST_S = 900;
/** What moves fastest, the liquid or a piece's mean, moves so far in a step, °C. */
const MOVES_C = 2.6;
/** Lengths of steps, each to the next shorter. */
const GRID = Math.SQRT1_2;
const LN_GRID = ln(GRID);
/** A level, a cook value that is waited for: met within this, s. */
const NEAR_S = 2;

/**
 * Internal: how long a step of the simulation may be. Short where something has just changed or warms fast, long where
 * nothing but the level moves. `fineness` divides every length, to hold a run against a finer one.
 */
export class Steps {
  readonly nearS: number;
  private readonly longest: number;
  private readonly movesC: number;
  private readonly firstS: number;
  private nextS: number;

  constructor(fineness: number) {
    this.nearS = NEAR_S / fineness;
    this.longest = LONGEST_S / fineness;
    this.movesC = MOVES_C / fineness;
    this.firstS = FIRST_S / fineness;
    this.nextS = this.firstS;
  }

  get longestS(): number {
    return this.nextS;
  }

  /** Something changed: what was moves on no longer as it did. */
  begin(): void {
    this.nextS = this.firstS;
  }

  /** A step was taken, in which the fastest moved so far. One that was cut short says nothing against longer ones. */
  taken(dtS: number, movedC: number): void {
    const byMove = movedC > 0 ? (dtS * this.movesC) / movedC : Infinity;
    const grown = Math.max(this.nextS, dtS) * GROWS_BY;
    if (grown >= this.longest && byMove >= this.longest) {
      this.nextS = this.longest;
      return;
    }
    const longestS = Math.max(this.nearS, Math.min(grown, byMove));
    // On a grid, so that the next is often as long as the last, and what is worked out for its length still holds.
    this.nextS =
      this.longest * powerOf(GRID, Math.ceil(ln(longestS / this.longest) / LN_GRID - 1e-9));
  }
}

/** What changed by so much in a step jumped: where it goes from there the step does not say. */
const JUMP = 0.25;

/**
 * Internal: what a slowly moving value will be half-way through the step that begins, by how it moved in the one before
 * (as Adams and Bashforth's second order has it).
 */
export class Trend {
  private before = NaN;
  private perS = 0;

  /** What was goes on no longer. */
  begin(): void {
    this.before = NaN;
    this.perS = 0;
  }

  /** The value at the end of a step. */
  note(value: number, dtS: number): void {
    const change = value - this.before;
    this.perS = Math.abs(change) <= JUMP * Math.abs(value) ? change / dtS : 0;
    this.before = value;
  }

  halfway(value: number, dtS: number): number {
    return value + (this.perS * dtS) / 2;
  }
}

/** Of what a step goes through smoothly, its mean from where it is at the begin, half-way and at the end (Simpson's rule). */
export const meanOf = (begin: number, halfway: number, end: number): number =>
  (begin + 4 * halfway + end) / 6;

/** From farther off than so many times as near as it is to be met, a mark is neared by this much of the way. */
const FAR = 8;
const NEARER = 0.95;

/** Internal: how soon something that goes on as in its last step comes to a mark, s; Infinity where it does not. */
export class Nearing {
  private before = NaN;

  constructor(private readonly nearer = NEARER) {}

  untilS(value: number, mark: number, lastS: number, nearS: number): number {
    const moved = value - this.before;
    this.before = value;
    const untilS = ((mark - value) * lastS) / moved;
    if (!(untilS >= 0)) return Infinity;
    return untilS > FAR * nearS ? untilS * this.nearer : untilS;
  }
}
