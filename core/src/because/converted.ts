import { resolve, type SetPot } from "../simulate/set-pot";
import { isSameKind } from "../heats/heat";
import {
  crossover,
  DRAWS,
  rangesFor,
  type Column,
  type ColumnRange,
  type Crossover,
} from "../convert/crossover";
import type { Target } from "../convert/like";
import type { CrockSetting } from "../heat/slow-cooker";
import { withSuggestions } from "../convert/suggested";
import { usualTargets } from "../convert/targets";
import type { Caution } from "../safety/caution";
import { factsOf } from "../safety/facts";
import { cautionsFor } from "../safety/rules";
import type { Kitchen } from "../simulate/kitchen-schema";
import { explainConversion, type ConversionWhy } from "./explain-conversion";
import type { Said } from "../units/said";
import { outcomeOf } from "../units/problem";

/** A column with the cautions that stand in it. */
export interface CautionedColumn extends Column {
  readonly cautions: readonly Caution[];
}

/** One heat's answer as plain data, so that it passes between threads and into files. */
export type HeatAnswer =
  | { readonly ok: true; readonly target: Target; readonly column: CautionedColumn }
  | { readonly ok: false; readonly target: Target; readonly message: Said };

/** A dish on every heat; `problem` where the dish as written does not work. */
export interface Converted {
  readonly answers: readonly HeatAnswer[];
  readonly problem: Said | null;
}

/** A column's ranges, each figure with its why. */
export interface ExplainedRange extends ColumnRange {
  readonly why: ConversionWhy;
}

const SEED = 20;

const cautioned = (column: Column, kitchen: Kitchen): CautionedColumn => ({
  ...column,
  cautions: cautionsFor(factsOf(resolve(column.plan, kitchen), column.trace, column.waterL)),
});

const plain = (result: Crossover, kitchen: Kitchen): readonly HeatAnswer[] =>
  result.columns.map(({ target, outcome }) =>
    outcome.ok
      ? { ok: true, target, column: cautioned(outcome.value, kitchen) }
      : { ok: false, target, message: outcome.problem.said },
  );

/**
 * A dish on every heat this kitchen has or might have: expected figures at once, ranges by draws after.
 * `changed` replaces the usual target of its own heat (and crock setting); `settings` says for which
 * settings the slow cooker is wanted, both if left out.
 */
export function convertDish(
  { plan, kitchen }: SetPot,
  changed: readonly Target[] = [],
  settings?: readonly CrockSetting[],
): { readonly converted: Converted; readonly ranges: () => readonly (ExplainedRange | null)[] } {
  const whole = withSuggestions(kitchen);
  const outcome = outcomeOf(() => {
    const targets = usualTargets(resolve(plan, whole), settings).map(
      (usual) => changed.find((c) => isSameKind(c.heat, usual.heat)) ?? usual,
    );
    return crossover(plan, targets, whole);
  });
  if (!outcome.ok)
    return { converted: { answers: [], problem: outcome.problem.said }, ranges: () => [] };
  const result = outcome.value;
  return {
    converted: { answers: plain(result, whole), problem: null },
    ranges: () =>
      rangesFor(result, { draws: DRAWS, seed: SEED }).map((range, i) => {
        const outcome = result.columns[i]?.outcome;
        return range === null || outcome?.ok !== true
          ? null
          : { ...range, why: explainConversion(result.goal, outcome.value, range, whole) };
      }),
  };
}
