import { exp } from "../units/same-math";
import { findVessel } from "../simulate/set-pot";
import { heatOf } from "../heats/heat";
import { inWords } from "../units/said";
import { bowlL, type InBowl } from "../batch/bowl";
import { reduceOn } from "../batch/reduce-on";
import {
  KEEPER_FACTS,
  keepingTauMin,
  latestChillMin,
  staysAboveMin,
  type Keeper,
  type Standing,
} from "../cool/resting";
import { WATER_HEAT_KJ_KG_K } from "../heat/constants";
import { steamHereOn } from "../learn/say-taught";
import type { CodeOfCooling } from "../cool/codes";
import type { CoolingFacts, CoolingStage } from "../cool/cooling";
import type { Kitchen } from "../simulate/kitchen-schema";
import { Z90, type Estimate } from "../units/estimate";
import type { Outcome } from "../units/problem";
import { vesselAreaM2 } from "../vessel/volume";
import { input } from "./explain";

/** Minutes that boiling a strained stock down to toL takes, with its range. Problems: as reduceOn. */
export function reduceMinOf(
  bowl: InBowl,
  toL: number,
  vesselId: string,
  ringId: string,
  kitchen: Kitchen,
): Outcome<Estimate> {
  const outcome = reduceOn(bowl, toL, vesselId, ringId, kitchen);
  if (!outcome.ok) return outcome;
  const { lowMin, expectedMin, highMin, heat, comeUpMin } = outcome.value;
  const vessel = findVessel({ vesselId }, kitchen);
  return {
    ok: true,
    value: {
      id: "reduceMin",
      name: "Minutes to boil it down",
      unit: "min",
      low: lowMin,
      expected: expectedMin,
      high: highMin,
      because: {
        formula:
          "Simulated as a pot with nothing else in it: up to the simmer from cold, then what the open surface steams off until that much is left.",
        inputs: [
          input("now", bowlL(bowl), "L"),
          input("down to", toL, "L"),
          input("of that: coming up", comeUpMin, "min"),
          ...(vessel === undefined
            ? []
            : [input("surface at the rim", vesselAreaM2(vessel, vessel.heightM) * 10_000, "cm²")]),
        ],
        constants: [heatOf(heat).steamConstant(heat)],
        spread: [],
        here: [steamHereOn({ vesselId, ringId, heat }, kitchen) ?? []].flat(),
      },
    },
  };
}

/** Minutes that covered food stays above a line, with the spread of how heat leaks; may be Infinity. */
export function staysHotMinOf(standing: Standing, keeper: Keeper, lineC: number): Estimate {
  const { h, name } = KEEPER_FACTS[keeper];
  const expected = staysAboveMin(standing, keeper, lineC);
  // Time goes as 1/h.
  const wide = exp(Z90 * (h.sigmaLog ?? 0));
  return {
    id: "staysHotMin",
    name: "Minutes it stays hot",
    unit: "min",
    low: expected / wide,
    expected,
    high: expected * wide,
    because: {
      formula:
        "Newton's law over all its faces: τ·ln((T₀ − T_room)/(T_line − T_room)), τ = m·c/(h·A).",
      inputs: [
        input("hot is over", lineC, "°C"),
        input("in", name),
        input("of it", standing.massKg, "kg"),
        input("it is at", standing.fromC, "°C"),
        input("room", standing.roomC, "°C"),
        input("τ", keepingTauMin(standing, keeper), "min"),
      ],
      constants: [h, WATER_HEAT_KJ_KG_K],
      spread: [],
    },
  };
}

/**
 * Minutes that it may stand covered before chilling must begin, so that the way it is chilled still
 * passes every gate; null where it would not pass even at once.
 */
export function latestChillMinOf(
  standing: Standing,
  keeper: Keeper,
  way: { readonly facts: CoolingFacts; readonly stages: readonly CoolingStage[] },
  code: CodeOfCooling,
): Estimate | null {
  const min = latestChillMin(standing, keeper, way.facts, way.stages, code.gates);
  if (min === null) return null;
  const { h, name } = KEEPER_FACTS[keeper];
  return {
    id: "latestChillMin",
    name: "Minutes it may stand",
    unit: "min",
    low: min,
    expected: min,
    high: min,
    because: {
      formula:
        "The longest rest, to five minutes, after which the cooling curve still passes every gate. What it falls under the line while it stands counts, and it is taken to lose heat as fast as one in ten does.",
      inputs: [
        input("in", name),
        input("of it", standing.massKg, "kg"),
        input("it is at", standing.fromC, "°C"),
        input("room", standing.roomC, "°C"),
        input("the gates", inWords(code.text, "metric")),
        input("whose they are", code.whose),
      ],
      constants: [h, WATER_HEAT_KJ_KG_K],
      spread: [],
    },
  };
}
