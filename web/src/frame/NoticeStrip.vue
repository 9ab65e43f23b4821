<script setup lang="ts">
import { computed } from "vue";
import { useRoute } from "vue-router";
import { notices, unsay, type Notice } from "./notices";

/** What is said across every screen: dangers over the work, which gives way; the rest under it, where nothing moves for it. */
const props = defineProps<{ isDanger?: boolean }>();
const route = useRoute();
const isOnItsScreen = ({ batchId }: Notice) =>
  batchId !== undefined && route.params["batchId"] === batchId;
const TONES = ["danger", "note", "good"];
const all = computed(() =>
  [...notices.values()]
    .filter(({ tone }) => (tone === "danger") === props.isDanger)
    .sort((a, b) => TONES.indexOf(a.tone) - TONES.indexOf(b.tone)),
);
async function take(notice: Notice, way: Notice["ways"][number]) {
  if (way.stays !== true) unsay(notice.id);
  await way.run();
}
</script>

<template>
  <section
    v-for="notice in all"
    :key="notice.id"
    class="notice"
    :class="[notice.tone, { under: notice.tone !== 'danger' }]"
    :role="notice.tone === 'danger' ? 'alert' : 'status'"
  >
    <p>
      <strong>{{ notice.title }}</strong>
      <span v-if="notice.text && !isOnItsScreen(notice)">{{ " " }}{{ notice.text }}</span>
    </p>
    <button
      v-for="way in notice.ways"
      :key="way.label"
      type="button"
      class="button"
      @click="take(notice, way)"
    >
      {{ way.label }}
    </button>
  </section>
</template>

<style scoped>
.notice {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  align-items: center;
  padding: var(--space-2) var(--space-7);
  border-bottom: 3px solid var(--rim);
  background: var(--rim-soft);
}

/* Its edge is toward the work. */
.under {
  border-top: 3px solid var(--rim);
  border-bottom: 0;
}

.danger {
  border-color: var(--ember);
  background: var(--ember-soft);
}

.good {
  border-color: var(--herb);
  background: var(--herb-soft);
}

p {
  flex: 1;
  min-width: 240px;
}

@media (width <= 700px) {
  .notice {
    padding-inline: var(--space-6);
  }
}

/* One line of it leaves room for the work. */
@media (height <= 480px) {
  .notice {
    flex-wrap: nowrap;
    padding-block: var(--space-1);
  }

  p {
    min-width: 0;
    line-height: 20px;
  }
}

@media print {
  .notice {
    display: none;
  }
}
</style>
