import { MINUTE_MS } from "../units/time";
import { BatchSchema, CookEventSchema, type CookEvent } from "../batch/batch-schema";
import { fold } from "../batch/fold";
import { DEPTH_SD_M, JUG_SD_L } from "../batch/live-model";
import { steamSigmaLog } from "../simulate/heat-facts";
import { EXPECTED } from "../simulate/parameters";
import { SCHEMA_VERSION, type Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/spread";
import type { Trace } from "../simulate/trace";
import { coldWaterKg, waterL } from "../simulate/water-ways";
import { Z90 } from "../units/estimate";
import { normal, seeded, uniform } from "../units/random";
import { beliefOf, learn, type Observation } from "./belief";
import { POT_NOISE, steamThing } from "../simulate/learned";
import { steamSeen } from "./from-pot";

const WEEK_MS = 7 * 24 * 60 * MINUTE_MS;
/** What is wild is so by this much at the least, and by as much more at the most. */
const WILD = { from: 1.5, to: 2 } as const;
/** Rates that the time and the yield are worked out for, in the logarithm; between them by the line. */
const GRID = { from: -1.5, to: 1.5, step: 0.1 } as const;

/** So many next pots are foretold each time, of which none is cooked. */
const NEXT_POTS = 5;

/** What is foretold of the next pot: how long it takes down to its level, what comes through the sieve. */
export type Foretold = "time" | "yield";

/** How far off one pot was foretold, in the logarithm. */
interface Off {
  readonly learned: number;
  readonly byDefault: number;
  readonly byLast: number;
  readonly byTruth: number;
  readonly isIn: boolean;
}

/** How the next pot was foretold after so many pots. */
export interface PayingRow {
  readonly pots: number;
  readonly of: Foretold;
  /** Middle error in the logarithm (root mean square): learned, by the default, by the last pot's ratio, by the truth. */
  readonly learned: number;
  readonly byDefault: number;
  readonly byLast: number;
  readonly byTruth: number;
  /** Of the error that can be learned away, the share that is left. */
  readonly left: number;
  /** Share of next pots in the 80 % range. */
  readonly covered: number;
}

/**
 * Made-up kitchens whose pots steam otherwise than the default, each cooked pot after pot with two dips and a
 * jug: how well the next pot is foretold (model section 13).
 * @param plan a stock on the ring that is simmered down to a share of what was in
 * @param wildShare of pots that were not as anybody knew: a lid left off
 */
export function payingOf(
  plan: Plan,
  kitchen: Kitchen,
  kitchens: number,
  after: readonly number[],
  wildShare: number,
  seed: number,
): readonly PayingRow[] {
  const random = seeded(seed);
  const waterKg = coldWaterKg(waterL(plan, kitchen), kitchen);
  const cooked = (log: number): Trace =>
    simulate(plan, kitchen, { waterKg, parameters: { ...EXPECTED, evaporation: Math.exp(log) } });
  const figures = foretellerOf(plan, kitchen, cooked);
  const thing = steamThing(plan.vesselId, plan.heat);
  const sigma = steamSigmaLog(plan.heat);
  const off = new Map<string, Off[]>();
  for (let k = 0; k < kitchens; k++) {
    const trueLog = sigma * normal(random);
    const seen: Observation[] = [];
    for (let pots = 0; pots <= Math.max(...after); pots++) {
      const nextLog = () => trueLog + POT_NOISE.value * normal(random);
      if (after.includes(pots)) {
        const { mean, sd } = beliefOf(thing, learn(seen), sigma);
        const wide = Z90 * Math.hypot(sd, POT_NOISE.value);
        for (const next of Array.from({ length: NEXT_POTS }, nextLog))
          for (const of of ["time", "yield"] as const) {
            const at = (log: number) => figures[of](log);
            const ends = [at(mean - wide), at(mean + wide)];
            const key = `${pots} ${of}`;
            const rows = off.get(key) ?? [];
            rows.push({
              learned: at(mean) - at(next),
              byDefault: at(0) - at(next),
              byLast: at(seen.at(-1)?.log ?? 0) - at(next),
              byTruth: at(trueLog) - at(next),
              isIn: at(next) >= Math.min(...ends) && at(next) <= Math.max(...ends),
            });
            off.set(key, rows);
          }
      }
      const isWild = uniform(random) < wildShare;
      const rate =
        nextLog() + (isWild ? Math.log(WILD.from + (WILD.to - WILD.from) * uniform(random)) : 0);
      const word = steamSeen(potOf(cooked(rate), plan, kitchen, `${k} ${pots}`, pots, random));
      if (word.ok) seen.push(word.observation);
    }
  }
  return after.flatMap((pots) =>
    (["time", "yield"] as const).map((of): PayingRow => {
      const rows = off.get(`${pots} ${of}`) ?? [];
      const rms = (key: "learned" | "byDefault" | "byLast" | "byTruth") =>
        Math.sqrt(rows.reduce((sum, r) => sum + r[key] ** 2, 0) / Math.max(1, rows.length));
      const [learned, byDefault, byTruth] = [rms("learned"), rms("byDefault"), rms("byTruth")];
      return {
        pots,
        of,
        learned,
        byDefault,
        byLast: rms("byLast"),
        byTruth,
        left: Math.sqrt(Math.max(0, learned ** 2 - byTruth ** 2) / (byDefault ** 2 - byTruth ** 2)),
        covered: rows.filter((r) => r.isIn).length / Math.max(1, rows.length),
      };
    }),
  );
}

/** Logarithms of how long it takes and of what comes through, by how fast it steams. */
function foretellerOf(
  plan: Plan,
  kitchen: Kitchen,
  cooked: (log: number) => Trace,
): Record<Foretold, (log: number) => number> {
  const count = Math.round((GRID.to - GRID.from) / GRID.step);
  const logs = Array.from({ length: count + 1 }, (_, i) => GRID.from + i * GRID.step);
  const times = logs.map((log) => Math.log(cooked(log).holdMin));
  // What comes through is that of a pot which is taken off when the usual one is down.
  const waterKg = coldWaterKg(waterL(plan, kitchen), kitchen);
  const timed: Plan = { ...plan, stop: { by: "time", holdMin: cooked(0).holdMin } };
  const yields = logs.map((log) =>
    Math.log(
      simulate(timed, kitchen, { waterKg, parameters: { ...EXPECTED, evaporation: Math.exp(log) } })
        .strained.volumeL,
    ),
  );
  const along = (values: readonly number[]) => (log: number) => {
    const x = Math.min(count - 1e-9, Math.max(0, (log - GRID.from) / GRID.step));
    const i = Math.floor(x);
    const [a = NaN, b = NaN] = [values[i], values[i + 1]];
    return a + (b - a) * (x - i);
  };
  return { time: along(times), yield: along(yields) };
}

/** The log of a pot that went so: dipped at a third and two thirds, measured in a jug. */
function potOf(
  trace: Trace,
  plan: Plan,
  kitchen: Kitchen,
  id: string,
  week: number,
  random: ReturnType<typeof seeded>,
) {
  const litMs = Date.parse("2026-01-05T09:00:00Z") + week * WEEK_MS;
  const offMin = trace.toSimmerMin + trace.holdMin;
  const dip = (tMin: number) => ({
    kind: "read",
    reading: {
      form: "liquidDepth",
      value: Math.max(0.001, pointAt(trace, tMin).depthM + DEPTH_SD_M * normal(random)),
    },
    tMin,
  });
  const [first, second] = [1, 2].map((n) => dip(trace.toSimmerMin + (trace.holdMin * n) / 3));
  const strainedL = Math.max(0.05, trace.strained.volumeL + JUG_SD_L * normal(random));
  const events = [
    { kind: "lit", tMin: 0 },
    { kind: "simmers", tMin: trace.toSimmerMin },
    ...(first === undefined || second === undefined ? [] : [first, second]),
    { kind: "offHeat", tMin: offMin },
    {
      kind: "strained",
      tMin: offMin + 10,
      measured: { volumeL: strainedL, passes: 1, clothPasses: 0, pressed: false },
    },
  ].map(({ tMin, ...event }, i): CookEvent =>
    CookEventSchema.parse({
      ...event,
      id: `e${i}`,
      batchId: id,
      schemaVersion: SCHEMA_VERSION,
      atMs: Math.round(litMs + tMin * MINUTE_MS),
    }),
  );
  const batch = BatchSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id,
    createdMs: litMs,
    plan,
    kitchen,
  });
  return { batch, cook: fold(events) };
}
