import { useStorage } from "@vueuse/core";
import { readonly, watchEffect } from "vue";
import { useKitchenStore } from "./kitchen-store";

/** Whether there is a kitchen; until the store is read, whether this browser had one the last time. */
const has = useStorage("kettlos-had-kitchen", false);

/** Known before the store is read, so that what belongs to a kitchen has its room. */
export function useHasKitchen() {
  const store = useKitchenStore();
  watchEffect(() => {
    if (store.isLoaded) has.value = store.kitchen !== null;
  });
  return readonly(has);
}
