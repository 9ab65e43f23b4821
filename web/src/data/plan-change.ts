import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showDuration, showMass, type UnitSystem } from "@kettlos/core/units/show";
import { joined, same } from "./said-changes";

function itemChange(
  before: PlanItem | undefined,
  item: PlanItem,
  units: UnitSystem,
): string | null {
  const name = nameOf(item).toLowerCase();
  if (before === undefined) return `${showMass(item.massKg, units)} ${name}`;
  if (same(before, item)) return null;
  if (before.massKg !== item.massKg) return `${name} to ${showMass(item.massKg, units)}`;
  if (!same(before.when, item.when)) return `when the ${name} goes in`;
  if (before.ingredientId !== item.ingredientId) return `${name} instead`;
  return name;
}

function itemsChange(before: Plan, after: Plan, units: UnitSystem): readonly string[] {
  const gone = before.items.filter((i) => !after.items.some((a) => a.id === i.id));
  const changed = after.items
    .map((item) =>
      itemChange(
        before.items.find((b) => b.id === item.id),
        item,
        units,
      ),
    )
    .filter((said) => said !== null);
  const said = [...gone.map((i) => `${nameOf(i).toLowerCase()} taken out`), ...changed];
  return said.length > 0 || same(before.items, after.items) ? said : ["the order"];
}

const PLAN_WORDS: Partial<Record<keyof Plan, string>> = {
  name: "the name",
  forWhat: "for whom",
  feeds: "who eats it",
  end: "how it ends",
  serves: "for how many",
  diets: "the eaters",
  saltWantedGKg: "the salt",
  thickWantedGL: "the body",
  schools: "the way",
  accompaniments: "what is served beside it",
  vesselId: "the pot",
  ringId: "the ring",
  water: "the water",
  heat: "the heat",
  then: "what follows on the heat",
  pieceM: "the size of the pieces",
  fat: "the fat",
  strain: "the straining",
  readyAt: "when it is ready",
  prepareMin: "the setting up",
  note: "the note",
  source: "where it is from",
};

/** What of a plan was changed, in a few words: "8 kg onion", "the heat", "3 h". */
export function planChange(before: Plan, after: Plan, units: UnitSystem): string {
  const { stop } = after;
  const stopSaid = same(before.stop, stop)
    ? []
    : [stop.by === "time" ? showDuration(stop.holdMin) : "until when"];
  const others = (Object.keys(PLAN_WORDS) as (keyof Plan)[])
    .filter((key) => !same(before[key], after[key]))
    .map((key) => PLAN_WORDS[key] ?? "");
  return joined([...itemsChange(before, after, units), ...stopSaid, ...others], "a change");
}
