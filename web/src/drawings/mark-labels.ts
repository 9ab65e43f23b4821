import { isOnRing } from "@kettlos/core/heats/heat";
import { turnTo } from "@kettlos/core/schedule/turns";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { isStaged } from "@kettlos/core/simulate/moves";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { MarkKind, Trace } from "@kettlos/core/simulate/trace";
import { showTemperature, type UnitSystem } from "@kettlos/core/units/show";

/** What the marks of the other heats are called. */
const HEAT_MARKS: Partial<Record<MarkKind, string>> = {
  inOven: "into the oven",
  toLow: "down to LOW",
  atPressure: "at pressure",
  released: "lid off",
};

/** The marks of a trace as the ribbon names them; things that go in together share one. */
export function markLabels(
  plan: Plan,
  trace: Trace,
  units: UnitSystem,
): readonly { tMin: number; text: string }[] {
  const labels: { tMin: number; text: string }[] = [];
  for (const mark of trace.marks) {
    const last = labels.at(-1);
    if (mark.kind === "boils")
      labels.push({
        tMin: mark.tMin,
        text: `boils at ${showTemperature(trace.boilingC, units === "us" ? "us" : "metric")}, skim`,
      });
    else if (mark.kind === "simmers") {
      if (isOnRing(plan.heat) && plan.heat.boilFirstMin === null)
        labels.push({ tMin: mark.tMin, text: "simmers" });
    } else if (mark.kind === "turned") {
      const begun = turnTo(plan, mark.stretchId);
      if (begun !== undefined) labels.push({ tMin: mark.tMin, text: begun.title.toLowerCase() });
    } else if (mark.kind in HEAT_MARKS)
      labels.push({ tMin: mark.tMin, text: HEAT_MARKS[mark.kind] ?? "" });
    else if (mark.kind === "itemIn") {
      const item = plan.items.find((i) => i.id === mark.itemId);
      if (item === undefined || !isStaged(item)) continue;
      const name = nameOf(item).toLowerCase();
      if (last !== undefined && Math.abs(last.tMin - mark.tMin) < 1) last.text += `, ${name}`;
      else labels.push({ tMin: mark.tMin, text: name });
    } else if (mark.kind === "itemOut") {
      const item = plan.items.find((i) => i.id === mark.itemId);
      if (item !== undefined)
        labels.push({
          tMin: mark.tMin,
          text: `${nameOf(item).toLowerCase()} out`,
        });
    } else if (mark.kind === "bonesBare" && plan.end === "strained")
      labels.push({ tMin: mark.tMin, text: "bones bare" });
    else if (mark.kind === "dry") labels.push({ tMin: mark.tMin, text: "dry" });
    else if (mark.kind === "strained" && trace.problem === null)
      labels.push({ tMin: mark.tMin, text: plan.end === "served" ? "serve" : "strain" });
  }
  return labels;
}
