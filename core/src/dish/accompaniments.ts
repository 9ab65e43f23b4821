import type { Allergen } from "../ingredient/ingredient";
import type { AccompanimentId } from "../simulate/dish-words";
import type { Plan } from "../simulate/plan-schema";
import { isOn } from "../simulate/stretches";
import { kitchenEstimate, type Constant } from "../units/constant";

interface Usual {
  readonly name: string;
  readonly eachKg: Constant;
  /** Hot liquid it takes up, L per kg as weighed; 0 where it is cooked in water or not at all. */
  readonly stockLKg: Constant;
  /** Hands for any of it, min, and for each kilogram more. */
  readonly handsMin: Constant;
  readonly handsMinKg: Constant;
  /** By itself, on a ring; 0 where it does not cook. */
  readonly restMin: Constant;
  /** What it usually holds. */
  readonly allergens: readonly Allergen[];
}

const usual = (
  name: string,
  eachKg: number,
  stockLKg: number,
  [handsMin, handsMinKg, restMin]: readonly [number, number, number],
  ...allergens: readonly Allergen[]
): Usual => ({
  name,
  eachKg: kitchenEstimate(`${name} for one`, eachKg, "kg", "usual portion"),
  stockLKg: kitchenEstimate(`liquid that ${name} takes`, stockLKg, "L/kg", "absorbed in cooking"),
  handsMin: kitchenEstimate(`hands for ${name}`, handsMin, "min", "kitchen practice"),
  handsMinKg: kitchenEstimate(`hands a kilogram of ${name}`, handsMinKg, "min/kg", "practice"),
  restMin: kitchenEstimate(`${name} by itself`, restMin, "min", "from the boil to the table"),
  allergens,
});

/** What is served beside a pot, weighed dry or raw. */
export const BESIDE: Record<AccompanimentId, Usual> = {
  rice: usual("rice", 0.07, 2.2, [3, 1, 25]),
  barley: usual("barley", 0.07, 2.7, [3, 1, 40], "gluten"),
  polenta: usual("polenta", 0.06, 4.5, [10, 2, 35]),
  pasta: usual("pasta", 0.09, 0, [3, 2, 15], "gluten", "egg"),
  dumplings: usual("dumplings", 0.12, 0.2, [10, 12, 15], "gluten", "egg", "milk"),
  mash: usual("mash", 0.25, 0.15, [5, 8, 25], "milk"),
  boiledPotatoes: usual("boiled potatoes", 0.25, 0, [2, 6, 25]),
  bread: usual("bread", 0.08, 0, [2, 2, 0], "gluten"),
};

/** What one side dish comes to for all who eat. */
export interface Beside {
  readonly kind: AccompanimentId;
  readonly name: string;
  readonly people: number;
  readonly allKg: number;
  /** Hot liquid it takes, L, and whether that is ladled out of this pot. */
  readonly stockL: number;
  readonly isFromPot: boolean;
  readonly handsMin: number;
  readonly restMin: number;
  readonly allergens: readonly Allergen[];
}

/** True where liquid can be ladled out of the pot while it is on: a pressure cooker is shut. */
export const canLadle = (plan: Plan): boolean => !isOn(plan, "pressure");

/** Side dishes for the people the plan serves: how much, how long, and the hot liquid they take while it finishes. */
export const besideOf = (plan: Plan): readonly Beside[] =>
  plan.end !== "served"
    ? []
    : plan.accompaniments.map(({ kind, eachKg, handsMin, restMin, fromPot }) => {
        const usually = BESIDE[kind];
        const people = plan.serves?.people ?? 1;
        const allKg = eachKg * people;
        const stockL = allKg * usually.stockLKg.value;
        return {
          kind,
          name: usually.name,
          people,
          allKg,
          stockL,
          isFromPot: fromPot === true && stockL > 0 && canLadle(plan),
          handsMin:
            handsMin ?? Math.round(usually.handsMin.value + usually.handsMinKg.value * allKg),
          restMin: restMin ?? usually.restMin.value,
          allergens: usually.allergens,
        };
      });
