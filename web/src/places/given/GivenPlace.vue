<script setup lang="ts">
import { answersFor } from "@kettlos/core/because/answers";
import { sentenceParts } from "@kettlos/core/because/sentence";
import type { FileProblem } from "@kettlos/core/formats/file-problem";
import type { FileReport } from "@kettlos/core/formats/file-check";
import { reportOf } from "@kettlos/core/formats/file-report";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { planHere } from "@kettlos/core/formats/plan-file";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { resolve } from "@kettlos/core/simulate/set-pot";
import { Problem } from "@kettlos/core/units/problem";
import { showAltitude } from "@kettlos/core/units/show";
import { called } from "@kettlos/core/vessel/called";
import { computed, ref, shallowRef, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import FileReportView from "../../controls/FileReportView.vue";
import { importAll } from "../../data/take-in";
import { useKitchenStore } from "../../data/kitchen-store";
import { unpacked } from "../../data/link-text";
import { newId } from "../../data/new-id";
import { savePlan } from "../../data/repository";
import { useWords } from "../../data/use-words";

/** What a link carries: a plan as it is where it came from and as it would be here, or a pot for the log. */
const words = useWords();
const store = useKitchenStore();
const route = useRoute();
const router = useRouter();
const opened = shallowRef<{ file: KettlosFile; report: FileReport } | null>(null);
const report = computed(() => opened.value?.report ?? null);
const problems = ref<readonly FileProblem[]>([]);

async function read(fragment: string) {
  opened.value = null;
  problems.value = [];
  try {
    const reading = reportOf(await unpacked(fragment));
    if (reading.ok) opened.value = reading;
    else problems.value = reading.problems;
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    problems.value = [{ path: "", message: words(error.said) }];
  }
}
watch(
  () => route.hash.slice(1),
  (fragment) => {
    if (route.name === "given") void read(fragment);
  },
  { immediate: true },
);

const file = computed(() => opened.value?.file ?? null);
const isPot = computed(() => file.value?.part === "pots");
const sentence = (plan: Plan, kitchen: Kitchen): string => {
  const setPot = resolve(plan, kitchen);
  const answers = answersFor(setPot, () => null);
  return answers.ok
    ? sentenceParts(setPot, answers.value, store.units)
        .map((p) => p.text)
        .join("")
    : words(answers.problem.said);
};
const plans = computed(() => {
  const { value: f } = file;
  const { kitchen: here } = store;
  if (f === null || here === null || isPot.value) return [];
  return f.plans.map((given) => {
    const { plan, instead } = planHere(given, f.kitchen, here, newId());
    return { given, plan, instead, there: sentence(given, f.kitchen), here: sentence(plan, here) };
  });
});
const altitude = computed(() =>
  file.value === null
    ? ""
    : showAltitude(file.value.kitchen.altitudeM, store.units === "us" ? "us" : "metric"),
);

async function takePlan(plan: Plan) {
  await savePlan(plan);
  await router.replace(`/plan/${plan.id}`);
}
async function takePots() {
  if (file.value === null) return;
  await importAll(file.value, "merge");
  const [first] = file.value.batches;
  await router.replace(first === undefined ? "/logbook" : `/logbook/${first.id}`);
}
</script>

<template>
  <div class="place given">
    <template v-if="problems.length > 0">
      <h1>This link cannot be read</h1>
      <ul class="ember" role="alert">
        <li v-for="problem in problems" :key="problem.path + problem.message">
          {{ problem.path }} {{ problem.message }}
        </li>
      </ul>
      <p><RouterLink class="button" to="/bench">To the bench</RouterLink></p>
    </template>
    <h1 v-else-if="file === null">Opening it …</h1>
    <template v-else-if="isPot && report !== null">
      <h1>A pot from another kitchen</h1>
      <FileReportView :report="report" />
      <p class="beside">
        <button type="button" class="button primary" @click="takePots">
          Put it into my logbook
        </button>
        <RouterLink class="button" to="/bench">Not now</RouterLink>
      </p>
    </template>
    <section v-for="p in plans" v-else :key="p.plan.id">
      <h1>{{ p.given.name }}</h1>
      <p class="quiet">From {{ file.kitchen.name }}, at {{ altitude }}. There it is:</p>
      <p class="said">{{ p.there }}</p>
      <p class="quiet">
        <template v-if="p.instead !== null"
          >Here it would go into {{ called(p.instead.name) }}:</template
        >
        <template v-else>Here it is:</template>
      </p>
      <p class="said here">{{ p.here }}</p>
      <p class="beside">
        <button type="button" class="button primary" @click="takePlan(p.plan)">
          Put it with my plans
        </button>
        <RouterLink class="button" to="/bench">Not now</RouterLink>
      </p>
    </section>
  </div>
</template>

<style scoped>
.given,
.given section {
  display: grid;
  gap: var(--space-5);
  max-width: 820px;
}

.said {
  padding-left: var(--space-6);
  border-left: 4px solid var(--hair);
  font-size: var(--size-lead);
  line-height: 30px;
}

.here {
  border-left-color: var(--rim);
}
</style>
