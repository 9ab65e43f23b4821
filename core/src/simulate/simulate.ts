import { Problem } from "../units/problem";
import type { Kitchen } from "./kitchen-schema";
import { pouredAtStartKg } from "./acid";
import { holdForCook } from "./hold-for-cook";
import type { SimulateOptions } from "./options";
import { countsBack } from "./moves";
import type { Plan } from "./plan-schema";
import { eatenTarget, rulingItemId } from "./ruling";
import { Run } from "./run";
import type { Trace } from "./trace";

const FIRST_GUESS_MIN = 240;

/**
 * Simulates one pot from the first heat to the sieve: temperature, level, ledger, every ingredient's
 * cook value, gelatin, fat and salt through time, in steps of 30 s (pieces in τ/20). A plan that stops
 * by level or by tenderness finds its own hold; what goes in "before the end" follows it. What does not go
 * in runs over the rim: it stands in the ledger and has its mark.
 * @throws Problem `unknownReference`, `notOnHob`, `wrongVessel`, `range`, `notReachable`
 */
export function simulate(plan: Plan, kitchen: Kitchen, options: SimulateOptions): Trace {
  const { stop } = plan;
  if (stop.by === "time") return runOnce(plan, kitchen, options, stop.holdMin);
  if (stop.by === "tender") {
    const startKg = options.waterKg + pouredAtStartKg(plan);
    const id = rulingItemId(plan, kitchen, startKg) ?? heaviestId(plan, kitchen, options);
    const main = plan.items.find((i) => i.id === id);
    const target = main === undefined ? null : eatenTarget(main, plan, startKg);
    if (target === null)
      throw new Problem(
        "notReachable",
        "stop",
        "tender",
        "Nothing in this pot is cooked until tender. Say how long it shall simmer.",
      );
    // By its core nothing is asked of the cook value.
    const isByCore = target.coreC !== undefined;
    const aimed = isByCore ? 0 : target.ideal.value * (options.parameters?.target ?? 1);
    return holdForCook(plan, kitchen, options, aimed);
  }
  let holdMin = FIRST_GUESS_MIN;
  let trace = new Run(plan, kitchen, options, { by: "level" }, holdMin).go();
  for (let round = 0; round < 6 && trace.problem === null; round++) {
    const change = Math.abs(trace.holdMin - holdMin);
    holdMin = trace.holdMin;
    if (change < 0.5 || !plan.items.some(countsBack)) break;
    trace = new Run(plan, kitchen, options, { by: "level" }, holdMin).go();
  }
  return trace;
}

/** One pass of a given length, whatever the plan says of its end. */
export const runOnce = (
  plan: Plan,
  kitchen: Kitchen,
  options: SimulateOptions,
  holdMin: number,
): Trace => {
  return new Run(plan, kitchen, options, { by: "time", holdMin }, holdMin).go();
};

/** The heaviest of bones and meat; null without solids. */
const heaviestId = (plan: Plan, kitchen: Kitchen, options: SimulateOptions): string | null =>
  runOnce(plan, kitchen, options, 1).mainItemId;
