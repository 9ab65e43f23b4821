import { tryOnScopeDispose, unrefElement, type MaybeComputedElementRef } from "@vueuse/core";
import Sortable from "sortablejs";
import { watch } from "vue";

/**
 * Makes the children of a list draggable by their grip. The list itself is left as it was: who listens
 * changes the data, and Vue draws the new order.
 */
export function useDragOrder(
  list: MaybeComputedElementRef,
  grip: string,
  onMove: (from: number, to: number) => void,
): void {
  let sortable: Sortable | null = null;
  const stop = () => {
    sortable?.destroy();
    sortable = null;
  };
  watch(
    () => unrefElement(list),
    (element) => {
      stop();
      if (!(element instanceof HTMLElement)) return;
      sortable = Sortable.create(element, {
        handle: grip,
        animation: 0,
        onEnd: ({ item, from, oldIndex, newIndex }) => {
          if (oldIndex === undefined || newIndex === undefined || oldIndex === newIndex) return;
          from.removeChild(item);
          from.insertBefore(item, from.children[oldIndex] ?? null);
          onMove(oldIndex, newIndex);
        },
      });
    },
    { immediate: true },
  );
  tryOnScopeDispose(stop);
}
