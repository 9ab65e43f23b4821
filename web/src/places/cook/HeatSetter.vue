<script setup lang="ts">
import { VIGOURS, type Vigour } from "@kettlos/core/heat/constants";
import { LIDS, type Lid } from "@kettlos/core/vessel/lid";
import { SIMMER_LOOK } from "@kettlos/core/batch/next-action";
import { ref, watch } from "vue";
import { lidOf } from "../../data/lid-of";
import TickChoice from "../../controls/TickChoice.vue";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";

/** How it really simmers and where the lid is; the forecast follows from then on. */
const props = defineProps<{ pot: LivePot }>();
const shown = defineModel<boolean>({ required: true });
const emit = defineEmits<{ set: [NewEvent] }>();
const vigour = ref<Vigour>("gentle");
const lid = ref<Lid>("ajar");
watch(
  shown,
  () => {
    const last = props.pot.cook.settings.at(-1);
    const { heat } = props.pot.batch.plan;
    vigour.value = last?.vigour ?? (heat.method === "hob" ? heat.vigour : "gentle");
    lid.value = last?.lid ?? lidOf(heat);
  },
  { immediate: true },
);
const vigours = VIGOURS.map((value) => ({ value, label: value }));
const lids = LIDS.map((value) => ({ value, label: value }));

function save() {
  emit("set", { kind: "heatSet", vigour: vigour.value, lid: lid.value });
  shown.value = false;
}
</script>

<template>
  <ElDialog v-model="shown" title="Heat and lid now" width="min(520px, 94vw)">
    <form class="fields" @submit.prevent="save">
      <TickChoice v-model="vigour" label="How it simmers" :options="vigours" />
      <p class="quiet">{{ SIMMER_LOOK[vigour] }}</p>
      <TickChoice v-model="lid" label="Lid" :options="lids" />
      <button type="submit" class="button primary">It is so now</button>
    </form>
  </ElDialog>
</template>
