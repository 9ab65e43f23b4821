import type { HobHeat } from "../../heats/hob-schema";
import { ringNetW, simmerC, warmingFluxKgM2H } from "../../heat/hob";
import { SIMMER_FLUX_KG_M2_H } from "../../liquid/constants";
import { lidFactor } from "../../liquid/evaporation";
import { latentHeatKJKg } from "../../water/properties";
import { ringOf } from "../references";
import type { Phase } from "../trace";
import type { Cooking, Programme } from "./programme";

/** On a ring: up to the simmer (or to the boil, skimming, and down), then a steady simmer. */
export function hobProgramme(run: Cooking, heat: HobHeat): Programme {
  const powerW = ringNetW(ringOf(run.setPot), run.kitchen.altitudeM) * run.ringReaches;
  const heavy = run.pot.vessel.lid === "heavy";
  const plannedC = simmerC(heat.vigour, run.kitchen.altitudeM);
  const vigour = () => run.turned?.vigour ?? heat.vigour;
  const lidNow = () => (run.isOpen ? "off" : (run.turned?.lid ?? heat.lid));
  const lid = () => lidFactor(lidNow(), heavy);
  const plannedSteams = run.steams(heat);
  const steams = () =>
    run.turned === null && !run.isOpen
      ? plannedSteams
      : run.steams({ ...heat, vigour: vigour(), lid: lidNow() });
  const setC = () => (run.turned === null ? plannedC : simmerC(vigour(), run.kitchen.altitudeM));
  const holdC = () => Math.min(run.boilingC, run.seenC ?? setC());
  /** At a rolling boil all heat left over becomes steam; the lid sends its share back. */
  const rollingKgS = () => {
    const left = Math.max(0, powerW - run.lossW());
    return (left / 1000 / latentHeatKJKg(run.boilingC)) * lid();
  };
  const simmerKgS = (dtS: number) =>
    vigour() === "rolling"
      ? rollingKgS()
      : run.steamKgS(SIMMER_FLUX_KG_M2_H[vigour()].value * steams(), lid(), dtS);

  /** Off its temperature: up at full fire, down with none. */
  const toward = (phase: Phase, toC: number, dtS: number) => {
    const { pot } = run;
    const fireW = pot.tempC < toC ? powerW : 0;
    const before = pot.tempC;
    const netW = run.netW(fireW, before, lid());
    const untilS = pot.untilS(toC, netW);
    const stepS = untilS > 0 ? Math.min(dtS, Math.max(0.5, untilS)) : dtS;
    run.warm(phase, fireW, stepS, lid(), netW);
    if (before < toC === pot.tempC > toC || Math.abs(pot.tempC - toC) < 1e-6) pot.tempC = toC;
    return stepS;
  };
  const boilStep = (dtS: number) => {
    if (run.isCold) run.warm("boil", 0, dtS, lid());
    else if (run.pot.tempC < run.boilingC - 1e-9) toward("boil", run.boilingC, dtS);
    else run.pass("boil", dtS, rollingKgS());
  };

  return {
    holdC: plannedC,
    powerW,
    opensInHold: true,
    bringUp() {
      const boilFirst = heat.boilFirstMin;
      run.comeUp(boilFirst === null ? plannedC : run.boilingC, powerW, lid);
      run.clockFromMin = run.tMin;
      if (boilFirst !== null && run.problem === null) {
        run.mark("boils");
        const endMin = run.tMin + Math.max(0, run.untilTurnedDownMin ?? boilFirst);
        run.begin();
        while (run.tMin < endMin - 1e-9 && run.problem === null)
          boilStep(Math.min(run.stepS(), (endMin - run.tMin) * 60));
        run.mark("turnedDown");
      }
      run.mark("simmers");
    },
    holdStep(longestS, wantedKg) {
      const { pot } = run;
      if (run.isCold) {
        run.warm("hold", 0, longestS, lid());
        return longestS;
      }
      const isThere = Math.abs(pot.tempC - holdC()) < 1e-9;
      const steam = isThere
        ? simmerKgS(longestS)
        : run.steamKgS(warmingFluxKgM2H(pot.tempC, run.airKPa), lid(), 0);
      const untilS = steam > 0 ? (pot.liquidKg - wantedKg) / steam : Infinity;
      const dtS = wantedKg > 0 ? Math.min(longestS, Math.max(0.5, untilS)) : longestS;
      if (!isThere) return toward("hold", holdC(), dtS);
      run.pass("hold", dtS, dtS === longestS ? steam : simmerKgS(dtS));
      return dtS;
    },
    holdingW() {
      return (
        simmerKgS(0) * latentHeatKJKg(plannedC) * 1000 +
        run.pot.lossWK * (plannedC - run.kitchen.roomC)
      );
    },
  };
}
