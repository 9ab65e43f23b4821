import { useStorage } from "@vueuse/core";
import { computed, watchEffect } from "vue";
import { useKitchenStore } from "./kitchen-store";

/** Whether this browser had a kitchen the last time: known before its store is read, so that what belongs to one has its room. */
const had = useStorage("kettlos-had-kitchen", false);

/** True where there is a kitchen, or will be one as soon as it is read. */
export function useHasKitchen() {
  const store = useKitchenStore();
  watchEffect(() => {
    if (store.isLoaded) had.value = store.kitchen !== null;
  });
  return computed(() => (store.isLoaded ? store.kitchen !== null : had.value));
}
