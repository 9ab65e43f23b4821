import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { LessonId } from "@kettlos/core/batch/lesson-ids";
import { lessonKitchen } from "@kettlos/core/instruments/lessons/lesson-kitchen";
import { LESSONS } from "@kettlos/core/instruments/lessons/lessons";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { newId } from "./new-id";
import { newLesson } from "./new-practice";
import { beginBatch } from "./repository";

/** Puts the pot of a lesson on, in the practice kitchen; nothing of the cook's own kitchen is touched. */
export function beginLesson(id: LessonId, own: Kitchen, nowMs: number): Promise<Batch> {
  const kitchen = lessonKitchen(own);
  return beginBatch(LESSONS[id].plan(kitchen, newId()), kitchen, newLesson(id, nowMs));
}
