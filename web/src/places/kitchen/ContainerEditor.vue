<script setup lang="ts">
import NumberField from "../../controls/NumberField.vue";
import { CONTAINERS, CUPS } from "@kettlos/core/units/limits";
import { useWords } from "../../data/use-words";
import { useRefused } from "../../controls/use-refused";
import { vTyped } from "../../controls/v-typed";
import { fillOf } from "@kettlos/core/portion/headspace";
import { StoreContainerSchema, type StoreContainer } from "@kettlos/core/vessel/store-container";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import UnitField from "../../controls/UnitField.vue";

/** One container by its measures, with how full it will be. */
const props = defineProps<{ container: StoreContainer; units: UnitSystem }>();
const emit = defineEmits<{ change: [StoreContainer]; remove: [] }>();
const words = useWords();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const problem = ref("");
const isTall = computed(() => ["jar", "shoulderJar", "tub", "tray"].includes(props.container.kind));
const fill = computed(() => fillOf(props.container, true));

function change(part: Partial<Record<keyof StoreContainer, unknown>>) {
  const read = StoreContainerSchema.safeParse({ ...props.container, ...part });
  problem.value = read.success ? "" : (read.error.issues[0]?.message ?? "");
  if (read.success) emit("change", read.data);
}
const { refuse, clear, standsIn, refused } = useRefused<"name">();
function rename(event: Event) {
  const written = (event.target as HTMLInputElement).value;
  if (written.trim() === "") return refuse("name", written, "A container has a name.");
  clear();
  change({ name: written });
}
</script>

<template>
  <div class="editor">
    <div class="beside">
      <label class="small quiet field"
        >Name
        <input
          v-typed="standsIn('name', container.name)"
          class="written"
          maxlength="60"
          @change="rename"
      /></label>
      <UnitField
        :label="container.kind === 'mould' ? 'One cup holds, to the brim' : 'Holds, to the brim'"
        dimension="volume"
        :units="units"
        :min="0.01"
        :max="50"
        :model-value="container.capacityL"
        @update:model-value="$event !== null && change({ capacityL: $event })"
      />
      <UnitField
        v-if="isTall"
        label="Height inside"
        dimension="length"
        :units="units"
        :min="0.01"
        :max="1"
        :model-value="container.heightM ?? null"
        @update:model-value="$event !== null && change({ heightM: $event })"
      />
      <UnitField
        v-if="container.kind === 'shoulderJar'"
        label="To the shoulder"
        dimension="volume"
        :units="units"
        :min="0.01"
        :max="50"
        :model-value="container.shoulderL ?? null"
        @update:model-value="$event !== null && change({ shoulderL: $event })"
      />
      <NumberField
        v-if="container.kind === 'mould'"
        label="Cups in one"
        whole
        :limits="CUPS"
        :model-value="container.cups"
        @update:model-value="$event !== null && change({ cups: $event })"
      />
      <NumberField
        label="How many"
        whole
        clears
        placeholder="enough"
        :limits="CONTAINERS"
        :model-value="container.have"
        @update:model-value="change({ have: $event })"
      />
      <button type="button" class="button danger" @click="emit('remove')">Take it off</button>
    </div>
    <p class="small quiet">
      Frozen it is filled with {{ showVolume(fill.eachL, one) }}, {{ words(fill.rule) }}.
    </p>
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
    <p v-if="refused" class="ember" role="alert">{{ refused.why }}</p>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: var(--space-3);
}

.field {
  display: grid;
}
</style>
