import { LESSON_IDS, type LessonId } from "@kettlos/core/batch/lesson-ids";
import { computed } from "vue";
import { db } from "./db";
import { onDisk } from "./on-disk";
import { useLive } from "./use-live";

const keyOf = (id: LessonId) => `lesson:${id}`;

/** The most points that each lesson was done with here; null for one that was not. */
export function useLessonBests() {
  const stored = useLive(() => db.settings.bulkGet(LESSON_IDS.map(keyOf)));
  return computed(
    () =>
      new Map(
        LESSON_IDS.map((id, i): [LessonId, number | null] => {
          const points = Number(stored.value?.[i]?.value);
          return [id, Number.isFinite(points) ? points : null];
        }),
      ),
  );
}

/** Keeps the points of a lesson where it was never done as well. */
export async function noteLesson(id: LessonId, points: number): Promise<void> {
  await onDisk(db.settings, async () => {
    const before = Number((await db.settings.get(keyOf(id)))?.value);
    if (before >= points) return;
    await db.settings.put({ key: keyOf(id), value: String(points) });
  });
}
