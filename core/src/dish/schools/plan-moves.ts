import { HOLD_MIN } from "../../units/limits";
import { plainItem } from "../../simulate/plain-item";
import type { WorkKind } from "../../prepare/works";
import { hasLid, vigourOf } from "../../heats/heat";
import { traitsOf } from "../../ingredient/traits";
import { cookRate } from "../../doneness/cook-value";
import { simmerC } from "../../heat/hob";
import type { Work } from "../../prepare/work-schema";
import { ingredientOf, itemWork } from "../../simulate/item-facts";
import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan, PlanItem, When } from "../../simulate/plan-schema";

export type Test = (item: PlanItem) => boolean;
export const group =
  (...groups: readonly string[]): Test =>
  (i) =>
    groups.includes(ingredientOf(i).group);
export const isId =
  (...ids: readonly string[]): Test =>
  (i) =>
    ids.includes(i.ingredientId);
export const flavour =
  (kind: string): Test =>
  (i) =>
    ingredientOf(i).group === "bones" && ingredientOf(i).flavour === kind;
export const has = (test: Test) => (plan: Plan) => plan.items.some(test);
export const isStock = (plan: Plan) => plan.end === "strained";
export const isDish = (plan: Plan) => plan.end === "served";
export const both =
  (...tests: readonly ((plan: Plan) => boolean)[]) =>
  (plan: Plan) =>
    tests.every((t) => t(plan));

export const change = (test: Test, part: (item: PlanItem) => PlanItem) => (plan: Plan) => ({
  ...plan,
  items: plan.items.map((i) => (test(i) ? part(i) : i)),
});
export const every = (test: Test, is: (item: PlanItem) => boolean) => (plan: Plan) => {
  const found = plan.items.filter(test);
  return found.length > 0 && found.every(is);
};
export const when = (test: Test, to: When) => ({
  apply: change(test, (i) => ({ ...i, when: to })),
  isNow: every(
    test,
    (i) =>
      i.when.at === to.at &&
      (to.at !== "beforeEnd" || i.when.at !== "beforeEnd" || i.when.min === to.min),
  ),
});
export const state = (test: Test, boneState: PlanItem["boneState"]) => ({
  apply: change(test, (i) => ({ ...i, boneState })),
  isNow: every(test, (i) => i.boneState === boneState),
});
export const withWork = (item: PlanItem, kind: WorkKind, more: Partial<Work> = {}): PlanItem => ({
  ...item,
  work: [...item.work.filter((w) => w.kind !== kind), { kind, ...more }],
});
export const without = (item: PlanItem, kind: WorkKind): PlanItem => ({
  ...item,
  work: item.work.filter((w) => w.kind !== kind),
});
export const work = (test: Test, kind: WorkKind, on: boolean, more: Partial<Work> = {}) => ({
  apply: change(test, (i) => (on ? withWork(i, kind, more) : without(i, kind))),
  isNow: every(test, (i) => (itemWork(i, kind) !== undefined) === on),
});
/** The plan with flour in it, 10 g to a portion or 30 g in all, where it has none. */
export const withFlour = (plan: Plan): Plan =>
  plan.items.some(FLOUR)
    ? plan
    : {
        ...plan,
        items: [
          ...plan.items,
          plainItem({
            id: "flour-for-body",
            ingredientId: "flour",
            massKg: 0.01 * (plan.serves?.people ?? 3),
            when: START,
          }),
        ],
      };
/** The hold that gives this many hours at a gentle simmer low down the same cooking here. */
export const hold = (hours: number) => ({
  apply: (plan: Plan, kitchen: Kitchen): Plan => {
    const vigour = vigourOf(plan.heat) ?? "gentle";
    const same = cookRate(simmerC(vigour, 0)) / cookRate(simmerC(vigour, kitchen.altitudeM));
    const holdMin = Math.min(HOLD_MIN.most, Math.round((hours * 60 * same) / 5) * 5);
    return { ...plan, stop: { by: "time", holdMin } };
  },
});
export const lid = (to: "off" | "ajar" | "on") => ({
  apply: (plan: Plan): Plan =>
    hasLid(plan.heat) ? { ...plan, heat: { ...plan.heat, lid: to } } : plan,
  isNow: (plan: Plan) => hasLid(plan.heat) && plan.heat.lid === to,
});

export const BONES = group("bones");
export const MINCE: Test = (i) =>
  traitsOf(i.ingredientId).isGround === true && !/sausage/i.test(i.ingredientId);
export const MEAT: Test = (i) => ingredientOf(i).group === "meat" && !MINCE(i);
export const BEANS: Test = (i) => ingredientOf(i).dryBean === true;
export const SALT = isId("tableSalt", "flakedSalt");
export const ACID = isId("vinegar", "lemonJuice");
export const WINE = isId("whiteWine", "redWine", "beer");
export const DAIRY = isId("milk", "cream", "sourCream");
export const ROOTS: Test = (i) => ingredientOf(i).group === "vegetable";
export const HERBS = isId("parsley", "thyme", "rosemary", "chive", "dill", "coriander", "lovage");
export const GARLIC = isId("garlic");
export const FLOUR = isId("flour");
export const CANNED = isId("cannedBeans", "cannedChickpeas");
export const POTATO = isId("potato");
export const MUSHROOM = isId("mushroom");
export const START: When = { at: "start" };
export const OFF: When = { at: "offHeat" };
export const AFTER: When = { at: "afterStrain" };
export const late = (min: number): When => ({ at: "beforeEnd", min });
