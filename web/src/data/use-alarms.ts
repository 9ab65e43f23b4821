import { useDocumentVisibility } from "@vueuse/core";
import { computed, ref, watch } from "vue";
import { callsOf, type PotCall } from "./calls-of";
import { usePotsStore } from "./pots-store";
import { usePreferences } from "./preferences";
import { sound } from "./sounds";

const LOCK = "kettlos-alarms";

/**
 * Calls the cook for what is due and for every danger, once each, by sound and notification as allowed.
 * After sleep everything missed is called at once and says how late it is. Of several tabs one calls.
 */
export function useAlarms() {
  const pots = usePotsStore();
  const { answers } = usePreferences();
  const isVisible = useDocumentVisibility();
  const said = new Set<string>();
  const mayCall = ref(!("locks" in navigator));
  /** What was called last, for those who hear the screen and not the tone. */
  const spoken = ref("");
  if ("locks" in navigator)
    void navigator.locks.request(LOCK, () => {
      mayCall.value = true;
      return new Promise<never>(() => undefined);
    });

  // A practice pot is watched while it runs; it calls nobody from elsewhere.
  const calls = computed(() => pots.inEarnest.flatMap((p) => callsOf(p, pots.nowMs)));
  watch(
    () => [calls.value, mayCall.value] as const,
    ([now, may]) => {
      const keys = new Set(now.map((c) => c.key));
      for (const key of said) if (!keys.has(key)) said.delete(key);
      const fresh = now.filter((c) => !said.has(c.key));
      for (const call of fresh) said.add(call.key);
      if (fresh.length === 0 || !may) return;
      spoken.value = fresh.map((c) => `${c.title}: ${c.text}`).join(" ");
      if (answers.value.sound === true)
        void sound(fresh.some((c) => c.isDanger) ? "danger" : "due");
      if (answers.value.notify === true && isVisible.value === "hidden") fresh.forEach(notify);
    },
    { immediate: true },
  );
  return { spoken };
}

function notify(call: PotCall): void {
  if (typeof Notification === "undefined" || Notification.permission !== "granted") return;
  new Notification(call.title, { body: call.text, tag: call.key, icon: "/icon.svg" });
}
