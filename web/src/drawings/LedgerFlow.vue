<script setup lang="ts">
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { sankey, sankeyLinkHorizontal } from "d3-sankey";
import { computed, useId } from "vue";
import type { FlowPart } from "@kettlos/core/batch/flow";
import PotPatterns from "./PotPatterns.vue";
import { useDrawnWidth } from "./drawn-width";

/** Where every litre went: in from the left, through the pot, out to the right. */
const props = defineProps<{ flow: readonly FlowPart[]; units: UnitSystem }>();

interface Node {
  id: string;
}
interface Link {
  source: string;
  target: string;
  value: number;
  part: FlowPart;
}

const HEIGHT = 224;
const id = useId();
const width = useDrawnWidth(320);
const labelWidth = computed(() => (width.value > 560 ? 176 : 120));

const layout = computed(() => {
  const value = (p: FlowPart) => Math.max(0.001, p.gotL ?? p.plannedL);
  const graph = sankey<Node, Link>()
    .nodeId((n) => n.id)
    .nodeWidth(10)
    .nodePadding(34)
    .nodeSort(null)
    .extent([
      [labelWidth.value, 14],
      [width.value - labelWidth.value, HEIGHT - 26],
    ])({
    nodes: [{ id: "pot" }, ...props.flow.map((p) => ({ id: p.id }))],
    links: props.flow.map((part) => ({
      source: part.side === "in" ? part.id : "pot",
      target: part.side === "in" ? "pot" : part.id,
      value: value(part),
      part,
    })),
  });
  return graph;
});
const linkPath = sankeyLinkHorizontal<Node, Link>();
const ends = computed(() =>
  layout.value.nodes.flatMap((node) => {
    const part = props.flow.find((p) => p.id === node.id);
    return part === undefined ? [] : [{ node, part }];
  }),
);
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const fillOf = (part: FlowPart) =>
  part.colour === "broth"
    ? "var(--broth)"
    : part.colour === "steam"
      ? `url(#${id}-hatch)`
      : `url(#${id}-stipple)`;
</script>

<template>
  <div ref="root">
    <svg
      :width="width"
      :height="HEIGHT"
      role="img"
      :aria-label="
        flow
          .map(
            (p) =>
              `${p.name}: planned ${showVolume(p.plannedL, units)}${p.gotL === null ? '' : `, got ${showVolume(p.gotL, units)}`}`,
          )
          .join('; ')
      "
    >
      <PotPatterns :id="id" small />
      <path
        v-for="link in layout.links"
        :key="link.part.id"
        :d="linkPath(link) ?? ''"
        fill="none"
        :stroke="fillOf(link.part)"
        :stroke-width="Math.max(1.5, link.width ?? 1)"
        stroke-opacity="0.85"
      />
      <rect
        v-for="node in layout.nodes"
        :key="node.id"
        :x="node.x0 ?? 0"
        :y="node.y0 ?? 0"
        :width="(node.x1 ?? 0) - (node.x0 ?? 0)"
        :height="Math.max(1.5, (node.y1 ?? 0) - (node.y0 ?? 0))"
        fill="var(--ink)"
      />
      <g
        v-for="{ node, part } in ends"
        :key="part.id"
        :transform="`translate(${part.side === 'in' ? (node.x0 ?? 0) - 8 : (node.x1 ?? 0) + 8} ${((node.y0 ?? 0) + (node.y1 ?? 0)) / 2})`"
        :text-anchor="part.side === 'in' ? 'end' : 'start'"
      >
        <text class="strong" y="-1">
          {{ showVolume(part.gotL ?? part.plannedL, one) }}
          <tspan v-if="part.gotL !== null" class="planned">
            planned {{ showVolume(part.plannedL, one) }}
          </tspan>
        </text>
        <text class="quiet" y="15">{{ part.name }}</text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  overflow: visible;
}

.planned {
  font-family: var(--text);
  font-weight: 400;
  fill: var(--quiet);
}
</style>
