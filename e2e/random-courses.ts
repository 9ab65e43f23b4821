import { answersFor } from "../core/src/because/answers";
import { seeded, uniform } from "../core/src/units/random";
import { simulate } from "../core/src/simulate/simulate";
import { resolve } from "../core/src/simulate/set-pot";
import { randomPot } from "../core/test/random-pots";

/** Courses of so many pots made at random and their answers with ranges, to the last digit; what cannot be simulated says why. */
export function courses(count: number, seed: number): string {
  const random = seeded(seed);
  return Array.from({ length: count }, () => {
    const { plan, kitchen, waterKg } = randomPot(() => uniform(random));
    try {
      const setPot = resolve(plan, kitchen);
      const { points, ledger, strained, totalMin } = simulate(setPot, { waterKg });
      const answers = answersFor(setPot, () => 12);
      const figures = answers.ok ? answers.value.figures : answers.problem.code;
      return JSON.stringify({ points, ledger, strained, totalMin, figures });
    } catch (error) {
      return String(error);
    }
  }).join("\n");
}
