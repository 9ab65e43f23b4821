import { usualHeat } from "../../convert/targets";
import type { Method } from "../../heat/method";
import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Heat } from "../../simulate/plan-schema";
import { Problem } from "../../units/problem";
import type { HeadFacts } from "./draft";

/** What a text says of a heat; null where it is silent. */
export type SaidOfHeat = Pick<
  HeadFacts,
  "ovenC" | "lid" | "vigour" | "crockSetting" | "boilFirstMin" | "highFirstMin"
>;

/** What a heat wants that a kitchen may lack. */
export const HEAT_MISSING: Readonly<Record<Method, string>> = {
  hob: "This kitchen has no ring, or no pot for it. Set them up under Kitchen.",
  oven: "This kitchen has no oven. Cook it on the hob, or set one up under Kitchen.",
  slowCooker: "This kitchen has no slow cooker. Set one up under Kitchen.",
  pressure: "This kitchen has no pressure cooker. Set one up under Kitchen.",
};

/**
 * A heat with what a text says of it; of the rest `own` stands where it is the same heat, else the usual way
 * of this kitchen.
 * @throws Problem `unknownReference` where the kitchen has no such heat
 */
export function saidHeat(
  method: Method,
  { ovenC, lid, vigour, crockSetting, boilFirstMin, highFirstMin }: SaidOfHeat,
  kitchen: Kitchen,
  own?: Heat,
): Heat {
  const heat = own?.method === method ? own : usualHeat(method, kitchen);
  if (heat === null) throw new Problem("unknownReference", "heat", method, HEAT_MISSING[method]);
  switch (heat.method) {
    case "hob":
      return {
        ...heat,
        lid: lid ?? heat.lid,
        vigour: vigour ?? heat.vigour,
        boilFirstMin: boilFirstMin ?? heat.boilFirstMin,
      };
    case "oven":
      return { ...heat, lid: lid ?? heat.lid, ovenC: ovenC ?? heat.ovenC };
    case "slowCooker":
      return {
        ...heat,
        setting: crockSetting ?? heat.setting,
        highFirstMin: highFirstMin ?? heat.highFirstMin,
      };
    case "pressure":
      return heat;
  }
}
