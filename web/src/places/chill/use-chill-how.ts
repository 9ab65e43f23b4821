import { containersOf } from "@kettlos/core/batch/chill-containers";
import { potToChill } from "@kettlos/core/batch/chill-of";
import {
  bestOf,
  chanceInTime,
  chillChoices,
  countFor,
  inCount,
  quickestOf,
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
  readonly potId: () => string | null;
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
  const choices = computed(() => {
    const [kitchen, fromC] = [of.kitchen(), of.fromC()];
    if (kitchen === null || of.totalKg() <= 0 || fromC === null) return [];
    const pot = { ...potToChill(kitchen, fromC, of.isThick()), before: of.before() };
    return chillChoices(pot, of.totalKg(), containers.value, COOLING_WAYS, of.gates());
  });
  const inWay = (container: string, way: CoolingWay) =>
    choices.value.find((c) => c.container.id === container && c.stages[0]?.way === way) ?? null;
  const solved = computed(() => inWay(containerId.value, first.value));
  /** As it is, into the fridge: what most would do; it is told where it is too slow. */
  const asItIs = computed(() => inWay(of.usualId() ?? "", "fridge"));
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
  const best = computed(() => bestOf(choices.value));
  // What stands there first is fast enough: the pot as it is where that is, else the least work that is, else
  // what comes nearest to it.
  let shownFor: string | null = null;
  watch(
    [of.potId, of.usualId, containers, choices],
    () => {
      const isThere = (id: string | null) => containers.value.some((c) => c.id === id);
      if (!isThere(containerId.value)) {
        const usual = of.usualId();
        containerId.value = (isThere(usual) ? usual : containers.value[0]?.id) ?? "";
      }
      if (shownFor === of.potId() || choices.value.length === 0) return;
      shownFor = of.potId();
      const shown =
        asItIs.value?.isSure === true ? asItIs.value : (best.value ?? quickestOf(choices.value));
      if (shown !== null) take(shown);
    },
    { immediate: true },
  );
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
    best,
    asItIs,
    withMore: computed(() => withMoreOf(choices.value)),
    take,
  };
}

const MOST = 100;
