import type { Heat, Method } from "../../heats/heat-schema";
import { HEATS, heatOf } from "../../heats/heat";
import { usualHeat } from "../../convert/targets";
import type { Kitchen } from "../../simulate/kitchen-schema";
import { Problem } from "../../units/problem";
import type { SaidOfHeat } from "../../heats/record";

/**
 * A heat with what a text says of it; of the rest `own` stands where it is the same heat, else the usual way
 * of this kitchen.
 * @throws Problem `unknownReference` where the kitchen has no such heat
 */
export function saidHeat(method: Method, said: SaidOfHeat, kitchen: Kitchen, own?: Heat): Heat {
  const heat = own?.method === method ? own : usualHeat(method, kitchen);
  if (heat === null) throw new Problem("unknownReference", "heat", method, HEATS[method].missing);
  return heatOf(heat).saidIn(heat, said);
}
