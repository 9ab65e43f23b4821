import { kitchenEstimate, published } from "../units/constant";
import { boilingPointC } from "../water/altitude";

const UK_MIN = published("bean boil", 10, "min", "UK FSA: at least 10 min");
const US_MIN = published("bean boil", 30, "min", "FDA: 30 min");
const HIGH_MIN = kitchenEstimate(
  "bean boil, high",
  45,
  "min",
  "margin where water boils under 96 °C",
);
const LOW_BOIL_C = 98;
const VERY_LOW_BOIL_C = 96;
/** So hot, for so long, it is destroyed without any boil: well over the toxin's own, under pressure. */
const PRESSURE_C = 105;
export const PRESSURE_ENOUGH_MIN = 5;
/** At the boiling point within this it boils hard; a steady simmer is 2 °C under it. */
const FULL_BOIL_WITHIN_C = 0.5;
/** Soaked for less the water has not drawn it out, min: FDA, at least 5 h. */
export const BEAN_SOAK_MIN = 300;
/** What a step that only came to the boil may have had. */
const ROUNDING_MIN = 0.25;

const needAtMin = (boilC: number): number => {
  if (boilC < VERY_LOW_BOIL_C) return HIGH_MIN.value;
  return boilC < LOW_BOIL_C ? US_MIN.value : UK_MIN.value;
};

/**
 * Minutes that dry common beans (Phaseolus) must boil hard in fresh water before they simmer:
 * 10 at low altitude, 30 where water boils under 98 °C, 45 under 96 °C.
 */
export const requiredBeanBoilMin = (altitudeM: number): number =>
  needAtMin(boilingPointC(altitudeM));

/** What one bean had of the boil it needs. */
export interface BoilCourse {
  readonly needMin: number;
  /** At a full boil so far, apart and in this pot, min. */
  readonly boiledMin: number;
  /** From the first heat, when it had had enough, min; null where it never did. */
  readonly enoughAtMin: number | null;
}

/** Counts the minutes that beans themselves are at a full boil, or under pressure, from when they are in. */
export class BeanBoil {
  private pressureMin = 0;
  private boiledMin: number;
  private enoughAtMin: number | null;
  private wasC = -Infinity;
  private readonly needMin: number;

  constructor(
    private readonly boilC: number,
    /** Boiled hard apart before, min. */
    beforeMin: number,
  ) {
    this.needMin = needAtMin(boilC);
    this.boiledMin = beforeMin;
    this.enoughAtMin = this.isEnough ? 0 : null;
  }

  private get isEnough(): boolean {
    return (
      this.boiledMin >= this.needMin - ROUNDING_MIN ||
      this.pressureMin >= PRESSURE_ENOUGH_MIN - ROUNDING_MIN
    );
  }

  /** Of a step in which it only came to the boil, or left it, nothing counts. */
  step(dtMin: number, liquidC: number, atMin: number): void {
    const leastC = Math.min(this.wasC, liquidC);
    this.wasC = liquidC;
    if (leastC >= this.boilC - FULL_BOIL_WITHIN_C) this.boiledMin += dtMin;
    if (leastC >= PRESSURE_C) this.pressureMin += dtMin;
    if (this.enoughAtMin === null && this.isEnough) this.enoughAtMin = atMin;
  }

  get course(): BoilCourse {
    return {
      needMin: this.needMin,
      boiledMin: this.boiledMin,
      enoughAtMin: this.enoughAtMin,
    };
  }
}
