import { ringNetW } from "../../heat/hob";
import { OVEN_COLD_TAU_MIN, OVEN_HOT_TAU_MIN, ovenEntryC, ovenPlateauC } from "../../heat/oven";
import { relaxed } from "../../heat/plateau";
import { ovenCeilingKgM2H, ovenFluxKgM2H } from "../../liquid/evaporation";
import { outerAreaM2 } from "../../vessel/volume";
import { saturationPressureKPa } from "../../water/saturation";
import type { OvenHeat } from "../plan-schema";
import { ovenOf, ringOf } from "../references";
import type { Cooking, Programme } from "./programme";

const COVERED_LID = 0.08;

/** In the oven, from the simmer on a ring or cold: the liquid drifts toward the oven's plateau. */
export function ovenProgramme(run: Cooking, heat: OvenHeat): Programme {
  const { altitudeM } = run.kitchen;
  const oven = ovenOf(heat, run.kitchen);
  const powerW = ringNetW(ringOf(run.plan, run.kitchen), altitudeM) * run.parameters.efficiency;
  const holdC = Math.min(
    run.boilingC - 0.3,
    ovenPlateauC(heat.ovenC, heat.lid, altitudeM) + run.parameters.plateauC,
  );
  const tauMin =
    (heat.start === "hot" ? OVEN_HOT_TAU_MIN : OVEN_COLD_TAU_MIN).value * run.parameters.warmUp;
  const outerM2 = outerAreaM2(run.pot.vessel);
  const fullKPa = saturationPressureKPa(holdC);
  const steamKgS = () => {
    const { pot } = run;
    // Steam follows the vapour pressure, so a pot that is still warming loses less.
    const warmth = Math.min(1, saturationPressureKPa(Math.max(0, pot.tempC)) / fullKPa);
    const flux = ovenFluxKgM2H(heat.lid, heat.ovenC) * run.parameters.evaporation * warmth;
    const ceiling = ovenCeilingKgM2H(heat.ovenC, pot.tempC, outerM2, pot.surfaceM2, oven.fan);
    return run.steamKgS(Math.min(flux, ceiling), 1);
  };

  return {
    holdC,
    powerW,
    opensInHold: true,
    bringUp() {
      if (heat.start === "hot") run.comeUp(ovenEntryC(altitudeM), powerW, COVERED_LID);
      run.clockFromMin = run.tMin;
      run.mark("inOven");
    },
    holdStep(longestS, wantedKg) {
      const steam = steamKgS();
      const untilS = steam > 0 ? (run.pot.liquidKg - wantedKg) / steam : Infinity;
      const dtS = wantedKg > 0 && untilS > 0.5 ? Math.min(longestS, untilS) : longestS;
      run.pot.tempC = relaxed(run.pot.tempC, holdC, tauMin, dtS / 60);
      run.pass("hold", dtS, steam);
      return dtS;
    },
    holdingW: () => 0,
  };
}
