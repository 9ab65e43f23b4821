import { ovenC as setTo, say } from "../units/said";
import { kitchenEstimate } from "../units/constant";
import { Problem } from "../units/problem";
import type { Lid } from "../vessel/lid";
import { boilingPointC } from "../water/altitude";
import { plateauAtAltitudeC } from "./plateau";

type Curve = readonly (readonly [ovenC: number, liquidC: number])[];

/** Liquid's plateau at sea level by oven temperature: docs/method.md, “Oven, slow cooker, pressure”, kitchen estimates. */
const COVERED: Curve = [
  [110, 82],
  [120, 88],
  [135, 92],
  [150, 96],
  [163, 97.5],
  [180, 98.5],
  [200, 99],
];
const UNCOVERED: Curve = [
  [120, 74],
  [150, 84],
  [180, 92],
];
const COLDEST_OVEN_C = 80;
const HOTTEST_OVEN_C = 350;
/** From here on a braise is out of the danger zone in time. */
const SAFE_OVEN_C = 120;

export const OVEN_PLATEAU = kitchenEstimate(
  "temperature a pot settles at in the oven",
  96,
  "°C at 150 °C, covered, sea level",
  "thermometer in the liquid, until measured here",
  3,
);
export const OVEN_HOT_TAU_MIN = kitchenEstimate(
  "how fast a hot pot settles in the oven",
  30,
  "min",
  "thermometer in the liquid",
  0.3,
);
export const OVEN_COLD_TAU_MIN = kitchenEstimate(
  "how fast a cold pot warms in the oven",
  55,
  "min",
  "thermometer in the liquid",
  0.3,
);

/** Temperature of the liquid when a pot goes into the oven after a start on the ring, °C. */
export const ovenEntryC = (altitudeM: number): number => Math.min(95, boilingPointC(altitudeM) - 2);

/** Linear within the curve and below it, level above it. */
function onCurve(curve: Curve, ovenC: number): number {
  const last = curve[curve.length - 1] ?? [0, 0];
  if (ovenC >= last[0]) return last[1];
  for (let i = 1; i < curve.length; i++) {
    const [x1, y1] = curve[i] ?? last;
    const [x0, y0] = curve[i - 1] ?? last;
    if (ovenC <= x1) return y0 + ((y1 - y0) * (ovenC - x0)) / (x1 - x0);
  }
  return last[1];
}

/**
 * Temperature the liquid settles at in an oven at ovenC, °C. A lid ajar lies half-way between.
 * @throws Problem `range` for an oven below 80 °C
 * @example ovenPlateauC(150, "on", 0) // 96
 */
export function ovenPlateauC(ovenC: number, lid: Lid, altitudeM: number): number {
  if (!(ovenC >= COLDEST_OVEN_C && ovenC <= HOTTEST_OVEN_C))
    throw new Problem(
      "range",
      "ovenC",
      ovenC,
      say`An oven at ${setTo(ovenC)} does not braise: use ${setTo(COLDEST_OVEN_C)} to ${setTo(HOTTEST_OVEN_C)}, ${setTo(SAFE_OVEN_C)} or more to be safe.`,
    );
  const covered = onCurve(COVERED, ovenC);
  const uncovered = onCurve(UNCOVERED, ovenC);
  const seaLevelC = lid === "on" ? covered : lid === "off" ? uncovered : (covered + uncovered) / 2;
  return plateauAtAltitudeC(seaLevelC, altitudeM);
}
