import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen, testPlan } from "../../test/kitchen";
import { inWords } from "../units/said";
import { metric } from "../../test/metric";
import { CODES } from "../cool/codes";
import type { Plan } from "../simulate/plan-schema";
import { standingOf } from "./chill-of";
import { chillingNow } from "../../test/chilling";
import { fold } from "./fold";
import { onFire } from "./on-fire";
import { standsC, underLineMs } from "./standing";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T15:00:00Z");
const MIN = 60_000;
const at = (min: number) => Math.round(LIT + min * MIN);
const stock = testPlan({
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
  stop: { by: "time", holdMin: 240 },
});
const off = [
  { kind: "lit", atMs: LIT },
  { kind: "boils", atMs: at(35) },
  { kind: "simmers", atMs: at(40) },
  { kind: "offHeat", atMs: at(280) },
];
const look = (events: readonly object[], min: number, plan: Plan = stock) => {
  const cook = fold(happened(...events));
  const pot = onFire(resolve(plan, kitchen), cook, at(min));
  if (pot.problem !== null) throw pot.problem;
  return { cook, ...pot };
};
const standing = (events: readonly object[], min: number) =>
  look(events, min)
    .cautions.map(metric)
    .find((c) => c.id === "standing");

describe("off the heat and forgotten", () => {
  test("it is as warm as a covered pot by then, not as it came off", () => {
    const early = look(off, 281).forecast.nowC;
    const late = look(off, 280 + 300).forecast.nowC;
    expect(early).toBeGreaterThan(85);
    expect(late).toBeLessThan(57);
    expect(late).toBeGreaterThan(kitchen.roomC);
    // All that is in the pot holds the heat, bones and all: it is warmer than its liquid alone would be.
    const course = look(off, 281).forecast.standing!;
    expect(underLineMs(course, 57)! - at(280)).toBeGreaterThan(90 * MIN);
    // A thermometer knows better.
    const read = { kind: "temperature", where: "liquid", tempC: 40, atMs: at(400) };
    expect(standsC(look([...off, read], 401).forecast.standing!, at(400))).toBeCloseTo(40, 6);
  });

  test("under the line it is a caution, over two hours under it a danger, strained or not", () => {
    const underMs = underLineMs(look(off, 281).forecast.standing!, 57)!;
    const underMin = (underMs - LIT) / MIN;
    expect(standing(off, underMin - 5)).toBeUndefined();
    expect(standing(off, underMin + 5)?.severity).toBe("caution");
    expect(standing(off, underMin + 115)?.severity).toBe("caution");
    const bad = standing(off, underMin + 125);
    expect(bad).toMatchObject({ severity: "danger", title: "It has stood too long" });
    expect(bad?.rule).toContain(inWords(CODES.us.text, "metric"));
    const sieve = {
      kind: "strained",
      measured: { volumeL: 3, passes: 1, clothPasses: 0, pressed: false },
      atMs: at(underMin + 60),
    };
    expect(standing([...off, sieve], underMin + 125)?.severity).toBe("danger");
  });

  test("being chilled, or logged, it is silent; on the fire too", () => {
    const sieve = {
      kind: "strained",
      measured: { volumeL: 3, passes: 1, clothPasses: 0, pressed: false },
      atMs: at(290),
    };
    const chill = {
      kind: "chillBegun",
      chill: {
        containerId: "tall",
        count: 1,
        massKg: 3,
        fromC: 85,
        isThick: false,
        stages: [{ way: "iceBath", min: 0 }],
      },
      atMs: at(300),
    };
    expect(standing([...off, sieve, chill], 800)).toBeUndefined();
    expect(standing([...off, sieve, { kind: "finished", atMs: at(300) }], 800)).toBeUndefined();
    expect(standing(off.slice(0, 3), 800)).toBeUndefined();
  });

  test("a chill begun at 30 °C after five hours is not cold in time, and has what the code requires", () => {
    const chill = {
      kind: "chillBegun",
      chill: {
        containerId: "tall",
        count: 1,
        massKg: 3,
        fromC: 30,
        isThick: false,
        stages: [{ way: "iceBath", min: 0 }],
      },
      atMs: at(580),
    };
    const { cook, forecast } = look([...off, chill], 600);
    const now = chillingNow(cook.chilling!, kitchen, CODES.us, at(600), forecast.standing)!;
    expect(now.gates[0]?.state).toBe("unknown");
    expect(now.remedy).toBe("reheatOnce");
    // And it is no other for being in the logbook by then, or in jars.
    const logged = fold(happened(...off, chill, { kind: "finished", atMs: at(640) }));
    const stood = standingOf({ plan: stock, kitchen }, logged);
    const later = chillingNow(logged.chilling!, kitchen, CODES.us, at(900), stood)!;
    expect(later.gates[0]?.state).toBe("unknown");
    expect(later.remedy).toBe("reheatOnce");
    // Of a pot that cannot be reckoned it is not known when it fell under the line.
    const unknown = standingOf({ plan: { ...stock, vesselId: "sold" }, kitchen }, logged);
    expect(unknown).toEqual({ offMs: at(280), points: [], readings: [] });
    const blind = chillingNow(logged.chilling!, kitchen, CODES.us, at(900), unknown)!;
    expect(blind.gates[0]?.state).toBe("unknown");
    // The same without five hours before it.
    const quick = { ...chill, atMs: at(290), chill: { ...chill.chill, fromC: 85 } };
    const good = look([...off, quick], 300);
    const going = chillingNow(
      good.cook.chilling!,
      kitchen,
      CODES.us,
      at(300),
      good.forecast.standing,
    )!;
    expect(
      going.gates.every(
        (g) => g.state === "ahead" || g.state === "running" || g.state === "likely",
      ),
    ).toBe(true);
    expect(going.remedy).toBeNull();
  });
});
