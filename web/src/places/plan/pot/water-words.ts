import type { WaterStatement } from "@kettlos/core/simulate/plan-schema";
import { showLength, showVolume, type UnitSystem } from "@kettlos/core/units/show";

/** How a way of stating water is said beside the pot. */
export function waterWords(statement: WaterStatement, units: UnitSystem): string {
  const one = units === "us" ? "us" : "metric";
  switch (statement.by) {
    case "amount":
      return "as typed";
    case "ratio":
      return `by weight 1 : ${Number(statement.waterPerBone.toFixed(2))}`;
    case "cover":
      return "to cover";
    case "over":
      return `${showLength(statement.overM, one)} over`;
    case "halfWay":
      return "half-way up";
    case "fillLine":
      return "to the fill line";
    case "left":
      return "for what shall be left";
  }
}

/** What a ratio of water to bones by weight makes: docs/method.md, “Stating water, and from the result back”. */
const RATIO_WORDS = [
  [1.25, "very rich"],
  [1.75, "rich"],
  [2.5, "standard"],
  [Infinity, "light"],
] as const;

/** "rich": how a stock of so many parts water to one part bones comes out. */
export const ratioWord = (waterPerBone: number): string =>
  RATIO_WORDS.find(([to]) => waterPerBone < to)?.[1] ?? "";

/** "4.4 L", or that other liquids reach as far already. */
export const neededWords = (volumeL: number, units: UnitSystem): string =>
  volumeL < 0.005 ? "none needed" : showVolume(volumeL, units);
