import { exp, ln } from "../units/same-math";
import { square } from "../units/whole-power";
import { resolve, type SetPot } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { MINUTE_MS } from "../units/time";
import { BatchSchema } from "../batch/batch-schema";
import { CookEventSchema, type CookEvent } from "../events/event-schema";
import { fold } from "../batch/fold";
import { DEPTH_SD_M, JUG_SD_L } from "../batch/live-model";
import { steamSigmaLog } from "../simulate/heat-facts";
import { KEPT_NOISE } from "../simulate/kept-here";
import { EXPECTED, SPREAD } from "../simulate/parameters";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/point-at";
import { spreadOf, type FigureSpread } from "../simulate/spread";
import type { Trace } from "../simulate/trace";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import { normal, seeded, uniform } from "../units/random";
import { COME_UP_NOISE, POT_NOISE } from "../simulate/learned";
import { learnedOf, saidOf, wordsOf, type PotWords, type TaughtKind } from "./taught";

const WEEK_MS = 7 * 24 * 60 * MINUTE_MS;
/** What is wild is so by this much at the least, and by as much more at the most. */
const WILD = { from: 1.5, to: 2 } as const;
/** So many next pots are foretold each time, of which none is cooked. */
const NEXT_POTS = 3;
/** What boiled dry counts as so much: a logarithm of nothing is none. */
const LEAST_L = 0.05;
/** Juice of one pot against the next of the same meat. */
const JUICE_NOISE = 0.08;

/**
 * What is foretold of the next pot: how soon it is at its simmer, how long it takes down to its level, what comes
 * through the sieve when it is taken off by the clock.
 */
export const FORETOLD = ["comeUp", "time", "yield"] as const;
export type Foretold = (typeof FORETOLD)[number];
type Figures = Readonly<Record<Foretold, number>>;

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

/** Logarithms of what is otherwise than the default: in a kitchen, in a pot. */
type Logs = Readonly<Record<"evaporation" | "efficiency" | "freed" | "leftOnSolids", number>>;
const logsOf = (of: (key: keyof Logs) => number): Logs => ({
  evaporation: of("evaporation"),
  efficiency: of("efficiency"),
  freed: of("freed"),
  leftOnSolids: of("leftOnSolids"),
});
const NOISE: Logs = {
  evaporation: POT_NOISE.value,
  efficiency: COME_UP_NOISE.value,
  freed: JUICE_NOISE,
  leftOnSolids: KEPT_NOISE.value,
};
const withLogs = (logs: Logs) => ({
  ...EXPECTED,
  evaporation: exp(logs.evaporation),
  efficiency: exp(logs.efficiency),
  freed: exp(logs.freed),
  leftOnSolids: exp(logs.leftOnSolids),
});

/**
 * Made-up kitchens whose pots steam, get their heat, give juice and keep liquid otherwise than the default, each cooked
 * pot after pot with two dips and a jug: how well the product foretells the next pot, by all that its log has
 * taught and with the ranges that it shows (docs/method.md, “What a log teaches”).
 * @param plan a stock on the ring that is simmered down to a share of what was in
 * @param wildShare of pots that were not as anybody knew: a lid left off
 */
export function payingOf(
  setPot: SetPot,
  kitchens: number,
  after: readonly number[],
  wildShare: number,
  seed: number,
): readonly PayingRow[] {
  const { plan, kitchen } = setPot;
  const random = seeded(seed);
  const waterKg = coldWaterKg(waterL(setPot), kitchen);
  const cooked = (logs: Logs): Trace => simulate(setPot, { waterKg, parameters: withLogs(logs) });
  // What comes through is that of a pot which is taken off when the usual one is down.
  const usual = simulate(setPot, { waterKg });
  const timed: Plan = { ...plan, stop: { by: "time", holdMin: usual.holdMin } };
  const figuresOf = (here: Kitchen, parameters = EXPECTED): Figures => {
    const trace = simulate(resolve(plan, here), { waterKg, parameters });
    const { strained } = simulate(resolve(timed, here), { waterKg, parameters });
    return {
      comeUp: trace.toSimmerMin,
      time: trace.holdMin,
      yield: Math.max(LEAST_L, strained.volumeL),
    };
  };
  const defaults = figuresOf(kitchen);
  const priors = logsOf((key) =>
    key === "evaporation" ? steamSigmaLog(plan.heat) : SPREAD[key].value,
  );
  const off = new Map<string, Off[]>();
  for (let k = 0; k < kitchens; k++) {
    const truth = logsOf((key) => priors[key] * normal(random));
    const ofPot = () => logsOf((key) => truth[key] + NOISE[key] * normal(random));
    const words: PotWords[] = [];
    for (let pots = 0; pots <= Math.max(...after); pots++) {
      if (after.includes(pots)) {
        const here = { ...kitchen, learned: learnedOf(words) };
        const [learned, ranges] = [figuresOf(here), rangesOf(plan, resolve(timed, here), waterKg)];
        const last = figuresOf(kitchen, withLogs(logsOf((key) => lastOf(words.at(-1), key))));
        const byTruth = figuresOf(kitchen, withLogs(truth));
        for (let n = 0; n < NEXT_POTS; n++) {
          const next = figuresOf(kitchen, withLogs(ofPot()));
          for (const of of FORETOLD) {
            const offBy = (foretold: Figures) => ln(foretold[of] / next[of]);
            const key = `${pots} ${of}`;
            const rows = off.get(key) ?? [];
            rows.push({
              learned: offBy(learned),
              byDefault: offBy(defaults),
              byLast: offBy(last),
              byTruth: offBy(byTruth),
              isIn:
                next[of] >= learned[of] * ranges[of].lowFactor &&
                next[of] <= learned[of] * ranges[of].highFactor,
            });
            off.set(key, rows);
          }
        }
      }
      if (pots === Math.max(...after)) break;
      const isWild = uniform(random) < wildShare;
      const wildLog = isWild ? ln(WILD.from + (WILD.to - WILD.from) * uniform(random)) : 0;
      const own = ofPot();
      const trace = cooked({ ...own, evaporation: own.evaporation + wildLog });
      words.push(wordsOf(potOf(trace, setPot, `${k} ${pots}`, pots, random)));
    }
  }
  return after.flatMap((pots) =>
    FORETOLD.map((of): PayingRow => {
      const rows = off.get(`${pots} ${of}`) ?? [];
      const rms = (key: "learned" | "byDefault" | "byLast" | "byTruth") =>
        Math.sqrt(rows.reduce((sum, r) => sum + square(r[key]), 0) / Math.max(1, rows.length));
      const [learned, byDefault, byTruth] = [rms("learned"), rms("byDefault"), rms("byTruth")];
      return {
        pots,
        of,
        learned,
        byDefault,
        byLast: rms("byLast"),
        byTruth,
        left: Math.sqrt(
          Math.max(0, square(learned) - square(byTruth)) / (square(byDefault) - square(byTruth)),
        ),
        covered: rows.filter((r) => r.isIn).length / Math.max(1, rows.length),
      };
    }),
  );
}

const SAID_BY: Readonly<Record<keyof Logs, TaughtKind | null>> = {
  evaporation: "steam",
  efficiency: "ring",
  // One pot alone says next to nothing of its solids.
  leftOnSolids: null,
  freed: null,
};
/** What the last pot alone said of each, taken at its word. */
function lastOf(words: PotWords | undefined, key: keyof Logs): number {
  const kind = SAID_BY[key];
  return words === undefined || kind === null ? 0 : (saidOf(words, kind)[0]?.log ?? 0);
}

/** The ranges that the product shows, as factors of what is expected. */
function rangesOf(
  plan: Plan,
  { plan: timed, kitchen: here }: SetPot,
  waterKg: number,
): Readonly<Record<Foretold, FigureSpread>> {
  const of = (p: Plan) =>
    spreadOf(resolve(p, here), waterKg, simulate(resolve(p, here), { waterKg })).figures;
  const byLevel = of(plan);
  return { comeUp: byLevel.toSimmerMin, time: byLevel.holdMin, yield: of(timed).strainedL };
}

/** The log of a pot that went so: dipped at a third and two thirds, measured in a jug. */
function potOf(
  trace: Trace,
  { plan, kitchen }: SetPot,
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
    { kind: "boils", tMin: trace.comeUpMin },
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
