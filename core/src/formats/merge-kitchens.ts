import type { StretchHeat } from "../heats/heat-schema";
import { isInOven } from "../heats/heat";
import { KitchenSchema, type Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { NO_TEACHING } from "../simulate/no-teaching";
import { Problem } from "../units/problem";
import { pathText } from "./file-problem";

interface Thing {
  readonly id: string;
}

/** A kitchen with another's things added to it, and the other's plans speaking of them by their new names. */
export interface MergedKitchen {
  readonly kitchen: Kitchen;
  readonly renamed: (plan: Plan) => Plan;
}

/**
 * Adds to `here` what `other` has and it has not: vessels, rings, ovens, containers, daily uses, ingredients of its own, prices and
 * what is in the house. A thing of the same id that is another one gets an id of its own.
 * @throws Problem `range` where it would hold more than a kitchen can
 */
export function mergeKitchens(here: Kitchen, other: Kitchen): MergedKitchen {
  const vessels = added(here.vessels, other.vessels);
  const rings = added(here.rings, other.rings);
  const ovens = added(here.ovens, other.ovens);
  const merged = KitchenSchema.safeParse({
    ...here,
    vessels: vessels.all,
    rings: rings.all,
    ovens: ovens.all,
    containers: added(here.containers, other.containers).all,
    dailyUses: added(here.dailyUses, other.dailyUses).all,
    ownIngredients: added(here.ownIngredients, other.ownIngredients).all,
    prices: byIngredient(here.prices, other.prices),
    onHand: byIngredient(here.onHand, other.onHand),
    ...leftOutOfBoth(here, other),
  });
  if (!merged.success) {
    const [issue] = merged.error.issues;
    throw new Problem(
      "range",
      pathText(issue?.path ?? []),
      other.name,
      `Together it is more than one kitchen holds (${pathText(issue?.path ?? [])}). Take some out of ${here.name} first.`,
    );
  }
  const inOven = <H extends StretchHeat>(heat: H): H =>
    isInOven(heat) ? { ...heat, ovenId: ovens.idOf(heat.ovenId) } : heat;
  const renamed = (plan: Plan): Plan => ({
    ...plan,
    vesselId: vessels.idOf(plan.vesselId),
    ringId: rings.idOf(plan.ringId),
    heat: inOven(plan.heat),
    then: plan.then.map((s) => ({ ...s, heat: inOven(s.heat) })),
  });
  return { kitchen: merged.data, renamed };
}

/** A pot that was left out of what is learned there is left out here too. */
function leftOutOfBoth(here: Kitchen, other: Kitchen): Pick<Kitchen, "teaching"> {
  const theirs = other.teaching?.leftOut ?? [];
  if (theirs.length === 0) return {};
  const teaching = here.teaching ?? NO_TEACHING;
  return { teaching: { ...teaching, leftOut: [...new Set([...teaching.leftOut, ...theirs])] } };
}

/** Both lists, and what each of the second is called in it. */
function added<T extends Thing>(here: readonly T[], other: readonly T[]) {
  const all = [...here];
  const names = new Map<string, string>();
  for (const thing of other) {
    const same = all.find((t) => t.id === thing.id);
    if (same !== undefined && JSON.stringify(same) === JSON.stringify(thing)) continue;
    // Taken in before under another id.
    const known = all.find(
      (t) => JSON.stringify({ ...t, id: "" }) === JSON.stringify({ ...thing, id: "" }),
    );
    if (known !== undefined) {
      names.set(thing.id, known.id);
      continue;
    }
    const id = same === undefined ? thing.id : freeId(thing.id, all);
    names.set(thing.id, id);
    all.push({ ...thing, id });
  }
  return { all, idOf: (id: string) => names.get(id) ?? id };
}

function freeId(id: string, all: readonly Thing[]): string {
  for (let n = 2; ; n++) {
    const free = `${id.slice(0, 70)}-${n}`;
    if (!all.some((t) => t.id === free)) return free;
  }
}

const byIngredient = <T extends { readonly ingredientId: string }>(
  here: readonly T[],
  other: readonly T[],
): readonly T[] => [
  ...here,
  ...other.filter((o) => !here.some((h) => h.ingredientId === o.ingredientId)),
];
