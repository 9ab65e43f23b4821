<script setup lang="ts">
import { OwnCodeSchema, type OwnCode } from "@kettlos/core/cool/own-code-schema";
import { codeOf } from "@kettlos/core/cool/codes";
import { computed, ref } from "vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { useWords } from "../../data/use-words";

/** Whose rule for chilling: three that are published, or gates of this kitchen's own. */
const words = useWords();
const store = useKitchenStore();
type Code = "us" | "auNz" | "uk" | "own";
const CODES: readonly { value: Code; label: string }[] = [
  { value: "us", label: "US" },
  { value: "auNz", label: "Australia, New Zealand" },
  { value: "uk", label: "UK" },
  { value: "own", label: "our own" },
];
/** What own gates begin as: the Australian ones, for they are the plainest to change. */
const BEGIN: OwnCode = [
  { fromC: 60, toC: 21, withinMin: 120 },
  { fromC: 21, toC: 5, withinMin: 240 },
];
const code = computed(() => (store.kitchen === null ? null : codeOf(store.kitchen)));
const gates = computed(() => store.kitchen?.ownCode ?? BEGIN);
const problem = ref("");

function choose(coolingCode: Code) {
  void store.change(
    coolingCode === "own" && store.kitchen?.ownCode === null
      ? { coolingCode, ownCode: BEGIN }
      : { coolingCode },
  );
}
function save(next: OwnCode) {
  const read = OwnCodeSchema.safeParse(next);
  problem.value = read.success ? "" : (read.error.issues[0]?.message ?? "");
  if (read.success) void store.change({ ownCode: read.data });
}
const change = (i: number, part: Partial<OwnCode[number]>) =>
  save(gates.value.map((g, j) => (j === i ? { ...g, ...part } : g)));
const add = () => {
  const last = gates.value.at(-1);
  const fromC = last?.toC ?? 60;
  save([...gates.value, { fromC, toC: Math.max(0, fromC - 3), withinMin: 120 }]);
};
</script>

<template>
  <h2>Whose rule for chilling</h2>
  <TickChoice
    wraps
    label="Whose rule for chilling"
    :options="CODES"
    :model-value="store.kitchen?.coolingCode ?? 'us'"
    @update:model-value="choose"
  />
  <ul v-if="store.kitchen?.coolingCode === 'own'" class="gates">
    <li v-for="(gate, i) in gates" :key="i" class="beside">
      <TemperatureField
        label="From"
        :units="store.units"
        :min="0"
        :max="100"
        :model-value="gate.fromC"
        @update:model-value="$event !== null && change(i, { fromC: $event })"
      />
      <TemperatureField
        label="Down to"
        :units="store.units"
        :min="0"
        :max="100"
        :model-value="gate.toC"
        @update:model-value="$event !== null && change(i, { toC: $event })"
      />
      <UnitField
        label="Within"
        dimension="time"
        :units="store.units"
        :min="5"
        :max="1440"
        :model-value="gate.withinMin"
        @update:model-value="$event !== null && change(i, { withinMin: Math.round($event) })"
      />
      <button
        v-if="gates.length > 1"
        type="button"
        class="link"
        @click="save(gates.filter((_, j) => j !== i))"
      >
        Take it off
      </button>
    </li>
    <li v-if="gates.length < 4">
      <button type="button" class="button" @click="add">One more gate</button>
    </li>
  </ul>
  <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
  <p v-if="code" class="small">
    {{ words(code.text) }} <span class="quiet">Rule of: {{ code.whose }}.</span>
  </p>
  <p class="quiet small">
    Chilling and the cautions at the sieve go by it. Your local food code comes first: gates of
    one's own are only for a code that is not here, or a stricter one.
  </p>
</template>

<style scoped>
.gates {
  display: grid;
  gap: var(--space-4);
}
</style>
