import type { RestHeat } from "../../heats/rest-schema";
import { lidFactor } from "../../liquid/evaporation";
import type { Cooking, Programme } from "./programme";

/** Off the heat: it cools through its wall and by what steams off past the lid. */
export function restProgramme(run: Cooking, heat: RestHeat): Programme {
  const heavy = run.pot.vessel.lid === "heavy";
  const lid = () => lidFactor(run.isOpen ? "off" : heat.lid, heavy);
  return {
    holdC: run.pot.tempC,
    powerW: 0,
    opensInHold: true,
    bringUp() {
      run.clockFromMin = run.tMin;
    },
    holdStep(longestS) {
      run.warm("hold", 0, longestS, lid());
      return longestS;
    },
    holdingW: () => 0,
  };
}
