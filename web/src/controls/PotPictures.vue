<script setup lang="ts">
import type { Picture } from "@kettlos/core/batch/picture-schema";
import { begunMs } from "@kettlos/core/batch/of-log";
import { Problem } from "@kettlos/core/units/problem";
import { computed, ref, shallowRef, watch } from "vue";
import { binPicture, bringBack } from "../data/bin";
import type { Binned } from "../data/binned";
import { addPicture, picturesOf } from "../data/pictures";
import type { PotState } from "../data/pot-state";
import { usePotsStore } from "../data/pots-store";
import { useLive } from "../data/use-live";
import { NotWritten } from "../data/writing";
import PictureRow from "./PictureRow.vue";

/** Pictures of a pot, from the camera or from files: each opens large, and can be taken away again. */
const props = defineProps<{ pot: PotState }>();
const pots = usePotsStore();
const batchId = computed(() => props.pot.batch.id);
const name = computed(() => props.pot.batch.plan.name);
const pictures = useLive(() => picturesOf(batchId.value), [batchId]);
const removed = shallowRef<Binned | null>(null);
const problems = ref<readonly string[]>([]);
const isBusy = ref(false);
watch(batchId, () => {
  removed.value = null;
  problems.value = [];
});

async function choose(event: Event) {
  const input = event.target as HTMLInputElement;
  const files = [...(input.files ?? [])];
  input.value = "";
  problems.value = [];
  removed.value = null;
  isBusy.value = true;
  try {
    const of = { batchId: batchId.value, begunMs: begunMs(props.pot) };
    const { nowMs } = pots;
    for (const [i, file] of files.entries())
      try {
        // What comes together stands in the order it was chosen.
        await addPicture(file, of, nowMs + i);
      } catch (error) {
        // What the disk did not take waits where that is said.
        if (error instanceof NotWritten) continue;
        if (!(error instanceof Problem)) throw error;
        problems.value = [...new Set([...problems.value, error.message])];
      }
  } finally {
    isBusy.value = false;
  }
}
async function remove(picture: Picture) {
  removed.value = await binPicture(picture, name.value);
}
async function back(one: Binned) {
  removed.value = null;
  await bringBack(one);
}
</script>

<template>
  <div class="pictures">
    <PictureRow
      v-if="pictures !== undefined"
      :key="batchId"
      :pictures
      :name
      can-remove
      @remove="remove"
    />
    <p class="line">
      <label class="button" :class="{ busy: isBusy }"
        >{{ pictures?.length ? "Another picture" : "Add a picture" }}
        <input
          type="file"
          accept="image/*"
          multiple
          class="visually-hidden"
          :disabled="isBusy"
          @change="choose"
        />
      </label>
      <span v-if="isBusy" role="status" class="quiet small">Making it smaller …</span>
      <span v-if="removed !== null" role="status" class="small">
        Taken away.
        <button type="button" class="link" @click="back(removed)">Bring it back</button>
      </span>
    </p>
    <p v-for="problem in problems" :key="problem" class="ember small" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  align-items: center;
}

label {
  display: inline-flex;
  align-items: center;
  cursor: pointer;
}

label:focus-within {
  outline: 3px solid var(--rim);
  outline-offset: 2px;
}

.busy {
  opacity: 0.6;
}

.link {
  min-height: 44px;
}
</style>
