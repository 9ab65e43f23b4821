<script setup lang="ts">
import { capacityL } from "@kettlos/core/vessel/volume";
import { useRafFn } from "@vueuse/core";
import { computed } from "vue";
import { depthAtY, halfWidthAt, yAt, type PotFrame } from "../../../drawings/pot-frame";
import { usePlanStore } from "../plan-store";

/**
 * The water line with its grip: pulled with the pointer, or stepped with the keys. It stands where it is pulled to
 * at once, before the rest of the pot is drawn for it.
 */
const props = defineProps<{
  frame: PotFrame;
  /** Where the line stands at rest, m. */
  depthM: number;
  /** What the graduations say there, L. */
  litres: number;
  text: string;
}>();
const emit = defineEmits<{ pull: [depthM: number]; step: [litres: number]; release: [] }>();

const planStore = usePlanStore();
const standsM = computed(() => planStore.pulledTo?.depthM ?? props.depthM);
const lineY = computed(() => yAt(props.frame, standsM.value));
const half = computed(() => halfWidthAt(props.frame, standsM.value));
/** Its place in figures: a moved group would have the whole page put into layers anew each frame. */
const gripX = computed(() => props.frame.centreX + half.value - 34);
const arrows = computed(() => {
  const [x, y] = [gripX.value, lineY.value];
  return `M${x - 7} ${y - 7}l7 -6l7 6M${x - 7} ${y + 7}l7 6l7 -6M${x - 10} ${y}h20`;
});

let isPulling = false;
/** Where the pointer is on the drawing; taken up once a frame, however many moves come in. */
let pointedY = 0;
let followedY = NaN;
const { pause, resume } = useRafFn(() => follow(), { immediate: false });
/** Measured here, where nothing has been drawn anew yet: later it would be laid out twice a frame. */
function point(event: PointerEvent) {
  const svg = (event.currentTarget as SVGElement).ownerSVGElement;
  if (!isPulling || svg === null) return;
  const box = svg.getBoundingClientRect();
  pointedY = ((event.clientY - box.top) / box.height) * svg.viewBox.baseVal.height;
}
function follow() {
  if (pointedY === followedY) return;
  followedY = pointedY;
  emit("pull", depthAtY(props.frame, pointedY));
}
function grab(event: PointerEvent) {
  isPulling = true;
  point(event);
  followedY = pointedY;
  resume();
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
}
function letGo() {
  if (!isPulling) return;
  isPulling = false;
  pause();
  follow();
  emit("release");
}

const STEPS_L: Record<string, number> = {
  ArrowUp: 0.1,
  ArrowRight: 0.1,
  ArrowDown: -0.1,
  ArrowLeft: -0.1,
  PageUp: 0.5,
  PageDown: -0.5,
};
function press(event: KeyboardEvent) {
  const by = STEPS_L[event.key];
  if (by === undefined) return;
  event.preventDefault();
  emit("step", by * (event.shiftKey ? 5 : 1));
}
</script>

<template>
  <line
    :x1="frame.centreX - half"
    :x2="frame.centreX + half"
    :y1="lineY"
    :y2="lineY"
    stroke="var(--rim)"
    stroke-width="3"
  />
  <g
    class="handle"
    role="slider"
    tabindex="0"
    aria-label="Water line"
    aria-orientation="vertical"
    :aria-valuemin="0"
    :aria-valuemax="Number(capacityL(frame.vessel).toFixed(1))"
    :aria-valuenow="Number(litres.toFixed(2))"
    :aria-valuetext="text"
    @pointerdown="grab"
    @pointermove="point"
    @pointerup="letGo"
    @pointercancel="letGo"
    @keydown="press"
  >
    <rect
      :x="frame.centreX - half"
      :y="lineY - 22"
      :width="2 * half"
      height="44"
      fill="transparent"
    />
    <rect
      class="grip"
      :x="gripX - 17"
      :y="lineY - 22"
      width="34"
      height="44"
      rx="3"
      fill="var(--rim)"
    />
    <path :d="arrows" class="arrows" />
  </g>
</template>

<style scoped>
.handle {
  cursor: ns-resize;
  touch-action: none;
  /* Else what lies under the pointer is looked for at each move, to be selected. */
  user-select: none;
}

/* Round the grip alone: round all that can be taken hold of, it would run through what is written there. */
.handle:focus-visible {
  outline: none;
}

.handle:focus-visible .grip {
  stroke: var(--ink);
  stroke-width: 6px;
  paint-order: stroke;
}

.arrows {
  fill: none;
  stroke: var(--surface);
  stroke-width: 2;
}
</style>
