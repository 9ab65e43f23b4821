import { exp } from "../units/same-math";
import type { SetPot } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { boilFirstMinOf } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import type { CookEvent } from "../events/event-schema";
import { fold } from "../batch/fold";
import { forecastLive } from "../batch/live-forecast";
import { DEPTH_SD_M } from "../batch/live-model";
import { COME_UP_NOISE, POT_NOISE } from "../simulate/learned";
import { pointAt } from "../simulate/point-at";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import { normal, seeded } from "../units/random";
import { drawHidden } from "./hidden-pot";

/** How the forecast of the time to a level did over many pots, after so many readings. */
export interface HonestyRow {
  readonly readings: number;
  /** Share of pots whose true time fell in the 80 % range. */
  readonly covered: number;
  /** Middle width of that range, min. */
  readonly widthMin: number;
  /** Middle distance of the expected time from the true one, min. */
  readonly offMin: number;
}

/**
 * Cooks many pots whose constants are drawn from the assumed spreads, and from how one pot goes against the
 * next, reads each by a dip at a sixth, a third and half of its true time, and holds each forecast against
 * what really came.
 */
export function honestyOf(setPot: SetPot, pots: number, seed: number): readonly HonestyRow[] {
  const { plan, kitchen } = setPot;
  const waterKg = coldWaterKg(waterL(setPot), kitchen);
  const random = seeded(seed);
  const found: { isIn: boolean; widthMin: number; offMin: number }[][] = [[], [], [], []];
  for (let pot = 0; pot < pots; pot++) {
    const drawn = drawHidden(seed + 7919 * (pot + 1), plan.heat);
    const parameters = {
      ...drawn,
      evaporation: drawn.evaporation * exp(POT_NOISE.value * normal(random)),
      efficiency: drawn.efficiency * exp(COME_UP_NOISE.value * normal(random)),
    };
    const trace = simulate(setPot, { waterKg, parameters });
    if (trace.problem !== null) continue;
    const litMs = pot * 7 * 24 * 60 * MINUTE_MS;
    const endMs = litMs + (trace.toSimmerMin + trace.holdMin) * MINUTE_MS;
    const events: CookEvent[] = [];
    const happens = (tMin: number, part: object) =>
      events.push({
        id: `e${events.length}`,
        batchId: "pot",
        schemaVersion: SCHEMA_VERSION,
        atMs: Math.round(litMs + tMin * MINUTE_MS),
        ...part,
      } as CookEvent);
    happens(0, { kind: "lit" });
    if (boilFirstMinOf(plan.heat) !== null) happens(trace.comeUpMin, { kind: "boils" });
    happens(trace.toSimmerMin, { kind: "simmers" });
    for (const [readings, row] of found.entries()) {
      if (readings > 0) {
        const tMin = trace.toSimmerMin + (trace.holdMin * readings) / 6;
        const value = Math.max(0, pointAt(trace, tMin).depthM + DEPTH_SD_M * normal(random));
        happens(tMin, { kind: "read", reading: { form: "liquidDepth", value } });
      }
      const nowMs = (events.at(-1)?.atMs ?? litMs) + 1;
      const range = forecastLive(setPot, fold(events), nowMs).endMs;
      row.push({
        isIn: endMs >= range.low && endMs <= range.high,
        widthMin: (range.high - range.low) / MINUTE_MS,
        offMin: Math.abs(range.expected - endMs) / MINUTE_MS,
      });
    }
  }
  return found.map((row, readings) => ({
    readings,
    covered: row.filter((r) => r.isIn).length / Math.max(1, row.length),
    widthMin: middle(row.map((r) => r.widthMin)),
    offMin: middle(row.map((r) => r.offMin)),
  }));
}

const middle = (values: number[]): number =>
  values.sort((a, b) => a - b)[values.length >> 1] ?? NaN;
