import { exp, ln } from "../units/same-math";
import type { RandomGenerator } from "pure-rand/types/RandomGenerator";
import { kitchenEstimate, type Constant } from "../units/constant";
import type { Samples } from "./messages";
import { CHANNELS, type Channel } from "./channels";
import { normal, seeded, uniform } from "../units/random";

/** How one sensor sees the truth: it lags, it scatters, it shows steps, now and then it is gone. */
interface Sensor {
  readonly lagS: Constant;
  readonly noise: Constant;
  /** Scatter at a rolling boil, times the usual. */
  readonly boilFactor: number;
  readonly step: number;
}

const sensor = (
  name: string,
  unit: string,
  lagS: number,
  noise: number,
  boilFactor: number,
  step: number,
): Sensor => ({
  lagS: kitchenEstimate(`lag of ${name}`, lagS, "s", "usual for such an instrument"),
  noise: kitchenEstimate(`scatter of ${name}`, noise, unit, "usual for such an instrument"),
  boilFactor,
  step,
});

export const SENSORS: Readonly<Record<Channel, Sensor>> = {
  liquidC: sensor("a probe in the liquid", "°C", 12, 0.3, 1, 0.1),
  pieceC: sensor("a probe in a piece", "°C", 25, 0.3, 1, 0.1),
  potKg: sensor("a scale under the pot", "kg", 2, 0.008, 2, 0.005),
  depthM: sensor("a float", "m", 5, 0.0015, 2.5, 0.0005),
};

/** A drop-out begins about every so many seconds, and lasts about so long. */
const DROP_EVERY_S = 2400;
const DROP_LASTS_S = 45;

/** The truth of a pot that sensors look at. */
export interface Truth {
  readonly liquidC: number;
  readonly pieceC: number;
  readonly potKg: number;
  readonly depthM: number;
  readonly isBoiling: boolean;
}

/** A set of simulated sensors on one pot. The same seed and the same truth give the same readings. */
export class Sensors {
  private readonly random: RandomGenerator;
  private readonly seen = new Map<Channel, number>();
  private readonly gone = new Map<Channel, number>();

  constructor(seed: number) {
    this.random = seeded(seed);
  }

  /** What the sensors say dtS after they last spoke. */
  read(atMs: number, truth: Truth, dtS: number): Samples {
    const values: Partial<Record<Channel, number>> = {};
    for (const channel of CHANNELS) {
      const value = this.sense(channel, truth, dtS);
      if (value !== null) values[channel] = value;
    }
    return { atMs, values };
  }

  private sense(channel: Channel, truth: Truth, dtS: number): number | null {
    const { lagS, noise, boilFactor, step } = SENSORS[channel];
    const before = this.seen.get(channel);
    const lagged =
      before === undefined
        ? truth[channel]
        : truth[channel] + (before - truth[channel]) * exp(-dtS / lagS.value);
    this.seen.set(channel, lagged);
    const scatter = normal(this.random) * noise.value * (truth.isBoiling ? boilFactor : 1);
    if (this.isGone(channel, dtS)) return null;
    const shown = Math.round((lagged + scatter) / step) * step;
    return channel === "liquidC" || channel === "pieceC" ? shown : Math.max(0, shown);
  }

  private isGone(channel: Channel, dtS: number): boolean {
    const left = (this.gone.get(channel) ?? 0) - dtS;
    this.gone.set(channel, left);
    if (left > 0) return true;
    if (uniform(this.random) > 1 - exp(-dtS / DROP_EVERY_S)) return false;
    this.gone.set(channel, -ln(Math.max(1e-9, uniform(this.random))) * DROP_LASTS_S);
    return true;
  }
}
