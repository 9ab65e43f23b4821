import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { LessonId } from "@kettlos/core/batch/lesson-ids";
import { lessonKitchen } from "@kettlos/core/instruments/lessons/lesson-kitchen";
import { LESSONS } from "@kettlos/core/instruments/lessons/lessons";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { resolve } from "@kettlos/core/simulate/set-pot";
import { newId } from "./new-id";
import { newLesson } from "./new-practice";
import { appendEvent, beginBatch } from "./repository";

/**
 * Puts the pot of a lesson on, in the practice kitchen; nothing of the cook's own kitchen is touched. One that
 * begins later than on the counter is written down up to there, each entry by itself: an undo takes back one.
 */
export async function beginLesson(id: LessonId, own: Kitchen, nowMs: number): Promise<Batch> {
  const kitchen = lessonKitchen(own);
  const { plan: planOf, begun } = LESSONS[id];
  const plan = planOf(kitchen, newId());
  const entries = begun?.(resolve(plan, kitchen), nowMs) ?? [];
  const potMs = entries.at(-1)?.atMs ?? nowMs;
  const batch = await beginBatch(plan, kitchen, { ...newLesson(id, nowMs), potMs });
  for (const entry of entries) await appendEvent(batch.id, entry);
  return batch;
}
