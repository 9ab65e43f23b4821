import { POT_TIMES } from "../schedule/pot-times";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { spreadOf } from "../simulate/spread";
import type { Trace } from "../simulate/trace";
import type { Said } from "../units/said";
import { chillMinutes } from "./chill-minutes";
import { about, exactly, type Spread3 } from "./minutes";
import { blockOf, taskOf, type Attention, type Block, type Task } from "./task";
import { shelfFloorM2 } from "./vessel-floor";
import { whileItCooks } from "./while-it-cooks";

/** Shorter than that is no step of its own, min. */
const LEAST_MIN = 0.5;

/** Whether the house lets a plan's heat run with nobody up. A flame never. */
export function runsAlone(plan: Plan, kitchen: Kitchen): boolean {
  switch (plan.heat.method) {
    case "slowCooker":
      return kitchen.runsAlone.slowCooker;
    case "oven":
      return kitchen.runsAlone.oven;
    case "pressure":
      return isElectric(plan, kitchen) && kitchen.runsAlone.electricPressure;
    case "hob":
      return false;
  }
}

/** Whether it stands on a ring all the time. */
export const standsOnRing = (plan: Plan, kitchen: Kitchen): boolean =>
  plan.heat.method === "hob" || (plan.heat.method === "pressure" && !isElectric(plan, kitchen));

const isElectric = (plan: Plan, kitchen: Kitchen): boolean =>
  kitchen.vessels.find((v) => v.id === plan.vesselId)?.pressure?.drive === "electric";

/** What follows the heat of a stock: the sieve, the bath, the fridge. */
export function afterHeat(
  plan: Plan,
  idOf: (key: string) => string,
  bath: Spread3,
  how: Said,
): readonly Task[] {
  const { strain, intoCold, intoFridge } = POT_TIMES;
  const base = { planIds: [plan.id] };
  const cold = { ...base, how, isCold: true };
  return [
    taskOf(idOf("strain"), `Strain the ${plan.name.toLowerCase()}`, {
      ...base,
      minutes: about(strain.value),
      vesselIds: [plan.vesselId],
    }),
    taskOf(idOf("cold"), "Into the cold", { ...cold, minutes: about(intoCold.value) }),
    taskOf(idOf("bath"), "Chills", { ...cold, minutes: bath, attention: "none" }),
    taskOf(idOf("fridge"), "Cold enough: into the fridge", {
      ...base,
      minutes: about(intoFridge.value),
    }),
  ];
}

/** The pot on its heat, from the flame to the sieve or the table, and into the bath. */
export function fireBlock(
  plan: Plan,
  kitchen: Kitchen,
  trace: Trace,
  waterKg: number,
  isOvernight: boolean,
): Block {
  const heated = heatSteps(plan, kitchen, trace, waterKg).filter((s) => s.minutes.p50 >= LEAST_MIN);
  const pauseMin = trace.totalMin - trace.toSimmerMin - trace.holdMin - trace.releaseMin;
  const idOf = (key: string) => `${plan.id}/${key}`;
  const pause = taskOf(idOf("pause"), "Stands", {
    planIds: [plan.id],
    minutes: exactly(pauseMin),
    attention: "eyes",
    vesselIds: [plan.vesselId],
  });
  const cooked = pauseMin >= LEAST_MIN ? [...heated, pause] : heated;
  const isServed = plan.end === "served";
  const chill = isServed ? null : chillMinutes(trace, kitchen);
  const after = chill === null ? [] : afterHeat(plan, idOf, chill.bath, chill.how);
  return blockOf(idOf("fire"), "fire", [...cooked, ...after], {
    planIds: [plan.id],
    meanwhile: whileItCooks(plan, trace, heated),
    // A stock is ready once it is through the sieve.
    readyStep: cooked.length - (isServed ? 1 : 0),
    isOvernight,
    isServed,
  });
}

/** The steps on the heat, with their minutes from the simulation and its spread. */
function heatSteps(plan: Plan, kitchen: Kitchen, trace: Trace, waterKg: number): readonly Task[] {
  const { figures } = spreadOf(plan, kitchen, waterKg, trace);
  const spread = (min: number, id: "toSimmerMin" | "holdMin"): Spread3 => ({
    p10: min * figures[id].lowFactor,
    p50: min,
    p90: min * figures[id].highFactor,
  });
  const { heat } = plan;
  const task = (
    key: string,
    title: string,
    minutes: Spread3,
    attention: Attention,
    more: Partial<Task> = {},
  ): Task =>
    taskOf(`${plan.id}/${key}`, title, {
      planIds: [plan.id],
      minutes,
      attention,
      vesselIds: [plan.vesselId],
      ...more,
    });
  const flame = { isFlame: true, ringIds: [plan.ringId] };
  const up = spread(trace.toSimmerMin, "toSimmerMin");
  const hold = spread(trace.holdMin, "holdMin");
  const release = exactly(Math.round(trace.releaseMin));
  const watched: Attention = runsAlone(plan, kitchen) ? "none" : "eyes";
  switch (heat.method) {
    case "hob":
      return [
        task("up", "Up to the simmer", up, "near", flame),
        task("hold", "Simmers", hold, "eyes", flame),
      ];
    case "oven": {
      const { ovenId, ovenC } = heat;
      const areaM2 = shelfFloorM2(vesselOf(plan, kitchen));
      return [
        task("up", "Up on the ring", up, "near", flame),
        task("hold", "In the oven", hold, watched, { oven: { ovenId, ovenC, areaM2 } }),
      ];
    }
    case "slowCooker":
      return [
        task("up", "Warms up", up, watched),
        task("hold", `On ${heat.setting.toUpperCase()}`, hold, watched),
        task("release", "Stays shut", release, watched),
      ];
    case "pressure": {
      const on = standsOnRing(plan, kitchen) ? flame : {};
      return [
        task("up", "Up to pressure", up, "near", on),
        task("hold", "At pressure", hold, watched === "none" ? "none" : "near", on),
        task("release", "Pressure down", release, watched),
      ];
    }
  }
}
