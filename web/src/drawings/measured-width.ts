import { useResizeObserver } from "@vueuse/core";
import { computed, onMounted, shallowRef, type Ref } from "vue";

export interface MeasuredWidth {
  /** px; nothing before it is measured. */
  readonly width: Readonly<Ref<number>>;
  /** What costs much is drawn only then, and once. */
  readonly isMeasured: Readonly<Ref<boolean>>;
}

/** How wide an element is inside: measured before the page is first shown with it, so that nothing moves. */
export function useMeasuredWidth(target: Readonly<Ref<HTMLElement | null>>): MeasuredWidth {
  const measured = shallowRef<number | null>(null);
  const inside = (element: HTMLElement) => {
    const { paddingLeft, paddingRight } = getComputedStyle(element);
    return element.clientWidth - (parseFloat(paddingLeft) || 0) - (parseFloat(paddingRight) || 0);
  };
  onMounted(() => {
    measured.value = target.value === null ? 0 : inside(target.value) || 0;
  });
  useResizeObserver(target, ([entry]) => {
    if (entry !== undefined) measured.value = entry.contentRect.width;
  });
  return {
    width: computed(() => measured.value ?? 0),
    isMeasured: computed(() => measured.value !== null),
  };
}
