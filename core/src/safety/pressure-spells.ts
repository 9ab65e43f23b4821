import type { PressureHeat } from "../heats/pressure-schema";
import { isSealed } from "../heats/heat";
import { goesInFirst } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Facts } from "./facts";

/** One time under pressure, min from the first heat, and the liquid in the pot as it goes down, L cold. */
export interface PressureSpell {
  readonly heat: PressureHeat;
  readonly fromMin: number;
  readonly toMin: number;
  readonly endLiquidL: number;
}

/** Every stretch of a pot under pressure; the first from the first flame on. */
export function pressureSpells({ plan, trace }: Facts): readonly PressureSpell[] {
  return stretchesOf(plan).flatMap(({ heat }, index): readonly PressureSpell[] => {
    if (!isSealed(heat)) return [];
    const went = trace.stretches[index];
    const isOnly = plan.then.length === 0;
    return [
      {
        heat,
        fromMin: index === 0 ? 0 : (went?.fromMin ?? Infinity),
        toMin: isOnly ? trace.totalMin : (went?.toMin ?? trace.totalMin),
        endLiquidL: isOnly ? trace.endLiquidL : (went?.endLiquidL ?? trace.endLiquidL),
      },
    ];
  });
}

/** Liquid in it as pressure comes on, and the least while it is on, L cold. */
export function liquidUnderPressure(facts: Facts): { startL: number; leastL: number } {
  const { plan, trace } = facts;
  const first = (trace.points[0]?.liquidKg ?? 0) / COLD_DENSITY_KG_L;
  if (plan.then.length === 0) return { startL: first, leastL: trace.leastLiquidL };
  const litres = pressureSpells(facts).map(({ fromMin, toMin }) => {
    const held = trace.points.filter((p) => p.tMin >= fromMin - 1e-6 && p.tMin <= toMin + 1e-6);
    return held.map((p) => p.liquidKg / COLD_DENSITY_KG_L);
  });
  return {
    startL: Math.min(Infinity, ...litres.map((l) => l[0] ?? first)),
    leastL: Math.min(Infinity, ...litres.flat()),
  };
}

/** What is in the pot while it is under pressure. */
export function itemsUnderPressure(facts: Facts): readonly PlanItem[] {
  const { plan, trace } = facts;
  if (plan.then.length === 0) return plan.items.filter(goesInFirst);
  const spells = pressureSpells(facts);
  const atMin = (kind: "itemIn" | "itemOut", itemId: string) =>
    trace.marks.find((m) => m.kind === kind && m.itemId === itemId)?.tMin;
  return plan.items.filter((item) => {
    // What is in from the start has no mark.
    const inMin = atMin("itemIn", item.id) ?? (goesInFirst(item) ? 0 : Infinity);
    const outMin = atMin("itemOut", item.id) ?? Infinity;
    return spells.some((s) => inMin <= s.toMin + 1e-6 && outMin > s.fromMin + 1e-6);
  });
}
