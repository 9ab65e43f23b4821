import { useResizeObserver } from "@vueuse/core";
import { onMounted, shallowRef, type Ref, type ShallowRef } from "vue";

export interface MeasuredWidth {
  /** px; nothing before it is measured. */
  readonly width: Readonly<ShallowRef<number>>;
  /** What costs much is drawn only then, and once. */
  readonly isMeasured: Readonly<ShallowRef<boolean>>;
}

/** How wide an element is inside: measured before the page is first shown with it, so that nothing moves. */
export function useMeasuredWidth(target: Readonly<Ref<HTMLElement | null>>): MeasuredWidth {
  const width = shallowRef(0);
  const isMeasured = shallowRef(false);
  const inside = (element: HTMLElement) => {
    const { paddingLeft, paddingRight } = getComputedStyle(element);
    return element.clientWidth - (parseFloat(paddingLeft) || 0) - (parseFloat(paddingRight) || 0);
  };
  onMounted(() => {
    if (target.value !== null) width.value = inside(target.value) || 0;
    isMeasured.value = true;
  });
  useResizeObserver(target, ([entry]) => {
    if (entry !== undefined) width.value = entry.contentRect.width;
  });
  return { width, isMeasured };
}
