import { resolve } from "./set-pot";
import fc from "fast-check";
import { expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { randomPot } from "../../test/random-pots";
import { outcomeOf } from "../units/problem";
import { seeded, uniform } from "../units/random";
import { afterThePot } from "./after-the-pot";
import { EXPECTED } from "./parameters";
import { simulate } from "./simulate";
import { FIGURES, type FigureId } from "./spread";

test("gelatin given and what stays in the sieve, told of a pot that is over, are what a pot simulated with them gives", () => {
  let told = 0;
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 1e6 }),
      fc.constantFrom("extraction" as const, "leftOnSolids" as const),
      fc.double({ min: 0.4, max: 2.5, noNaN: true }),
      (seed, parameter, times) => {
        const random = seeded(seed);
        const { plan, kitchen, waterKg } = randomPot(() => uniform(random));
        const usual = outcomeOf(() => simulate(resolve(plan, kitchen), { waterKg }));
        if (!usual.ok) return;
        const anew = afterThePot(usual.value, plan, parameter, times);
        const parameters = { ...EXPECTED, [parameter]: times };
        const simulated = simulate(resolve(plan, kitchen), { waterKg, parameters });
        if (anew === null) return;
        told++;
        for (const id of Object.keys(FIGURES) as FigureId[])
          expect(FIGURES[id](anew), id).toBeCloseTo(FIGURES[id](simulated), 9);
        expect(anew.strained.saltG).toBeCloseTo(simulated.strained.saltG, 9);
      },
    ),
    // All that this one has left stays in the sieve.
    { examples: [[870694, "leftOnSolids", 0.4]] },
  );
  expect(told).toBeGreaterThan(20);
});

test("where all of it stays in the sieve, how much more would stay is not told", () => {
  const random = seeded(6);
  const { plan, kitchen, waterKg } = randomPot(() => uniform(random));
  const dry = simulate(resolve(plan, kitchen), { waterKg });
  expect(dry.strained.volumeL).toBe(0);
  expect(dry.endLiquidKg).toBeGreaterThan(0);
  expect(afterThePot(dry, plan, "leftOnSolids", 0.4)).toBeNull();
});

test("where the pot itself would go otherwise, nothing is told", () => {
  const kitchen = testKitchen();
  const plan = testPlan();
  const trace = simulate(resolve(plan, kitchen), { waterKg: 4.4 });
  expect(afterThePot(trace, plan, "evaporation", 2)).toBeNull();
  const set = testPlan({
    items: [
      ...plan.items,
      {
        id: "glace",
        ingredientId: "onion",
        massKg: 0.2,
        when: { at: "start" as const },
        label: { gelatinGKg: 30 },
      },
    ],
  });
  const withGelatin = simulate(resolve(set, kitchen), { waterKg: 4.4 });
  expect(afterThePot(withGelatin, set, "extraction", 2)).toBeNull();
  const lifted = testPlan({
    items: plan.items.map((i) =>
      i.id === "neck"
        ? { ...i, out: { when: { at: "beforeEnd" as const, min: 60 }, isBack: false } }
        : i,
    ),
  });
  const without = simulate(resolve(lifted, kitchen), { waterKg: 4.4 });
  expect(afterThePot(without, lifted, "leftOnSolids", 2)).toBeNull();
});
