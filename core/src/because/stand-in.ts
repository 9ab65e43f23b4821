import { resolve, type SetPot } from "../simulate/set-pot";
import { isInOven, isSealed, suits } from "../heats/heat";
import { usualHeat } from "../convert/targets";
import type { Plan } from "../simulate/plan-schema";
import { suitsPlan } from "../simulate/references";
import { waterL } from "../simulate/stated-water";
import { onlyFirst } from "../simulate/without-stretch";
import { outcomeOf, type Problem } from "../units/problem";
import { answersFor, type Answers } from "./answers";

/** What is drawn while a plan cannot be worked out as it stands. */
export interface StandIn {
  readonly plan: Plan;
  readonly answers: Answers;
}

const MOST_CHANGES = 6;
const USUAL_HOLD_MIN = 120;

/**
 * The plan with what stands in the way put aside: the nearest one of which everything can be worked out, so
 * that its pot stays on the screen. Null where this kitchen has no pot or ring at all.
 */
export function standIn(
  { plan, kitchen }: SetPot,
  hourOf: (ms: number | null) => number | null,
): StandIn | null {
  let next = plan;
  for (let i = 0; i < MOST_CHANGES; i++) {
    const outcome = answersFor(resolve(next, kitchen), hourOf);
    if (outcome.ok) return { plan: next, answers: outcome.value };
    const changed = without(outcome.problem, resolve(next, kitchen));
    if (changed === null) return null;
    next = changed;
  }
  return null;
}

/** Faults that have nothing to do with the heat. */
const OF_THE_POT: ReadonlySet<string> = new Set(["ringId", "water", "solids", "volumeL"]);

/** The plan without this one thing in its way; null where it is not known how. */
function without({ field }: Problem, setPot: SetPot): Plan | null {
  const { plan, kitchen } = setPot;
  // A fault of the heat may lie in what follows on the first: that goes before.
  if (plan.then.length > 0 && !OF_THE_POT.has(field)) return onlyFirst(plan);
  const { heat } = plan;
  switch (field) {
    case "vesselId": {
      const suiting = kitchen.vessels.find((v) => suitsPlan(v, plan));
      if (suiting !== undefined) return { ...plan, vesselId: suiting.id };
      const onHob = kitchen.vessels.find((v) => suits(v, "hob"));
      const hob = usualHeat("hob", kitchen);
      return onHob === undefined || hob === null
        ? null
        : { ...plan, vesselId: onHob.id, heat: hob };
    }
    case "ringId": {
      const [ring] = kitchen.rings;
      return ring === undefined ? null : { ...plan, ringId: ring.id };
    }
    case "heat.ovenId": {
      const [oven] = kitchen.ovens;
      if (!isInOven(heat)) return null;
      const other = oven === undefined ? usualHeat("hob", kitchen) : { ...heat, ovenId: oven.id };
      return other === null ? null : { ...plan, heat: other };
    }
    case "heat.ovenC": {
      if (!isInOven(heat)) return null;
      const oven = kitchen.ovens.find((o) => o.id === heat.ovenId);
      return oven === undefined ? null : { ...plan, heat: { ...heat, ovenC: oven.maxC } };
    }
    case "heat.setting":
      if (!isSealed(heat)) return null;
      return { ...plan, heat: { ...heat, setting: heat.setting === "low" ? "high" : "low" } };
    case "stop":
      return { ...plan, stop: { by: "time", holdMin: USUAL_HOLD_MIN } };
    case "water":
    case "solids":
    case "volumeL": {
      const full = outcomeOf(() => waterL(setPot, { by: "fillLine" }));
      const volumeL = full.ok && plan.water.by !== "fillLine" ? full.value : 0;
      if (plan.water.by === "amount" && plan.water.volumeL === volumeL) return null;
      return { ...plan, water: { by: "amount", volumeL } };
    }
    default:
      return null;
  }
}
