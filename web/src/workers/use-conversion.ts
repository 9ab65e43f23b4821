import type { ExplainedRange, HeatAnswer } from "@kettlos/core/because/converted";
import type { Target } from "@kettlos/core/convert/like";
import type { CrockSetting } from "@kettlos/core/heat/slow-cooker";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { Said } from "@kettlos/core/units/said";
import { computed, ref, shallowRef } from "vue";
import { plain } from "../data/plain";
import { reckoner } from "./reckoner";

/** A heat's answer with its range, once drawn. */
export interface HeatColumn {
  readonly answer: HeatAnswer;
  readonly range: ExplainedRange | null;
}

/** Counts over all who ask, since the worker answers the newest alone. */
let newest = 0;

/**
 * Asks the worker for a dish on every heat: figures first, ranges after where they are wanted; an overtaken
 * answer is dropped.
 */
export function useConversion({ withRanges = true } = {}) {
  const answers = shallowRef<readonly HeatAnswer[]>([]);
  const ranges = shallowRef<readonly (ExplainedRange | null)[]>([]);
  const problem = shallowRef<Said | null>(null);
  const isBusy = ref(false);
  const columns = computed<readonly HeatColumn[]>(() =>
    answers.value.map((answer, i) => ({ answer, range: ranges.value[i] ?? null })),
  );

  async function ask(
    plan: Plan,
    kitchen: Kitchen,
    changed: readonly Target[] = [],
    settings?: readonly CrockSetting[],
  ): Promise<void> {
    const mine = ++newest;
    isBusy.value = true;
    const worker = reckoner();
    const converted = await worker.convert(
      mine,
      plain(plan),
      plain(kitchen),
      plain(changed),
      settings,
    );
    if (converted === null || mine !== newest) return;
    answers.value = converted.answers;
    problem.value = converted.problem;
    ranges.value = [];
    if (!withRanges) return void (isBusy.value = false);
    const drawn = await worker.ranges(mine);
    if (drawn === null || mine !== newest) return;
    ranges.value = drawn;
    isBusy.value = false;
  }

  function clear(): void {
    answers.value = [];
    ranges.value = [];
  }

  return { columns, problem, isBusy, ask, clear };
}
