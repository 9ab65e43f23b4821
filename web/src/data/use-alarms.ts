import { useDocumentVisibility } from "@vueuse/core";
import { computed, ref, watch } from "vue";
import { showBadge } from "./app-badge";
import { say, unsay } from "../frame/notices";
import { callsOf, type PotCall } from "./calls-of";
import { clockCalls } from "./clock-calls";
import { useClockStore } from "./clock-store";
import { dueCalls, type Rung } from "./due-calls";
import { useKitchenStore } from "./kitchen-store";
import { usePotsStore } from "./pots-store";
import { usePreferences } from "./preferences";
import { sound } from "./sounds";

const LOCK = "kettlos-alarms";

/**
 * Calls the cook for what is due and for every danger, by sound and notification as allowed, again and again
 * until it is done or somebody says that they heard. After sleep everything missed is called at once and says
 * how late it is. Of several tabs one calls.
 */
export function useAlarms() {
  const pots = usePotsStore();
  const kitchenStore = useKitchenStore();
  const clockStore = useClockStore();
  const { answers } = usePreferences();
  const isVisible = useDocumentVisibility();
  let rung: ReadonlyMap<string, Rung> = new Map();
  const mayCall = ref(!("locks" in navigator));
  /** What was called last, for those who hear the screen and not the tone. */
  const spoken = ref("");
  if ("locks" in navigator)
    void navigator.locks.request(LOCK, () => {
      mayCall.value = true;
      return new Promise<never>(() => undefined);
    });

  // A practice pot is watched while it runs; it calls nobody from elsewhere.
  const calls = computed(() => [
    ...pots.inEarnest.flatMap((p) => callsOf(p, pots.nowMs, kitchenStore.units)),
    ...clockCalls(clockStore.answer, pots.nowMs, kitchenStore.units),
  ]);

  watch(() => new Set(calls.value.map((c) => c.key)).size, showBadge, { immediate: true });

  function heard(key: string) {
    const before = rung.get(key);
    if (before !== undefined) rung = new Map([...rung, [key, { ...before, heardMs: pots.nowMs }]]);
    unsay(key);
  }
  function showDangers(now: readonly PotCall[]) {
    const open = now.filter((c) => c.isDanger && (rung.get(c.key)?.heardMs ?? null) === null);
    for (const key of shown) if (!open.some((c) => c.key === key)) unsay(key);
    shown = open.map((c) => c.key);
    for (const call of open)
      say({
        id: call.key,
        tone: "danger",
        title: `${call.title}.`,
        text: call.text,
        batchId: call.batchId,
        ways: [{ label: "I am on it", run: () => heard(call.key), stays: true }],
      });
  }
  let shown: readonly string[] = [];

  watch(
    () => [calls.value, mayCall.value, pots.nowMs] as const,
    ([now, may]) => {
      const { ring, after } = dueCalls(now, rung, pots.nowMs);
      rung = after;
      showDangers(now);
      const [gravest] = ring;
      if (gravest === undefined || !may) return;
      spoken.value = ring.map((c) => `${c.title}: ${c.text}`).join(" ");
      const times = rung.get(gravest.key)?.times ?? 1;
      if (answers.value.sound === true) void sound(gravest.isDanger ? "danger" : "due", times);
      if (answers.value.notify === true && isVisible.value === "hidden") ring.forEach(notify);
    },
    { immediate: true },
  );
  return { spoken };
}

function notify(call: PotCall): void {
  if (typeof Notification === "undefined" || Notification.permission !== "granted") return;
  new Notification(call.title, { body: call.text, tag: call.key, icon: "/icon.svg" });
}
