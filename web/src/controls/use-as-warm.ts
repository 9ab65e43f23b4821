import { standsC, type StandingCourse } from "@kettlos/core/batch/standing";
import { ref, watch, type Ref } from "vue";

/**
 * How warm it is, °C: as warm as it will be by now since it came off the heat, as soon as that is known;
 * what the cook wrote before or after stays.
 */
export function useAsWarm(
  usualC: number,
  standing: () => StandingCourse | null,
  nowMs: () => number,
  leastC = -Infinity,
): { readonly tempC: Readonly<Ref<number | null>>; write: (tempC: number) => void } {
  const tempC = ref<number | null>(usualC);
  let isWritten = false;
  watch(
    () => standing()?.offMs,
    () => {
      const since = standing();
      if (since !== null && !isWritten)
        tempC.value = Math.max(leastC, Math.round(standsC(since, nowMs())));
    },
    { immediate: true },
  );
  return {
    tempC,
    write: (written) => {
      isWritten = true;
      tempC.value = written;
    },
  };
}
