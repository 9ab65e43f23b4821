import { useEventListener, useIntersectionObserver, useMediaQuery } from "@vueuse/core";
import { computed, ref, watch, type Ref, type WatchSource } from "vue";

/**
 * How many rows of a long list stand on a screen: some at first, more as its end comes near; on paper all.
 * @param end what stands behind the last of them
 * @param all how many there are
 * @param anew begins from the first again when one of these changes
 */
export function useRows(
  end: Readonly<Ref<HTMLElement | null>>,
  { atOnce, all, anew }: { atOnce: number; all: () => number; anew: readonly WatchSource[] },
) {
  const shown = ref(atOnce);
  watch([...anew], () => (shown.value = atOnce));
  useIntersectionObserver(
    end,
    ([entry]) => {
      if (entry?.isIntersecting === true && shown.value < all()) shown.value += atOnce;
    },
    { rootMargin: "600px" },
  );
  const isPrint = useMediaQuery("print");
  const isPrinting = ref(false);
  useEventListener(window, "beforeprint", () => (isPrinting.value = true));
  useEventListener(window, "afterprint", () => (isPrinting.value = false));
  return computed(() => (isPrint.value || isPrinting.value ? Infinity : shown.value));
}
