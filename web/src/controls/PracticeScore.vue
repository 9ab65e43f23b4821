<script setup lang="ts">
import { LESSONS } from "@kettlos/core/instruments/lessons/lessons";
import { scoreOf } from "@kettlos/core/instruments/score-of";
import { computed, watch } from "vue";
import { useRouter } from "vue-router";
import { binBatch } from "../data/bin";
import { noteLesson } from "../data/lesson-best";
import type { PotState } from "../data/pot-state";

/** How a practice pot was cooked: points against its plan, what was hidden in it, and why it went so. */
const router = useRouter();
const props = defineProps<{ pot: PotState }>();
const score = computed(() => scoreOf(props.pot.stored, props.pot.cook));
const lesson = computed(() => {
  const id = props.pot.stored.practice?.lesson;
  return id === undefined ? null : LESSONS[id];
});
/** Nobody wants the pot of a lesson on the hob, nor in the logbook: it lies in the bin for a while. */
async function clearAway() {
  await router.push("/lessons");
  await binBatch(props.pot.stored.id);
}
watch(
  score,
  (now) => {
    if (now !== null && lesson.value !== null) void noteLesson(lesson.value.id, now.points);
  },
  { immediate: true },
);
</script>

<template>
  <section v-if="score !== null" class="score" aria-label="How it was cooked">
    <h2>
      {{ lesson?.title ?? "Practice" }}: <b class="figure points">{{ score.points }}</b> of 100
    </h2>
    <ul>
      <li v-for="part in score.parts" :key="part.id">
        <span
          ><strong>{{ part.title }}</strong
          ><span class="small">{{ part.why }}</span></span
        >
        <span class="bar" aria-hidden="true"
          ><i :style="{ width: `${(100 * part.points) / part.of}%` }"
        /></span>
        <b class="figure">{{ part.points }} of {{ part.of }}</b>
      </li>
    </ul>
    <p v-if="lesson !== null">{{ lesson.teaches }}</p>
    <p class="quiet small">
      This pot had
      {{ score.hidden.length === 0 ? "no surprises" : score.hidden.join(", ") }}. A practice pot
      teaches the cook, not the kitchen.
    </p>
    <p v-if="lesson !== null">
      <button type="button" class="button" @click="clearAway">
        Clear it away, and on to the other lessons
      </button>
    </p>
  </section>
</template>

<style scoped>
.score {
  display: grid;
  gap: var(--space-4);
}

.points {
  font-size: var(--size-head);
}

li {
  display: grid;
  grid-template-columns: 1fr 96px 72px;
  gap: var(--space-5);
  align-items: center;
  padding: var(--space-3) 0;
  border-top: 1px solid var(--hair);
}

li span span {
  display: block;
}

li b {
  text-align: right;
}

.bar {
  height: 10px;
  border-bottom: 1px solid var(--tick);
  background: repeating-linear-gradient(90deg, var(--tick) 0 1px, transparent 1px 19px);
}

.bar i {
  display: block;
  height: 7px;
  background: var(--herb);
}

@media (width <= 700px) {
  li {
    grid-template-columns: 1fr 72px;
  }

  .bar {
    display: none;
  }
}
</style>
