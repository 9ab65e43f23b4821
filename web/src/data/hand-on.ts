import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { putOn } from "./put-on";
import { appendEvent, appendEvents, planById, savePlanChange } from "./repository";

/** Begins a plan's pot with what another one gave: it is in the new pot, and out of the old one's bowl. */
export async function handOn(
  from: Batch,
  plan: Plan,
  kitchen: Kitchen,
  itemId: string,
  massKg: number,
): Promise<Batch> {
  const batch = await putOn(plan, kitchen);
  // It is on: nobody waits for it to be begun by a time any more.
  const stored = plan.readyAt === null ? undefined : await planById(plan.id);
  if (stored !== undefined) await savePlanChange(stored, { ...stored, readyAt: null });
  await appendEvent(batch.id, { kind: "added", itemId, massKg });
  await appendEvent(from.id, { kind: "handedOn", toBatchId: batch.id, massKg });
  return batch;
}

/** Pours what one pot gave into one that is on already; what was to be drawn from it there is in with that. */
export async function pourOn(
  from: Batch,
  to: Batch,
  item: PlanItem,
  drawnIds: readonly string[],
): Promise<void> {
  await appendEvents(to.id, [
    { kind: "extra", item },
    { kind: "added", itemId: item.id, massKg: item.massKg },
    ...drawnIds.map((itemId) => ({ kind: "leftOut" as const, itemId })),
  ]);
  await appendEvent(from.id, { kind: "handedOn", toBatchId: to.id, massKg: item.massKg });
}
