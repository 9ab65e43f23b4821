<script setup lang="ts">
import { startContents } from "@kettlos/core/simulate/start-contents";
import NumberField from "../../../controls/NumberField.vue";
import { WATER_PER_BONE } from "@kettlos/core/units/limits";
import { useWords } from "../../../data/use-words";
import type { BackwardOption } from "@kettlos/core/simulate/backward";
import type { Plan, Wanted } from "@kettlos/core/simulate/plan-schema";
import { wantedL } from "@kettlos/core/simulate/stated-water";
import { showMass, showVolume } from "@kettlos/core/units/show";
import { ref, shallowRef, watch } from "vue";
import { plain } from "../../../data/plain";
import { reckoner } from "../../../workers/reckoner";
import type { WorkedBack } from "../../../workers/work-back";
import { ratioWord } from "./water-words";
import { useThePlan } from "../the-plan";

/** The way back from a wanted result: for every pot the bones and the water that leave it. */
const props = defineProps<{ wanted: Wanted }>();
const { plan, kitchen, one } = useThePlan();
const emit = defineEmits<{ plan: [Partial<Plan>] }>();
const words = useWords();

const litres = (v: number) => showVolume(v, one.value);
const waterPerBone = ref(2);
const isBusy = ref(false);
const worked = shallowRef<WorkedBack | null>(null);

let newest = 0;
function forget() {
  newest++;
  isBusy.value = false;
  worked.value = null;
}
// An answer to another question does not stay beside this one.
watch([() => plan.value, () => props.wanted, waterPerBone], forget);

async function workBack() {
  forget();
  const mine = newest;
  isBusy.value = true;
  try {
    const answer = await reckoner().workBack(
      plain(plan.value),
      plain(kitchen.value),
      wantedL(props.wanted),
      waterPerBone.value,
    );
    if (mine === newest) worked.value = answer;
  } finally {
    if (mine === newest) isBusy.value = false;
  }
}
const potName = (id: string) => kitchen.value.vessels.find((v) => v.id === id)?.name ?? id;
function take(option: BackwardOption) {
  const by = option.bonesKg / startContents(plan.value).bonesKg;
  emit("plan", {
    vesselId: option.vesselId,
    items: plan.value.items.map(({ counted: _, ...item }) => ({
      ...item,
      massKg: item.massKg * by,
    })),
    water:
      option.loads === 1
        ? { by: "left", wanted: props.wanted }
        : { by: "amount", volumeL: Math.round(option.waterL * 20) / 20 },
  });
  forget();
}
</script>

<template>
  <div class="back">
    <div class="line">
      1 part bones to
      <NumberField
        :model-value="waterPerBone"
        label="Parts water to one of bones"
        hide-label
        :limits="WATER_PER_BONE"
        @update:model-value="$event !== null && (waterPerBone = $event)"
      />
      parts water: {{ ratioWord(waterPerBone) }}
    </div>
    <p>
      <button type="button" class="button" :disabled="isBusy" @click="workBack">
        {{ isBusy ? "Working it out" : "Work out bones and pot too" }}
      </button>
      <button v-if="isBusy" type="button" class="link" @click="forget">Leave it</button>
    </p>
    <p v-if="worked?.problem" class="ember small" role="alert">{{ words(worked.problem) }}</p>
    <ul v-else-if="worked" class="options">
      <li v-for="option in worked.options" :key="option.vesselId">
        <span
          ><strong>{{ potName(option.vesselId) }}</strong
          >{{ option.loads > 1 ? `, ${option.loads} pots of ` : ": "
          }}{{ showMass(option.bonesKg, one) }} bones, {{ litres(option.waterL) }} water</span
        >
        <button type="button" class="button" @click="take(option)">Take</button>
      </li>
      <li v-if="worked.options.length === 0">No pot here makes that, even in six loads.</li>
    </ul>
  </div>
</template>

<style scoped>
.back {
  display: grid;
  gap: var(--space-4);
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}

.options li {
  display: flex;
  gap: var(--space-5);
  align-items: center;
  justify-content: space-between;
  padding: var(--space-3) 0;
  border-top: 1px solid var(--hair);
}
</style>
