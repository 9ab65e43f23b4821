import type { OwnIngredient } from "@kettlos/core/ingredient/own-ingredient";
import { ownNamed } from "@kettlos/core/ingredient/own-named";
import { useKitchenStore } from "./kitchen-store";
import { newId } from "./new-id";

/** What this kitchen cooks with that is not in the catalogue; a new one is kept where it is first named. */
export function useOwnIngredients() {
  const store = useKitchenStore();
  const all = (): readonly OwnIngredient[] => store.kitchen?.ownIngredients ?? [];

  /** The kitchen's own of that name: as it is kept, or kept from now on. */
  function keep(name: string, likeId: string): OwnIngredient {
    const known = ownNamed(name, all());
    if (known !== undefined) return known;
    const fresh: OwnIngredient = { id: newId(), name, likeId };
    void store.change({ ownIngredients: [...all(), fresh] });
    return fresh;
  }

  const save = (own: OwnIngredient): Promise<void> =>
    store.change({ ownIngredients: all().map((o) => (o.id === own.id ? own : o)) });

  return { all, keep, save };
}
