import { ringNetW, simmerC, warmingFluxKgM2H } from "../../heat/hob";
import { SIMMER_FLUX_KG_M2_H } from "../../liquid/constants";
import { lidFactor } from "../../liquid/evaporation";
import { latentHeatKJKg } from "../../water/properties";
import type { HobHeat } from "../plan-schema";
import { ringOf } from "../references";
import type { Cooking, Programme } from "./programme";

const STEP_S = 30;

/** On a ring: up to the simmer (or to the boil, skimming, and down), then a steady simmer. */
export function hobProgramme(run: Cooking, heat: HobHeat): Programme {
  const powerW =
    ringNetW(ringOf(run.plan, run.kitchen), run.kitchen.altitudeM) * run.parameters.efficiency;
  const holdC = simmerC(heat.vigour, run.kitchen.altitudeM);
  const lid = lidFactor(heat.lid, run.pot.vessel.lid === "heavy");
  const flux = SIMMER_FLUX_KG_M2_H[heat.vigour].value;
  /** At a rolling boil all heat left over becomes steam; the lid sends its share back. */
  const rollingKgS = () => {
    const left = Math.max(0, powerW - run.lossW());
    return (left / 1000 / latentHeatKJKg(run.boilingC)) * lid;
  };
  const simmerKgS = () =>
    heat.vigour === "rolling" ? rollingKgS() : run.steamKgS(flux * run.parameters.evaporation, lid);

  return {
    holdC,
    powerW,
    opensInHold: true,
    bringUp() {
      const boilFirst = heat.boilFirstMin;
      run.comeUp(boilFirst === null ? holdC : run.boilingC, powerW, lid);
      run.clockFromMin = run.tMin;
      if (boilFirst !== null && run.problem === null) {
        run.mark("boils");
        for (let left = boilFirst * 60; left > 1e-6 && run.problem === null; left -= STEP_S)
          run.pass("boil", Math.min(STEP_S, left), rollingKgS());
        run.mark("turnedDown");
      }
      run.mark("simmers");
    },
    holdStep(longestS, wantedKg) {
      const { pot } = run;
      if (Math.abs(pot.tempC - holdC) < 1e-9) {
        const steam = simmerKgS();
        const untilS = steam > 0 ? (pot.liquidKg - wantedKg) / steam : Infinity;
        const dtS = wantedKg > 0 && untilS > 0.5 ? Math.min(longestS, untilS) : longestS;
        run.pass("hold", dtS, steam);
        return dtS;
      }
      const steam = run.steamKgS(warmingFluxKgM2H(pot.tempC, run.airKPa), lid);
      const fireW = pot.tempC < holdC ? powerW : 0;
      const before = pot.tempC;
      pot.warm(fireW - run.lossW() - run.steamW(steam), longestS);
      if ((before < holdC && pot.tempC > holdC) || (before > holdC && pot.tempC < holdC))
        pot.tempC = holdC;
      run.pass("hold", longestS, steam);
      return longestS;
    },
    holdingW() {
      return (
        simmerKgS() * latentHeatKJKg(holdC) * 1000 + run.pot.lossWK * (holdC - run.kitchen.roomC)
      );
    },
  };
}
