// Beside a general solver of differential equations, in the same run: a day of bones at a gentle simmer.
import { resolve } from "@kettlos/core/simulate/set-pot";
import { simulate } from "@kettlos/core/simulate/simulate";
import { asOde, type OdePot } from "../core/test/as-ode";
import { testKitchen, testPlan } from "../core/test/kitchen";
import { quantile, tell, timesOf } from "./bench-report";

const WATER_KG = 6;
/** Looser ones are not stable for it: the outermost shells answer in seconds. */
const TOLERANCES = [1e-4, 1e-5, 1e-6, 1e-7, 1e-8];

/** How far off, each figure against what is allowed of it. */
interface Off {
  readonly steamedKg: number;
  readonly toSimmerMin: number;
  readonly cookMin: number;
}
const isAsNear = (a: Off, b: Off): boolean =>
  a.steamedKg <= b.steamedKg && a.toSimmerMin <= b.toSimmerMin && !(a.cookMin > b.cookMin);

/** The same pot by both, its whole state carried by both, each as near to the truth as the other. */
export function benchOde(): void {
  const setPot = resolve(
    testPlan({
      vesselId: "tall",
      items: [{ id: "bones", ingredientId: "beefKnuckle", massKg: 1.2, when: { at: "start" } }],
      heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null },
      stop: { by: "time", holdMin: 1440 },
      fat: "skimHot",
    }),
    testKitchen(),
  );
  const truth = asOde(setPot, WATER_KG, { parts: "whole", tolerance: 1e-10 });
  const offOf = (pot: Pick<OdePot, keyof Off>): Off => ({
    steamedKg: Math.abs(pot.steamedKg - truth.steamedKg),
    toSimmerMin: Math.abs(pot.toSimmerMin - truth.toSimmerMin),
    cookMin: Math.abs(pot.cookMin - truth.cookMin),
  });
  const trace = simulate(setPot, { waterKg: WATER_KG });
  const held = trace.points.findLast((p) => p.phase === "hold");
  const ours = offOf({
    steamedKg: held?.steamedKg ?? NaN,
    toSimmerMin: trace.toSimmerMin,
    cookMin: trace.cookAtEndOfHoldMin,
  });
  const mine = quantile(
    timesOf(() => simulate(setPot, { waterKg: WATER_KG }), 300),
    0.5,
  );
  tell({
    name: "24 h of bones, all of it, off by " + wordsOf(ours, truth),
    p50: `${mine.toFixed(2)} ms`,
    p95: "",
    limit: "",
    verdict: "",
  });
  for (const [parts, name, isLimited] of [
    ["whole", "the same equations by odex, as near", true],
    ["bare", "temperature, liquid and steam alone by odex", false],
  ] as const) {
    const tolerance =
      TOLERANCES.find((t) =>
        isAsNear(offOf(asOde(setPot, WATER_KG, { parts, tolerance: t })), ours),
      ) ?? 1e-8;
    const pot = asOde(setPot, WATER_KG, { parts, tolerance });
    const theirs = quantile(
      timesOf(() => asOde(setPot, WATER_KG, { parts, tolerance }), isLimited ? 9 : 60),
      0.5,
    );
    tell({
      name: `${name} (${pot.evaluations} evaluations): ${(theirs / mine).toFixed(1)} times ours`,
      p50: `${theirs.toFixed(2)} ms`,
      p95: "",
      limit: isLimited ? "ours faster" : "",
      verdict: isLimited ? (mine < theirs ? "kept" : "BROKEN") : "",
    });
  }
}

const wordsOf = (off: Off, truth: OdePot): string =>
  `${(1000 * off.steamedKg).toFixed(2)} g, ${(60 * off.toSimmerMin).toFixed(2)} s, ${((100 * off.cookMin) / truth.cookMin).toFixed(4)} %`;
