<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { useHasKitchen } from "./data/had-kitchen";
import { useKitchenStore } from "./data/kitchen-store";
import { useLook } from "./data/look";
import { usePotsStore } from "./data/pots-store";
import ErrorSurface from "./frame/ErrorSurface.vue";
import HobRail from "./frame/HobRail.vue";
import KeptGoing from "./frame/KeptGoing.vue";
import NoticeStrip from "./frame/NoticeStrip.vue";
import TopRail from "./frame/TopRail.vue";
import { useInTurn } from "./frame/in-turn";
import { useLetters } from "./frame/letters";
import { areKeysOn, useShortcuts } from "./frame/shortcuts";
import { PLACES } from "./words/places";

/** Each comes with the first time it is asked for. */
const FindDialog = defineAsyncComponent(() => import("./find/FindDialog.vue"));
const HelpSheet = defineAsyncComponent(() => import("./frame/HelpSheet.vue"));
const TakeIn = defineAsyncComponent(() => import("./frame/TakeIn.vue"));
const PlacesBar = defineAsyncComponent(() => import("./frame/PlacesBar.vue"));

useLook();
const areLettersHere = useLetters();
/** First the frame alone; then what may have to be said; then what is on the hob. */
const turn = useInTurn(2);
const store = useKitchenStore();
const hasKitchen = useHasKitchen();
const router = useRouter();
const route = useRoute();
const showsHelp = ref(false);
const showsFind = ref(false);
const wasAsked = ref(false);
watch(showsFind, () => (wasAsked.value = true), { once: true });
const wasHelpAsked = ref(false);
watch(showsHelp, () => (wasHelpAsked.value = true), { once: true });
const pots = usePotsStore();
const PLACED = "placed";
/** Known which screen it is, or that it does not come, which is said then. */
const isPlaced = ref(false);
const place = () => {
  isPlaced.value = true;
  // From here on its code is there: what measures the rest begins here (`scripts/bench-growth.ts`).
  performance.mark(PLACED);
};
router.isReady().then(place, place);
/** Nothing is drawn or done by a kitchen whose pots are not known yet, nor before it is known where. */
const isReady = computed(() => store.isLoaded && pots.isReady && isPlaced.value);
/** With several pots on the fire the digits go from pot to pot in Cook. */
const digitsSwitchPots = computed(
  () => route.name === "cook" && pots.fire.filter((p) => p.cook.strainedMs === null).length > 1,
);
/** Where the keyboard goes on, and what the tab is called, comes with it. */
const main = ref<HTMLElement | null>(null);
watch(
  isReady,
  async () => {
    const { followArrivals } = await import("./frame/arrivals");
    if (main.value !== null) followArrivals(router, main.value);
  },
  { once: true },
);
useShortcuts(() => [
  { keys: "?", does: "Help for this screen", run: () => (showsHelp.value = true) },
  ...(store.kitchen === null
    ? []
    : [{ keys: "/", does: "Find", run: () => (showsFind.value = true) }]),
  ...PLACES.filter(() => !digitsSwitchPots.value).map((place) => ({
    keys: place.key,
    does: `Go to ${place.label}`,
    run: () => void router.push(place.path),
  })),
]);

/** Where a link led before there was a kitchen: there it goes on once there is one. */
let wanted: string | null = null;
watch(
  () => [store.isLoaded, store.kitchen, route.name] as const,
  ([isLoaded, kitchen, name]) => {
    if (!isLoaded || name === undefined) return;
    if (kitchen === null && name !== "bench") {
      wanted = route.fullPath;
      void router.replace("/bench");
    } else if (kitchen !== null && wanted !== null) {
      void router.replace(wanted);
      wanted = null;
    }
  },
);
</script>

<template>
  <div class="frame" :class="{ 'no-keys': !areKeysOn, bare: !areLettersHere || !isPlaced }">
    <a class="skip" href="#main">Skip to the work</a>
    <!-- What is to be heard alone stands on top: at the end it would be a page of its own in print. -->
    <KeptGoing v-if="turn > 0" :is-ready="isReady" />
    <TopRail :has-kitchen="hasKitchen" @find="showsFind = true" @help="showsHelp = true" />
    <template v-if="turn > 0">
      <ErrorSurface />
      <NoticeStrip is-danger />
    </template>
    <main id="main" ref="main" :class="{ waiting: !isReady }" tabindex="-1">
      <RouterView v-if="isReady" />
      <HelpSheet v-if="wasHelpAsked" v-model="showsHelp" />
      <FindDialog v-if="wasAsked" v-model="showsFind" />
    </main>
    <NoticeStrip v-if="turn > 0" />
    <TakeIn v-if="isReady" />
    <HobRail v-if="hasKitchen && turn > 1" />
    <div v-if="hasKitchen" class="bar">
      <PlacesBar @find="showsFind = true" @help="showsHelp = true" />
    </div>
  </div>
</template>

<style scoped>
.no-keys :deep(kbd) {
  display: none;
}

.frame {
  display: flex;
  flex-direction: column;
  height: 100%;
}

main {
  /* What is there to be heard alone stays in it: outside it would make the page scroll into nothing. */
  position: relative;
  flex: 1;
  min-height: 0;
  overflow: auto;
}

/* Nothing stands in it yet: a danger or the letters that come with the first of it move nothing. */
.waiting,
.bare > :not(.rail, p) {
  visibility: hidden;
}

main:focus-visible,
main :deep(h1:focus-visible) {
  outline: none;
}

/* Its room is there before it is. */
.bar {
  display: none;
  flex: none;
  min-height: 49px;
}

@media (width <= 700px) {
  .bar {
    display: block;
  }
}

.skip {
  position: absolute;
  left: -9999px;
  z-index: 10;
  padding: var(--space-5) var(--space-6);
  background: var(--surface);
}

.skip:focus {
  left: 8px;
  top: 8px;
}

@media print {
  .frame {
    display: block;
    height: auto;
  }

  main {
    overflow: visible;
  }

  .bar {
    display: none;
  }
}
</style>
