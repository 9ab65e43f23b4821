import type { ClockAnswer } from "@kettlos/core/clock/answer";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import { computed, ref, type Ref } from "vue";

export const ZOOMS = ["all", "day", "hours", "hour"] as const;
export type Zoom = (typeof ZOOMS)[number];
const SHOWN_MIN: Record<Exclude<Zoom, "all">, number> = {
  day: 1440,
  hours: 360,
  hour: 60,
};
const EDGE_MIN = 45;

/** From minutes to pixels along the lanes. */
export function useScale(answer: Ref<ClockAnswer | null>, widthPx: Ref<number>) {
  const zoom = ref<Zoom>("all");
  const from = computed<Minute>(() => {
    const now = answer.value?.now ?? 0;
    const first = Math.min(now, ...(answer.value?.rows.map((r) => r.from) ?? []));
    return first - EDGE_MIN;
  });
  const to = computed<Minute>(() => {
    const ends = answer.value?.rows.map((r) => r.slowTo) ?? [];
    const goals = answer.value?.goals.flatMap((g) => g.wishedAt ?? []) ?? [];
    return Math.max(from.value + SHOWN_MIN.hours, ...ends, ...goals) + EDGE_MIN;
  });
  const pxPerMin = computed(() => {
    const shownMin =
      zoom.value === "all"
        ? to.value - from.value
        : Math.min(SHOWN_MIN[zoom.value], to.value - from.value);
    return Math.max(0.05, widthPx.value / shownMin);
  });
  const wholePx = computed(() => (to.value - from.value) * pxPerMin.value);
  const xOf = (m: Minute) => (m - from.value) * pxPerMin.value;
  return { zoom, from, to, pxPerMin, wholePx, xOf };
}
