import { Solver } from "odex";
import { cookRate } from "../src/doneness/cook-value";
import {
  BODY_HEAT_KJ_KG_K,
  THERMAL_DIFFUSIVITY_M2_S,
  WALL_LOSS_W_M2_K,
  WATER_HEAT_KJ_KG_K,
} from "../src/heat/constants";
import { ringNetW, simmerC, warmingFluxKgM2H } from "../src/heat/hob";
import { equalBallRadiusM } from "../src/heat/piece";
import { SIMMER_FLUX_KG_M2_H } from "../src/liquid/constants";
import { lidFactor } from "../src/liquid/evaporation";
import { EXPECTED } from "../src/simulate/parameters";
import { FROM_FRIDGE_C } from "../src/simulate/start-temperature";
import { ingredientOf } from "../src/simulate/item-facts";
import { pieceTauOf } from "../src/simulate/piece-of";
import { ringOf, vesselOf } from "../src/simulate/references";
import type { SetPot } from "../src/simulate/set-pot";
import { outerAreaM2, vesselAreaM2 } from "../src/vessel/volume";
import { airPressureKPa } from "../src/water/altitude";
import { latentHeatKJKg } from "../src/water/properties";

/** What a general solver of differential equations makes of a pot. */
export interface OdePot {
  /** What has left it as steam. */
  readonly steamedKg: number;
  readonly toSimmerMin: number;
  /** Of the bones, min at 100 °C; NaN where they were left out. */
  readonly cookMin: number;
  /** How often the equations were evaluated. */
  readonly evaluations: number;
}

/** Shells of a piece, as the simulation cuts it. */
const SHELLS = 20;
const Z_C = EXPECTED.zC;

/**
 * The equations of the simplest pot there is, for a solver that knows nothing of pots: bones in water in a straight
 * pot on a ring, covered all the time, warmed to a simmer and held, its fat skimmed. It stands beside the simulation
 * as a second opinion and as a measure of its speed.
 *
 * @param parts `bare`: temperature, liquid and steam alone; `whole`: the bones' shells and their cook value too
 */
export function asOde(
  setPot: SetPot,
  waterKg: number,
  { parts, tolerance }: { readonly parts: "bare" | "whole"; readonly tolerance: number },
): OdePot {
  const { plan, kitchen } = setPot;
  const { heat, stop, items } = plan;
  const [bones] = items;
  const vessel = vesselOf(setPot);
  if (
    heat.method !== "hob" ||
    heat.boilFirstMin !== null ||
    stop.by !== "time" ||
    bones === undefined
  )
    throw new Error("the equations are of a pot of bones that simmers for a time");
  const airKPa = airPressureKPa(kitchen.altitudeM);
  const powerW = ringNetW(ringOf(setPot), kitchen.altitudeM);
  const lossWK = outerAreaM2(vessel) * WALL_LOSS_W_M2_K[vessel.body].value;
  const lid = lidFactor(heat.lid, vessel.lid === "heavy");
  const areaM2 = vesselAreaM2(vessel, 0.1);
  const dryKJK =
    vessel.massKg * BODY_HEAT_KJ_KG_K[vessel.body].value +
    bones.massKg * ingredientOf(bones).specificHeatKJKgK.value;
  const waterKJK = waterKg * WATER_HEAT_KJ_KG_K.value;
  const bodyKJK = vessel.massKg * BODY_HEAT_KJ_KG_K[vessel.body].value;
  // As they are mixed: pot and water, then the bones.
  const mixedC = (bodyKJK * kitchen.roomC + waterKJK * kitchen.waterC) / (bodyKJK + waterKJK);
  const bonesKJK = dryKJK - bodyKJK;
  const bonesC = FROM_FRIDGE_C;
  const startC =
    (mixedC * (bodyKJK + waterKJK) + bonesC * bonesKJK) / (bodyKJK + waterKJK + bonesKJK);

  const alpha = THERMAL_DIFFUSIVITY_M2_S.value;
  const drM = equalBallRadiusM(pieceTauOf(bones, plan.pieceM)) / SHELLS;
  const volumes = Array.from({ length: SHELLS }, (_, i) => (3 * i * (i + 1) + 1) * (drM ** 3 / 3));
  const flows = Array.from(
    { length: SHELLS },
    (_, i) => (alpha * ((i + 1) * drM) ** 2) / (i === SHELLS - 1 ? drM / 2 : drM),
  );
  const wholeVolume = volumes.reduce((sum, v) => sum + v, 0);
  const size = parts === "bare" ? 3 : 3 + SHELLS + 1;
  /** Heat that the shells exchange, °C/s, and the cook value they gather, min/s. */
  const conduct = (state: readonly number[], change: number[]) => {
    let [inner, rate] = [0, 0];
    for (let i = 0; i < SHELLS; i++) {
      const at = state[3 + i] ?? 0;
      const outer = (flows[i] ?? 0) * (((i === SHELLS - 1 ? state[0] : state[4 + i]) ?? 0) - at);
      change[3 + i] = (outer - inner) / (volumes[i] ?? 1);
      inner = outer;
      rate += ((volumes[i] ?? 0) / wholeVolume) * cookRate(at, Z_C);
    }
    change[3 + SHELLS] = rate / 60;
  };
  const warming = (_: number, state: readonly number[]): number[] => {
    const change = new Array<number>(size).fill(0);
    const [tempC = 0, liquidKg = 0] = state;
    const steamKgS = (warmingFluxKgM2H(tempC, airKPa) * areaM2 * lid) / 3600;
    const netW =
      powerW - lossWK * (tempC - kitchen.roomC) - steamKgS * latentHeatKJKg(tempC) * 1000;
    change[0] = netW / 1000 / (dryKJK + liquidKg * WATER_HEAT_KJ_KG_K.value);
    change[1] = -steamKgS;
    change[2] = steamKgS;
    if (parts === "whole") conduct(state, change);
    return change;
  };
  const steamKgS = (SIMMER_FLUX_KG_M2_H[heat.vigour].value * areaM2 * lid) / 3600;
  const simmering = (_: number, state: readonly number[]): number[] => {
    const change = new Array<number>(size).fill(0);
    change[1] = -steamKgS;
    change[2] = steamKgS;
    if (parts === "whole") conduct(state, change);
    return change;
  };

  const solver = new Solver(size);
  solver.absoluteTolerance = tolerance;
  solver.relativeTolerance = tolerance;
  solver.maxSteps = 1e6;
  const toC = simmerC(heat.vigour, kitchen.altitudeM);
  const begin = [startC, waterKg, 0, ...new Array<number>(size - 3).fill(bonesC)];
  if (parts === "whole") begin[size - 1] = 0;
  let evaluations = 0;
  const counted =
    (f: typeof warming) =>
    (t: number, state: number[]): number[] => {
      evaluations++;
      return f(t, state);
    };
  // Where it comes to the simmer: by Newton's method from step to step, as it has no events.
  let [atS, state] = [0, begin];
  let nextS = (toC - startC) / (warming(0, begin)[0] ?? 1);
  for (let i = 0; i < 8 && Math.abs(nextS - atS) > 1e-3; i++) {
    state = solver.solve(counted(warming), atS, state, nextS).y;
    atS = nextS;
    nextS += (toC - (state[0] ?? 0)) / (warming(atS, state)[0] ?? 1);
  }
  state[0] = toC;
  state = solver.solve(counted(simmering), atS, state, atS + stop.holdMin * 60).y;
  return {
    steamedKg: state[2] ?? NaN,
    toSimmerMin: atS / 60,
    cookMin: parts === "whole" ? (state[size - 1] ?? NaN) : NaN,
    evaluations,
  };
}
