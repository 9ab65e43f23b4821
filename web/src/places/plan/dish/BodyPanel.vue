<script setup lang="ts">
import { salinity } from "@kettlos/core/seasoning/salinity";
import { inWords } from "@kettlos/core/units/said";
import { useWords } from "../../../data/use-words";
import { figure } from "@kettlos/core/units/region";
import { openedHeat } from "@kettlos/core/convert/stretch-ideas";
import { BODIES, bodyOf, type BodyId, flourSaid } from "@kettlos/core/seasoning/thickness";
import { teaspoonsOf } from "@kettlos/core/seasoning/salt";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showDuration, showFraction, showMass, showVolume } from "@kettlos/core/units/show";
import { computed } from "vue";
import RuledScale from "../../../controls/RuledScale.vue";
import TickChoice from "../../../controls/TickChoice.vue";
import WhyFigure from "../../../controls/WhyFigure.vue";
import { newId } from "../../../data/new-id";
import { DOSES } from "../ladder/doses";
import { useThePlan } from "../the-plan";

/** Salt through the whole pot, how thick it gets, what else is in a portion: and what to do about it. */
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const { plan, answers, one } = useThePlan();
const words = useWords();

/** Boiling down is a stretch of its own, the lid off. */
const opened = computed(() => openedHeat(plan.value));
function boilDown(liquidL: number) {
  if (opened.value === null) return;
  const stop = { by: "liquid" as const, liquidL };
  emit("change", { then: [...plan.value.then, { id: newId(), heat: opened.value, stop }] });
}

const dish = computed(() => answers.value.dish);
const salt = computed(() => dish.value.salt);
const body = computed(() => dish.value.body);
const figures = computed(() => answers.value.dishFigures);
/** How salty, in the measures of this kitchen: one figure and its unit. */
const salty = (per: number) => inWords(salinity(per, salt.value.unit), one.value);
const isForAnimals = computed(() => plan.value.feeds === "animals");
const grams = (g: number) => showMass(g / 1000, one.value);
const tsp = (g: number) => {
  const spoons = teaspoonsOf(g);
  return spoons < 0.5 ? "" : ` (about ${showFraction(spoons, 2)} tsp fine)`;
};

/** The usual ones, what was wanted here, and what this plan says. */
const TARGETS = computed(() => {
  const { unit, likedPer, targetPer } = salt.value;
  const usual = unit === "L" ? [0, 6, 7, 8] : [5, 8, 9, 10];
  return [...new Set([...usual, likedPer ?? targetPer, targetPer])]
    .sort((a, b) => a - b)
    .map((n) => ({
      value: String(n),
      label: n === likedPer ? `${salty(n)}, as liked here` : n === 0 ? "none" : salty(n),
    }));
});
const target = computed({
  get: () => String(salt.value.targetPer),
  set: (value: string) => emit("change", { saltWantedGKg: Number(value) }),
});
const BODY_WORDS: Readonly<Partial<Record<BodyId, string>>> = {
  lightSoup: "light soup",
  nappe: "coats a spoon",
  gravy: "gravy",
  thick: "thick",
};
/** What was wanted here stands by the body that it is nearest to. */
const THICK = computed(() => {
  const { likedGL } = dish.value;
  const liked = likedGL === null ? null : bodyOf(likedGL).id;
  return [
    { value: "none", label: "as it comes" },
    ...BODIES.flatMap(({ id, from }) => {
      const label = BODY_WORDS[id];
      return label === undefined
        ? []
        : [
            {
              value: String(from.value),
              label: id === liked ? `${label}, as liked here` : label,
            },
          ];
    }),
  ];
});
const thick = computed({
  get: () => (plan.value.thickWantedGL === null ? "none" : String(plan.value.thickWantedGL)),
  set: (value: string) =>
    emit("change", { thickWantedGL: value === "none" ? null : Number(value) }),
});
const meat = computed(() => dish.value.meat);
const round = (n: number, digits = 0) => figure(n, digits);
</script>

<template>
  <section class="body" aria-label="Salt and body">
    <div class="row">
      <h2>Salt</h2>
      <RuledScale
        :value="salt.per"
        :target="isForAnimals ? null : salt.targetPer"
        :most="Math.max(14, salt.per * 1.15)"
        :label="`${salty(salt.per)} salt`"
        tone="ink"
      />
      <b class="figure">{{ salty(salt.per) }}</b>
      <span class="quiet small"
        ><template v-if="salt.portionG !== null"
          >{{ round(salt.portionG, 1) }} g a portion</template
        >
        <WhyFigure :estimate="figures.salt" />
      </span>
    </div>
    <p v-if="isForAnimals" class="said">No salt for animals.</p>
    <template v-else>
      <TickChoice v-model="target" label="Salt wanted" :options="TARGETS" />
      <p class="said">
        <template v-if="salt.isSalty">
          Too salty by then: thin it with
          <b class="figure">{{ showVolume(salt.diluteL, one) }}</b> unsalted, or take less
          {{ salt.from[0]?.name.toLowerCase() }}. Potato does not draw salt out; more of everything
          else does.
        </template>
        <template v-else-if="salt.addG >= 0.5">
          Add <b class="figure">{{ grams(salt.addG) }}</b>{{ tsp(salt.addG) }} at the end, in three
          goes, tasting.
        </template>
        <template v-else>Salted enough as it is.</template>
        <span v-if="salt.concentrates > 1.15 && salt.from.length > 0" class="quiet">
          Boiling down makes it {{ round(salt.concentrates, 1) }} times as salty as it starts.</span
        >
      </p>
      <p v-if="salt.from.length > 0" class="quiet small">
        From
        {{
          salt.from
            .slice(0, 4)
            .map((f) => `${f.name.toLowerCase()} ${grams(f.saltG)}`)
            .join(", ")
        }}
      </p>
    </template>
    <template v-if="plan.end === 'served' || body.flourGL > 1">
      <div class="row">
        <h2>Body</h2>
        <RuledScale
          :value="body.flourGL"
          :target="body.wantedGL"
          :most="Math.max(110, body.flourGL * 1.1)"
          :label="body.name"
          tone="broth"
        />
        <b class="figure">{{ body.name }}</b>
        <span class="quiet small"
          >like {{ inWords(flourSaid(body.flourGL), one) }} <WhyFigure :estimate="figures.body"
        /></span>
      </div>
      <TickChoice v-model="thick" label="Body wanted" :options="THICK" />
      <p v-if="body.ways === null && body.wantedGL !== null" class="said herb">As wanted.</p>
      <p v-if="body.ways !== null" class="said">
        <template v-if="body.ways.thinL > 0">
          Thin it with <b class="figure">{{ showVolume(body.ways.thinL, one) }}</b> of stock or
          water.
        </template>
        <template v-else>
          <template v-if="body.ways.reduce !== null && body.ways.reduce.toL > 0.02">
            Boil down to <b class="figure">{{ showVolume(body.ways.reduce.toL, one) }}</b><template
              v-if="body.ways.reduce.min !== null"
              >, about {{ showDuration(body.ways.reduce.min) }} more at this heat, lid off
              first</template
            ><template v-if="opened !== null"
              >:
              <button type="button" class="link" @click="boilDown(body.ways.reduce.toL)">
                plan it so
              </button></template
            >; or
          </template>
          <template v-else>Boiling does not thicken it, nothing in it binds: </template>
          stir in
          <template v-for="(way, i) in body.ways.thicken.slice(0, 3)" :key="way.id"
            >{{ i > 0 ? " or " : "" }}<b class="figure">{{ grams(way.g) }}</b>
            {{ way.name }}</template
          >, in cold water, and simmer. Judge it simmering: it thickens as it cools.
        </template>
      </p>
    </template>
    <dl class="more">
      <template v-if="meat.length > 0 && figures.meat">
        <dt>Meat</dt>
        <dd>
          {{
            showMass(
              meat.reduce((s, m) => s + m.rawKg, 0),
              one,
            )
          }}
          raw becomes
          <b class="figure">{{ showMass(figures.meat.expected, one) }}</b>
          <WhyFigure :estimate="figures.meat" />
        </dd>
      </template>
      <template v-if="figures.fat">
        <dt>Fat</dt>
        <dd>
          <b class="figure">{{ round(figures.fat.expected) }} g</b> a portion
          <WhyFigure :estimate="figures.fat" />
        </dd>
      </template>
      <template v-if="dish.alcohol && figures.alcohol">
        <dt>Alcohol</dt>
        <dd>
          <b class="figure">{{ round(dish.alcohol.keptShare * 100) }} %</b> stays,
          {{ round(dish.alcohol.leftG) }} g<template v-if="dish.alcohol.portionMostG !== null"
            >, up to {{ round(dish.alcohol.portionMostG, 1) }} g a portion</template
          >
          <WhyFigure :estimate="figures.alcohol" />
        </dd>
      </template>
    </dl>
    <details v-if="!isForAnimals">
      <summary>If it tastes dull, sharp, sweet or hot</summary>
      <ul>
        <li v-for="dose in DOSES" :key="dose.wants">
          <strong>{{ dose.wants }}</strong> <span class="quiet">{{ words(dose.give) }}</span>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.body {
  display: grid;
  gap: var(--space-3);
}

.row {
  display: grid;
  grid-template-columns: 60px minmax(0, 1fr) minmax(56px, max-content) minmax(0, 1fr);
  gap: var(--space-5);
  align-items: center;
}

.body :deep(.why) {
  margin-left: var(--space-3);
}

.said {
  padding: var(--space-1) 0 var(--space-2);
}

.more {
  display: grid;
  grid-template-columns: 72px 1fr;
  gap: var(--space-2) var(--space-5);
  padding-top: var(--space-3);
  border-top: 1px solid var(--hair);
}

dt {
  font-weight: 650;
}

summary {
  min-height: 32px;
  color: var(--rim);
  font-weight: 600;
  cursor: pointer;
}

details li {
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--hair);
}

@media (width <= 700px) {
  .row {
    grid-template-columns: 60px minmax(0, 1fr) max-content;
  }

  .row > span {
    grid-column: 2 / -1;
  }
}
</style>
