import { useMeasuredWidth, type MeasuredWidth } from "./measured-width";
import { computed, useTemplateRef } from "vue";

/** How wide a drawing is, px: as its `root` element, and no narrower than it can be read. */
export function useDrawnWidth(leastPx: number): MeasuredWidth {
  const { width, isMeasured } = useMeasuredWidth(useTemplateRef<HTMLElement>("root"));
  return { width: computed(() => Math.max(leastPx, width.value)), isMeasured };
}
