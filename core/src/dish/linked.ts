import { asPlanned } from "../simulate/as-planned";
import type { SetPot } from "../simulate/set-pot";
import { litres, say, type Said } from "../units/said";
import { setOf } from "../extraction/set";
import type { Allergen } from "../ingredient/ingredient";
import { contentsOf, ingredientOf } from "../simulate/item-facts";
import { overRim } from "../simulate/over-rim";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { spreadOf } from "../simulate/spread";
import { outcomeOf, type Outcome } from "../units/problem";
import { ALCOHOL_KG_L } from "../seasoning/alcohol";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { allergensOf, unreadLabels } from "./diets";

/** What a plan's stock will be: litres low to high, and what is dissolved in it. */
export interface StockYield {
  readonly planId: string;
  readonly name: string;
  readonly lowL: number;
  readonly expectedL: number;
  readonly highL: number;
  readonly saltGL: number;
  readonly gelatinGL: number;
  readonly alcoholGL: number;
  readonly set: string;
  readonly allergens: readonly Allergen[];
  readonly unread: readonly string[];
  /** Everything that was in its pot, by ingredient. */
  readonly madeOf: readonly string[];
}

/** Works out what a stock will yield. */
export function stockYield(setPot: SetPot): Outcome<StockYield> {
  const { plan } = setPot;
  return outcomeOf(() => {
    const { trace, waterKg } = asPlanned(setPot);
    const problem = overRim(trace, vesselOf(setPot)) ?? trace.problem;
    if (problem !== null) throw problem;
    const { lowFactor, highFactor } = spreadOf(setPot, waterKg, trace).figures.strainedL;
    const { volumeL, saltGL, gelatinGL, alcoholG } = trace.strained;
    return {
      planId: plan.id,
      name: plan.name,
      lowL: volumeL * lowFactor,
      expectedL: volumeL,
      highL: volumeL * highFactor,
      saltGL,
      gelatinGL,
      alcoholGL: volumeL > 0 ? alcoholG / volumeL : 0,
      set: setOf(gelatinGL),
      allergens: allergensOf(plan),
      madeOf: [...new Set(plan.items.flatMap(contentsOf).map((i) => i.id))],
      unread: unreadLabels(plan),
    };
  });
}

/** The item as this stock: what is dissolved in it comes along, so that one ledger runs across both pots. */
export const linkedTo = (item: PlanItem, stock: StockYield): PlanItem => ({
  ...item,
  fromPlanId: stock.planId,
  label: {
    // What a packet said of another stock does not hold for this one.
    ...(item.label?.packKg === undefined ? {} : { packKg: item.label.packKg }),
    saltGKg: stock.saltGL / COLD_DENSITY_KG_L,
    gelatinGKg: stock.gelatinGL / COLD_DENSITY_KG_L,
    alcoholShare: stock.alcoholGL / (1000 * ALCOHOL_KG_L.value),
    allergens: [...stock.allergens],
    madeOf: [...stock.madeOf],
    unread: [...stock.unread],
  },
});

/** The plan with every stock it draws on as that is now; the same plan where nothing changed. */
export function relinked(plan: Plan, yieldsOf: (planId: string) => StockYield | null): Plan {
  const items = plan.items.map((item) => {
    const stock = item.fromPlanId === undefined ? null : yieldsOf(item.fromPlanId);
    return stock === null ? item : linkedTo(item, stock);
  });
  return JSON.stringify(items) === JSON.stringify(plan.items) ? plan : { ...plan, items };
}

/** Everything that draws on one stock, against what it yields. */
export interface StockNeed {
  readonly stock: StockYield;
  readonly needL: number;
  readonly state: "enough" | "perhaps" | "short";
  readonly text: Said;
}

/** What a plan needs of each stock it is linked to. `yields` are those of the plans it names. */
export function stockNeeds(plan: Plan, yields: readonly StockYield[]): readonly StockNeed[] {
  return yields.flatMap((stock) => {
    const needL = plan.items
      .filter((i) => i.fromPlanId === stock.planId && ingredientOf(i).isLiquid)
      .reduce((sum, i) => sum + i.massKg / COLD_DENSITY_KG_L, 0);
    if (needL === 0) return [];
    const state = needL <= stock.lowL ? "enough" : needL <= stock.highL ? "perhaps" : "short";
    const range = say`${litres(stock.lowL)} to ${litres(stock.highL)}`;
    const end =
      state === "enough"
        ? ""
        : state === "perhaps"
          ? " It may fall short: plan a little more, or top up with water."
          : say` It falls ${litres(needL - stock.highL)} short even at best: make more of it, or top up with water.`;
    return [
      {
        stock,
        needL,
        state: state,
        text: say`This dish needs ${litres(needL)}; ${stock.name.toLowerCase()} yields ${range}.${end}`,
      },
    ];
  });
}
