import { Problem } from "../units/problem";
import { litres, metres, say } from "../units/said";
import { capacityL } from "../vessel/volume";
import type { Vessel } from "../vessel/vessel-schema";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Trace } from "./trace";

/** Less than this over the rim is the water swelling as it warms, L. */
const SWELLS_L = 0.05;

/**
 * What does not go into the pot, as a problem to read: a heap over the rim, or liquid that runs over it.
 * Null where everything stays in.
 */
export function overRim(trace: Trace, vessel: Vessel): Problem | null {
  const fullL = capacityL(vessel);
  if (trace.heapTopM > vessel.heightM)
    return new Problem(
      "heapAboveRim",
      "solids",
      trace.heapTopM,
      say`The heap stands ${metres(trace.heapTopM - vessel.heightM)} over the rim: it holds ${litres(fullL)}.`,
    );
  const overL = -trace.ledger.overRim / COLD_DENSITY_KG_L;
  if (overL <= SWELLS_L) return null;
  return new Problem(
    "aboveRim",
    "volumeL",
    overL,
    say`${litres(overL)} of it does not go in and runs over: the pot holds ${litres(fullL)} to the rim.`,
  );
}
