import { computed } from "vue";
import { db } from "./db";
import { onDisk } from "./on-disk";
import { useLive } from "./use-live";

const KEY = "basket";

/** As it was kept; one that cannot be read is empty. */
function read(value: string | undefined): ReadonlyMap<string, number> {
  try {
    const kept: unknown = JSON.parse(value ?? "[]");
    const isPair = (pair: unknown): pair is [string, number] =>
      Array.isArray(pair) && typeof pair[0] === "string" && typeof pair[1] === "number";
    return new Map(Array.isArray(kept) ? kept.filter(isPair) : []);
  } catch {
    return new Map();
  }
}

/** What was put into the basket in the shop, kg by ingredient: kept in this browser until it is home. */
export function useBasket() {
  const stored = useLive(() => db.settings.get(KEY).then((found) => found ?? null));
  const basket = computed(() => read(stored.value?.value));
  async function change(make: (next: Map<string, number>) => void): Promise<void> {
    await onDisk(db.settings, async () => {
      const next = new Map(read((await db.settings.get(KEY))?.value));
      make(next);
      await db.settings.put({ key: KEY, value: JSON.stringify([...next]) });
    });
  }
  return {
    basket,
    put: (ingredientId: string, massKg: number) =>
      change((next) => void next.set(ingredientId, massKg)),
    takeOut: (...ingredientIds: readonly string[]) =>
      change((next) => ingredientIds.forEach((id) => next.delete(id))),
  };
}
