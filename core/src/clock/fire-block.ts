import type { SetPot } from "../simulate/set-pot";
import type { OvenHeat } from "../heats/oven-schema";
import type { StretchHeat } from "../heats/heat-schema";
import { capital } from "../units/capital";
import { heatOf, isInOven, isSealed, isSlow, stretchOf } from "../heats/heat";
import { POT_TIMES } from "../schedule/pot-times";
import { isAfter, workTasks, type WorkTask } from "../schedule/work-tasks";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { spreadOf } from "../simulate/spread";
import { lastHeat } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";
import type { Said } from "../units/said";
import { chillMinutes } from "./chill-minutes";
import { about, exactly, type Spread3 } from "./minutes";
import { blockOf, taskOf, type Attention, type Block, type Task } from "./task";
import { shelfFloorM2 } from "./vessel-floor";
import { whileItCooks } from "./while-it-cooks";

/** Shorter than that is no step of its own, min. */
const LEAST_MIN = 0.5;

/** Whether the house lets a heat run with nobody up. A flame never; a pot off the heat may stand. */
export const runsAlone = (heat: StretchHeat, { vessel, kitchen }: SetPot): boolean =>
  stretchOf(heat).runsAlone(vessel, kitchen.runsAlone);

/** Whether a heat is a ring all the time. */
export const standsOnRing = (heat: StretchHeat, { vessel }: SetPot): boolean =>
  stretchOf(heat).burns(vessel);

/** What is crushed or blended once it is off the heat, as far as it is still to do. */
export const workAfterHeat = (
  setPot: SetPot,
  idOf: (key: string) => string,
  isOpen: (work: WorkTask) => boolean = () => true,
): readonly Task[] =>
  workTasks(setPot)
    .filter((work) => isAfter(work) && isOpen(work))
    .map((work) =>
      taskOf(idOf(work.id), work.title, {
        planIds: [setPot.plan.id],
        how: work.how,
        minutes: about(Math.max(1, work.min)),
        isLoud: true,
        vesselIds: [setPot.plan.vesselId],
      }),
    );

/** What follows the heat of what is kept: the sieve of a stock, the bath, the fridge. */
export function afterHeat(
  plan: Plan,
  idOf: (key: string) => string,
  bath: Spread3,
  how: Said,
): readonly Task[] {
  const { strain, intoCold, intoFridge } = POT_TIMES;
  const base = { planIds: [plan.id] };
  const cold = { ...base, how, isCold: true };
  const sieve = taskOf(idOf("strain"), `Strain the ${plan.name.toLowerCase()}`, {
    ...base,
    minutes: about(strain.value),
    vesselIds: [plan.vesselId],
  });
  return [
    ...(plan.end === "strained" ? [sieve] : []),
    taskOf(idOf("cold"), "Into the cold", { ...cold, minutes: about(intoCold.value) }),
    taskOf(idOf("bath"), "Chills", { ...cold, minutes: bath, attention: "none" }),
    taskOf(idOf("fridge"), "Cold enough: into the fridge", {
      ...base,
      minutes: about(intoFridge.value),
    }),
  ];
}

/**
 * The pot on its heat, from the flame to the sieve or the table, and into the bath.
 * @param isAhead a dish that is not eaten from it, but chilled for another day
 */
export function fireBlock(
  setPot: SetPot,
  trace: Trace,
  waterKg: number,
  isOvernight: boolean,
  isAhead: boolean,
): Block {
  const { plan, kitchen } = setPot;
  const heated = heatSteps(setPot, trace, waterKg).filter((s) => s.minutes.p50 >= LEAST_MIN);
  const pauseMin = trace.totalMin - trace.toSimmerMin - trace.holdMin - trace.releaseMin;
  const idOf = (key: string) => `${plan.id}/${key}`;
  const pause = taskOf(idOf("pause"), "Stands", {
    planIds: [plan.id],
    minutes: exactly(pauseMin),
    attention: "eyes",
    vesselIds: [plan.vesselId],
  });
  const cooked = [
    ...heated,
    ...(pauseMin >= LEAST_MIN ? [pause] : []),
    ...workAfterHeat(setPot, idOf),
  ];
  const isDish = plan.end === "served";
  const isServed = isDish && !isAhead;
  const chilledKg = isDish ? contentsKg(trace) : trace.strained.liquidKg;
  const chill = isServed ? null : chillMinutes(trace, kitchen, chilledKg, isDish);
  const after = chill === null ? [] : afterHeat(plan, idOf, chill.bath, chill.how);
  return blockOf(idOf("fire"), "fire", [...cooked, ...after], {
    planIds: [plan.id],
    meanwhile: whileItCooks(setPot, trace, heated),
    // A stock is ready once it is through the sieve.
    readyStep: cooked.length - (isDish ? 1 : 0),
    isOvernight,
    isServed,
  });
}

/** All that is in the pot at the end, kg. */
export const contentsKg = (trace: Trace): number => trace.points.at(-1)?.contentsKg ?? 0;

/** The steps on the heat, with their minutes from the simulation and its spread. */
function heatSteps(setPot: SetPot, trace: Trace, waterKg: number): readonly Task[] {
  const { plan } = setPot;
  const { figures } = spreadOf(setPot, waterKg, trace);
  const spread = (min: number, id: "toSimmerMin" | "holdMin"): Spread3 => ({
    p10: min * figures[id].lowFactor,
    p50: min,
    p90: min * figures[id].highFactor,
  });
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
  const held = trace.stretches.map(({ fromMin, toMin }) => spread(toMin - fromMin, "holdMin"));
  const up = spread(trace.toSimmerMin, "toSimmerMin");
  const flame = { isFlame: true, ringIds: [plan.ringId] };
  const inOven = ({ ovenId, ovenC }: OvenHeat) => ({
    oven: { ovenId, ovenC, areaM2: shelfFloorM2(vesselOf(setPot)) },
  });
  const onIt = (heat: StretchHeat): Partial<Task> =>
    isInOven(heat) ? inOven(heat) : standsOnRing(heat, setPot) ? flame : {};
  const watched = (heat: StretchHeat): Attention => (runsAlone(heat, setPot) ? "none" : "eyes");
  /** Under pressure it is heard. */
  const seen = (heat: StretchHeat): Attention =>
    isSealed(heat) && watched(heat) === "eyes" ? "near" : watched(heat);
  /** The pressure going down after a stretch, and the way up to it before one. */
  const between = (index: number): readonly Task[] => {
    const toMin = trace.stretches[index - 1]?.toMin ?? 0;
    const min = Math.round((trace.stretches[index]?.fromMin ?? toMin) - toMin);
    return [task(`between:${index}`, "Pressure up or down", exactly(min), "near")];
  };
  const later = plan.then.flatMap(({ id, heat }, i): readonly Task[] => [
    ...between(i + 1),
    task(`turned:${id}`, stretchOf(heat).holds, held[i + 1] ?? exactly(0), seen(heat), onIt(heat)),
  ]);
  return [...firstSteps(), ...later, ...lastRelease()];

  function firstSteps(): readonly Task[] {
    const { heat } = plan;
    const record = heatOf(heat);
    const isOnFlame = record.usesRing(heat, setPot.vessel);
    const holds = isSlow(heat) ? capital(record.where(heat)) : record.holds;
    return [
      task("up", record.comesUp, up, isSlow(heat) ? watched(heat) : "near", isOnFlame ? flame : {}),
      task("hold", holds, held[0] ?? exactly(0), seen(heat), onIt(heat)),
    ];
  }

  function lastRelease(): readonly Task[] {
    const heat = lastHeat(plan);
    const title = isSealed(heat) ? "Pressure down" : "Stays shut";
    return [task("release", title, exactly(Math.round(trace.releaseMin)), watched(heat))];
  }
}
