import { exp } from "../units/same-math";
import type { SetPot } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { DonenessTarget } from "../doneness/targets";
import { fitRate, type RateBelief, type RateObservation } from "../forecast/rate-fit";
import { nextLookMin } from "../forecast/time-to-target";
import { steamSigmaOf } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import { stretchesOf } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";
import { Z90 } from "../units/estimate";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import type { Cook } from "./fold";
import type { Reading } from "../events/watch/effects";
import type { Range } from "./range";
import { endOf, movedOf, type Moved } from "./live-end";
import { LiveModel, type LiquidReading } from "./live-model";
import { tenderOf, type Tender } from "./live-tender";
import { standingCourse, standsC, type StandingCourse } from "./standing";

/** Less than this in the pot is nothing, kg. */
const NOTHING_KG = 0.01;
/** A lit ring is looked at at least this often, min. */
const LONGEST_LOOK_MIN = 60;
/** A step of the simulation, min, and a little. */
const STEP_MIN = 0.55;
/** A pot simulated at its fitted rate steams at least so much of the default. */
export const LEAST_STEAM = 0.1;
const INSTRUMENT_EVERY_MS = 15 * MINUTE_MS;

/** How tender what rules the dish is, and when it will be at its best. */
export interface TenderForecast {
  readonly itemId: string;
  readonly target: DonenessTarget;
  /** Cook value now over the one wanted, as believed. */
  readonly share: number;
  readonly atMs: Range;
}

/** What the readings and the model say of a pot on the fire. */
export interface LiveForecast {
  /** The plan's own simulation, as drawn. */
  readonly planned: Trace;
  /** The same with what waits for a piece moved by what the fork said of it. */
  readonly timed: Trace;
  /** The water that is poured in at the start, L as it runs from the tap. */
  readonly waterL: number;
  /** The pot as it really goes: what was done is in, what is to come is foreseen. */
  readonly course: Trace;
  /** How fast it steams against the default, 1 = as reckoned. */
  readonly steamRate: RateBelief;
  /** Cold litres that did not go in and ran over by now; 0 where all of it is in. */
  readonly ranOverL: number;
  /** Liquid in the pot now, hot litres, and its depth. */
  readonly nowL: Range;
  readonly nowDepthM: number;
  /** By the reckoning nothing is left in it: then no level or temperature is claimed. */
  readonly isDry: boolean;
  readonly steamedL: number;
  readonly nowC: number;
  /** Off the heat, how it has cooled since, and goes on to. */
  readonly standing: StandingCourse | null;
  readonly cookMin: number;
  /** When it boils (or is at its simmer), and when the simmer's clock starts: seen or foreseen. */
  readonly cameUpMs: number;
  readonly simmerMs: number;
  /** When the last of the heat is expected to end; for a level or tenderness P10–P90. */
  readonly endMs: Range;
  /** The stretch of the heat that the pot is in, by its place; when it ends and those after it, in order. */
  readonly stretchIndex: number;
  readonly stretchEndsMs: readonly Range[];
  /** When it was to end as it was lit, and what moved it since. */
  readonly moved: Moved;
  readonly tender: TenderForecast | null;
  /** Cold strained litres at that end, and what was planned. */
  readonly strainedL: Range;
  readonly nextLookMs: number;
  /** When the bones come within 1 cm of the surface, if before the end. */
  readonly bareMs: number | null;
  /** When the floor may come dry, on the fast side of what is thought; null if not before the end. */
  readonly dryMs: number | null;
}

/**
 * What readings and model together say of the pot at nowMs: the simulation follows what was done, and
 * the steaming rate is a conjugate normal fit of liquid lost against the simulated loss, with the
 * default's spread as prior (docs/method.md, “The live pot”).
 * @throws Problem as simulate does
 */
export function forecastLive(setPot: SetPot, cook: Cook, nowMs: number): LiveForecast {
  const { model: nowModel, steamRate } = fittedModel(setPot, cook, nowMs);
  // A rate is never below nothing: its range is that of a log-normal (docs/method.md, “What a log teaches”).
  const spread = exp((Z90 * steamRate.sd) / Math.max(0.05, steamRate.mean));
  const low = steamRate.mean / spread;
  const high = steamRate.mean * spread;
  const stopMs = cook.offMs ?? nowMs;
  const nowMin = nowModel.modelMin(Math.min(nowMs, stopMs));
  const ahead = throughStretches(setPot, cook, nowMs, nowModel, {
    low,
    mean: steamRate.mean,
    high,
  });
  const { model, tender, ends } = ahead;
  const end = ends.at(-1) ?? { low: nowMin, expected: nowMin, high: nowMin };
  // What was done just now is in the pot: the simulation has it by its next step.
  const isJustDone = nowMs - (cook.events.at(-1)?.atMs ?? 0) < STEP_MIN * MINUTE_MS;
  const seenMin = isJustDone && cook.offMs === null ? nowMin + STEP_MIN : nowMin;
  // As long as nobody says that it was turned, it is as it is in the stretch it is in.
  const now = nowModel.point(seenMin);
  const density = waterDensityKgL(now.liquidC);
  const nowKg = nowModel.liquidKg(seenMin, steamRate.mean);
  const isDry = cook.litMs !== null && nowKg < NOTHING_KG;
  const bareKg = model.bareKg();
  const fromMin = model.long.toSimmerMin;
  const bareMin = bareKg === null ? null : model.crossingMin(bareKg, steamRate.mean, fromMin);
  const dryMin = model.crossingMin(model.dryKg(), high, Math.min(nowMin, fromMin));
  const isOn = cook.offMs === null;
  const standing = standingCourse(setPot, cook, model.long);
  const lookMin = Math.min(
    nextLookMin(nowMin, Math.min(end.low, bareMin ?? Infinity)),
    nowMin + LONGEST_LOOK_MIN,
  );
  const beforeEnd = (min: number | null, by: number) =>
    min !== null && min < by && isOn ? model.msAt(min) : null;
  return {
    planned: model.planned,
    timed: model.timed,
    waterL: model.waterL,
    course: model.long,
    steamRate,
    ranOverL: now.ranOverKg / COLD_DENSITY_KG_L,
    nowL: {
      low: nowModel.liquidKg(seenMin, high) / density,
      expected: nowKg / density,
      high: nowModel.liquidKg(seenMin, low) / density,
    },
    nowDepthM: isDry ? 0 : nowModel.depthM(seenMin, nowKg),
    isDry,
    steamedL: (steamRate.mean * nowModel.steamKg(nowMin)) / COLD_DENSITY_KG_L,
    nowC: standing === null ? now.liquidC : standsC(standing, nowMs),
    standing,
    cookMin: now.cookMin,
    cameUpMs: model.msAt(model.long.comeUpMin),
    simmerMs: model.msAt(model.long.toSimmerMin),
    endMs: {
      low: model.msAt(end.low),
      expected: model.msAt(end.expected),
      high: model.msAt(end.high),
    },
    stretchIndex: nowModel.index,
    stretchEndsMs: ends.map((range) => mapRange(range, (min) => model.msAt(min))),
    moved: movedOf(model, end, cook),
    tender:
      tender === null
        ? null
        : { ...tender, atMs: mapRange(tender.atMin, (min) => model.msAt(min)) },
    strainedL: strainedAt(model, end.expected, steamRate),
    nextLookMs: model.msAt(lookMin),
    bareMs: beforeEnd(bareMin, end.expected),
    dryMs: isDry && isOn && dryMin !== null ? model.msAt(dryMin) : beforeEnd(dryMin, end.high),
  };
}

/**
 * From the stretch that the pot is in to the last, each held until its end and the next begun there: the
 * model of all of it, and when each ends, min from the first heat. A range grows with those before it.
 */
function throughStretches(
  setPot: SetPot,
  cook: Cook,
  nowMs: number,
  nowModel: LiveModel,
  rates: { readonly low: number; readonly mean: number; readonly high: number },
) {
  const { plan } = setPot;
  let model = nowModel;
  const nowMin = model.modelMin(Math.min(nowMs, cook.offMs ?? nowMs));
  const ends: Range[] = [];
  let earlier: Range = { low: 0, expected: 0, high: 0 };
  // Where no stretch asks for it, it is foreseen at the heat that the pot is on now.
  const isAsked = stretchesOf(plan).some(({ stop }) => stop.by === "tender");
  let tender: Tender | null = null;
  for (;;) {
    const here = tenderOf(model, plan, cook, nowMin);
    const own = endOf({ model, cook, nowMin, rates, tender: here });
    if (model.stop.by === "tender" || (!isAsked && model === nowModel)) tender ??= here;
    const end = {
      low: own.low + earlier.low - earlier.expected,
      expected: own.expected,
      high: own.high + earlier.high - earlier.expected,
    };
    ends.push(end);
    const isLast = cook.offMs !== null || model.index >= plan.then.length;
    if (isLast) return { model, ends, tender };
    earlier = end;
    const nextMin = Math.max(nowMin, end.expected) + model.letDownMin;
    model = new LiveModel(setPot, cook, nowMs, {
      steams: model.steams,
      laterFromMin: [...model.laterFromMin, nextMin],
    });
  }
}

const FIT_ROUNDS = 3;
const SAME_RATE = 0.01;

/** The model with its steam fitted; a pot that would run over is simulated at the rate its readings show. */
function fittedModel(setPot: SetPot, cook: Cook, nowMs: number) {
  let model = new LiveModel(setPot, cook, nowMs);
  let steamRate = steamRateOf(model, setPot, cook);
  let steams = 1;
  for (let round = 0; round < FIT_ROUNDS; round++) {
    const rate = Math.max(LEAST_STEAM, steamRate.mean);
    if (model.ranOverKg === 0 || Math.abs(rate - steams) < SAME_RATE) break;
    steams = rate;
    model = new LiveModel(setPot, cook, nowMs, { steams });
    steamRate = steamRateOf(model, setPot, cook);
  }
  return { model, steamRate };
}

const mapRange = (range: Range, f: (x: number) => number): Range => ({
  low: f(range.low),
  expected: f(range.expected),
  high: f(range.high),
});

/**
 * Readings that say something new: an instrument's, minute by minute, share whatever the model has wrong,
 * so one in a quarter of an hour stands for all.
 */
export function independent(readings: readonly Reading[]): readonly Reading[] {
  let keptMs = -Infinity;
  return readings.filter((r) => {
    if (!r.isInstrument) return true;
    if (r.atMs - keptMs < INSTRUMENT_EVERY_MS) return false;
    keptMs = r.atMs;
    return true;
  });
}

function steamRateOf(model: LiveModel, setPot: SetPot, cook: Cook): RateBelief {
  const prior: RateBelief = { mean: 1, sd: steamSigmaOf(setPot) };
  const observations = independent(cook.readings).flatMap((reading): RateObservation[] => {
    const liquid = model.liquidOf(reading);
    const modelMin = model.modelMin(reading.atMs);
    const x = model.steamKg(modelMin);
    return liquid === null || x <= 0
      ? []
      : [{ x, y: model.withoutSteamKg(modelMin) - liquid.liquidKg, sd: liquid.sdKg }];
  });
  const fitted = fitRate(prior, observations);
  return { mean: Math.max(0, fitted.mean), sd: fitted.sd };
}

function strainedAt(model: LiveModel, endMin: number, rate: RateBelief): Range {
  const { ledger } = model.planned;
  const leftKg = -ledger.leftOnSolids - ledger.leftInCloth;
  const expected = Math.max(0, model.liquidKg(endMin, rate.mean) - leftKg) / COLD_DENSITY_KG_L;
  const sd =
    Math.hypot(rate.sd * model.steamKg(endMin), SPREAD.leftOnSolids.value * leftKg) /
    COLD_DENSITY_KG_L;
  return {
    low: Math.max(0, expected - Z90 * sd),
    expected,
    high: expected + Z90 * sd,
  };
}

/** Every reading as liquid in the pot, kg, for the course of a batch. */
export function readingsAsLiquid(
  setPot: SetPot,
  cook: Cook,
  nowMs: number,
): readonly LiquidReading[] {
  const model = new LiveModel(setPot, cook, nowMs);
  return cook.readings.flatMap((r) => model.liquidOf(r) ?? []);
}
