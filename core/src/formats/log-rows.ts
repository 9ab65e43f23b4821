import { resolve } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { Gap } from "../batch/gap";
import { begunMs, measuredOf } from "../batch/of-log";
import type { LoggedPot } from "../learn/from-pot";
import { nameOf } from "../simulate/item-facts";
import { vesselOf } from "../simulate/references";
import { heatsOf } from "../simulate/stretches";
import { waterL } from "../simulate/stated-water";
import { outcomeOf } from "../units/problem";

/** Columns of a table of pots, a row each. Each value column carries its unit; what nobody said is empty. */
export const LOG_COLUMNS = [
  "lit",
  "dish",
  "kind",
  "pot",
  "heat",
  "goes_in",
  "goes_in_kg",
  "water_l",
  "poured_in_l",
  "on_heat_min",
  "planned_l",
  "got_l",
  "served_kg",
  "set",
  "fat_kg",
  "clarity",
  "colour",
  "liked",
  "tasted",
  "notes",
] as const;
export type LogRow = Readonly<Record<(typeof LOG_COLUMNS)[number], string | number>>;

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** A pot as a row; `timeOf` writes a moment; `plannedL` and `gotL` are cold litres, `gap` null where what came out was not measured. */
export function logRow(
  { batch, cook }: LoggedPot,
  gap: Gap | null,
  timeOf: (ms: number) => string,
): LogRow {
  const { plan, kitchen } = batch;
  const setPot = resolve(plan, kitchen);
  const vessel = outcomeOf(() => vesselOf(setPot));
  const water = outcomeOf(() => waterL(setPot));
  const { litMs, offMs, result } = cook;
  const measured = measuredOf(cook);
  return {
    lit: timeOf(begunMs({ batch, cook })),
    dish: plan.name,
    kind: plan.kind ?? "",
    pot: vessel.ok ? vessel.value.name : "",
    heat: heatsOf(plan)
      .map((h) => h.method)
      .join(" + "),
    goes_in: plan.items.map(nameOf).join("; "),
    goes_in_kg: rounded(
      plan.items.reduce((sum, i) => sum + (cook.addedItems.get(i.id)?.massKg ?? i.massKg), 0),
      3,
    ),
    water_l: water.ok ? rounded(water.value, 2) : "",
    poured_in_l: rounded(
      cook.pours.reduce((sum, p) => sum + p.volumeL, 0),
      2,
    ),
    on_heat_min: litMs === null || offMs === null ? "" : Math.round((offMs - litMs) / MINUTE_MS),
    planned_l: gap === null ? "" : rounded(gap.plannedL, 2),
    got_l: measured === null ? "" : rounded(measured.strainedL, 2),
    served_kg: measured?.servedKg ?? "",
    set: result?.set ?? "",
    fat_kg: result?.fatKg ?? "",
    clarity: cook.looks.clarity ?? "",
    colour: cook.looks.colour ?? "",
    liked: cook.liking ?? "",
    tasted: cook.tastings.map((t) => t.tastes.join(", ")).join("; "),
    notes: cook.notes.map((n) => n.text).join(" "),
  };
}
