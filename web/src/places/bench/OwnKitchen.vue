<script setup lang="ts">
import { CODES } from "@kettlos/core/cool/codes";
import { usualCode } from "@kettlos/core/cool/usual-code";
import { RINGS, type RingKind } from "@kettlos/core/heat/ring-kinds";
import { usualOven } from "@kettlos/core/heat/usual-oven";
import { MOST_RINGS, usualRings } from "@kettlos/core/heat/usual-hob";
import { KitchenSchema } from "@kettlos/core/simulate/kitchen-schema";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { countryOf } from "@kettlos/core/units/country";
import { usualMoney } from "@kettlos/core/units/money";
import { regionHere } from "@kettlos/core/units/region";
import { either, inWords } from "@kettlos/core/units/said";
import { showAltitude, showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { boilingPointC } from "@kettlos/core/water/altitude";
import { computed, ref, useTemplateRef } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import QuantityField from "../../controls/QuantityField.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { newId } from "../../data/new-id";
import { saveKitchen } from "../../data/repository";
import { usualContainers } from "../../data/usual-containers";
import ContainerShape from "../../drawings/ContainerShape.vue";
import { useMeasuredWidth } from "../../drawings/measured-width";
import { sharedScale } from "../../drawings/shared-scale";
import SmallPot from "../../drawings/SmallPot.vue";
import { RING_OPTIONS } from "../../words/ring-options";
import { UNIT_OPTIONS } from "../../words/unit-options";
import { asVessels, type HadPot } from "./usual-pots";
import UsualPots from "./UsualPots.vue";

/** A kitchen of one's own in two minutes: where it is, and by taps what stands in it. */
const { measures } = regionHere();
const country = countryOf(navigator.language);
const units = ref<UnitSystem>(measures);
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const altitudeM = ref<number | null>(0);
const boiling = computed(() => showTemperature(boilingPointC(altitudeM.value ?? 0), units.value));

const code = ref(usualCode(country));
const CODE_OPTIONS = (["us", "auNz", "uk"] as const).map((value) => ({
  value,
  label: CODES[value].name,
}));

const pots = ref<readonly HadPot[]>([]);
const vessels = computed(() => asVessels(pots.value));
const remove = (id: string) => (pots.value = pots.value.filter((p) => p.id !== id));

const ringKind = ref<RingKind>("gas");
const ringCount = ref("4");
const COUNTS = Array.from({ length: MOST_RINGS }, (_, i) => ({
  value: String(i + 1),
  label: String(i + 1),
}));
const hob = computed(() => inWords([either("Rings", "Burners")], one.value));

type OvenChoice = "none" | "still" | "fan";
const oven = ref<OvenChoice>("still");
const OVENS: readonly { value: OvenChoice; label: string }[] = [
  { value: "none", label: "no oven" },
  { value: "still", label: "without a fan" },
  { value: "fan", label: "with a fan" },
];

const containers = computed(() => usualContainers(one.value));
const keptIn = ref<ReadonlySet<string>>(new Set());
function toggle(name: string) {
  const next = new Set(keptIn.value);
  if (!next.delete(name)) next.add(name);
  keptIn.value = next;
}

const shelf = useTemplateRef<HTMLElement>("shelf");
const { width: shelfWidth } = useMeasuredWidth(shelf);
const MOST_HEIGHT_PX = 84;
/** What a drawn pot takes beside itself, px. */
const BESIDE_PX = 34;
const scale = computed(() => {
  const all = vessels.value;
  const widthM = all.reduce((sum, v) => sum + v.topM[0], 0);
  const room = Math.max(120, shelfWidth.value - BESIDE_PX * all.length);
  return Math.min(320, room / Math.max(0.2, widthM), sharedScale(all, MOST_HEIGHT_PX));
});

const start = computed(() => {
  const n = vessels.value.length;
  return n === 0
    ? "Tap your pots first"
    : n === 1
      ? "Start with this pot"
      : `Start with these ${n} pots`;
});

async function open() {
  if (vessels.value.length === 0) return;
  await saveKitchen(
    KitchenSchema.parse({
      schemaVersion: SCHEMA_VERSION,
      id: newId(),
      name: "My kitchen",
      altitudeM: altitudeM.value ?? 0,
      units: units.value,
      vessels: vessels.value,
      rings: usualRings(ringKind.value, Number(ringCount.value), one.value, newId),
      ovens: oven.value === "none" ? [] : [usualOven(newId(), one.value, oven.value === "fan")],
      containers: containers.value.filter((c) => keptIn.value.has(c.name)),
      coolingCode: code.value,
      currency: usualMoney(country),
    }),
  );
}
</script>

<template>
  <FieldForm class="own" aria-labelledby="own-title" @keep="open">
    <h2 id="own-title">Set up mine</h2>
    <div class="asked">
      <div>
        <p class="quiet small" aria-hidden="true">I measure in</p>
        <TickChoice v-model="units" label="I measure in" :options="UNIT_OPTIONS" />
      </div>
      <div>
        <QuantityField
          v-model="altitudeM"
          label="Altitude you cook at"
          needed
          dimension="length"
          :bare-unit="one === 'us' ? 'ft' : 'm'"
          :show="(v) => showAltitude(v, one)"
          :min="-430"
          :max="5500"
        />
        <p class="quiet small boils">Water boils at {{ boiling }}.</p>
      </div>
      <div>
        <p class="quiet small" aria-hidden="true">Chilled by the rule of</p>
        <TickChoice v-model="code" label="Chilled by the rule of" :options="CODE_OPTIONS" />
      </div>
    </div>
    <div>
      <h3>Pots, by the size that is marked on them</h3>
      <p class="quiet small">
        As wide and high as such pots usually are; a ruler puts them right under Kitchen.
      </p>
    </div>
    <UsualPots :pots="pots" :measures="one" @add="pots = [...pots, $event]" @remove="remove" />
    <div class="asked">
      <div>
        <p class="quiet small" aria-hidden="true">{{ hob }}</p>
        <TickChoice v-model="ringKind" label="What heats the hob" :options="RING_OPTIONS" />
        <TickChoice v-model="ringCount" label="How many there are" :options="COUNTS" />
        <p class="quiet small">A big one of {{ RINGS[ringKind].usualW }} W, until yours is told.</p>
      </div>
      <div>
        <p class="quiet small" aria-hidden="true">Oven</p>
        <TickChoice v-model="oven" label="Oven" :options="OVENS" />
      </div>
    </div>
    <fieldset class="kept">
      <legend>What I keep it in</legend>
      <button
        v-for="c in containers"
        :key="c.name"
        type="button"
        :class="{ on: keptIn.has(c.name) }"
        :aria-pressed="keptIn.has(c.name)"
        @click="toggle(c.name)"
      >
        <ContainerShape :kind="c.kind" :share="0.8" :size="36" />
        {{ c.name }}
      </button>
    </fieldset>
    <footer>
      <ul ref="shelf" class="shelf" aria-label="On the shelf so far">
        <li v-for="vessel in vessels" :key="vessel.id">
          <button type="button" :aria-label="`Take ${vessel.name} away`" @click="remove(vessel.id)">
            <SmallPot
              :vessel="vessel"
              :px-per-m="scale"
              label=""
              :lid="vessel.lid === 'none' ? 'none' : 'on'"
            />
            <span class="small">{{ vessel.name }}</span>
          </button>
        </li>
        <li v-if="vessels.length === 0" class="quiet">What you tap stands here, to scale.</li>
      </ul>
      <button type="submit" class="button primary" :disabled="vessels.length === 0">
        {{ start }}
      </button>
    </footer>
  </FieldForm>
</template>

<style scoped>
.own {
  display: grid;
  gap: var(--space-6);
  align-content: start;
}

.asked {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5) var(--space-8);
  align-items: start;
}

.asked :deep(.quantity) {
  width: 150px;
}

.boils {
  padding-top: var(--space-2);
}

.kept {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  margin: 0;
  padding: 0;
  border: 0;
}

.kept legend {
  padding: 0;
  color: var(--quiet);
  font-size: var(--size-small);
}

.kept button {
  display: flex;
  gap: var(--space-2);
  align-items: center;
  min-height: 44px;
  padding: var(--space-1) var(--space-4) var(--space-2) var(--space-2);
  border: 0;
  border-bottom: 1px solid var(--tick);
  background: none;
  color: var(--quiet);
}

.kept button.on {
  box-shadow: inset 0 -4px 0 var(--rim);
  color: var(--ink);
  font-weight: 700;
}

footer {
  position: sticky;
  bottom: 0;
  display: flex;
  gap: var(--space-6);
  align-items: center;
  justify-content: space-between;
  padding: var(--space-3) 0;
  border-top: 1px solid var(--hair);
  background: var(--ground);
}

.shelf {
  display: flex;
  flex: 1;
  gap: 0 var(--space-1);
  align-items: end;
  min-width: 0;
  min-height: 60px;
  border-bottom: 5px solid var(--bone);
  overflow-x: auto;
}

.shelf button {
  display: grid;
  justify-items: center;
  padding: 0 var(--space-2);
  border: 0;
  background: none;
}

.shelf span {
  white-space: nowrap;
}

.shelf .quiet {
  align-self: center;
}

@media (width <= 700px) {
  footer {
    display: grid;
    justify-items: stretch;
  }
}
</style>
