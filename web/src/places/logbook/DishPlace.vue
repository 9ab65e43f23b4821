<script setup lang="ts">
import { useWords } from "../../data/use-words";
import { salinity } from "@kettlos/core/seasoning/salinity";
import { shortDateOf, dayOf, dateOf } from "@kettlos/core/units/moments";
import { LIKINGS } from "@kettlos/core/events/log/terms";
import { SET_WORDS, SETS } from "@kettlos/core/extraction/set";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { showDuration, showVolume } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import FieldForm from "../../controls/FieldForm.vue";
import UnitField from "../../controls/UnitField.vue";
import { db } from "../../data/db";
import { useKitchenStore } from "../../data/kitchen-store";
import { shelvedBy } from "../../data/log-keys";
import { useLive } from "../../data/use-live";
import { savePlan } from "../../data/repository";
import { useWholePots, wholePots } from "../../data/use-pot";
import DishSteps, { type StepRow } from "../../drawings/DishSteps.vue";
import { useInTurn } from "../../frame/in-turn";
import PieceBoundary from "../../frame/PieceBoundary.vue";
import { planLike } from "./cook-again";
import { LIKING_WORDS } from "@kettlos/core/events/log/liking-words";
import { likedBest } from "../../words/likings";
import { partName, partWords, signedVolume } from "./part-words";
import { useDifferences } from "./use-compared";

/** One dish over the times it was cooked: what came out, what was changed in between, and what it did. */
const AT_ONCE = 10;
const store = useKitchenStore();
const words = useWords();
const route = useRoute();
const router = useRouter();
const units = computed(() => store.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const name = computed(() => String(route.params["name"]));

/** Of the log only this dish is read: the last of it first, all of it once they stand. */
const isWhole = ref(false);
const rows = useLive(() => {
  const dish = db.shelved
    .where("[pot.name+finishedMs]")
    .between([name.value, -Infinity], [name.value, Infinity]);
  return isWhole.value ? dish.toArray() : dish.reverse().limit(AT_ONCE).toArray();
}, [name, isWhole]);
const all = computed(() =>
  (rows.value ?? [])
    .flatMap(({ key, pot }) => (!shelvedBy(key).isNow || pot.isPractice ? [] : [pot]))
    .toSorted((a, b) => a.begunMs - b.begunMs),
);
/** The last of them; more when asked for. */
const most = ref(AT_ONCE);
watch(name, () => {
  most.value = AT_ONCE;
  isWhole.value = false;
});
const row = computed(() => all.value.slice(-most.value));
/** With their logs: what was otherwise stands in these. */
const whole = useWholePots(() => row.value.map((p) => p.id));
watch(whole, (pots) => {
  if (rows.value !== undefined && pots !== null) isWhole.value = true;
});
/** How it went is drawn first, then what can be done with it, then what was changed. */
const turn = useInTurn(2, () => rows.value !== undefined);
const differences = useDifferences(() => whole.value ?? []);

const times = computed(() => row.value.map((p) => ({ id: p.id, label: shortDateOf(p.begunMs) })));
const best = computed(() => {
  const id = likedBest(all.value)?.id;
  return id === undefined ? null : { id, word: "liked best" };
});

const isSaid = (values: readonly (number | null)[]) => values.some((v) => v !== null);
const steps = computed<readonly StepRow[]>(() => {
  const of = (value: (pot: ShelvedPot) => number | null) => row.value.map(value);
  const indexIn = <T,>(list: readonly T[], value: T | null | undefined) =>
    value === null || value === undefined ? null : list.indexOf(value);
  const found = differences.value;
  const saltOf = (pot: ShelvedPot, i: number): number | null => {
    const next = row.value[i + 1];
    const came =
      found?.get(pot.id)?.to ?? (next === undefined ? undefined : found?.get(next.id)?.from);
    return came?.reckoned.saltGL ?? null;
  };
  const salt = row.value.map(saltOf);
  const setWords = SETS.map((s) => SET_WORDS[s]);
  const list: StepRow[] = [
    {
      name: row.value.at(-1)?.end === "served" ? "Liquid in it" : "Strained",
      values: of((p) => (p.isReckoned ? null : p.strainedL)),
      planned: of((p) => p.gap?.plannedL ?? null),
      show: (v) => showVolume(v, one.value),
      isLiquid: true,
    },
    {
      name: "On the heat",
      values: of((p) => p.onHeatMin),
      show: showDuration,
      ruledBy: 60,
    },
    {
      name: "Set",
      values: of((p) => indexIn(SETS, p.set)),
      show: (v) => setWords[v] ?? "",
      words: setWords,
    },
    ...(salt.some((v) => (v ?? 0) > 0.3)
      ? [{ name: "Salt as estimated", values: salt, show: (v: number) => words(salinity(v, "L")) }]
      : []),
    {
      name: "At the table",
      values: of((p) => indexIn(LIKINGS, p.liking)),
      show: (v) => LIKING_WORDS[LIKINGS[v] ?? "good"],
      words: LIKINGS.map((l) => LIKING_WORDS[l]),
    },
  ];
  return list.filter((r) => isSaid(r.values));
});

/** From one time to the next, the newest first. */
const changes = computed(() =>
  row.value
    .flatMap((to, i) => {
      const from = row.value[i - 1];
      if (from === undefined) return [];
      return [{ from, to, difference: differences.value?.get(to.id) }];
    })
    .toReversed(),
);
const LEAST_L = 0.02;
const notesOf = ({ id }: ShelvedPot) =>
  whole.value
    ?.find((p) => p.batch.id === id)
    ?.cook.notes.map((n) => n.text)
    .join(" ") ?? "";

const picked = ref<string | null>(null);
const chosen = computed(
  () =>
    all.value.find((p) => p.id === picked.value) ??
    all.value.find((p) => p.id === best.value?.id) ??
    row.value.at(-1) ??
    null,
);
const chosenId = computed({
  get: () => chosen.value?.id ?? "",
  set: (id) => (picked.value = id),
});
const wantedL = ref<number | null>(null);
watch(chosenId, () => (wantedL.value = null));
async function cookLike() {
  const [pot] = await wholePots([chosenId.value]);
  if (pot === undefined) return;
  const plan = planLike(pot, wantedL.value);
  await savePlan(plan);
  await router.push(`/plan/${plan.id}`);
}
</script>

<template>
  <div class="place">
    <header class="line-up">
      <h1>{{ name }}</h1>
      <RouterLink class="to" to="/logbook">Logbook</RouterLink>
      <span v-if="all.length > 0" class="quiet"
        >{{ all.length === 1 ? "Cooked once" : `Cooked ${all.length} times` }}, first on
        {{ dateOf(all[0]!.begunMs) }}</span
      >
      <button v-if="all.length > row.length" type="button" class="link" @click="most += AT_ONCE">
        Show earlier ones
      </button>
    </header>
    <p v-if="rows === undefined" class="quiet" role="status">Reading the log …</p>
    <template v-else-if="chosen !== null">
      <PieceBoundary what="how it went each time" :of="row"
        ><DishSteps
          :times="times"
          :rows="steps"
          :best="best"
          :chosen="chosen.id"
          @choose="picked = $event"
      /></PieceBoundary>
      <FieldForm v-if="turn > 0" v-slot="{ keep }" class="again" @keep="cookLike">
        <label
          >Cook it like
          <select v-model="chosenId" class="written">
            <option v-for="pot in all" :key="pot.id" :value="pot.id">
              {{ dateOf(pot.begunMs) }}{{ pot.id === best?.id ? `, ${best.word}` : "" }}
            </option>
          </select></label
        >
        <UnitField
          v-if="chosen.end === 'strained'"
          v-model="wantedL"
          label="so that there is"
          :units="units"
          dimension="volume"
          :min="0.05"
          :max="200"
          :placeholder="chosen.strainedL === null ? '' : showVolume(chosen.strainedL, one)"
          @entered="keep"
        />
        <button type="submit" class="button primary">Plan it like that one</button>
        <RouterLink class="to" :to="`/logbook/${chosen.id}`">See that pot</RouterLink>
      </FieldForm>
      <section v-if="turn > 1 && changes.length > 0">
        <h2>From one time to the next</h2>
        <ol>
          <li v-for="change in changes" :key="change.to.id">
            <h3>
              {{ dayOf(change.from.begunMs) }} → {{ dayOf(change.to.begunMs) }}
              <span v-if="change.difference" class="figure">{{
                signedVolume(change.difference.to.litres - change.difference.from.litres, one)
              }}</span>
            </h3>
            <p v-if="notesOf(change.from) !== ''" class="quiet">“{{ notesOf(change.from) }}”</p>
            <p v-if="change.difference === undefined" class="quiet small">Working it out …</p>
            <p v-else-if="change.difference === null" class="quiet small">
              What was otherwise cannot be worked out.
            </p>
            <ul v-else>
              <template v-for="(part, i) in change.difference.parts" :key="i">
                <li v-if="part.changes.length > 0 || Math.abs(part.effect.litres) >= LEAST_L">
                  <strong>{{ partName(part) }}</strong>
                  {{ partWords(part, units).join("; ") }}:
                  <span class="figure">{{ signedVolume(part.effect.litres, one) }}</span>
                </li>
              </template>
            </ul>
            <RouterLink class="to" :to="`/beside/${change.from.id}/${change.to.id}`"
              >Side by side</RouterLink
            >
          </li>
        </ol>
      </section>
    </template>
    <p v-else>
      “{{ name }}” is not in the log.
      <RouterLink to="/logbook">Logbook</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.again {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-6);
  align-items: end;
  padding: var(--space-6) 0;
}

.again label {
  min-height: 44px;
  line-height: 44px;
}

section h2 {
  border-bottom: 3px solid var(--ink);
}

ol > li {
  display: grid;
  grid-template-columns: minmax(180px, 1fr) minmax(0, 3fr) auto;
  gap: 0 var(--space-7);
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
}

ol > li h3 .figure {
  display: block;
  font-size: var(--size-lead);
  line-height: 28px;
}

ol > li > p:first-of-type,
ol > li > ul {
  grid-column: 2;
}

ol > li > h3 {
  grid-row: 1 / span 3;
}

ol > li > .to {
  grid-column: 3;
  grid-row: 1 / span 3;
}

ul li {
  padding: var(--space-1) 0;
}

@media (width <= 700px) {
  ol > li {
    display: block;
  }
}
</style>
