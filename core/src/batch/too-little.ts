import { exp } from "../units/same-math";
import { asPlanned } from "../simulate/as-planned";
import { resolve, type SetPot } from "../simulate/set-pot";
import { isOnRing } from "../heats/heat";
import { gelatinLeftG } from "../extraction/gelatin";
import { setOf, type SetGrade } from "../extraction/set";
import { ingredientOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { onlyFirst } from "../simulate/without-stretch";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { outcomeOf } from "../units/problem";
import { bowlL, perL, type InBowl } from "./bowl";

/** What other plans want of this stock that have not been cooked yet. */
export interface Wanted {
  readonly plans: readonly string[];
  readonly needL: number;
}

export function wantedOf(planId: string, waiting: readonly Plan[]): Wanted {
  const plans: string[] = [];
  let needL = 0;
  for (const plan of waiting) {
    const l = plan.items
      .filter((i) => i.fromPlanId === planId && ingredientOf(i).isLiquid)
      .reduce((sum, i) => sum + i.massKg / COLD_DENSITY_KG_L, 0);
    if (l > 0) plans.push(plan.name);
    needL += l;
  }
  return { plans, needL };
}

/** Ways of making up what is missing, with what each leaves of the set. */
export interface TooLittle {
  readonly shortL: number;
  /** Water put in: how it stands then. */
  readonly stretched: {
    readonly waterL: number;
    readonly gelatinGL: number;
    readonly set: SetGrade;
  };
  /** The bones boiled a second time; null where there are none, or nothing would come of it. */
  readonly secondWash: {
    readonly min: number;
    readonly volumeL: number;
    readonly gelatinGL: number;
    readonly set: SetGrade;
  } | null;
  /** The next time: off the heat so much sooner; null where little steamed off. */
  readonly soonerMin: number | null;
}

/** A second boil is half as long as the first, within these, min. */
const WASH_MIN = { least: 45, most: 240 };

/** How much is missing for what it was for, and what can honestly be done about it; null where nothing is. */
export function tooLittle(setPot: SetPot, bowl: InBowl, needL: number): TooLittle | null {
  const gotL = bowlL(bowl);
  const shortL = needL - gotL;
  if (shortL < 0.02) return null;
  const gelatinGL = (perL(bowl, bowl.gelatinG) * gotL) / needL;
  const first = outcomeOf(() => asPlanned(setPot).trace);
  const steamedLMin = first.ok ? -first.value.ledger.evaporated / first.value.holdMin : 0;
  return {
    shortL,
    stretched: { waterL: shortL, gelatinGL, set: setOf(gelatinGL) },
    secondWash: first.ok ? secondWash(setPot, shortL, first.value) : null,
    soonerMin:
      first.ok && steamedLMin > 1e-4 && shortL / steamedLMin < first.value.holdMin / 2
        ? shortL / steamedLMin
        : null,
  };
}

/**
 * The same bones once more, in as much water as comes to what is missing. What they still give is what
 * the first boil left in them: m·G·exp(−C₁/K)·(1 − exp(−C₂/K)) (docs/method.md, “Cook value, flavour, set”).
 */
function secondWash(
  { plan, kitchen }: SetPot,
  shortL: number,
  first: Trace,
): TooLittle["secondWash"] {
  const bones = plan.items.filter((i) => ingredientOf(i).group === "bones");
  if (bones.length === 0 || !isOnRing(plan.heat)) return null;
  const min = Math.min(WASH_MIN.most, Math.max(WASH_MIN.least, first.holdMin / 2));
  const again: Plan = {
    ...onlyFirst(plan),
    items: bones.map(({ out: _out, ...i }) => ({
      ...i,
      boneState: "usedBefore",
      when: { at: "start" },
      work: [],
    })),
    water: { by: "left", wanted: { by: "volume", volumeL: shortL } },
    stop: { by: "time", holdMin: min },
  };
  const wash = outcomeOf(() => asPlanned(resolve(again, kitchen)).trace);
  if (!wash.ok || wash.value.problem !== null) return null;
  const { volumeL } = wash.value.strained;
  const gelatinG = bones.reduce((sum, bone) => {
    const { gelatinGKg, gelatinKMin } = ingredientOf(bone);
    if (gelatinGKg === undefined || gelatinKMin === undefined) return sum;
    const cookOf = (trace: Trace) => trace.items.find((t) => t.itemId === bone.id)?.cookMin ?? 0;
    const leftG = gelatinLeftG(bone.massKg, gelatinGKg.value, gelatinKMin.value, cookOf(first));
    return sum + leftG * (1 - exp(-cookOf(wash.value) / gelatinKMin.value));
  }, 0);
  const gelatinGL = volumeL > 0 ? gelatinG / volumeL : 0;
  return { min, volumeL, gelatinGL, set: setOf(gelatinGL) };
}
