import type { SimulateOptions } from "./options";
import type { SetPot } from "./set-pot";
import { simulate } from "./simulate";
import type { Trace } from "./trace";
import { coldWaterKg, waterL } from "./stated-water";

export interface AsPlanned {
  readonly waterL: number;
  readonly waterKg: number;
  readonly trace: Trace;
}

/** A pot simulated with the water that its plan says. @throws Problem as `waterL` and `simulate` do */
export function asPlanned(
  setPot: SetPot,
  options: Omit<SimulateOptions, "waterKg"> = {},
): AsPlanned {
  const litres = waterL(setPot);
  const waterKg = coldWaterKg(litres, setPot.kitchen);
  return { waterL: litres, waterKg, trace: simulate(setPot, { ...options, waterKg }) };
}

const planned = new WeakMap<SetPot, AsPlanned>();

/** The same of a pot that is looked at again and again, worked out the first time. @throws Problem as `asPlanned` */
export function plannedOnce(setPot: SetPot): AsPlanned {
  const known = planned.get(setPot);
  if (known !== undefined) return known;
  const first = asPlanned(setPot);
  planned.set(setPot, first);
  return first;
}
