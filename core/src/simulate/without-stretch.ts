import type { Plan, PlanItem } from "./plan-schema";

/**
 * A plan without one of its later stretches. What went in, came out or went back with it does so with the
 * next; where none follows it goes in off the heat, stays in, or goes back at the end.
 */
export function withoutStretch(plan: Plan, stretchId: string): Plan {
  const at = plan.then.findIndex((s) => s.id === stretchId);
  if (at < 0) return plan;
  const nextId = plan.then[at + 1]?.id;
  return {
    ...plan,
    then: plan.then.filter((s) => s.id !== stretchId),
    items: plan.items.map((item) => moved(item, stretchId, nextId)),
  };
}

/** A plan with nothing following on its first heat. */
export const onlyFirst = (plan: Plan): Plan =>
  plan.then.reduceRight<Plan>((rest, { id }) => withoutStretch(rest, id), plan);

function moved(item: PlanItem, stretchId: string, nextId: string | undefined): PlanItem {
  const { when, out, ...rest } = item;
  const goesIn =
    when.at === "stretch" && when.stretchId === stretchId
      ? nextId === undefined
        ? { at: "offHeat" as const }
        : { at: "stretch" as const, stretchId: nextId }
      : when;
  if (out === undefined) return { ...rest, when: goesIn };
  const { backAt, ...stays } = out;
  const back = backAt === stretchId ? nextId : backAt;
  const isOutWith = out.when.at === "stretch" && out.when.stretchId === stretchId;
  if (isOutWith && (nextId === undefined || nextId === back)) return { ...rest, when: goesIn };
  return {
    ...rest,
    when: goesIn,
    out: {
      ...stays,
      ...(isOutWith && nextId !== undefined
        ? { when: { at: "stretch" as const, stretchId: nextId } }
        : {}),
      ...(back === undefined ? {} : { backAt: back }),
    },
  };
}
