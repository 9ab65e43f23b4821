import type { OwnIngredient } from "@kettlos/core/ingredient/own-ingredient";
import { ownNamed } from "@kettlos/core/ingredient/own-named";
import { useKitchenStore } from "./kitchen-store";
import { newId } from "./new-id";

/** Named, and not yet seen on the disk: several may be named at once. */
let named: readonly OwnIngredient[] = [];

/** What this kitchen cooks with that is not in the catalogue; a new one is kept where it is first named. */
export function useOwnIngredients() {
  const store = useKitchenStore();

  function all(): readonly OwnIngredient[] {
    const stored = store.kitchen?.ownIngredients ?? [];
    named = named.filter((n) => !stored.some((s) => s.id === n.id));
    return [...stored, ...named];
  }

  /** The kitchen's own of that name: as it is kept, or kept from now on. */
  function keep(name: string, likeId: string): OwnIngredient {
    const known = ownNamed(name, all());
    if (known !== undefined) return known;
    const fresh: OwnIngredient = { id: newId(), name, likeId };
    named = [...named, fresh];
    void store.change({ ownIngredients: [...all()] });
    return fresh;
  }

  const save = (own: OwnIngredient): Promise<void> =>
    store.change({ ownIngredients: all().map((o) => (o.id === own.id ? own : o)) });

  return { all, keep, save };
}
