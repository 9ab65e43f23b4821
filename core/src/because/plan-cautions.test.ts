import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { randomPot } from "../../test/random-pots";
import { testKitchen, testPlan } from "../../test/kitchen";
import { resolve } from "../simulate/set-pot";
import { spreadInTurn, spreadOf } from "../simulate/spread";
import { plannedOnce } from "../simulate/as-planned";
import { answersFor } from "./answers";
import { cautionsOf } from "./plan-cautions";

const hourOf = (nowHour: number) => (ms: number | null) =>
  ms === null ? nowHour : new Date(ms).getUTCHours();

const pots = fc.record({
  draws: fc.array(fc.double({ min: 0, max: 0.999, noNaN: true }), { minLength: 8, maxLength: 8 }),
  readyHour: fc.option(fc.integer({ min: 0, max: 23 })),
  nowHour: fc.integer({ min: 0, max: 23 }),
});
const potOf = (draws: readonly number[], readyHour: number | null) => {
  let at = 0;
  const { plan, kitchen } = randomPot(() => draws[at++ % draws.length] ?? 0);
  const readyAt =
    readyHour === null ? null : `2026-03-19T${String(readyHour).padStart(2, "0")}:00:00Z`;
  return resolve({ ...plan, readyAt }, kitchen);
};

describe("the cautions of a plan", () => {
  test("without ranges are the same as with them, at any hour, with a time set and without", () => {
    let nights = 0;
    fc.assert(
      fc.property(pots, ({ draws, readyHour, nowHour }) => {
        const setPot = potOf(draws, readyHour);
        for (const hour of [hourOf(nowHour), () => null]) {
          const whole = answersFor(setPot, hour);
          const found = cautionsOf(setPot, hour);
          expect(found.ok).toBe(whole.ok);
          if (!whole.ok || !found.ok) continue;
          expect(found.value.cautions).toEqual(whole.value.cautions);
          expect(found.value.trace).toEqual(whole.value.trace);
          nights += Number(found.value.cautions.some((c) => c.id === "flameAtNight"));
        }
      }),
      { numRuns: 60 },
    );
    expect(nights).toBeGreaterThan(0);
  });

  test("of what burns already say nothing of a night, whatever time is set", () => {
    fc.assert(
      fc.property(pots, ({ draws, readyHour }) => {
        const setPot = potOf(draws, readyHour);
        expect(cautionsOf(setPot, null)).toEqual(cautionsOf(setPot, () => null));
      }),
      { numRuns: 40 },
    );
  });

  test("are not there, but their problem is, where it cannot be worked out", () => {
    const setPot = resolve(testPlan({ vesselId: "none" }), testKitchen());
    const [whole, found] = [answersFor(setPot, hourOf(12)), cautionsOf(setPot, hourOf(12))];
    expect(!found.ok && found.problem.code).toBe(!whole.ok && whole.problem.code);
    expect(found.ok).toBe(false);
  });
});

test("ranges worked out in turns are those worked out at once, and there is more than one turn", () => {
  const setPot = resolve(testPlan(), testKitchen());
  const { waterKg, trace } = plannedOnce(setPot);
  let turns = 0;
  const inTurns = spreadInTurn(setPot, waterKg, trace);
  for (;;) {
    const turn = inTurns.next();
    if (turn.done === true) {
      expect(turn.value).toEqual(spreadOf(setPot, waterKg, trace));
      break;
    }
    turns++;
  }
  expect(turns).toBeGreaterThan(3);
});
