import type { SlowCookerHeat } from "../../heats/slow-cooker-schema";
import { relaxed } from "../../heat/plateau";
import {
  CROCK_SETTINGS,
  crockFillFactor,
  crockPlateauC,
  crockTauMin,
  lidLiftDropC,
  WARM_TAU_MIN,
  warmPlateauC,
  type CrockSetting,
} from "../../heat/slow-cooker";
import { warmingFluxKgM2H } from "../../heat/hob";
import { fitWarmUp } from "../../heat/warm-up";
import { CROCK_FLUX_KG_M2_H } from "../../liquid/constants";
import { outcomeOf } from "../../units/problem";
import { capacityL } from "../../vessel/volume";
import { coolerC } from "../hot-here";
import { meanOf } from "../steps";
import type { Cooking, Programme } from "./programme";
import { vapourShareOf } from "./vapour";

/** Share of the open steam that leaves past a crock's lid. */
const COVERED_LID = 0.08;

/** Plateau and pace of this cooker on a setting: its own log where there is one, else the usual. */
function paceOf(run: Cooking, heat: SlowCookerHeat, fillShare: number) {
  const { setting } = heat;
  const { vessel } = run.pot;
  const log = vessel.warmUps?.find((w) => w.setting === setting);
  const own = log === undefined ? null : outcomeOf(() => fitWarmUp(log.readings));
  const fill = crockFillFactor(fillShare);
  const measured =
    own?.ok === true && log !== undefined
      ? {
          plateauC: own.value.plateauC,
          tauMin: (own.value.tauMin / crockFillFactor(log.fillShare)) * fill,
        }
      : null;
  const usualC = crockPlateauC(setting, run.kitchen.altitudeM);
  const plateauC =
    measured?.plateauC ??
    usualC + run.parameters.plateauC + coolerC(run.kitchen, vessel.id, heat, usualC);
  return {
    plateauC: Math.min(run.boilingC - 0.3, plateauC),
    tauMin: (measured?.tauMin ?? crockTauMin(setting, fillShare)) * run.parameters.warmUp,
  };
}

/** In a slow cooker: the liquid climbs toward the setting's plateau; a lifted lid throws it back. */
export function slowCookerProgramme(run: Cooking, heat: SlowCookerHeat): Programme {
  const { pot } = run;
  const fillShare = run.contentsL() / capacityL(pot.vessel);
  const paces = Object.fromEntries(
    CROCK_SETTINGS.map((s) => [s, paceOf(run, { ...heat, setting: s }, fillShare)]),
  ) as Record<CrockSetting, ReturnType<typeof paceOf>>;
  const settingNow = (): CrockSetting =>
    run.turned?.setting ??
    (heat.setting === "low" && run.tMin - run.stretchFromMin < heat.highFirstMin - 1e-9
      ? "high"
      : heat.setting);
  const vapourShare = vapourShareOf(paces[heat.setting].plateauC);
  let liftsLeft = heat.lidLifts;
  const liftEveryMin = run.plannedStretchMin / (heat.lidLifts + 1);
  const nextLiftMin = () =>
    liftsLeft > 0 ? liftEveryMin * (heat.lidLifts - liftsLeft + 1) : Infinity;
  const lift = () => {
    const { tauMin } = paces[settingNow()];
    pot.tempC = Math.max(run.kitchen.roomC, pot.tempC - lidLiftDropC(tauMin, run.parameters.zC));
    run.begin();
  };
  const steams = Object.fromEntries(
    CROCK_SETTINGS.map((setting) => [setting, run.steams({ ...heat, setting })]),
  ) as Record<CrockSetting, number>;
  /** Goes toward toC for dtS, steaming by its vapour pressure. */
  const relax = (setting: CrockSetting, toC: number, tauMin: number, dtS: number) => {
    const { tempC } = pot;
    const halfC = relaxed(tempC, toC, tauMin, dtS / 120);
    const endC = relaxed(tempC, toC, tauMin, dtS / 60);
    const share = meanOf(vapourShare(tempC), vapourShare(halfC), vapourShare(endC));
    const flux = CROCK_FLUX_KG_M2_H[setting].value * steams[setting] * share;
    pot.tempC = endC;
    run.pass("hold", dtS, run.steamKgS(flux, 1, dtS));
  };

  let wasOpen = false;
  /** With the lid off it still heats, and loses what an open pot steams off. */
  const openStep = (dtS: number) => {
    if (!wasOpen) lift();
    const { plateauC, tauMin } = paces[settingNow()];
    const steam = run.steamKgS(warmingFluxKgM2H(pot.tempC, run.airKPa), 1, dtS);
    pot.tempC = relaxed(pot.tempC, plateauC, tauMin, dtS / 60);
    pot.warm(-run.steamW(steam), dtS);
    run.pass("hold", dtS, steam);
  };

  return {
    holdC: paces[heat.setting].plateauC,
    powerW: 0,
    opensInHold: true,
    bringUp() {
      run.clockFromMin = run.tMin;
      run.mark("switchedOn");
    },
    opened: lift,
    holdStep(longestS) {
      const { isOpen, isCold } = run;
      if (isCold) run.warm("hold", 0, longestS, isOpen ? 1 : COVERED_LID);
      else if (isOpen) openStep(longestS);
      wasOpen = isOpen;
      if (isOpen || isCold) return longestS;
      const heldMin = run.tMin - run.stretchFromMin;
      const setting = settingNow();
      if (heldMin >= nextLiftMin() - 1e-9) {
        liftsLeft--;
        lift();
      }
      const toLowS =
        heldMin < heat.highFirstMin ? (heat.highFirstMin - heldMin) * 60 : Number.POSITIVE_INFINITY;
      const toLiftS = (nextLiftMin() - heldMin) * 60;
      const dtS = Math.min(longestS, run.stepS(), Math.max(0.5, Math.min(toLowS, toLiftS)));
      const { plateauC, tauMin } = paces[setting];
      relax(setting, plateauC, tauMin, dtS);
      if (setting !== settingNow()) run.mark("toLow");
      return dtS;
    },
    letDown() {
      const warmC = warmPlateauC(run.kitchen.altitudeM);
      run.begin();
      let leftS = heat.warmMin * 60;
      while (leftS > 1e-6 && run.problem === null) {
        const dtS = Math.min(run.stepS(), leftS);
        relax("low", warmC, WARM_TAU_MIN.value, dtS);
        leftS -= dtS;
      }
    },
    holdingW: () => 0,
  };
}
