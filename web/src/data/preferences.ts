import { computed } from "vue";
import { db } from "./db";
import { onDisk } from "./on-disk";
import { useLive } from "./use-live";

/** What a cook is asked once, and may change in Kitchen. */
const PREFERENCES = ["sound", "notify", "wakeLock"] as const;
export type Preference = (typeof PREFERENCES)[number];

/** Answers kept in this browser; null where nobody has asked yet. */
export function usePreferences() {
  const stored = useLive(() =>
    db.settings
      .where("key")
      .anyOf([...PREFERENCES])
      .toArray(),
  );
  const answers = computed(() => {
    const of = (name: Preference): boolean | null => {
      const found = stored.value?.find((s) => s.key === name);
      return found === undefined ? null : found.value === "on";
    };
    return { sound: of("sound"), notify: of("notify"), wakeLock: of("wakeLock") };
  });
  const isLoaded = computed(() => stored.value !== undefined);
  async function answer(name: Preference, isOn: boolean): Promise<void> {
    const value = isOn ? "on" : "off";
    await onDisk(db.settings, () => db.settings.put({ key: name, value }));
  }
  return { answers, isLoaded, answer };
}
