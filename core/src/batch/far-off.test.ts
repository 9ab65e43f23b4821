import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import type { Plan } from "../simulate/plan-schema";
import {
  amountFarOff,
  chillFarOff,
  levelFarOff,
  overFilled,
  priceFarOff,
  temperatureFarOff,
} from "./far-off";
import { fold } from "./fold";
import { forecastLive } from "./live-forecast";

const kitchen = testKitchen({ altitudeM: 0 });
const LIT = Date.parse("2026-03-18T15:00:00Z");
const at = (min: number) => LIT + min * 60_000;
const pot = (
  min: number,
  plan: Plan = testPlan(),
  events: readonly object[] = [{ kind: "lit", atMs: LIT }],
) => {
  const cook = fold(happened(...events));
  return {
    plan,
    kitchen,
    cook,
    forecast: forecastLive(resolve(plan, kitchen), cook, at(min)),
    nowMs: at(min),
  };
};

describe("what is hardly possible is asked about", () => {
  test("a level that is a slip, in every form; one that steamed twice as fast is believed", () => {
    const p = pot(200);
    const depthM = p.forecast.nowDepthM;
    expect(levelFarOff(p, { form: "liquidDepth", value: depthM })).toBeNull();
    expect(levelFarOff(p, { form: "liquidDepth", value: depthM - 0.02 })).toBeNull();
    expect(levelFarOff(p, { form: "liquidDepth", value: 0.015 })?.reckoned.expected).toBe(
      p.forecast.nowL.expected,
    );
    expect(levelFarOff(p, { form: "fromRim", value: 0.226 - depthM })).toBeNull();
    expect(levelFarOff(p, { form: "fromRim", value: 0.2 })).not.toBeNull();
    expect(levelFarOff(p, { form: "volume", value: p.forecast.nowL.expected })).toBeNull();
    expect(levelFarOff(p, { form: "volume", value: 10 * p.forecast.nowL.expected })).not.toBeNull();
    // Lighter than the pot with what is in it.
    expect(levelFarOff(p, { form: "potWeight", value: 2 })).toMatchObject({ readL: null });
  });

  test("nothing is asked of a pot that is not lit", () => {
    expect(levelFarOff(pot(0, testPlan(), []), { form: "liquidDepth", value: 0.01 })).toBeNull();
    expect(temperatureFarOff(pot(0, testPlan(), []), "liquid", 60)).toBeNull();
  });

  test("a temperature over the boil, in the wrong unit, or far off its course", () => {
    const p = pot(200);
    expect(temperatureFarOff(p, "liquid", 96)).toBeNull();
    expect(temperatureFarOff(p, "liquid", 70)).toBeNull();
    expect(temperatureFarOff(p, "liquid", 104)).not.toBeNull();
    expect(temperatureFarOff(p, "liquid", p.forecast.nowC - 29)).toBeNull();
    expect(temperatureFarOff(p, "liquid", p.forecast.nowC - 31)).not.toBeNull();
    expect(temperatureFarOff(p, "piece", 40)).toBeNull();
    expect(temperatureFarOff(p, "piece", 110)).not.toBeNull();
    const cooker = testBraise({
      heat: HEATS.pressure,
      vesselId: VESSEL_OF.pressure,
      stop: { by: "time", holdMin: 40 },
    });
    expect(temperatureFarOff(pot(60, cooker), "piece", 116)).toBeNull();
    expect(temperatureFarOff(pot(60, cooker), "piece", 140)).not.toBeNull();
  });

  test("water that does not go in, a chill that warms up, a weight and a price that slipped", () => {
    const p = pot(200);
    expect(overFilled(p, 1, 12)).toBeNull();
    expect(overFilled(p, 20, 12)?.roomL).toBeCloseTo(12 - p.forecast.nowL.low, 6);
    expect(chillFarOff(51, 22)).toBeNull();
    expect(chillFarOff(53, 22)).not.toBeNull();
    expect(chillFarOff(80, 22)).not.toBeNull();
    expect(amountFarOff(3.9, 1)).toBeNull();
    expect(amountFarOff(0.26, 1)).toBeNull();
    expect(amountFarOff(4.1, 1)).not.toBeNull();
    expect(amountFarOff(0.24, 1)).not.toBeNull();
    expect(amountFarOff(5, 0)).toBeNull();
    const others = [3, 6, 9];
    expect(priceFarOff(120, others)).toBeNull();
    expect(priceFarOff(1200, others)).not.toBeNull();
    expect(priceFarOff(0.1, others)).not.toBeNull();
    expect(priceFarOff(0, others), "a gift").toBeNull();
    expect(priceFarOff(1200, [3, 6])).toBeNull();
  });
});
