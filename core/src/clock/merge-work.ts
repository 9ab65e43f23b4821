import type { Meal } from "../simulate/clock-schema";
import { lengthMin } from "./needs";
import { about } from "./minutes";
import type { Block, Task } from "./task";

/** Work that can be done for several pots at one go. */
const TOGETHER = /\/work\/.*:(rinse|scrub|trim|cut)$/;
/** What is saved of the second one's minutes: the board and the knife are out already. */
const SAVED_MIN = 2;

/** Pots that go on so much apart are not cut for together, min. */
const APART_MIN = 180;

const titleOf = (block: Block): string => block.steps[0]?.title ?? "";

/**
 * The same work of several pots of one meal made one: "Cut the onion" for both. Only what comes before
 * nothing but its own pot, so that no order is turned round.
 */
export function mergeWork(blocks: readonly Block[], meals: readonly Meal[]): readonly Block[] {
  const fireMin = (planId: string): number => {
    const fire = blocks.find((b) => b.id === `${planId}/fire`);
    return fire === undefined ? 0 : lengthMin(fire);
  };
  const mealOf = new Map(meals.flatMap((m) => m.planIds.map((id) => [id, m.id] as const)));
  const groups = new Map<string, Block[]>();
  for (const block of blocks) {
    const meal = mealOf.get(block.planIds[0] ?? "");
    if (meal === undefined || !TOGETHER.test(block.id) || block.after.length > 0) continue;
    const key = `${meal} ${titleOf(block)}`;
    groups.set(key, [...(groups.get(key) ?? []), block]);
  }
  const into = new Map<string, string>();
  const made = new Map<string, Block>();
  for (const group of groups.values()) {
    const [first, ...others] = near(group, fireMin);
    const task = first?.steps[0];
    const all = first === undefined ? [] : [first, ...others];
    const planIds = [...new Set(all.flatMap((b) => b.planIds))];
    if (first === undefined || task === undefined || planIds.length < 2) continue;
    for (const other of others) into.set(other.id, first.id);
    const min = all.reduce((sum, b) => sum + (b.steps[0]?.minutes.p50 ?? 0), 0);
    const whole: Task = {
      ...task,
      planIds,
      how: `for ${all.length} pots${task.how === "" ? "" : `; ${task.how}`}`,
      minutes: about(Math.max(1, min - SAVED_MIN * others.length)),
    };
    made.set(first.id, { ...first, planIds, steps: [whole] });
  }
  return blocks
    .filter((b) => !into.has(b.id))
    .map((b) => made.get(b.id) ?? b)
    .map((b) => ({
      ...b,
      after: b.after.map((l) => ({ ...l, blockId: into.get(l.blockId) ?? l.blockId })),
    }));
}

/** Of the same work of several pots that of those which go on at about the same time. */
function near(group: readonly Block[], fireMin: (planId: string) => number): readonly Block[] {
  const min = (b: Block) => fireMin(b.planIds[0] ?? "");
  const shortest = Math.min(...group.map(min));
  return group.filter((b) => min(b) - shortest <= APART_MIN);
}
