import type { AccompanimentId } from "../simulate/dish-words";
import type { Plan } from "../simulate/plan-schema";
import { kitchenEstimate, type Constant } from "../units/constant";

interface Usual {
  readonly name: string;
  readonly eachKg: Constant;
  /** Hot stock it takes up, L per kg as weighed; 0 where it is cooked in water or not at all. */
  readonly stockLKg: Constant;
}

const usual = (name: string, eachKg: number, stockLKg: number): Usual => ({
  name,
  eachKg: kitchenEstimate(`${name} for one`, eachKg, "kg", "usual portion"),
  stockLKg: kitchenEstimate(`stock that ${name} takes`, stockLKg, "L/kg", "absorbed in cooking"),
});

/** What is served beside a pot, weighed dry or raw. */
export const BESIDE: Record<AccompanimentId, Usual> = {
  rice: usual("rice", 0.07, 2.2),
  barley: usual("barley", 0.07, 2.7),
  polenta: usual("polenta", 0.06, 4.5),
  pasta: usual("pasta", 0.09, 0),
  dumplings: usual("dumplings", 0.12, 0.2),
  mash: usual("mash", 0.25, 0.15),
  boiledPotatoes: usual("boiled potatoes", 0.25, 0),
  bread: usual("bread", 0.08, 0),
};

/** What one side dish comes to for all who eat. */
export interface Beside {
  readonly kind: AccompanimentId;
  readonly name: string;
  readonly allKg: number;
  readonly stockL: number;
}

/** Side dishes for the people the plan serves, and the stock they draw while it finishes. */
export const besideOf = ({ accompaniments, serves }: Plan): readonly Beside[] =>
  accompaniments.map(({ kind, eachKg }) => {
    const allKg = eachKg * (serves?.people ?? 1);
    return { kind, name: BESIDE[kind].name, allKg, stockL: allKg * BESIDE[kind].stockLKg.value };
  });
