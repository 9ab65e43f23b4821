import { seeded, uniform } from "../core/src/units/random";
import { simulate } from "../core/src/simulate/simulate";
import { resolve } from "../core/src/simulate/set-pot";
import { randomPot } from "../core/test/random-pots";

/** The courses of so many pots made at random, to the last digit; what cannot be simulated says why. */
export function courses(count: number, seed: number): string {
  const random = seeded(seed);
  return Array.from({ length: count }, () => {
    const { plan, kitchen, waterKg } = randomPot(() => uniform(random));
    try {
      const { points, ledger, strained, totalMin } = simulate(resolve(plan, kitchen), { waterKg });
      return JSON.stringify({ points, ledger, strained, totalMin });
    } catch (error) {
      return String(error);
    }
  }).join("\n");
}
