<script setup lang="ts">
import { nobodyUp } from "@kettlos/core/simulate/nobody-up";
import { HOUR_MS } from "@kettlos/core/units/time";
import { clockOf, hourOf, weekdayOf } from "@kettlos/core/units/moments";
import { useMeasuredWidth } from "../drawings/measured-width";
import { useStorage } from "@vueuse/core";
import { computed, ref, useTemplateRef, watchEffect } from "vue";
import { usePotsStore } from "../data/pots-store";
import { useKitchenStore } from "../data/kitchen-store";
import { useClockStore } from "../data/clock-store";
import { useLater } from "./later";
import { mostPressing, useHobBands } from "./hob-bands";
import { sideOfWords, wordsStyle } from "./rail-words";

/** The next 24 hours at the foot of every screen: what is on the fire, what is planned. */
const BACK_H = 3;
/** Half of what an hour's label takes: nearer to an end it would be cut. */
const HALF_HOUR_PX = 24;
const AHEAD_H = 21;

const pots = usePotsStore();
const clockStore = useClockStore();
const store = useKitchenStore();
const lane = useTemplateRef<HTMLElement>("lane");
const { width } = useMeasuredWidth(lane);

/** Only what changes is drawn anew each second. */
const hourMs = computed(() => new Date(pots.nowMs).setMinutes(0, 0, 0));
const fromMs = computed(() => hourMs.value - BACK_H * HOUR_MS);
const toMs = computed(() => fromMs.value + (BACK_H + AHEAD_H) * HOUR_MS);
const share = (ms: number) => ((ms - fromMs.value) / (toMs.value - fromMs.value)) * 100;
const clamped = (ms: number) => Math.min(100, Math.max(0, share(ms)));
const clock = computed(() => clockOf(pots.nowMs));
const weekday = computed(() => weekdayOf(pots.nowMs));
/** As finely as is seen: some ten seconds. */
const nowShare = computed(() => Math.round(share(pots.nowMs) * 100) / 100);

const hours = computed(() => {
  const every = width.value > 900 ? 2 : width.value > 500 ? 3 : 6;
  return Array.from({ length: BACK_H + AHEAD_H + 1 }, (_, i) => {
    const ms = fromMs.value + i * HOUR_MS;
    const hour = new Date(ms).getHours();
    const at = share(ms);
    const isWhole =
      at * width.value > HALF_HOUR_PX * 100 && (100 - at) * width.value > HALF_HOUR_PX * 100;
    return { at, label: hour % every === 0 && isWhole ? hourOf(ms) : null };
  });
});
const nights = computed(() => {
  const spans = nobodyUp(store.kitchen?.hands ?? []);
  // By the clock on the wall, also in the nights on which it is set.
  const at = (day: number, min: number) =>
    clamped(new Date(hourMs.value).setHours(day * 24, min, 0, 0));
  return [-1, 0, 1, 2].flatMap((day) =>
    spans.map(({ fromMin, toMin }) => {
      const from = at(day, fromMin);
      return { from, width: at(day, toMin) - from };
    }),
  );
});

const bandsNow = useHobBands(toMs, clamped);
/** The bands with whether the clock is filled: one without the other would draw a rail of another height for a moment. */
const drawn = useLater(
  computed(() => ({ bands: bandsNow.value, isFilled: clockStore.answer !== null })),
);
const bands = computed(() => drawn.value.bands);

/** As many as there were the last time, until the clock knows those of now: what stands over them does not move. */
const before = useStorage("kettlos-rail-lines", 0);
watchEffect(() => {
  if (drawn.value.isFilled) before.value = bands.value.length;
});
const lines = computed(() =>
  drawn.value.isFilled ? bands.value.length : Math.max(before.value, bands.value.length),
);
const LINE_PX = 26;
/** Where there is little room it is one line, of what is most pressing, until it is tapped open. */
const isOpen = ref(false);
const pressing = computed(() => mostPressing(bands.value)?.key);
</script>

<template>
  <footer class="hob" :class="{ folded: !isOpen }" aria-label="On the hob">
    <div class="now">
      <span class="label">On the hob</span>
      <strong class="figure">{{ clock }}</strong>
      <span class="label">{{ weekday }}</span>
    </div>
    <div ref="lane" class="lanes">
      <div
        v-for="(night, i) in nights"
        :key="i"
        class="night"
        :style="{ left: `${night.from}%`, width: `${night.width}%` }"
      />
      <div class="axis" aria-hidden="true">
        <template v-for="hour in hours" :key="hour.at">
          <i :class="{ major: hour.label !== null }" :style="{ left: `${hour.at}%` }" />
          <span v-if="hour.label !== null" :style="{ left: `${hour.at}%` }">{{ hour.label }}</span>
        </template>
      </div>
      <i class="needle" :style="{ left: `${nowShare}%` }" />
      <ul v-if="lines > 0" :style="{ minHeight: `${lines * LINE_PX}px` }">
        <li v-for="band in bands" :key="band.key" :class="{ pressing: band.key === pressing }">
          <RouterLink :to="band.to" :aria-label="`${band.name}: ${band.next}`">
            <span
              class="bar"
              :class="{ planned: band.isPlanned }"
              :style="{
                left: `${band.from}%`,
                width: `${band.end - band.from}%`,
              }"
            />
            <span
              class="words"
              :style="wordsStyle(band, nowShare)"
              :class="[sideOfWords(band), { overdue: band.isOverdue, planned: band.isPlanned }]"
              ><strong>{{ band.name }}</strong> {{ band.next }}</span
            >
          </RouterLink>
        </li>
      </ul>
      <p v-else class="nothing">
        Nothing on. <RouterLink to="/plan">Plan a pot</RouterLink>, then put it on.
      </p>
    </div>
    <button
      v-if="lines > 1"
      type="button"
      class="unfold"
      :aria-expanded="isOpen"
      :aria-label="isOpen ? 'Only the most pressing' : 'All that is on the hob'"
      @click="isOpen = !isOpen"
    >
      <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
        <path :d="isOpen ? 'M2 5l6 6 6-6' : 'M2 11l6-6 6 6'" />
      </svg>
      <span v-if="!isOpen" aria-hidden="true">{{ lines }}</span>
    </button>
  </footer>
</template>

<style scoped>
.hob {
  --focus: 2px solid var(--rail-ink);

  display: flex;
  flex: none;
  background: var(--rail);
  color: var(--rail-ink);
}

.now {
  display: flex;
  flex-direction: column;
  justify-content: center;
  width: 176px;
  padding: var(--space-2) var(--space-7);
}

.now strong {
  font-size: var(--size-head);
  line-height: 32px;
}

.label {
  color: var(--rail-quiet);
  font-size: var(--size-small);
  line-height: 18px;
}

.lanes {
  position: relative;
  flex: 1;
  min-height: 84px;
  padding: var(--space-8) 0 var(--space-3);
  overflow: hidden;
}

.night {
  position: absolute;
  inset-block: 0;
  background: var(--rail-night);
}

.axis {
  position: absolute;
  inset: 0 0 auto;
}

.axis i {
  position: absolute;
  width: 1px;
  height: 5px;
  background: var(--rail-quiet);
}

.axis i.major {
  height: 9px;
}

.axis span {
  position: absolute;
  top: 9px;
  font: 500 var(--size-small)/18px var(--head);
  transform: translateX(-50%);
}

.needle {
  position: absolute;
  z-index: 1;
  inset-block: 0;
  width: 2px;
  background: var(--rail-ink);
}

ul {
  position: relative;
}

li a {
  position: relative;
  display: block;
  height: 26px;
  color: inherit;
  text-decoration: none;
}

.bar {
  position: absolute;
  inset-block: 3px;
  border-radius: 2px;
  background: var(--broth);
}

.bar.planned {
  border: 1.5px dashed var(--broth);
  background: none;
}

.words {
  position: absolute;
  top: 3px;
  z-index: 2;
  padding: 0 var(--space-4);
  font-size: var(--size-small);
  line-height: 20px;
  white-space: nowrap;
}

.words.before,
.words.on {
  overflow: hidden;
  text-overflow: ellipsis;
}

.words.before {
  max-width: 60%;
}

/* Dark on the broth of a pot that is on; a planned one has none yet. */
.words.on:not(.planned) {
  color: var(--broth-ink);
}

.overdue {
  border-left: 3px solid var(--ember);
  text-decoration: underline;
}

.nothing {
  position: relative;
  z-index: 2;
  padding: 0 0 var(--space-4) 16%;
  font-size: var(--size-small);
}

.nothing a {
  color: inherit;
  font-weight: 700;
}

.unfold {
  display: none;
}

@media (width <= 700px), (height <= 480px) {
  .hob {
    align-items: start;
  }

  .now {
    flex-direction: row;
    gap: var(--space-3);
    align-items: baseline;
    width: auto;
    padding: var(--space-4) 0 var(--space-3) var(--space-6);
  }

  .now strong {
    font-size: var(--size-body);
    line-height: 20px;
  }

  .label,
  .axis,
  .night,
  .needle {
    display: none;
  }

  .lanes {
    min-height: 36px;
    max-height: 40vh;
    padding: var(--space-3) 0 var(--space-2);
    overflow: auto;
  }

  ul {
    min-height: 0 !important;
  }

  .folded li:not(.pressing) {
    display: none;
  }

  .words,
  .words.before,
  .words.on,
  .words.on:not(.planned) {
    right: auto !important;
    left: 0 !important;
    position: relative;
    display: block;
    max-width: 100% !important;
    padding: 0 var(--space-4);
    color: var(--rail-ink);
    white-space: normal;
  }

  li a {
    height: auto;
    min-height: 26px;
    padding-bottom: var(--space-2);
  }

  .bar {
    inset-block: auto 0;
    height: 3px;
  }

  .nothing {
    padding: var(--space-1) var(--space-4);
  }

  .unfold {
    display: flex;
    gap: var(--space-1);
    align-items: center;
    justify-content: center;
    min-width: 48px;
    min-height: 36px;
    border: 0;
    background: none;
    color: inherit;
    font-size: var(--size-small);
  }

  .unfold path {
    fill: none;
    stroke: currentcolor;
    stroke-width: 2;
  }
}

/* Every line is the work's there. */
@media (height <= 480px) {
  .folded .words {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap !important;
  }
}

@media print {
  .hob {
    display: none;
  }
}

li a:focus-visible {
  outline-offset: -2px;
}

@media (forced-colors: active) {
  .hob {
    border-top: 1px solid;
  }

  .bar,
  .needle {
    forced-color-adjust: none;
  }
}
</style>
