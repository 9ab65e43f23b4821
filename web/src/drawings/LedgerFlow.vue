<script setup lang="ts">
import { inLines, widthOfText } from "./fit-text";
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

const LINE = 16;
const id = useId();
const width = useDrawnWidth(320);
const one = computed(() => (props.units === "us" ? "us" : "metric"));
/** Beside each end: what it came to, what was planned, and what it is, in the room that the middle leaves. */
const MOST_WIDTH = 232;
const labelWidth = computed(() => Math.min(MOST_WIDTH, width.value * 0.38));
const planned = (part: FlowPart) => `planned ${showVolume(part.plannedL, one.value)}`;
const amount = (part: FlowPart) => showVolume(part.gotL ?? part.plannedL, one.value);
const labels = computed(
  () =>
    new Map(
      props.flow.map((part) => {
        const room = labelWidth.value - 8;
        const beside = `${amount(part)}  ${planned(part)}`;
        const isBeside = part.gotL !== null && widthOfText(beside) <= room;
        const under = part.gotL === null || isBeside ? [] : [planned(part)];
        return [part.id, { isBeside, lines: [...under, ...inLines(part.name, room)] }];
      }),
    ),
);
/** From one end to the next: as high as the highest label. */
const pitch = computed(
  () => 8 + LINE * (1 + Math.max(...[...labels.value.values()].map((l) => l.lines.length))),
);
const height = computed(() => {
  const most = Math.max(...["in", "out"].map((s) => props.flow.filter((p) => p.side === s).length));
  return Math.max(224, 64 + most * (pitch.value + 10));
});

const layout = computed(() => {
  const value = (p: FlowPart) => Math.max(0.001, p.gotL ?? p.plannedL);
  const graph = sankey<Node, Link>()
    .nodeId((n) => n.id)
    .nodeWidth(10)
    .nodePadding(pitch.value - 6)
    .nodeSort(null)
    .extent([
      [labelWidth.value, 14],
      [width.value - labelWidth.value, height.value + 14 - pitch.value],
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
      :height="height"
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
          {{ amount(part) }}
          <tspan v-if="labels.get(part.id)?.isBeside" class="planned">{{ planned(part) }}</tspan>
        </text>
        <text
          v-for="(text, i) in labels.get(part.id)?.lines"
          :key="text"
          class="quiet"
          :y="15 + i * LINE"
        >
          {{ text }}
        </text>
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
