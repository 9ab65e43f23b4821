import { useMeasuredWidth } from "./measured-width";
import { computed, useTemplateRef, type ComputedRef } from "vue";

/** How wide a drawing is, px: as its `root` element, and no narrower than it can be read. */
export function useDrawnWidth(leastPx: number): ComputedRef<number> {
  const width = useMeasuredWidth(useTemplateRef<HTMLElement>("root"));
  return computed(() => Math.max(leastPx, width.value));
}
