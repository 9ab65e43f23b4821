import type { Practice } from "@kettlos/core/batch/batch-schema";
import type { LessonId } from "@kettlos/core/batch/lesson-ids";

/** Fast enough that an hour is a minute, slow enough to follow. */
const FIRST_SPEED = 60;

/** A lesson's pot is the same for everybody, each time. */
const LESSON_SEED = 1;

/** The pot of a lesson, its clock set to now. */
export const newLesson = (lesson: LessonId, nowMs: number): Practice => ({
  seed: LESSON_SEED,
  speed: FIRST_SPEED,
  realMs: nowMs,
  potMs: nowMs,
  lesson,
});

/** A pot nobody knows, its clock set to now. */
export const newPractice = (nowMs: number): Practice => ({
  seed: Math.floor(Math.random() * 2 ** 31),
  speed: FIRST_SPEED,
  realMs: nowMs,
  potMs: nowMs,
});
