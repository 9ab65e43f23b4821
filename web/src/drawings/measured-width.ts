import { useResizeObserver } from "@vueuse/core";
import { onMounted, shallowRef, type Ref, type ShallowRef } from "vue";

/** How wide an element is inside, px: from its first drawing on, so that nothing is drawn anew and moves. */
export function useMeasuredWidth(
  target: Readonly<Ref<HTMLElement | null>>,
): Readonly<ShallowRef<number>> {
  const width = shallowRef(0);
  const inside = (element: HTMLElement) => {
    const { paddingLeft, paddingRight } = getComputedStyle(element);
    return element.clientWidth - (parseFloat(paddingLeft) || 0) - (parseFloat(paddingRight) || 0);
  };
  onMounted(() => {
    if (target.value !== null) width.value = inside(target.value) || 0;
  });
  useResizeObserver(target, ([entry]) => {
    if (entry !== undefined) width.value = entry.contentRect.width;
  });
  return width;
}
