import type { SetPot } from "../simulate/set-pot";
import type { Kitchen } from "../simulate/kitchen-schema";
import { contentIdOf, ingredientOf, nameOf, valuesOf } from "../simulate/item-facts";
import type { IngredientGroup } from "../ingredient/ingredient";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { packsFor, type PacksOf } from "./scale";

/** Where in a shop things are found, in the order of a round. */
const COUNTERS: readonly { readonly name: string; readonly groups: readonly IngredientGroup[] }[] =
  [
    { name: "Butcher", groups: ["bones", "meat"] },
    { name: "Fish", groups: ["fish"] },
    { name: "Vegetables and herbs", groups: ["vegetable", "aromatic"] },
    { name: "Dry goods", groups: ["pulse", "grain", "dried", "starch", "salt", "sweet"] },
    { name: "Bottles, cans and jars", groups: ["liquid", "acid", "fat"] },
    { name: "Dairy", groups: ["dairy"] },
  ];

/** One line of a shopping list. */
export interface ShoppingLine {
  /** Of the catalogue, or of the kitchen's own. */
  readonly ingredientId: string;
  readonly isLiquid: boolean;
  readonly name: string;
  readonly counter: string;
  readonly needKg: number;
  readonly haveKg: number;
  /** What lies in the larder of it, kg. */
  readonly larderKg: number;
  /** What is to be bought, kg: nothing where there is enough in the house. */
  readonly buyKg: number;
  /** How the butcher or the cook says it: "split", "4 cm dice". */
  readonly how: readonly string[];
  readonly packs: PacksOf | null;
  /** What it costs here; null without a price. */
  readonly cost: number | null;
  readonly plans: readonly string[];
}

/** What comes home of a line, kg: of what is sold in packs, whole packs. */
export const boughtKg = ({ packs, buyKg }: Pick<ShoppingLine, "packs" | "buyKg">): number =>
  packs === null ? buyKg : packs.count * packs.packKg;

/** A shopping list over several plans. */
export interface ShoppingList {
  readonly lines: readonly ShoppingLine[];
  /** Sum of what has a price, and how many lines have none. */
  readonly cost: number;
  readonly unpriced: number;
}

/** Not bought: water, stock that another plan of the list makes, and what comes out of the larder. */
const isMade = (item: Plan["items"][number]): boolean =>
  item.ingredientId === "water" ||
  item.ingredientId === "houseStock" ||
  item.fromPlanId !== undefined ||
  item.fromLotId !== undefined;

/** Everything several plans need, less what is on hand or in the larder, in packs where it is sold so. */
export function shoppingList(
  plans: readonly Plan[],
  kitchen: Kitchen,
  inLarderKg: ReadonlyMap<string, number> = new Map(),
): ShoppingList {
  const byId = new Map<
    string,
    { item: PlanItem; kg: number; how: Set<string>; plans: Set<string>; packs: readonly number[] }
  >();
  for (const plan of plans)
    for (const item of plan.items) {
      if (isMade(item)) continue;
      const id = contentIdOf(item);
      const line = byId.get(id) ?? {
        item,
        kg: 0,
        how: new Set<string>(),
        plans: new Set<string>(),
        packs: valuesOf(item).packsKg,
      };
      line.kg += item.massKg;
      line.plans.add(plan.name);
      const { group } = ingredientOf(item);
      if ((group === "bones" || group === "meat" || group === "fish") && item.preparation !== "")
        line.how.add(item.preparation);
      byId.set(id, line);
    }
  const lines = [...byId].map(
    ([ingredientId, { item, kg, how, plans: names, packs }]): ShoppingLine => {
      const haveKg = kitchen.onHand.find((h) => h.ingredientId === ingredientId)?.massKg ?? 0;
      const larderKg = inLarderKg.get(ingredientId) ?? 0;
      const buyKg = Math.max(0, kg - haveKg - larderKg);
      const pack = buyKg > 1e-9 ? packsFor(buyKg, packs) : null;
      const perKg = kitchen.prices.find((p) => p.ingredientId === ingredientId)?.perKg;
      const boughtKg = pack === null ? buyKg : pack.count * pack.packKg;
      const { group, name, isLiquid } = ingredientOf(item);
      return {
        ingredientId,
        name: item.isOwn === true ? nameOf(item) : name,
        isLiquid,
        counter: COUNTERS.find((c) => c.groups.includes(group))?.name ?? "Other",
        needKg: kg,
        haveKg,
        larderKg,
        buyKg,
        how: [...how],
        packs: pack,
        cost: perKg === undefined ? null : perKg * boughtKg,
        plans: [...names],
      };
    },
  );
  const order = COUNTERS.map((c) => c.name);
  lines.sort(
    (a, b) => order.indexOf(a.counter) - order.indexOf(b.counter) || a.name.localeCompare(b.name),
  );
  const toBuy = lines.filter((l) => l.buyKg > 1e-9);
  return {
    lines,
    cost: toBuy.reduce((sum, l) => sum + (l.cost ?? 0), 0),
    unpriced: toBuy.filter((l) => l.cost === null).length,
  };
}

/** What goes into a pot by what it costs, in the kitchen's currency; water is free. */
export interface Bought {
  readonly cost: number;
  /** Ingredients with a price, and without one. */
  readonly priced: number;
  readonly unpriced: number;
  /** What comes out of the larder, with the price of its like; null where none is known. */
  readonly ofLots: readonly {
    readonly lotId: string;
    readonly massKg: number;
    readonly perKg: number | null;
  }[];
}

/** Everything in one plan by the kitchen's prices, bought now or on hand. */
export function boughtFor({ plan, kitchen }: SetPot): Bought {
  const priceOf = (item: PlanItem): number | null => {
    const id = contentIdOf(item);
    return kitchen.prices.find((p) => p.ingredientId === id)?.perKg ?? null;
  };
  const paid = plan.items.filter((item) => contentIdOf(item) !== "water");
  const prices = paid.flatMap((item) =>
    item.fromLotId === undefined ? [{ massKg: item.massKg, perKg: priceOf(item) }] : [],
  );
  const known = prices.flatMap(({ massKg, perKg }) => (perKg === null ? [] : [perKg * massKg]));
  return {
    cost: known.reduce((a, b) => a + b, 0),
    priced: known.length,
    unpriced: prices.length - known.length,
    ofLots: paid.flatMap((item) => {
      const { fromLotId: lotId, massKg } = item;
      return lotId === undefined ? [] : [{ lotId, massKg, perKg: priceOf(item) }];
    }),
  };
}

/** What it comes to; what comes out of the larder costs what it cost to make, or to buy, where that is known. Null where nothing has a price. */
export function costOfBought(
  { cost, priced, unpriced, ofLots }: Bought,
  lotPerKg: (lotId: string) => number | null,
): { cost: number; unpriced: number } | null {
  const prices = ofLots.map(({ lotId, massKg, perKg }) => {
    const each = lotPerKg(lotId) ?? perKg;
    return each === null ? null : each * massKg;
  });
  const known = prices.flatMap((p) => p ?? []);
  return priced + known.length === 0
    ? null
    : {
        cost: cost + known.reduce((a, b) => a + b, 0),
        unpriced: unpriced + prices.length - known.length,
      };
}

/**
 * Cost of everything in one plan.
 * `lotPerKg` gives what a kilogram of a lot cost, null where that is not known.
 */
export const costOf = (
  setPot: SetPot,
  lotPerKg: (lotId: string) => number | null,
): { cost: number; unpriced: number } | null => costOfBought(boughtFor(setPot), lotPerKg);
