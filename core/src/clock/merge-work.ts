import type { Meal } from "../simulate/clock-schema";
import { say } from "../units/said";
import { kitchenEstimate } from "../units/constant";
import { isAheadIn } from "./cooked";
import { about } from "./minutes";
import { lengthMin } from "./needs";
import type { Block } from "./task";

const SAVED_MIN = kitchenEstimate(
  "saved of the same work done at one go",
  2,
  "min a pot",
  "the board and the knife are out already",
);
/** Pots that go on so much apart are not cut for together, min. */
const APART_MIN = 180;

/** The same work of several pots of one meal made one: "Cut the onion" for both. */
export function mergeWork(blocks: readonly Block[], meals: readonly Meal[]): readonly Block[] {
  // What is cooked ahead is cut on a day of its own.
  const mealOf = new Map(
    meals.flatMap((m) =>
      m.planIds.filter((id) => !isAheadIn({ meals: [m] }, id)).map((id) => [id, m.id] as const),
    ),
  );
  const fireMin = new Map(
    blocks.filter((b) => b.kind === "fire").map((b) => [b.planIds[0] ?? "", lengthMin(b)]),
  );
  const groups = new Map<string, Block[]>();
  for (const block of blocks) {
    const meal = mealOf.get(block.planIds[0] ?? "");
    if (meal === undefined || block.sameAs === null) continue;
    const key = `${meal} ${block.sameAs}`;
    groups.set(key, [...(groups.get(key) ?? []), block]);
  }
  const into = new Map<string, string>();
  const made = new Map<string, Block>();
  for (const group of groups.values()) {
    const minOf = (b: Block) => fireMin.get(b.planIds[0] ?? "") ?? 0;
    const shortest = Math.min(...group.map(minOf));
    const all = group.filter((b) => minOf(b) - shortest <= APART_MIN);
    const planIds = [...new Set(all.flatMap((b) => b.planIds))];
    const [first, ...others] = all;
    const task = first?.steps[0];
    if (first === undefined || task === undefined || planIds.length < 2) continue;
    for (const other of others) into.set(other.id, first.id);
    const min = all.reduce((sum, b) => sum + (b.steps[0]?.minutes.p50 ?? 0), 0);
    const saved = SAVED_MIN.value * others.length;
    made.set(first.id, {
      ...first,
      ids: all.flatMap((b) => b.ids),
      planIds,
      steps: [
        {
          ...task,
          planIds,
          how: say`for ${all.length} pots${task.how === "" ? "" : "; "}${task.how}`,
          minutes: about(Math.max(1, min - saved)),
        },
      ],
    });
  }
  return blocks
    .filter((b) => !into.has(b.id))
    .map((b) => made.get(b.id) ?? b)
    .map((b) => ({
      ...b,
      after: b.after.map((l) => ({ ...l, blockId: into.get(l.blockId) ?? l.blockId })),
    }));
}
