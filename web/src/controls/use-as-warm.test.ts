import type { StandingCourse } from "@kettlos/core/batch/standing";
import { effectScope, nextTick, ref } from "vue";
import { expect, test } from "vitest";
import { useAsWarm } from "./use-as-warm";

/** 92 °C a minute after it came off. */
const course = {
  offMs: 0,
  points: [
    { tMin: 0, tempC: 92 },
    { tMin: 60, tempC: 92 },
  ],
  readings: [],
} as unknown as StandingCourse;

test("as warm as it stands, once that is known; what the cook wrote meanwhile stays", async () => {
  const scope = effectScope();
  await scope.run(async () => {
    const standing = ref<StandingCourse | null>(null);
    const [left, written] = [0, 0].map(() =>
      useAsWarm(
        80,
        () => standing.value,
        () => 60_000,
      ),
    );
    written!.write(65);
    standing.value = course;
    await nextTick();
    expect(left!.tempC.value).toBe(92);
    expect(written!.tempC.value).toBe(65);
  });
  scope.stop();
});
