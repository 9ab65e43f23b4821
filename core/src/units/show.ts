import { wholePower } from "./whole-power";
import { asWritten, figure } from "./region";
import {
  FOOT_M,
  INCH_M,
  OUNCE_KG,
  US_CUP_L,
  US_FLUID_OUNCE_L,
  US_QUART_L,
  PSI_KPA,
} from "./us-measures";

/** Which units the cook wants to see. */
export type UnitSystem = "metric" | "us" | "both";

const SEPARATOR = " · ";
/** A sign, no word of any language. */
const INCH = "in";

/** Shows kg as the cook would say it: 2.4 kg, 180 g, 4 lb 14 oz. */
export const showMass = (massKg: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => metricMass(massKg),
    () => usMass(massKg),
  );

/** Shows litres: 2.4 L, 850 mL, 2 ½ qt, 1 ¾ cups. */
export const showVolume = (volumeL: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => metricVolume(volumeL),
    () => usVolume(volumeL),
  );

/** Shows metres as centimetres or inches: 11.4 cm, 4 ½ in. */
export const showLength = (lengthM: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => `${fixed(lengthM * 100, 1)} cm`,
    () => `${showFraction(lengthM / INCH_M, 8)} ${INCH}`,
  );

/** Shows a gauge pressure to the whole unit: 103 kPa, 15 psi. */
export const showPressure = (gaugeKPa: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => `${fixed(gaugeKPa, 0)} kPa`,
    () => `${fixed(gaugeKPa / PSI_KPA, 0)} psi`,
  );

/** Shows how high a kitchen lies: 1640 m, 5400 ft. */
export const showAltitude = (altitudeM: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => `${fixed(altitudeM, 0)} m`,
    () => `${fixed(altitudeM / FOOT_M, 0)} ft`,
  );

/** Shows °C to one decimal, or whole °F. */
export const showTemperature = (tempC: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => `${fixed(tempC, 1)} °C`,
    () => `${fixed((tempC * 9) / 5 + 32, 0)} °F`,
  );

/** Shows a temperature that is a rule's, to the degree: 57 °C, 135 °F. */
export const showRoundTemperature = (tempC: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => `${fixed(tempC, 0)} °C`,
    () => `${fixed((tempC * 9) / 5 + 32, 0)} °F`,
  );

/** Shows what an oven is set to: °C to 5, °F to 25 where that is what was meant, else to 5. */
export const showOven = (ovenC: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => `${fixed(ovenC, 0)} °C`,
    () => {
      const f = (ovenC * 9) / 5 + 32;
      return `${Math.abs(f - roundTo(f, 25)) <= OVEN_MEANT_F ? roundTo(f, 25) : roundTo(f, 5)} °F`;
    },
  );
/** So near to a step of an oven that step is meant, °F: 150 °C is 302, and 300 is said. */
const OVEN_MEANT_F = 6;

/** Shows a temperature that is reckoned: whole °C, °F to 5. */
export const showDegrees = (tempC: number, system: UnitSystem): string =>
  inSystem(
    system,
    () => `${fixed(tempC, 0)} °C`,
    () => `${roundTo((tempC * 9) / 5 + 32, 5)} °F`,
  );

/** Shows minutes as a cook says them: 45 min, 6 h, 6 h 30, 1 day 4 h. */
export function showDuration(durationMin: number): string {
  const total = Math.round(durationMin);
  if (total < 60) return `${total} min`;
  const hours = Math.floor(total / 60);
  const rest = total % 60;
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, "0")}`;
}

/** Shows a range without saying the unit twice: "2.0–2.6 L". Both systems where wanted. */
export function showVolumeRange(lowL: number, highL: number, system: UnitSystem): string {
  return inSystem(
    system,
    () =>
      highL < 0.995
        ? `${roundTo(lowL * 1000, 10)}–${roundTo(highL * 1000, 10)} mL`
        : `${fixed(lowL, 1)}–${fixed(highL, 1)} L`,
    () => usVolumeRange(lowL, highL),
  );
}

/** Both ends in the measure that a cook takes for the larger one. */
function usVolumeRange(lowL: number, highL: number): string {
  if (highL >= US_QUART_L * 0.99)
    return `${showFraction(lowL / US_QUART_L, 4)}–${showFraction(highL / US_QUART_L, 4)} qt`;
  if (highL < US_CUP_L * 0.24) return `${usVolume(lowL)} to ${usVolume(highL)}`;
  return `${showFraction(lowL / US_CUP_L, 4)}–${showFraction(highL / US_CUP_L, 4)} cups`;
}

function inSystem(system: UnitSystem, metric: () => string, us: () => string): string {
  if (system === "metric") return asWritten(metric());
  return asWritten(system === "us" ? us() : `${metric()}${SEPARATOR}${us()}`);
}

function metricMass(massKg: number): string {
  if (massKg < 0.9995) {
    const g = massKg * 1000;
    if (g > 0 && g < 1) return `${Number(g.toPrecision(1))} g`;
    return `${roundTo(g, g < 10 ? 0.5 : g < 50 ? 1 : g < 250 ? 5 : 10)} g`;
  }
  const rounded = Math.round(massKg * 100) / 100;
  return `${Number.isInteger(Math.round(rounded * 1000) / 100) ? fixed(rounded, 1) : fixed(rounded, 2)} kg`;
}

function usMass(massKg: number): string {
  const ounces = Math.round(massKg / OUNCE_KG);
  // A scale for the kitchen: quarters of an ounce of little, whole ounces of much.
  const shown = massKg < 4 * OUNCE_KG ? 4 : massKg < 8 * OUNCE_KG ? 2 : 1;
  if (ounces < 16) return `${showFraction(massKg / OUNCE_KG, shown)} oz`;
  const pounds = Math.floor(ounces / 16);
  return ounces % 16 === 0 ? `${pounds} lb` : `${pounds} lb ${ounces % 16} oz`;
}

function metricVolume(volumeL: number): string {
  if (volumeL >= 0.995) return `${fixed(volumeL, 1).replace(/^(\d{2,})\.0$/, "$1")} L`;
  const mL = volumeL * 1000;
  return `${roundTo(mL, mL < 20 ? 1 : mL < 100 ? 5 : 10)} mL`;
}

function usVolume(volumeL: number): string {
  if (volumeL >= US_QUART_L * 0.99) return `${showFraction(volumeL / US_QUART_L, 4)} qt`;
  if (volumeL >= US_CUP_L * 0.24) {
    const cups = Math.round((volumeL / US_CUP_L) * 4) / 4;
    return `${showFraction(cups, 4)} ${cups > 1 ? "cups" : "cup"}`;
  }
  // A tablespoon is half a fluid ounce, a teaspoon a third of that: never an ounce, which is a weight.
  const tbsp = (volumeL / US_FLUID_OUNCE_L) * 2;
  return tbsp >= 0.9 ? `${showFraction(tbsp, 2)} tbsp` : `${showFraction(tbsp * 3, 4)} tsp`;
}

/** Eighths of one, as they are written. */
const EIGHTHS = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"];

/** Rounds to the nearest 1/parts and writes it with a vulgar fraction: 2.4 → "2 ½". */
export function showFraction(value: number, parts: 1 | 2 | 4 | 8): string {
  const eighths = Math.round(value * parts) * (8 / parts);
  if (eighths === 0) return value > 0 ? figure(value, 2) : "0";
  const whole = Math.floor(eighths / 8);
  return [whole === 0 ? "" : String(whole), EIGHTHS[eighths % 8] ?? ""].filter(Boolean).join(" ");
}

const fixed = (value: number, digits: number): string =>
  (Math.round(value * wholePower(10, digits)) / wholePower(10, digits) + 0).toFixed(digits);

const roundTo = (value: number, step: number): number => Math.round(value / step) * step;
