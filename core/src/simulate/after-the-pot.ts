import { LEFT_IN_CLOTH_L } from "../liquid/constants";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { valuesOf } from "./item-facts";
import type { Parameters } from "./parameters";
import type { Plan } from "./plan-schema";
import type { Trace } from "./trace";

/**
 * The figures after the sieve of a pot where a parameter is another that its course knows nothing of: how much gelatin its bones give,
 * how much stays on what is in the sieve. `times` is what it is against the one that the pot was simulated with. Null where
 * the pot has to be simulated: for any other parameter, where something brings gelatin of its own, where something is lifted out,
 * where nothing came through.
 */
export function afterThePot(
  trace: Trace,
  plan: Plan,
  parameter: keyof Parameters,
  times: number,
): Trace | null {
  switch (parameter) {
    case "extraction":
      return plan.items.some((item) => valuesOf(item).gelatinGKg > 0)
        ? null
        : withStrained(trace, { gelatinGL: trace.strained.gelatinGL * times });
    case "leftOnSolids":
      return trace.items.some(({ outMin }) => outMin !== null) || isAllOnSolids(trace)
        ? null
        : strainedAnew(trace, plan, times);
    default:
      return null;
  }
}

/** All there was stayed in the sieve: how much more it would have kept is not known from it. */
const isAllOnSolids = ({ endLiquidKg, ledger }: Trace): boolean =>
  -ledger.leftOnSolids >= endLiquidKg;

const withStrained = (trace: Trace, part: Partial<Trace["strained"]>): Trace => ({
  ...trace,
  strained: { ...trace.strained, ...part },
});

function strainedAnew(trace: Trace, plan: Plan, times: number): Trace {
  if (plan.end !== "strained") return trace;
  const onSolids = Math.min(trace.endLiquidKg, -trace.ledger.leftOnSolids * times);
  const leftKg = trace.endLiquidKg - onSolids;
  const liquidKg = leftKg - Math.min(leftKg, plan.strain.clothPasses * LEFT_IN_CLOTH_L.value);
  const { strained } = trace;
  const volumeL = liquidKg / COLD_DENSITY_KG_L;
  const saltG = strained.saltGL * volumeL;
  return withStrained(trace, { liquidKg, volumeL, saltG });
}
