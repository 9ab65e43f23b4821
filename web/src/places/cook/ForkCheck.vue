<script setup lang="ts">
import { CHECKS, type Check } from "@kettlos/core/events/watch/terms";
import { whereIs } from "@kettlos/core/batch/counter";
import { isLiftedOut } from "@kettlos/core/events/pot/effects";
import { DONE_SIGNS } from "@kettlos/core/dish/meat-of";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { judgedTarget } from "@kettlos/core/simulate/judged";
import { computed, ref, watch } from "vue";
import { useEntry } from "../../controls/use-entry";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import OpenDialog from "../../controls/OpenDialog.vue";

/** What the fork says of a piece; the forecast of tenderness learns from it. */
const props = defineProps<{ pot: LivePot; write: (event: NewEvent) => Promise<void> }>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);
const WORDS: Record<Check, { label: string; hint: string }> = {
  notYet: { label: "Not yet", hint: "It resists, springs back" },
  nearly: { label: "Nearly", hint: "Goes in, holds on" },
  tender: { label: "Tender", hint: "Slides in and out" },
  tooSoft: { label: "Too soft", hint: "Falls apart" },
};
const targetOf = (item: PlanItem) => judgedTarget(item, props.pot.forecast.planned);
/** What is in the pot now: a fork goes into nothing else. */
const isIn = (item: PlanItem) => {
  const { batch, cook } = props.pot;
  const isOut = isLiftedOut(cook, item.id);
  return whereIs(item, batch.plan, cook) === "pot" && !isOut;
};
const judged = computed(() =>
  props.pot.batch.plan.items.filter((i) => targetOf(i) !== null && isIn(i)),
);
const itemId = ref("");
watch(
  shown,
  () => {
    const ruling = judged.value.find((i) => i.id === props.pot.forecast.tender?.itemId);
    itemId.value = (ruling ?? judged.value[0])?.id ?? "";
  },
  { immediate: true },
);
const sign = computed(() => {
  const item = judged.value.find((i) => i.id === itemId.value);
  const target = item === undefined ? null : targetOf(item);
  return target === null ? "" : (DONE_SIGNS[target.id] ?? "");
});

function save(how: Check) {
  void keep(() => props.write({ kind: "checked", itemId: itemId.value, how }));
}
</script>

<template>
  <OpenDialog v-model="shown" title="What the fork says" width="min(520px, 94vw)">
    <div v-if="judged.length === 0" class="fields">
      <p>Nothing that is in the pot now is judged by a fork.</p>
      <p>
        <button type="button" class="button primary" @click="shown = false">Back to the pot</button>
      </p>
    </div>
    <div v-else class="fields">
      <label
        >Which piece
        <select v-model="itemId" class="written">
          <option v-for="item in judged" :key="item.id" :value="item.id">{{ nameOf(item) }}</option>
        </select></label
      >
      <p v-if="sign" class="quiet">Done: {{ sign }}</p>
      <div class="answers">
        <button v-for="how in CHECKS" :key="how" type="button" class="button" @click="save(how)">
          <span
            ><strong>{{ WORDS[how].label }}</strong
            ><span class="small quiet">{{ WORDS[how].hint }}</span></span
          >
        </button>
      </div>
      <p v-if="notWritten" class="ember small" role="alert">{{ notWritten }}</p>
    </div>
  </OpenDialog>
</template>

<style scoped>
.answers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-4);
}

.answers .button {
  min-height: 64px;
}

.answers span span {
  display: block;
}
</style>
