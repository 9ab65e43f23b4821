import { exp, ln } from "../units/same-math";
import { WATER_HEAT_KJ_KG_K } from "../heat/constants";
import { kitchenEstimate, published, type Constant } from "../units/constant";
import { floorM2, wallM2, type CoolingContainer } from "./container";
import { coolingCurve, depthOf, gatesMet, type CoolingFacts, type CoolingStage } from "./cooling";
import { Z90 } from "../units/estimate";
import type { Gate } from "./codes";

/** What hot food stands or travels in, covered. */
export const KEEPERS = ["pot", "wrapped", "hotBox", "flask"] as const;
export type Keeper = (typeof KEEPERS)[number];

export interface KeeperFacts {
  readonly name: string;
  /** Heat lost through all its faces, W/m²·K. */
  readonly h: Constant;
  readonly does: string;
}

const guess = (what: string, value: number, why: string) =>
  kitchenEstimate(`heat lost from ${what}`, value, "W/m²·K", why, 0.35);

export const KEEPER_FACTS: Readonly<Record<Keeper, KeeperFacts>> = {
  pot: {
    name: "covered pot in the room",
    h: published("heat lost from a covered pot", 10, "W/m²·K", "still room air, ±40 %", 0.35),
    does: "Lid on, off the heat, out of the draught.",
  },
  wrapped: {
    name: "covered pot in towels",
    h: guess("a pot in towels", 4, "a thick wrap halves it and more"),
    does: "Lid on, two towels round it and one under it.",
  },
  hotBox: {
    name: "hot box",
    h: guess("a pot in a hot box", 1.8, "a hand's width of wool, hay or foam"),
    does: "Warmed with hot water first, filled to the top, shut tight.",
  },
  flask: {
    name: "vacuum flask",
    h: guess("a vacuum flask", 0.8, "wide-necked food flasks"),
    does: "Warmed with boiling water for five minutes first, filled to the neck.",
  },
};

/** Food that stands: in what, how much, how hot, and what is round it. */
export interface Standing {
  readonly container: CoolingContainer;
  readonly massKg: number;
  readonly fromC: number;
  readonly roomC: number;
}

const faceM2 = (container: CoolingContainer, depthM: number): number =>
  wallM2(container, depthM) + 2 * floorM2(container);

/** Time constant of what stands covered, min: m·c/(h·A), Newton's law as in docs/method.md, “Chilling”. */
export function keepingTauMin(standing: Standing, keeper: Keeper): number {
  const { container, massKg } = standing;
  const depthM = depthOf(standing);
  return (
    (massKg * WATER_HEAT_KJ_KG_K.value * 1000) /
    (KEEPER_FACTS[keeper].h.value * faceM2(container, depthM) * 60)
  );
}

/** Temperature after so long, °C; `loss` is how fast heat leaves against what is thought. */
export const standsAtC = (standing: Standing, keeper: Keeper, min: number, loss = 1): number =>
  standing.roomC +
  (standing.fromC - standing.roomC) * exp((-min * loss) / keepingTauMin(standing, keeper));

/**
 * How long it stays above a line, min: τ·ln((T₀ − T_room)/(T_line − T_room)). 0 where it is under it
 * already, Infinity where the room is warmer.
 */
export function staysAboveMin(standing: Standing, keeper: Keeper, lineC: number): number {
  const { fromC, roomC } = standing;
  if (fromC <= lineC) return 0;
  if (roomC >= lineC) return Infinity;
  return keepingTauMin(standing, keeper) * ln((fromC - roomC) / (lineC - roomC));
}

const STEP_MIN = 5;
const LONGEST_MIN = 24 * 60;

/**
 * How long a pot may stand covered before chilling must begin, so that the chosen way still passes every
 * gate of the code, min; null where it would not pass even at once. What has fallen under the line in
 * standing counts, and it is taken for a pot that loses heat as fast as one in ten does.
 */
export function latestChillMin(
  standing: Standing,
  keeper: Keeper,
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  gates: readonly Gate[],
): number | null {
  const loss = exp(Z90 * (KEEPER_FACTS[keeper].h.sigmaLog ?? 0));
  const passes = (restMin: number): boolean => {
    const rest = Array.from({ length: Math.floor(restMin) + 1 }, (_, tMin) => ({
      tMin,
      tempC: standsAtC(standing, keeper, tMin, loss),
    }));
    const fromC = standsAtC(standing, keeper, restMin, loss);
    const chill = coolingCurve({ ...facts, fromC }, stages).map((p) => ({
      tMin: restMin + p.tMin,
      tempC: p.tempC,
    }));
    return gatesMet([...rest, ...chill], gates).every((g) => g.passes);
  };
  if (!passes(0)) return null;
  // Whoever rests longer passes no sooner, so that halving finds it.
  let [yes, no] = [0, LONGEST_MIN / STEP_MIN + 1];
  while (no - yes > 1) {
    const middle = Math.floor((yes + no) / 2);
    if (passes(middle * STEP_MIN)) yes = middle;
    else no = middle;
  }
  return yes * STEP_MIN;
}

/** Heat that ice takes as it melts, kJ/kg. */
const MELT_KJ_KG = 334;

/**
 * A strong stock with ice of drinking water thrown in: what it comes to at once, °C, and how much thinner
 * it is (its own share of the whole). Ice that would not all melt is not counted in.
 * @example withIce(3, 80, 1) // { tempC: 40, share: 0.75 }
 */
export function withIce(
  massKg: number,
  fromC: number,
  iceKg: number,
): { readonly tempC: number; readonly share: number } {
  const c = WATER_HEAT_KJ_KG_K.value;
  const tempC = (massKg * c * fromC - iceKg * MELT_KJ_KG) / ((massKg + iceKg) * c);
  return { tempC: Math.max(0, tempC), share: massKg / (massKg + iceKg) };
}
