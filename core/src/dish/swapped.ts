import { ingredientById } from "../ingredient/catalogue";
import { ingredientOf } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";

/** The item as another ingredient, so much of it. What does not fit the new one is dropped. */
export function swapped(item: PlanItem, ingredientId: string, massKg: number): PlanItem {
  const {
    counted: _counted,
    label: _label,
    target: _target,
    fromPlanId: _plan,
    fromLotId: _lot,
    called: _called,
    isOwn: _own,
    takeOut: _out,
    ...rest
  } = item;
  const { group } = ingredientById(ingredientId);
  const isSame = group === ingredientOf(item).group;
  return {
    ...rest,
    ingredientId,
    massKg,
    boneState: group === "bones" ? item.boneState : "raw",
    boiledMin: isSame ? item.boiledMin : 0,
    work: isSame ? item.work : item.work.filter((w) => w.kind === "cut" || w.kind === "rinse"),
  };
}
