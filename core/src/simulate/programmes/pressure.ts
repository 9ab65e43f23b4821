import type { PressureHeat } from "../../heats/pressure-schema";
import { ringNetW } from "../../heat/hob";
import {
  ELECTRIC_EFFICIENCY,
  ELECTRIC_POWER_W,
  flashShare,
  naturalReleaseMin,
  pressureHoldC,
  VENTED_L,
  VENTING_TYPE_L_H,
} from "../../heat/pressure";
import { SIMMER_FLUX_KG_M2_H } from "../../liquid/constants";
import { waterDensityKgL } from "../../water/properties";
import { gaugeKPaOf, ringOf } from "../references";
import type { Cooking, Programme } from "./programme";

/** A pressure cooker's lid is shut while it comes up. */
const SHUT = 0;
/** A quick release is over in a second, min. */
const QUICK_MIN = 1 / 60;

/** Under pressure: shut and up to pressure, held there, let down; what is left simmers with the lid off. */
export function pressureProgramme(run: Cooking, heat: PressureHeat): Programme {
  const { pot, kitchen } = run;
  const { vessel } = pot;
  const electric = vessel.pressure?.drive === "electric";
  const powerW =
    run.ringReaches *
    (electric
      ? (vessel.powerW ?? ELECTRIC_POWER_W) * ELECTRIC_EFFICIENCY.value
      : ringNetW(ringOf(run.setPot), kitchen.altitudeM));
  const holdC = pressureHoldC(gaugeKPaOf(vessel, heat), kitchen.altitudeM);
  const leakKgS =
    vessel.pressure?.vents === true ? (VENTING_TYPE_L_H.value * waterDensityKgL(holdC)) / 3600 : 0;

  const upToPressure = () => {
    run.comeUp(holdC, powerW, () => SHUT);
    if (run.problem === null) pot.vent(VENTED_L.value);
    run.mark("atPressure");
  };
  const letDownMin = () =>
    heat.release === "quick" ? QUICK_MIN : naturalReleaseMin(run.contentsL());

  return {
    holdC,
    powerW,
    opensInHold: false,
    lateFluxKgM2H: SIMMER_FLUX_KG_M2_H.gentle.value * run.parameters.evaporation,
    bringUp() {
      upToPressure();
      run.clockFromMin = run.tMin;
    },
    enter: upToPressure,
    holdStep(longestS) {
      if (run.isCold) {
        run.warm("hold", 0, longestS, SHUT);
        return longestS;
      }
      if (pot.tempC < holdC - 1e-9) {
        const netW = powerW - run.lossW();
        const untilS = pot.untilS(holdC, netW);
        const dtS = untilS > 0 ? Math.min(longestS, Math.max(0.5, untilS)) : longestS;
        pot.warm(netW, dtS);
        pot.tempC = Math.min(holdC, pot.tempC);
        run.pass("hold", dtS, 0);
        return dtS;
      }
      pot.vent(leakKgS * longestS);
      run.pass("hold", longestS, 0);
      return longestS;
    },
    letDown() {
      const fromC = pot.tempC;
      if (heat.release === "quick") {
        pot.vent(pot.liquidKg * flashShare(fromC, run.boilingC));
        pot.tempC = run.boilingC;
        run.pass("release", QUICK_MIN * 60, 0);
      } else {
        const minutes = letDownMin();
        run.begin();
        let done = 0;
        while (done < minutes - 1e-9) {
          const dtMin = Math.min(run.stepS() / 60, minutes - done);
          done += dtMin;
          pot.tempC = fromC + ((run.boilingC - fromC) * done) / minutes;
          run.pass("release", dtMin * 60, 0);
        }
      }
      run.mark("released");
    },
    letDownMin,
    holdingW: () => pot.lossWK * (holdC - kitchen.roomC),
  };
}
