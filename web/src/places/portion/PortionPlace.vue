<script setup lang="ts">
import { DAY_MS } from "@kettlos/core/units/time";
import { dayCodeOf } from "@kettlos/core/units/moments";
import { chillingAt, chillingCourse, isChilled, standingOf } from "@kettlos/core/batch/chill-of";
import { codeOf, CODES } from "@kettlos/core/cool/codes";
import { portionCautions } from "@kettlos/core/larder/larder-cautions";
import { petHazardsIn } from "@kettlos/core/larder/pet-hazards";
import type { Product } from "@kettlos/core/batch/product-kinds";
import { potFacts, type PotFacts } from "@kettlos/core/larder/lot-of";
import { litresOf } from "@kettlos/core/larder/lot-amounts";
import { lotFrom, potLeft } from "@kettlos/core/larder/portioned";
import { PLACES, PLACE_WORDS, type Place, type WayOut } from "@kettlos/core/larder/larder-words";
import { filled, roomL } from "@kettlos/core/portion/headspace";
import { showMass, showVolume } from "@kettlos/core/units/show";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { computed, ref, watch } from "vue";
import CountField from "../../controls/CountField.vue";
import CautionList from "../../controls/CautionList.vue";
import TickChoice from "../../controls/TickChoice.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { appendLarder, storeLot, undoLarder } from "../../data/larder-log";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { useRoutePot } from "../../data/use-pot";
import { findVessel } from "@kettlos/core/simulate/set-pot";
import StageStrip from "../../frame/StageStrip.vue";
import { useShortcuts } from "../../frame/shortcuts";
import ContainerChoice from "./ContainerChoice.vue";
import FilledShelf from "./FilledShelf.vue";
import FreezerRoom from "../../controls/FreezerRoom.vue";
import LarderRead from "../../controls/LarderRead.vue";
import LeftAfterMeal from "./LeftAfterMeal.vue";
import RestOfPot from "./RestOfPot.vue";
import { newId } from "../../data/new-id";

/** What came out of a pot into moulds, jars and bags, each with its headspace, until nothing is left. */
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const pots = usePotsStore();
const units = computed(() => kitchenStore.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const kitchen = computed(() => kitchenStore.kitchen);
const { pot, isRead } = useRoutePot();
const isPractice = computed(() => pot.value?.batch.practice !== undefined);
const all = computed(() =>
  pot.value === null || isPractice.value
    ? []
    : potFacts(pot.value.batch, pot.value.cook, larderStore.lots),
);
/** Where its solids were kept apart from its liquid: the one that is portioned now. */
const product = ref<Product>("liquid");
const facts = computed(
  () => all.value.find((f) => f.product === product.value) ?? all.value[0] ?? null,
);
const leftOfPot = (of: PotFacts) => potLeft(pot.value?.batch.id ?? "", of, larderStore.larder);
/** Unknown until it is read what of it lies there already: nothing is filled twice. */
const left = computed(() =>
  facts.value === null || !larderStore.isLoaded ? null : leftOfPot(facts.value),
);
const products = computed(() =>
  all.value.flatMap((f) =>
    f.product === undefined
      ? []
      : [{ value: f.product, label: f.name.replace(`${pot.value?.batch.plan.name ?? ""}: `, "") }],
  ),
);
const leftL = computed(() => litresOf(left.value?.leftKg ?? 0));
const isLiquid = computed(() => facts.value?.isLiquid ?? true);
const show = (massKg: number) =>
  isLiquid.value ? showVolume(litresOf(massKg), one.value) : showMass(massKg, one.value);
const held = computed(() =>
  larderStore.larder.holdings
    .filter((h) => h.lot.batchId === pot.value?.batch.id)
    .toSorted((a, b) => a.sinceMs - b.sinceMs),
);

const containers = computed(() => kitchen.value?.containers ?? []);
const containerId = ref("");
watch(
  containers,
  (all) => {
    if (!all.some((c) => c.id === containerId.value)) containerId.value = all[0]?.id ?? "";
  },
  { immediate: true },
);
const container = computed(() => containers.value.find((c) => c.id === containerId.value) ?? null);
const place = ref<Place>("freezer");
const PLACE_OPTIONS = PLACES.map((value) => ({ value, label: PLACE_WORDS[value] })).toReversed();
const isFrozen = computed(() => place.value === "freezer");
const full = computed(() =>
  container.value === null ? null : filled(leftL.value, container.value, isFrozen.value),
);
const wanted = ref<number | null>(null);
watch([containerId, place, full], () => (wanted.value = null));
const count = computed(() => Math.min(full.value?.count ?? 0, wanted.value ?? Infinity));
const fill = computed(() =>
  container.value === null
    ? null
    : filled(leftL.value, container.value, isFrozen.value, count.value),
);
/** Less than this in a container is not worth one, L. */
const LEAST_L = 0.03;
const isOver = computed(() => full.value?.count === 0 && leftL.value > LEAST_L);

/** Worked out when the pot changes, not with every tick of the clock. */
const standing = computed(() =>
  pot.value === null ? null : standingOf(pot.value.batch, pot.value.cook),
);
const course = computed(() => {
  const begun = pot.value?.cook.chilling ?? null;
  return begun === null || kitchen.value === null
    ? null
    : chillingCourse(begun, kitchen.value, standing.value);
});
const chilling = computed(() =>
  course.value === null ? null : chillingAt(course.value, code.value, pots.nowMs),
);
const code = computed(() => (kitchen.value === null ? CODES.us : codeOf(kitchen.value)));
const isCold = computed(() => {
  const begun = pot.value?.cook.chilling ?? null;
  return begun === null ? null : begun.endedMs !== null;
});
const cautions = computed(() =>
  portionCautions({
    isCold: isCold.value,
    stoodDays: facts.value === null ? 0 : (pots.nowMs - facts.value.madeMs) / DAY_MS,
    wasFrozenInTime: wasFrozenInTime.value,
    remedy: chilling.value?.remedy ?? null,
    wasReheated: pot.value?.cook.chilling?.wasReheated === true,
    kind: container.value?.kind ?? null,
    isFrozen: isFrozen.value,
    codeText: code.value.text,
    codeWhose: code.value.whose,
  }),
);
/** So long after the sieve it is only good where it has been frozen meanwhile. */
const wasFrozenInTime = ref(false);
const stoodTooLong = computed(() => cautions.value.some((c) => c.id === "stood-too-long"));
function saysFrozen() {
  wasFrozenInTime.value = true;
  place.value = "freezer";
}
/** Frozen the day after it was made, as far as anyone knows. */
const frozenSince = (madeMs: number) => (wasFrozenInTime.value ? { sinceMs: madeMs + DAY_MS } : {});
const isRefused = computed(() => cautions.value.some((c) => c.refuses === true));
const hazards = computed(() =>
  facts.value === null
    ? []
    : petHazardsIn({
        label: facts.value.label,
        ingredientId: null,
        kind: facts.value.kind,
      }),
);
const frozenL = computed(() => roomL((fill.value?.count ?? 0) * (fill.value?.eachL ?? 0)));

/** From the tap until it stands on its shelf: a second tap fills nothing twice, however fast the disk is. */
const isFilling = ref(false);
const onceOnly = (event: MouseEvent) => {
  if (event.detail > 1) event.preventDefault();
};
watch(left, () => (isFilling.value = false));
async function store(n: number, eachL: number) {
  if (pot.value === null || facts.value === null || container.value === null || n < 1) return;
  if (isFilling.value) return;
  isFilling.value = true;
  const of = {
    id: newId(),
    batch: pot.value.batch,
    facts: facts.value,
    container: container.value,
    place: place.value,
    eachL,
    day: dayCodeOf(facts.value.madeMs),
  };
  const since = frozenSince(facts.value.madeMs);
  await storeLot((usedCodes) => ({
    kind: "stored",
    lot: lotFrom({ ...of, usedCodes }),
    count: n,
    place: of.place,
    ...since,
  }));
}
async function use(out: WayOut, massKg: number) {
  if (pot.value === null || !(massKg > 0) || isFilling.value) return;
  isFilling.value = true;
  await appendLarder({
    kind: "used",
    batchId: pot.value.batch.id,
    massKg,
    out,
    ...(facts.value?.product === undefined ? {} : { product: facts.value.product }),
  });
}
const isStock = computed(() => pot.value?.batch.plan.end === "strained");
const undo = () => void undoLarder(pot.value?.batch.id);
useShortcuts(() => [{ keys: "u", does: "Undo the last entry", run: undo }]);
</script>

<template>
  <template v-if="pot !== null && facts !== null && left !== null">
    <StageStrip
      :name="pot.batch.plan.name"
      :end="pot.batch.plan.end"
      :about="show(facts.allKg)"
      :vessel="findVessel(pot.batch.plan, pot.batch.kitchen)"
      stage="portion"
      :plan-id="pot.batch.plan.id"
      :batch-id="pot.batch.id"
      is-strained
      :is-chilled="isChilled(pot.cook)"
    />
    <div class="place portion">
      <section class="left">
        <TickChoice
          v-if="products.length > 1"
          v-model="product"
          wraps
          label="Which of the two"
          :options="products"
        />
        <h1 v-if="left.leftKg >= LEAST_L">
          <span class="result">{{ show(left.leftKg) }}</span> to portion
        </h1>
        <h1 v-else class="herb">All of it is put away</h1>
        <p class="quiet">
          {{ show(facts.allKg) }} came {{ isStock ? "from the sieve" : "to the table" }}:
          {{ show(left.storedKg) }} in containers<template v-if="left.usedKg > 0"
            >, {{ show(left.usedKg) }} used at once</template
          >.
        </p>
        <FilledShelf :holdings="held" :units="units" />
        <p v-if="held.length === 0" class="quiet">
          Nothing is filled yet. Choose a container: it is filled as far as it may be, and what is
          over stays here until it is put somewhere.
        </p>
        <p class="beside">
          <RouterLink
            v-if="held.length > 0"
            class="button primary"
            :to="{ path: '/labels', query: { pot: pot.batch.id } }"
            >Labels for them</RouterLink
          >
          <RouterLink class="button" to="/larder">To the larder</RouterLink>
          <RouterLink
            v-if="pot.cook.finishedMs === null"
            class="button"
            :to="`/strain/${pot.batch.id}`"
            >Fat, set, logbook</RouterLink
          >
          <button type="button" class="button" @click="undo">Undo <kbd>U</kbd></button>
        </p>
        <CautionList :cautions="cautions" />
        <p v-if="isRefused && left.leftKg >= LEAST_L" class="beside">
          <RouterLink
            v-if="chilling?.remedy === 'reheatOnce'"
            class="button primary"
            :to="`/chill/${pot.batch.id}`"
            >Make it hot again, and chill it anew</RouterLink
          >
          <button v-if="stoodTooLong" type="button" class="button" @click="saysFrozen">
            It has been in the freezer since
          </button>
          <button type="button" class="button danger" @click="use('thrown', left.leftKg)">
            It is thrown away
          </button>
        </p>
      </section>
      <section v-if="left.leftKg >= LEAST_L && !isRefused" class="fields">
        <LeftAfterMeal
          v-if="!isStock && left.storedKg + left.usedKg === 0"
          :key="product"
          :all-kg="facts.allKg"
          :is-liquid="isLiquid"
          :units="units"
          @eaten="use('table', $event)"
        />
        <h2>Into what</h2>
        <TickChoice
          v-if="!wasFrozenInTime"
          v-model="place"
          label="Where to"
          :options="PLACE_OPTIONS"
        />
        <ContainerChoice
          v-if="containers.length > 0"
          v-model="containerId"
          :containers="containers"
          :is-frozen="isFrozen"
          :is-liquid="isLiquid"
          :left-l="leftL"
          :units="units"
        />
        <p v-else>
          This kitchen has no containers yet.
          <RouterLink to="/kitchen#containers">Say what you keep portions in</RouterLink>
        </p>
        <template v-if="fill !== null && container !== null && full !== null">
          <form v-if="full.count > 0" class="beside" @submit.prevent="store(count, fill.eachL)">
            <CountField
              label="How many"
              :min="1"
              :max="full.count"
              :model-value="count"
              @update:model-value="wanted = $event === null ? null : Math.max(1, $event)"
            />
            <button type="submit" class="button primary" @click="onceOnly">
              Fill {{ count }} of {{ full.count }}
            </button>
          </form>
          <p class="quiet small">
            <template v-if="full.count > 0"
              >{{ show(fill.remainderL * COLD_DENSITY_KG_L) }} stay over.</template
            >
            <template v-if="fill.rounds > 1 && Number.isFinite(fill.rounds)">
              Your {{ container.have }} are filled {{ fill.rounds }} times, frozen and turned out
              between.</template
            >
            <template v-else-if="!Number.isFinite(fill.rounds)">
              None of it is in the house.</template
            >
          </p>
          <FreezerRoom v-if="isFrozen" :units="units" :more-l="frozenL" />
        </template>
        <RestOfPot
          v-if="isOver && container !== null"
          :rest="show(left.leftKg)"
          :hazards="hazards"
          can-fill-one-more
          @one-more="store(1, leftL)"
          @use="use($event, left.leftKg)"
        />
      </section>
    </div>
  </template>
  <div v-else-if="facts !== null" class="place"><LarderRead /></div>
  <div v-else-if="isRead" class="place empty">
    <h1>Nothing to portion</h1>
    <p v-if="isPractice">A practice pot puts nothing on the shelves.</p>
    <p v-else>First it is strained or served, and measured.</p>
    <p><RouterLink class="button primary" to="/larder">To the larder</RouterLink></p>
  </div>
</template>

<style scoped>
.portion {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: var(--space-7) var(--space-9);
}

.left {
  display: grid;
  gap: var(--space-6);
  align-content: start;
}

@media (width <= 900px) {
  .portion {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
