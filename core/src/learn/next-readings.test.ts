import { expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { loggedPlan } from "../../test/logged-pot";
import type { Kitchen } from "../simulate/kitchen-schema";
import { steamThing } from "../simulate/learned";
import type { Plan } from "../simulate/plan-schema";
import { nextReadings } from "./next-readings";

const kitchen = testKitchen();
const known = (sd: number, pots: number): Kitchen => ({
  ...kitchen,
  learned: {
    steam: {
      things: { [steamThing(loggedPlan.vesselId, loggedPlan.heat)]: { log: -0.2, sd, pots } },
      kitchen: { log: 0, sd: 0.7, pots },
    },
    ring: { things: {}, kitchen: { log: 0, sd: 0.7, pots: 0 } },
  },
});
const open: Plan = {
  ...loggedPlan,
  id: "open",
  heat: { method: "hob", vigour: "gentle", lid: "off", boilFirstMin: null },
};

test("what is known least teaches most, and what is known well is not asked for", () => {
  const [first, second] = nextReadings([loggedPlan, open], known(0.15, 3));
  expect(first?.planId).toBe("open");
  expect(second?.plusMinusPct ?? 0).toBeLessThan(first?.plusMinusPct ?? 0);
  expect(nextReadings([loggedPlan], known(0.05, 12))).toEqual([]);
});

test("says how well it will be known then: never better than pots go one against the next", () => {
  const [one] = nextReadings([loggedPlan], kitchen);
  expect(one?.plusMinusPct).toBeCloseTo(100 * (Math.exp(1.28155 * 0.35) - 1), 1);
  expect(one?.thenPct).toBeGreaterThan(100 * (Math.exp(1.28155 * 0.11) - 1));
  expect(one?.thenPct).toBeLessThan(30);
});

test("of two plans of one pot the longer teaches more; under pressure nothing does", () => {
  const short: Plan = { ...loggedPlan, id: "short", stop: { by: "time", holdMin: 20 } };
  expect(nextReadings([short, loggedPlan], kitchen).map((r) => r.planId)).toEqual([loggedPlan.id]);
  const cooker = kitchen.vessels.find((v) => v.kind === "pressureCooker")?.id ?? "";
  const shut: Plan = {
    ...loggedPlan,
    vesselId: cooker,
    heat: { method: "pressure", setting: "high", release: "natural" },
  };
  expect(nextReadings([shut], kitchen)).toEqual([]);
});
