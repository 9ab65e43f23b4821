<script setup lang="ts">
import { figure } from "@kettlos/core/units/region";
import { shortDateOf, monthOf } from "@kettlos/core/units/moments";
import { SET_WORDS, SETS } from "@kettlos/core/extraction/set";
import { months } from "@kettlos/core/logbook/months";
import { setsByBone, steams, yields } from "@kettlos/core/logbook/over-time";
import { showMass, showVolume } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { db } from "../../data/db";
import { useLarderStore } from "../../data/larder-store";
import { shelvedBy } from "../../data/log-keys";
import { usePotsStore } from "../../data/pots-store";
import { useLive } from "../../data/use-live";
import DotsOverTime from "../../drawings/DotsOverTime.vue";
import SetByHours from "../../drawings/SetByHours.vue";
import { useInTurn } from "../../frame/in-turn";
import { WHY_WORDS } from "../../words/held-words";

/** What the log says over time: got against planned, steam, set, litres and cost, and what was thrown away. */
const store = useKitchenStore();
const pots = usePotsStore();
const larderStore = useLarderStore();
const router = useRouter();
const one = computed(() => (store.units === "us" ? "us" : "metric"));

/** The latest; all of them when asked for. */
const AT_ONCE = 200;
const most = ref(AT_ONCE);
const real = computed(() => pots.finished.filter((p) => !p.isPractice));
/** The latest of the log, before all of it is read. */
const latest = useLive(() =>
  db.shelved
    .orderBy("finishedMs")
    .reverse()
    .filter(({ key, pot }) => shelvedBy(key).isNow && !pot.isPractice)
    .limit(AT_ONCE)
    .toArray(),
);
const shown = computed(() =>
  pots.isWhole ? real.value.slice(0, most.value) : (latest.value ?? []).map((row) => row.pot),
);
const isRead = computed(() => pots.isWhole || latest.value !== undefined);
/** What was got comes first, then one section after the other. */
const turn = useInTurn(3, () => isRead.value);
const got = computed(() => yields(shown.value));
/** In one pot once says nothing over time. */
const steamRows = computed(() => steams(shown.value).filter((r) => r.dots.length > 1));
const sets = computed(() =>
  setsByBone(shown.value).map(({ bone, dots }) => ({
    bone,
    dots: dots.map(({ id, hours, set }) => ({ id, hours, at: SETS.indexOf(set) })),
  })),
);
/** What was thrown away is known once the larder is. */
const byMonth = computed(() =>
  larderStore.isLoaded ? months(shown.value, larderStore.larder, monthOf) : [],
);
const mostL = computed(() => Math.max(0.1, ...byMonth.value.map((m) => m.stockL)));
const span = computed<readonly [number, number]>(() => {
  const times = [...got.value, ...steamRows.value.flatMap((r) => r.dots)].map((d) => d.atMs);
  return [Math.min(...times), Math.max(...times)];
});
const YIELD_RULES = [
  { value: 0.8, label: "⅕ less" },
  { value: 1, label: "as planned", isUsual: true },
  { value: 1.2, label: "⅕ more" },
];
const STEAM_RULES = [
  { value: 0.5, label: "half" },
  { value: 1, label: "usual", isUsual: true },
  { value: 1.5, label: "½ more" },
];
const steamDomain = computed<readonly [number, number]>(() => {
  const values = [
    ...STEAM_RULES.map((r) => r.value),
    ...steamRows.value.flatMap((r) => r.dots.map((d) => d.value)),
  ];
  return [Math.min(...values), Math.max(...values)];
});
const within = computed(() => {
  const near = got.value.filter((d) => Math.abs(d.value - 1) <= 0.1).length;
  return got.value.length === 0
    ? ""
    : `${near} of ${got.value.length} came within a tenth of what was planned.`;
});
/** How far off the usual, or what was planned, in words. */
function againstWords(share: number, what: "got" | "steam"): string {
  const far = Math.round(Math.abs(share - 1) * 100);
  if (far === 0) return what === "got" ? "as planned" : "as usual";
  return `${far} % ${share < 1 ? "less" : "more"}`;
}
const open = (id: string) => router.push(`/logbook/${id}`);
const money = (sum: number) => `${store.kitchen?.currency ?? ""} ${figure(sum, 2)}`;
const whyWords = (why: keyof typeof WHY_WORDS | "notSaid") =>
  why === "notSaid" ? "nobody said why" : WHY_WORDS[why];
</script>

<template>
  <div class="place">
    <header class="line-up">
      <h1>Trends</h1>
      <RouterLink class="to" to="/logbook">Back to the logbook</RouterLink>
      <button
        v-if="pots.isWhole && real.length > shown.length"
        type="button"
        class="link"
        @click="most = real.length"
      >
        The last {{ shown.length }} pots; all {{ real.length }}
      </button>
    </header>
    <p v-if="!isRead" role="status" class="quiet">Reading the log …</p>
    <p v-else-if="shown.length === 0">
      Nothing yet. With a few pots in the logbook their yield, steam and set stand here over time.
    </p>
    <template v-else>
      <section v-if="got.length > 0">
        <h2>Got against planned</h2>
        <p class="quiet">{{ within }} The line is the middle of the last five.</p>
        <DotsOverTime
          :dots="got"
          :rules="YIELD_RULES"
          :span="span"
          :date-of="shortDateOf"
          :say="(v) => againstWords(v, 'got')"
          :label="`Got against planned, pot after pot. ${within}`"
          @choose="open"
        />
      </section>
      <section v-if="turn > 0 && steamRows.length > 0">
        <h2>How fast each pot steamed</h2>
        <div v-for="row in steamRows" :key="row.name" class="row">
          <h3>{{ row.name }}</h3>
          <DotsOverTime
            :dots="row.dots"
            :rules="STEAM_RULES"
            :domain="steamDomain"
            :span="span"
            :date-of="shortDateOf"
            :say="(v) => againstWords(v, 'steam')"
            :height="104"
            :label="`${row.name}, pot after pot against the usual: ${row.dots.map((d) => `${shortDateOf(d.atMs)} × ${figure(d.value, 2)}`).join(', ')}`"
            @choose="open"
          />
        </div>
      </section>
      <section v-if="turn > 1 && sets.length > 0">
        <h2>How it set, by bones and hours</h2>
        <SetByHours :rows="sets" :words="SETS.map((s) => SET_WORDS[s])" @choose="open" />
      </section>
      <section v-if="turn > 2">
        <h2>Month by month</h2>
        <p v-if="!larderStore.isLoaded" role="status" class="quiet">Reading the larder …</p>
        <table v-else>
          <thead>
            <tr>
              <td />
              <th scope="col">pots</th>
              <th scope="col" class="wide">stock</th>
              <th scope="col">served</th>
              <th scope="col">bought for</th>
              <th scope="col">thrown away</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="month in byMonth" :key="month.title">
              <th scope="row">{{ month.title }}</th>
              <td>{{ month.pots }}</td>
              <td class="wide">
                <span class="bar" :style="{ width: `${(60 * month.stockL) / mostL}%` }" />
                {{ showVolume(month.stockL, one) }}
              </td>
              <td>{{ month.servedKg > 0 ? showMass(month.servedKg, one) : "–" }}</td>
              <td>
                {{ month.cost === null ? "–" : money(month.cost)
                }}<span v-if="month.unpriced > 0 && month.cost !== null" class="small quiet">
                  and {{ month.unpriced }} without a price</span
                >
              </td>
              <td>
                {{ month.thrownKg > 0 ? showMass(month.thrownKg, one) : "–" }}
                <span v-for="[why, kg] in month.why" :key="why" class="small quiet">
                  {{ showMass(kg, one) }} {{ whyWords(why) }}
                </span>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>

<style scoped>
section {
  padding-top: var(--space-6);
}

.row {
  display: grid;
  grid-template-columns: minmax(140px, 220px) minmax(0, 1fr);
  gap: 0 var(--space-6);
  align-items: center;
  border-top: 1px solid var(--hair);
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: var(--space-3) var(--space-6) var(--space-3) 0;
  border-top: 1px solid var(--hair);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}

thead th,
thead td {
  border-top: 0;
  color: var(--quiet);
}

.wide {
  width: 40%;
}

.bar {
  display: inline-block;
  height: 14px;
  margin-right: var(--space-4);
  background: var(--broth);
  vertical-align: -2px;
}

td span.small {
  display: block;
}

@media (width <= 700px) {
  .row {
    display: block;
    padding-top: var(--space-4);
  }

  .wide {
    width: auto;
  }

  th,
  td {
    padding-right: var(--space-4);
  }

  .bar {
    display: none;
  }
}
</style>
