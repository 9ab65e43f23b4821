import { fitRate, type RateBelief, type RateObservation } from "../forecast/rate-fit";
import { nextLookMin } from "../forecast/time-to-target";
import { steamSigmaLog } from "../simulate/heat-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { Z90 } from "../units/estimate";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import type { Cook } from "./fold";
import { LiveModel, type LiquidReading } from "./live-model";

/** Liquid left on solids is uncertain by this share. */
const LEFT_SIGMA = 0.3;
/** A lit ring is looked at at least this often, min. */
const LONGEST_LOOK_MIN = 60;

export interface Range {
  readonly low: number;
  readonly expected: number;
  readonly high: number;
}

/** What the readings and the model say of a pot on the fire. */
export interface LiveForecast {
  /** The plan's own simulation, as drawn. */
  readonly planned: Trace;
  /** How fast it steams against the default, 1 = as reckoned. */
  readonly steamRate: RateBelief;
  /** Liquid in the pot now, hot litres, and its depth. */
  readonly nowL: Range;
  readonly nowDepthM: number;
  readonly steamedL: number;
  readonly nowC: number;
  readonly cookMin: number;
  /** When the simmer is expected to end; for a level target P10–P90. */
  readonly endMs: Range;
  /** Cold strained litres at that end. */
  readonly strainedL: Range;
  readonly nextLookMs: number;
  /** When the bones come within 1 cm of the surface, if before the end. */
  readonly bareMs: number | null;
}

/**
 * What readings and model together say of the pot at nowMs: the steaming rate is a conjugate normal
 * fit of liquid lost against the simulated loss, with the default's spread as prior (model section 10).
 * @throws Problem as simulate does
 */
export function forecastLive(
  plan: Plan,
  kitchen: Kitchen,
  cook: Cook,
  nowMs: number,
): LiveForecast {
  const model = new LiveModel(plan, kitchen, cook, nowMs);
  const prior: RateBelief = {
    mean: 1,
    sd: steamSigmaLog(plan.heat),
  };
  const observations = cook.readings.flatMap((reading): RateObservation[] => {
    const liquid = model.liquidOf(reading);
    const modelMin = model.modelMin(reading.atMs);
    const x = model.steamKg(modelMin);
    return liquid === null || x <= 0
      ? []
      : [
          {
            x,
            y: model.withoutSteamKg(modelMin) - liquid.liquidKg,
            sd: liquid.sdKg,
          },
        ];
  });
  const fitted = fitRate(prior, observations);
  const steamRate = { mean: Math.max(0, fitted.mean), sd: fitted.sd };
  const low = Math.max(0, steamRate.mean - Z90 * steamRate.sd);
  const high = steamRate.mean + Z90 * steamRate.sd;
  const stopMs = cook.offMs ?? nowMs;
  const nowMin = model.modelMin(Math.min(nowMs, stopMs));
  const now = model.point(nowMin);
  const density = waterDensityKgL(now.liquidC);
  const nowKg = model.liquidKg(nowMin, steamRate.mean);
  const endMin = endOf(model, steamRate.mean, low, high, nowMin, cook);
  const bareKg = model.bareKg();
  const bareMin =
    bareKg === null ? null : model.crossingMin(bareKg, steamRate.mean, model.planned.toSimmerMin);
  const lookMin = Math.min(
    nextLookMin(nowMin, Math.min(endMin.low, bareMin ?? Infinity)),
    nowMin + LONGEST_LOOK_MIN,
  );
  return {
    planned: model.planned,
    steamRate,
    nowL: {
      low: model.liquidKg(nowMin, high) / density,
      expected: nowKg / density,
      high: model.liquidKg(nowMin, low) / density,
    },
    nowDepthM: model.depthM(nowMin, nowKg),
    steamedL: (steamRate.mean * model.steamKg(nowMin)) / COLD_DENSITY_KG_L,
    nowC: now.liquidC,
    cookMin: now.cookMin,
    endMs: {
      low: model.msAt(endMin.low),
      expected: model.msAt(endMin.expected),
      high: model.msAt(endMin.high),
    },
    strainedL: strainedAt(model, endMin.expected, steamRate),
    nextLookMs: model.msAt(lookMin),
    bareMs:
      bareMin !== null && bareMin < endMin.expected && cook.offMs === null
        ? model.msAt(bareMin)
        : null,
  };
}

function endOf(
  model: LiveModel,
  rate: number,
  lowRate: number,
  highRate: number,
  nowMin: number,
  cook: Cook,
): Range {
  if (cook.offMs !== null) {
    const off = model.modelMin(cook.offMs);
    return { low: off, expected: off, high: off };
  }
  const target = model.targetKg();
  const { toSimmerMin, holdMin } = model.planned;
  if (target === null) {
    const end = toSimmerMin + holdMin;
    return { low: end, expected: end, high: end };
  }
  const at = (r: number) => model.crossingMin(target, r, toSimmerMin) ?? nowMin + 2880;
  return { low: at(highRate), expected: at(rate), high: at(lowRate) };
}

function strainedAt(model: LiveModel, endMin: number, rate: RateBelief): Range {
  const { ledger } = model.planned;
  const leftKg = -ledger.leftOnSolids - ledger.leftInCloth;
  const expected = Math.max(0, model.liquidKg(endMin, rate.mean) - leftKg) / COLD_DENSITY_KG_L;
  const sd = Math.hypot(rate.sd * model.steamKg(endMin), LEFT_SIGMA * leftKg) / COLD_DENSITY_KG_L;
  return {
    low: Math.max(0, expected - Z90 * sd),
    expected,
    high: expected + Z90 * sd,
  };
}

/** Every reading as liquid in the pot, kg, for the course of a batch. */
export function readingsAsLiquid(
  plan: Plan,
  kitchen: Kitchen,
  cook: Cook,
  nowMs: number,
): readonly LiquidReading[] {
  const model = new LiveModel(plan, kitchen, cook, nowMs);
  return cook.readings.flatMap((r) => model.liquidOf(r) ?? []);
}
