<script setup lang="ts">
import { findVessel } from "@kettlos/core/simulate/set-pot";
import { KNOB_WORDS } from "@kettlos/core/heats/slow-cooker";
import { LID_WORD, VIGOUR_WORD } from "@kettlos/core/heat/heat-word";

import { useWords } from "../../data/use-words";
import { hasLid, heatOf, isInOven, isSealed, isSlow, vigourOf } from "@kettlos/core/heats/heat";
import { planNow } from "@kettlos/core/batch/stretch-now";
import { SIMMER_LOOK } from "@kettlos/core/heat/simmer-look";
import { VIGOURS, type Vigour } from "@kettlos/core/heat/constants";
import type { CrockSetting } from "@kettlos/core/heat/slow-cooker";
import type { UnitSystem } from "@kettlos/core/units/show";
import { LIDS, type Lid } from "@kettlos/core/vessel/lid";
import { computed, ref, watch } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import TemperatureField from "../../controls/TemperatureField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { useEntry } from "../../controls/use-entry";
import { drawnLid } from "../../data/drawn-lid";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import OpenDialog from "../../controls/OpenDialog.vue";

/** How it really simmers and where the lid is; the forecast follows from then on. */
const props = defineProps<{
  write: (event: NewEvent) => Promise<void>;
  pot: LivePot;
  units: UnitSystem;
}>();
const shown = defineModel<boolean>({ required: true });
const { keep, notWritten } = useEntry(shown);
const emit = defineEmits<{ off: [] }>();
const heat = computed(() => planNow(props.pot.batch.plan, props.pot.cook).heat);
/** Under pressure: how it is held, by the ring or by itself. */
const held = computed(() => {
  const { plan, kitchen } = props.pot.batch;
  return heatOf(heat.value).clockStarts(heat.value, findVessel(plan, kitchen)).lookFor;
});
const words = useWords();
const vigour = ref<Vigour>("gentle");
const lid = ref<Lid>("ajar");
const setting = ref<CrockSetting>("low");
const ovenC = ref<number | null>(null);
watch(
  shown,
  () => {
    const last = props.pot.cook.settings.at(-1);
    const planned = heat.value;
    vigour.value = last?.vigour ?? vigourOf(planned) ?? "gentle";
    lid.value = last?.lid ?? drawnLid(planned);
    if (isSlow(planned)) setting.value = last?.setting ?? planned.setting;
    if (isInOven(planned)) ovenC.value = last?.ovenC ?? planned.ovenC;
  },
  { immediate: true },
);
const vigours = VIGOURS.map((value) => ({ value, label: VIGOUR_WORD[value] }));
const lids = LIDS.map((value) => ({ value, label: LID_WORD[value] }));
const SETTINGS = [
  { value: "low", label: KNOB_WORDS.low },
  { value: "high", label: KNOB_WORDS.high },
] as const;

function save() {
  void keep(() =>
    props.write({
      kind: "heatSet",
      vigour: vigour.value,
      lid: lid.value,
      ...(isSlow(heat.value) ? { setting: setting.value } : {}),
      ...(isInOven(heat.value) && ovenC.value !== null ? { ovenC: ovenC.value } : {}),
    }),
  );
}
/** Sooner than its time: it is off from now, and what that leaves undone is said. */
function takeOff() {
  shown.value = false;
  emit("off");
}
</script>

<template>
  <OpenDialog v-model="shown" title="Heat and lid now" width="min(520px, 94vw)">
    <FieldForm class="fields" :not-written @keep="save">
      <TickChoice v-if="isSlow(heat)" v-model="setting" label="Setting" :options="SETTINGS" />
      <p v-else-if="isSealed(heat)" class="quiet">
        {{ words(held) }} The forecast holds it there too.
      </p>
      <TemperatureField
        v-else-if="isInOven(heat)"
        v-model="ovenC"
        whole
        label="Oven now"
        :units="units"
        :min="80"
        :max="350"
      />
      <template v-else>
        <TickChoice v-model="vigour" label="How it simmers" :options="vigours" />
        <p class="quiet">{{ SIMMER_LOOK[vigour] }}</p>
      </template>
      <TickChoice v-if="hasLid(heat)" v-model="lid" label="Lid" :options="lids" />
      <button v-if="!isSealed(heat)" type="submit" class="button primary">It is so now</button>
      <button v-if="pot.cook.offMs === null" type="button" class="button" @click="takeOff">
        {{ heatOf(heat).end }}, sooner than planned
      </button>
    </FieldForm>
  </OpenDialog>
</template>
