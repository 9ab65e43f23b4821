import { exp } from "../units/same-math";
import type { Gate } from "../cool/codes";
import {
  aroundC,
  coolingCurve,
  coolingTauMin,
  depthOf,
  whenAtMin,
  type CoolingFacts,
  type CoolingStage,
} from "../cool/cooling";
import { coolingHereWords } from "../learn/say-taught";
import type { Kitchen } from "../simulate/kitchen-schema";
import { PLASTIC_FACTOR, WAYS, spreadOf } from "../cool/ways";
import { Z90, type Estimate } from "../units/estimate";
import { input } from "./explain";

/**
 * Minutes until a gate's lower temperature, with the spread of how heat passes; null where it is never
 * reached as expected. A range that is never reached on its slow side ends with Infinity.
 */
export function coolingMinOf(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  gate: Gate,
  kitchen: Pick<Kitchen, "learned">,
): Estimate | null {
  const { container, here } = facts;
  const sigma = Math.max(
    ...stages.map((s) => here?.(container.id, s.way).sigmaLog ?? spreadOf([s])),
  );
  const at = (pace: number) =>
    whenAtMin(coolingCurve({ ...facts, pace: (facts.pace ?? 1) * pace }, stages), gate.toC);
  const expected = at(1);
  if (expected === null) return null;
  return {
    id: `coolingTo${gate.toC}`,
    name: "Minutes to the gate",
    unit: "min",
    low: at(exp(Z90 * sigma)) ?? expected,
    expected,
    high: at(exp(-Z90 * sigma)) ?? Infinity,
    because: {
      formula:
        "Newton's law, stage by stage: τ = m·c/(h·A), all faces in air and the wetted ones in water; thick food adds the way out of its middle; an open hot surface in air also loses what it steams off.",
      inputs: [
        input("the gate", gate.toC, "°C"),
        input("in each", facts.massKg, "kg"),
        input("deep", depthOf(facts) * 100, "cm"),
        ...stages.flatMap((s) => [
          input(`${WAYS[s.way].name}: round it`, aroundC(facts, s.way), "°C"),
          input(`${WAYS[s.way].name}: τ`, coolingTauMin(facts, s.way), "min"),
        ]),
      ],
      constants: [
        ...new Set(stages.map((s) => WAYS[s.way].h)),
        ...(container.isPlastic ? [PLASTIC_FACTOR] : []),
      ],
      spread: [],
      here: coolingHereWords(facts.container, stages, kitchen),
    },
  };
}
