import { wholePower } from "../units/whole-power";
import { resolve, type SetPot } from "../simulate/set-pot";
import type { SlowCookerHeat } from "../heats/slow-cooker-schema";
import { isSlow } from "../heats/heat";
import type { PieceShape } from "../heat/piece-schema";
import { pieceOf } from "../simulate/piece-of";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { runOnce } from "../simulate/simulate";
import type { Trace } from "../simulate/trace";
import { coldWaterKg } from "../simulate/stated-water";
import { outcomeOf } from "../units/problem";
import { kilos, ruleC, say, type Said } from "../units/said";
import { showDuration } from "../units/show";
import { FOLLOWED_MIN, isMeat, SAFE_WARM_UP_MIN, slowestIn, slowestMeatMin } from "./warming";

/** A way to make a slow cooker safe: what to change, and how long 5 to 60 °C then takes. */
export interface CrockRemedy {
  readonly text: string;
  readonly change: Partial<Pick<Plan, "heat" | "items">>;
  readonly from5To60Min: number;
}

/** Why a dish must not go into a slow cooker as it is. */
export interface CrockRefusal {
  readonly why: "frozen" | "tooSlow";
  readonly text: Said;
  readonly remedies: readonly CrockRemedy[];
}

const halved = (piece: PieceShape): PieceShape => {
  if (piece.kind === "ball") return { kind: "ball", diameterM: piece.diameterM / 2 };
  if (piece.kind === "cylinder")
    return piece.lengthM > piece.diameterM
      ? { ...piece, lengthM: piece.lengthM / 2 }
      : { ...piece, diameterM: piece.diameterM / 2 };
  const longest = Math.max(...piece.sizeM);
  const at = piece.sizeM.indexOf(longest);
  const [a, b, c] = piece.sizeM.map((s, i) => (i === at ? s / 2 : s));
  return { kind: "brick", sizeM: [a ?? longest, b ?? longest, c ?? longest] };
};

const cutSmaller = (plan: Plan, times: number): readonly PlanItem[] =>
  plan.items.map((item) => {
    if (!isMeat(item)) return item;
    let piece = pieceOf(item, plan.pieceM);
    for (let i = 0; i < times; i++) piece = halved(piece);
    return { ...item, piece };
  });

/**
 * Whether a dish may go into a slow cooker: meat thawed, and its thickest part from 5 to 60 °C within
 * four hours on the plan's own simulation. Refused otherwise, with changes that have been simulated and
 * pass: HIGH first, hot liquid, smaller pieces.
 */
export function crockRefusal(setPot: SetPot, trace: Trace, waterL: number): CrockRefusal | null {
  const { plan, kitchen } = setPot;
  const { heat } = plan;
  if (!isSlow(heat)) return null;
  if (plan.items.some((i) => i.frozen && isMeat(i)))
    return {
      why: "frozen",
      text: say`Frozen meat does not go into a slow cooker: it stays too long where germs grow. Thaw it first, in the fridge, about a day for ${kilos(2.3)}.`,
      remedies: [],
    };
  const slowest = slowestMeatMin(setPot, trace, waterL);
  if (slowest <= SAFE_WARM_UP_MIN) return null;
  return {
    why: "tooSlow",
    text: Number.isFinite(slowest)
      ? say`Its thickest part takes ${showDuration(slowest)} from ${ruleC(5)} to ${ruleC(60)} here; four hours are the limit.`
      : say`Its thickest part does not come to ${ruleC(60)} within five hours here; four are the limit.`,
    remedies: remediesFor(plan, heat, waterL, kitchen),
  };
}

function remediesFor(
  plan: Plan,
  heat: SlowCookerHeat,
  waterL: number,
  kitchen: Kitchen,
): readonly CrockRemedy[] {
  const passes = (text: string, change: CrockRemedy["change"]): readonly CrockRemedy[] => {
    const changed = { ...plan, ...change };
    const outcome = outcomeOf(() =>
      slowestIn(
        changed,
        runOnce(resolve(changed, kitchen), { waterKg: coldWaterKg(waterL, kitchen) }, FOLLOWED_MIN),
      ),
    );
    return outcome.ok && outcome.value <= SAFE_WARM_UP_MIN
      ? [{ text, change, from5To60Min: outcome.value }]
      : [];
  };
  const firstThat = (tries: readonly (() => readonly CrockRemedy[])[]): readonly CrockRemedy[] => {
    for (const attempt of tries) {
      const found = attempt();
      if (found.length > 0) return found;
    }
    return [];
  };
  const highFirst = [60, 120, 180, 240].map(
    (min) => () =>
      heat.setting === "high"
        ? []
        : passes(`HIGH for the first ${showDuration(min)}, then LOW`, {
            heat: { ...heat, highFirstMin: min },
          }),
  );
  const smaller = [1, 2, 3].map(
    (times) => () =>
      passes(
        times === 1 ? "Cut the pieces in two" : `Cut each piece into ${wholePower(2, times)}`,
        {
          items: [...cutSmaller(plan, times)],
        },
      ),
  );
  return [
    ...firstThat([() => passes("Start with boiling liquid", { heat: { ...heat, start: "hot" } })]),
    ...firstThat(highFirst),
    ...firstThat(smaller),
  ];
}
