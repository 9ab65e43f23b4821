<script setup lang="ts">
import { whenever } from "@vueuse/core";
import { computed, watch } from "vue";
import { bringChecks } from "../data/checks";
import { useClockStore } from "../data/clock-store";
import { useKitchenStore } from "../data/kitchen-store";
import { usePotsStore } from "../data/pots-store";
import { useAlarms } from "../data/use-alarms";
import { useClockWatch } from "../data/use-clock-watch";

/** What goes on whatever is on the screen; of it is drawn what is to be heard. */
const props = defineProps<{
  /** Whether the screen's place is known, and what it shows. */
  isReady: boolean;
}>();
const store = useKitchenStore();
const pots = usePotsStore();
const isAtHome = computed(() => props.isReady && store.kitchen !== null);

const { spoken } = useAlarms();
useClockWatch();
/** What is to start and when is reckoned once the screen stands. */
const clockStore = useClockStore();
const SOON_MS = 1500;
whenever(isAtHome, () => setTimeout(clockStore.keepFilled, SOON_MS), { immediate: true });
/**
 * What is written is checked first: that is at hand before the first tap, and also where the network goes. What measures
 * goes on being heard whatever is on the screen. Both once that stands.
 */
const listen = async () => (await import("../data/instruments-store")).useInstrumentsStore();
whenever(
  () => props.isReady,
  async () => {
    await bringChecks();
    await listen();
  },
  { immediate: true },
);
/** Comes once the screen stands. */
const storageCare = () => import("../data/storage-care");
whenever(
  isAtHome,
  async () => {
    const { askToLast, careForBackup } = await storageCare();
    await askToLast();
    await careForBackup(Date.now());
  },
  { immediate: true, once: true },
);
/** What the log teaches is kept up with it, and pots that are done go into it; comes once the screen stands. */
whenever(
  isAtHome,
  async () => {
    (await import("../data/learning")).keepLearning();
    (await import("../data/self-log")).keepLogged();
  },
  { immediate: true, once: true },
);
/** A pot that went into the logbook goes to the folder too, where there is one. */
watch(
  () => pots.finishedCount,
  async (now, before) => {
    if (now > before && before > 0) await (await storageCare()).saveToFolder().catch(() => false);
  },
);
</script>

<template>
  <p class="visually-hidden" aria-live="assertive">{{ spoken }}</p>
</template>
