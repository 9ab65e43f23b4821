import type { OvenHeat } from "../../heats/oven-schema";
import { ringNetW } from "../../heat/hob";
import { OVEN_COLD_TAU_MIN, OVEN_HOT_TAU_MIN, ovenEntryC, ovenPlateauC } from "../../heat/oven";
import { relaxed } from "../../heat/plateau";
import { ovenCeilingKgM2H, ovenFluxKgM2H } from "../../liquid/evaporation";
import { outerAreaM2 } from "../../vessel/volume";
import type { Lid } from "../../vessel/lid";
import { coolerC } from "../hot-here";
import { meanOf } from "../steps";
import { ovenOf, ringOf } from "../references";
import type { Cooking, Programme } from "./programme";
import { vapourShareOf } from "./vapour";

const COVERED_LID = 0.08;

/** In the oven, from the simmer on a ring or cold: the liquid drifts toward the oven's plateau. */
export function ovenProgramme(run: Cooking, heat: OvenHeat): Programme {
  const { altitudeM } = run.kitchen;
  const oven = ovenOf(heat, run.kitchen);
  const powerW = ringNetW(ringOf(run.setPot), altitudeM) * run.ringReaches;
  const lidNow = () => (run.isOpen ? "off" : (run.turned?.lid ?? heat.lid));
  const ovenNow = () => run.turned?.ovenC ?? heat.ovenC;
  const hereC = (usualC: number) =>
    usualC + run.parameters.plateauC + coolerC(run.kitchen, run.plan.vesselId, heat, usualC);
  const plateau = (ovenC: number, lid: Lid) =>
    Math.min(run.boilingC - 0.3, hereC(ovenPlateauC(ovenC, lid, altitudeM)));
  const plannedC = plateau(heat.ovenC, heat.lid);
  const tauMin =
    (heat.start === "hot" ? OVEN_HOT_TAU_MIN : OVEN_COLD_TAU_MIN).value * run.parameters.warmUp;
  const outerM2 = outerAreaM2(run.pot.vessel);
  const vapourShare = vapourShareOf(plannedC);
  const plannedSteams = run.steams(heat);
  const steams = () =>
    lidNow() === heat.lid ? plannedSteams : run.steams({ ...heat, lid: lidNow() });
  const steamKgS = (tempC: number, dtS: number) => {
    const flux = ovenFluxKgM2H(lidNow(), ovenNow()) * steams() * vapourShare(tempC);
    const ceiling = ovenCeilingKgM2H(ovenNow(), tempC, outerM2, run.surfaceM2(dtS), oven.fan);
    return run.steamKgS(Math.min(flux, ceiling), 1, dtS);
  };

  return {
    holdC: plannedC,
    powerW,
    opensInHold: true,
    bringUp() {
      if (heat.start === "hot") run.comeUp(ovenEntryC(altitudeM), powerW, () => COVERED_LID);
      run.clockFromMin = run.tMin;
      run.mark("inOven");
    },
    holdStep(longestS, wantedKg) {
      if (run.isCold) {
        run.warm("hold", 0, longestS, COVERED_LID);
        return longestS;
      }
      const { tempC } = run.pot;
      const steam = steamKgS(tempC, longestS);
      const untilS = steam > 0 ? (run.pot.liquidKg - wantedKg) / steam : Infinity;
      const dtS = wantedKg > 0 ? Math.min(longestS, Math.max(0.5, untilS)) : longestS;
      const toC = run.turned === null && !run.isOpen ? plannedC : plateau(ovenNow(), lidNow());
      const halfC = relaxed(tempC, toC, tauMin, dtS / 120);
      const endC = relaxed(tempC, toC, tauMin, dtS / 60);
      run.pot.tempC = endC;
      const mean = meanOf(steamKgS(tempC, dtS), steamKgS(halfC, dtS), steamKgS(endC, dtS));
      run.pass("hold", dtS, mean);
      return dtS;
    },
    holdingW: () => 0,
  };
}
