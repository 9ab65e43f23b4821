import { inWords, type Said } from "@kettlos/core/units/said";
import { useKitchenStore } from "./kitchen-store";

/** Says what core says in the measures of this kitchen. */
export function useWords(): (said: Said | undefined) => string {
  const kitchenStore = useKitchenStore();
  return (said) => (said === undefined ? "" : inWords(said, kitchenStore.units));
}
