<script setup lang="ts">
import { computed } from "vue";
import type { VesselShape } from "@kettlos/core/vessel/vessel-schema";
import { depthToRimM } from "@kettlos/core/vessel/volume";
import { useLarderStore } from "../data/larder-store";
import StagePot from "../drawings/StagePot.vue";

/** Where one pot is: drawn as it stands, its name, and the stages that serve it. */
type StripStage = "gather" | "prep" | "fill" | "simmer" | "strain" | "chill" | "portion" | "done";

const props = defineProps<{
  name: string;
  about?: string;
  stage: StripStage;
  /** A dish is served, a stock is strained. */
  end?: "strained" | "served";
  /** What it is in; nothing where that is not there any more. */
  vessel?: VesselShape | null | undefined;
  /** How high its liquid is, m. */
  levelM?: number;
  /** How much came through the sieve, L: it stands in it as in a bowl. */
  strainedL?: number;
  planId?: string;
  batchId?: string;
  /** Chilling is for what has come through the sieve. */
  isStrained?: boolean;
  /** Only what was chilled by the clock is said to be. */
  isChilled?: boolean;
}>();
const larderStore = useLarderStore();
/** Something of it stands, or stood, in the larder. */
const isPortioned = computed(() =>
  [...larderStore.lots.values()].some((lot) => lot.batchId === props.batchId),
);

const ORDER: readonly StripStage[] = [
  "gather",
  "prep",
  "fill",
  "simmer",
  "strain",
  "chill",
  "portion",
  "done",
];
const STAGES = [
  { id: "gather", label: "Gather" },
  { id: "prep", label: "Prep" },
  { id: "fill", label: "Fill" },
  { id: "simmer", label: "Simmer" },
  { id: "strain", label: "Strain" },
  { id: "chill", label: "Chill" },
  { id: "portion", label: "Portion" },
] as const;
const STANDS = {
  gather: "empty",
  prep: "filled",
  fill: "filled",
  simmer: "onHeat",
  strain: "underSieve",
  chill: "inBath",
  portion: "inJars",
  done: "inJars",
} as const;
const standsM = computed(
  () =>
    props.levelM ??
    (props.vessel && props.strainedL !== undefined
      ? depthToRimM(props.vessel, props.strainedL)
      : 0),
);
const isPast = (id: StripStage) =>
  id === "chill"
    ? props.isChilled === true
    : id === "portion"
      ? props.batchId !== undefined && isPortioned.value
      : ORDER.indexOf(id) < ORDER.indexOf(props.stage);

function target(id: (typeof STAGES)[number]["id"]): string | null {
  if (props.batchId === undefined) return id === "gather" ? `/plan/${props.planId ?? ""}` : null;
  if (id === "gather") return `/plan/${props.planId ?? ""}`;
  if (id === "strain") return `/strain/${props.batchId}`;
  if (id === "chill" || id === "portion")
    return props.isStrained === true ? `/${id}/${props.batchId}` : null;
  return `/cook/${props.batchId}`;
}
</script>

<template>
  <section class="strip" aria-label="This pot">
    <StagePot
      v-if="vessel"
      class="pot"
      :vessel="vessel"
      :stands="STANDS[stage]"
      :level-m="standsM"
    />
    <div class="who">
      <slot name="name"
        ><strong class="figure">{{ name }}</strong></slot
      >
      <span class="quiet small"
        ><slot name="about">{{ about }}</slot></span
      >
    </div>
    <ol class="stages">
      <li
        v-for="item in STAGES"
        :key="item.id"
        :class="{ past: isPast(item.id), now: item.id === stage }"
      >
        <component
          :is="target(item.id) === null ? 'span' : 'RouterLink'"
          :to="target(item.id) ?? undefined"
          :aria-current="item.id === stage ? 'step' : undefined"
          class="stage"
        >
          <svg v-if="isPast(item.id)" viewBox="0 0 12 12" width="12" height="12" aria-label="done">
            <path d="M1 6l3.5 4L11 1" />
          </svg>
          <span class="label">{{
            item.id === "strain" && end === "served" ? "Serve" : item.label
          }}</span>
        </component>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-7);
  align-items: center;
  justify-content: space-between;
  min-height: 48px;
  padding: 0 var(--space-7);
  border-bottom: 1px solid var(--hair);
}

.pot {
  align-self: end;
  margin: var(--space-1) calc(-1 * var(--space-5)) 0 0;
}

.who {
  display: flex;
  flex: 1;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  align-items: baseline;
  font-size: var(--size-lead);
}

.who :deep(.figure) {
  font-weight: 650;
}

.stages {
  display: flex;
  flex: 0 1 480px;
  align-self: end;
}

li {
  flex: 1;
  border-bottom: 3px solid var(--hair);
  background: repeating-linear-gradient(90deg, var(--tick) 0 1px, transparent 1px 20%) bottom left /
    100% 5px no-repeat;
}

li.past {
  border-color: var(--herb);
}

li.now {
  border-color: var(--rim);
}

.stage {
  display: flex;
  gap: var(--space-2);
  align-items: center;
  min-height: 44px;
  padding-right: var(--space-4);
  color: var(--quiet);
  text-decoration: none;
}

.now .stage {
  color: var(--ink);
  font-weight: 700;
}

path {
  fill: none;
  stroke: var(--herb);
  stroke-width: 2.2;
  stroke-linecap: round;
}

@media (width <= 700px) {
  .strip {
    padding: var(--space-2) var(--space-6) 0;
  }

  .stages {
    flex-basis: 100%;
    font-size: var(--size-small);
  }

  .stage {
    padding-right: var(--space-2);
  }

  /* What lies behind is its tick; the names of what is to come need the room. */
  .past:not(.now) .label {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }

  li.past:not(.now) {
    flex: 0.5;
  }
}

@media print {
  .stages {
    display: none;
  }
}
</style>
