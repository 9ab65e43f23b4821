import { containersOf } from "@kettlos/core/batch/chill-containers";
import { potToChill } from "@kettlos/core/batch/chill-of";
import {
  bestOf,
  chanceInTime,
  chillChoices,
  countFor,
  inCount,
  withMoreOf,
  type ChillChoice,
} from "@kettlos/core/cool/chill-choices";
import type { BeforeChilling } from "@kettlos/core/cool/before-chilling";
import { FRIDGE_FROM_C } from "@kettlos/core/cool/chill-live";
import type { Gate } from "@kettlos/core/cool/codes";
import { iceKg } from "@kettlos/core/cool/cooling";
import { COOLING_WAYS, type CoolingWay } from "@kettlos/core/cool/ways";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { computed, ref, watch } from "vue";

interface ToChill {
  readonly kitchen: () => Kitchen | null;
  readonly gates: () => readonly Gate[];
  readonly totalKg: () => number;
  readonly fromC: () => number | null;
  readonly isThick: () => boolean;
  /** What its clock has run through already. */
  readonly before: () => BeforeChilling | null;
  /** What it stands in by itself. */
  readonly usualId: () => string | null;
}

/** In what, how many of it, and which way first: as chosen, judged, with what would be better. */
export function useChillHow(of: ToChill) {
  const containerId = ref("");
  const first = ref<CoolingWay>("fridge");
  /** So many as the cook says; as many as are enough where nothing is said. */
  const count = ref<number | null>(null);
  watch([containerId, first], () => (count.value = null));
  const sayCount = (n: number | null) =>
    (count.value = n === null ? null : Math.min(MOST, Math.max(1, Math.floor(n))));

  const containers = computed(() => {
    const kitchen = of.kitchen();
    return kitchen === null ? [] : containersOf(kitchen);
  });
  // What is shown first is what most do: the pot as it is, into the fridge.
  watch(
    [of.usualId, containers],
    () => {
      if (containerId.value === "")
        containerId.value = of.usualId() ?? containers.value[0]?.id ?? "";
      if (!containers.value.some((c) => c.id === containerId.value))
        containerId.value = containers.value[0]?.id ?? "";
    },
    { immediate: true },
  );
  const choices = computed(() => {
    const [kitchen, fromC] = [of.kitchen(), of.fromC()];
    if (kitchen === null || of.totalKg() <= 0 || fromC === null) return [];
    const pot = { ...potToChill(kitchen, fromC, of.isThick()), before: of.before() };
    return chillChoices(pot, of.totalKg(), containers.value, COOLING_WAYS, of.gates());
  });
  const solved = computed(
    () =>
      choices.value.find(
        (c) => c.container.id === containerId.value && c.stages[0]?.way === first.value,
      ) ?? null,
  );
  const leastCount = computed(() =>
    solved.value === null ? 1 : countFor(solved.value.container, of.totalKg()),
  );
  const isTooFew = computed(() => count.value !== null && count.value < leastCount.value);
  const chosen = computed<ChillChoice | null>(() => {
    const choice = solved.value;
    if (choice === null || isTooFew.value) return null;
    return count.value === null || count.value === choice.count
      ? choice
      : inCount(choice.facts, of.totalKg(), count.value, first.value, of.gates());
  });
  const chance = computed(() =>
    chosen.value === null || chosen.value.isSure ? null : chanceInTime(chosen.value, of.gates()),
  );
  const verdict = computed(() => {
    if (chosen.value === null) return "They do not hold all of it";
    if (chosen.value.isSure) return "This way it is cold in time";
    return chosen.value.passes ? "This way it may be too slow" : "This way it is too slow";
  });
  const bathIce = computed(() =>
    first.value === "iceBath" && (of.fromC() ?? 0) > FRIDGE_FROM_C
      ? iceKg(of.totalKg(), of.fromC() ?? 0, FRIDGE_FROM_C)
      : null,
  );
  function take(choice: ChillChoice) {
    containerId.value = choice.container.id;
    first.value = choice.stages[0]?.way ?? "fridge";
  }
  return {
    containerId,
    containers,
    first,
    count,
    sayCount,
    solved,
    chosen,
    leastCount,
    isTooFew,
    chance,
    verdict,
    bathIce,
    best: computed(() => bestOf(choices.value)),
    withMore: computed(() => withMoreOf(choices.value)),
    take,
  };
}

const MOST = 100;
