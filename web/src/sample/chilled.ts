import { MINUTE_MS } from "@kettlos/core/units/time";
import type { Chill } from "@kettlos/core/events/chill/schema";
import type { EventBody } from "@kettlos/core/events/event-schema";
import { coolingOf } from "@kettlos/core/batch/chill-of";
import { coolingCurve, tempAtC, whenAtMin } from "@kettlos/core/cool/cooling";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { normal } from "@kettlos/core/units/random";
import type { RandomGenerator } from "pure-rand/types/RandomGenerator";

/** Out of the trough into the fridge, and cold through, °C. */
const OUT_OF_TROUGH_C = 12;
const COLD_C = 5;
/** When the thermometer is put in, as shares of the time to cool through. */
const READ_AT = [0.08, 0.5];

/** How the hut chills a pot: in its snow-fed trough, then the fridge, a little off the reckoned pace. */
export function chillEvents(
  kitchen: Kitchen,
  made: Pick<Chill, "containerId" | "massKg" | "fromC" | "isThick"> & { beganMs: number },
  random: RandomGenerator,
): readonly EventBody[] {
  const { beganMs, ...what } = made;
  const alone: Chill = { ...what, count: 1, stages: [{ way: "trough", min: 0 }] };
  const facts = coolingOf(alone, kitchen);
  if (facts === null) throw new Error(`no sample container ${what.containerId}`);
  const troughMin = whenAtMin(coolingCurve(facts, alone.stages), OUT_OF_TROUGH_C) ?? 0;
  const chill: Chill = {
    ...alone,
    stages: [
      { way: "trough", min: Math.ceil(troughMin / 5) * 5 },
      { way: "fridge", min: 0 },
    ],
  };
  const pace = Math.exp(0.1 * normal(random));
  const points = coolingCurve({ ...facts, pace }, chill.stages);
  const coldMin = whenAtMin(points, COLD_C) ?? 0;
  const at = (min: number) => Math.round(beganMs + min * MINUTE_MS);
  return [
    { kind: "chillBegun", chill, atMs: beganMs },
    ...READ_AT.map((share) => ({
      kind: "chillRead" as const,
      tempC: Math.round(tempAtC(points, coldMin * share) * 2) / 2,
      atMs: at(coldMin * share),
    })),
    // Read once more, cold through: what counts is what a thermometer saw.
    {
      kind: "chillRead",
      tempC: Math.floor(tempAtC(points, Math.ceil(coldMin / 5) * 5) * 2) / 2,
      atMs: at(Math.ceil(coldMin / 5) * 5),
    },
    { kind: "chilled", atMs: at(Math.ceil(coldMin / 5) * 5) },
  ];
}
