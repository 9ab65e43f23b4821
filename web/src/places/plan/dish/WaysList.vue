<script setup lang="ts">
import type { WaterStatement } from "@kettlos/core/simulate/plan-schema";

/** The ways of stating the water, each at the end of its leader: a tap states it so. */
defineProps<{
  ways: readonly {
    statement: WaterStatement;
    words: string;
    volume: string;
    isOn: boolean;
    isOver: boolean;
    y: number;
  }[];
  /** One after the other under the pot, where there is no room beside it. */
  isRow: boolean;
}>();
defineEmits<{ state: [statement: WaterStatement] }>();
</script>

<template>
  <ul class="ways" :class="{ row: isRow }" aria-label="Ways of stating the water">
    <li
      v-for="way in ways"
      :key="way.statement.by"
      :style="isRow ? {} : { top: `${way.y - 22}px` }"
    >
      <button
        type="button"
        :class="{ on: way.isOn }"
        :aria-pressed="way.isOn"
        @click="$emit('state', way.statement)"
      >
        {{ way.words }}
        <span class="volume" :class="{ ember: way.isOver }"
          >{{ way.volume }}<template v-if="way.isOver">, over the line</template></span
        >
      </button>
    </li>
  </ul>
</template>

<style scoped>
.ways li {
  position: absolute;
  right: 0;
  width: 160px;
}

.ways button {
  width: 100%;
  min-height: 44px;
  padding: 0 var(--space-2);
  border: 0;
  background: none;
  line-height: 20px;
  text-align: left;
}

.ways button.on {
  font-weight: 700;
}

.ways button:hover {
  background: var(--rim-soft);
}

.volume {
  display: block;
  font: 600 var(--size-small)/18px var(--head);
  color: var(--quiet);
}

.volume.ember {
  color: var(--ember);
}

.on .volume {
  color: inherit;
}

.ways.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-5);
}

.ways.row li {
  position: static;
  width: auto;
}
</style>
