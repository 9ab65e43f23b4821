import { resolve } from "@kettlos/core/simulate/set-pot";
import { emptyClock } from "@kettlos/core/simulate/clock";
import { workSaid } from "@kettlos/core/events/hands/effects";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { CLOCK_ID, saveClock } from "./clock-log";
import { db } from "./db";
import { appendEvent, beginBatch } from "./repository";

/**
 * Begins a plan's pot in earnest. Its work that is ticked off on the clock is done in its log; what it is
 * wanted for is from now on wished of this pot, and over once it is strained. The caller takes the time
 * off the plan.
 */
export async function putOn(plan: Plan, kitchen: Kitchen): Promise<Batch> {
  const batch = await beginBatch(plan, kitchen);
  const clock = (await db.clocks.get(CLOCK_ID))?.clock ?? emptyClock();
  const isMine = (d: { blockId: string }) => d.blockId.startsWith(`${plan.id}/`);
  const done = clock.done.filter(isMine);
  const wish = clock.loose.find((l) => l.planId === plan.id);
  const isOnTable = clock.meals.some((m) => m.planIds.includes(plan.id));
  if (done.length > 0) {
    const { workInBlocks } = await import("@kettlos/core/clock/prep-blocks");
    const inBlocks = workInBlocks(resolve(plan, kitchen));
    for (const { blockId, at } of done)
      for (const work of inBlocks.get(blockId) ?? [])
        await appendEvent(batch.id, { ...workSaid(work, "done"), atMs: Date.parse(at) });
  }
  if (done.length === 0 && wish === undefined && plan.readyAt === null) return batch;
  const timed =
    isOnTable || (wish === undefined && plan.readyAt === null)
      ? []
      : [
          {
            ...(wish ?? {
              planId: plan.id,
              by: plan.readyAt,
              notBefore: null,
              onlyOvernight: false,
            }),
            batchId: batch.id,
          },
        ];
  await saveClock({
    ...clock,
    loose: [...clock.loose.filter((l) => l !== wish), ...timed],
    done: clock.done.filter((d) => !isMine(d)),
  });
  return batch;
}
