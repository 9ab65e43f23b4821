import { LiveModel } from "../batch/live-model";
import { LEAST_STEAM } from "../batch/live-forecast";
import { stretchesOf } from "../simulate/stretches";
import type { Said } from "../units/said";
import { waterDensityKgL } from "../water/properties";
import { stretchSaid } from "./say-parts";
import type { Side } from "./side";

/** The liquid in a pot at a moment, hot litres; minutes from the first heat. */
export interface Level {
  readonly tMin: number;
  readonly litres: number;
}

/** How a pot went, from the first heat to off: as reckoned by what was done, at the rate its levels show. */
export interface Went {
  readonly levels: readonly Level[];
  readonly readings: readonly Level[];
  /** What it was on, and how, one after the other. */
  readonly heats: readonly {
    readonly fromMin: number;
    readonly toMin: number;
    readonly said: Said;
  }[];
  readonly offMin: number;
}

/** @throws Problem as simulate does */
export function wentOf({ pot, setPot, cook, offMs, live }: Side): Went {
  const steams = Math.max(LEAST_STEAM, live.steamRate.mean);
  const model = new LiveModel(setPot, cook, offMs, { steams });
  const offMin = model.modelMin(offMs);
  const simmerMin = cook.simmerMs === null ? 0 : model.modelMin(cook.simmerMs);
  let fromMin = simmerMin;
  const heats = stretchesOf(pot.plan).map((stretch, i, all) => {
    const { stop } = stretch;
    const from = fromMin;
    const toMin =
      i === all.length - 1 || stop.by !== "time" ? offMin : Math.min(offMin, from + stop.holdMin);
    fromMin = toMin;
    return { fromMin: from, toMin, said: stretchSaid(stretch) };
  });
  return {
    levels: model.long.points
      .filter((p) => p.tMin <= offMin)
      .map(({ tMin, liquidL }) => ({ tMin, litres: liquidL })),
    readings: cook.readings.flatMap((reading): Level[] => {
      const liquid = model.liquidOf(reading);
      const tMin = model.modelMin(reading.atMs);
      return liquid === null
        ? []
        : [{ tMin, litres: liquid.liquidKg / waterDensityKgL(model.point(tMin).liquidC) }];
    }),
    heats,
    offMin,
  };
}
