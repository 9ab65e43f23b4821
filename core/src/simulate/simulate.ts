import type { SetPot } from "./set-pot";
import { Problem } from "../units/problem";
import { pouredAtStartKg } from "./acid";
import { holdForCook } from "./hold-for-cook";
import type { SimulateOptions } from "./options";
import { countsBack } from "./moves";
import { boundFlourG } from "./binding";
import type { Stop } from "./plan-schema";
import { judgingOf } from "./judging";
import { Run } from "./run";
import { stretchesOf } from "./stretches";
import type { Trace } from "./trace";
import type { Until } from "./until";

const FIRST_GUESS_MIN = 240;

/**
 * Simulates one pot from the first heat to the sieve: temperature, level, ledger, every ingredient's
 * cook value, gelatin, fat and salt through time (docs/method.md, “Steps”). A plan that stops
 * by level or by tenderness finds its own hold; what goes in "before the end" follows it. What does not go
 * in runs over the rim: it stands in the ledger and has its mark.
 * @throws Problem `unknownReference`, `notOnHob`, `wrongVessel`, `range`, `notReachable`
 */
export function simulate(setPot: SetPot, options: SimulateOptions): Trace {
  const { plan } = setPot;
  const { stop } = plan;
  if (plan.then.length > 0) return throughStretches(setPot, options);
  if (stop.by === "time") return runOnce(setPot, options, stop.holdMin);
  if (stop.by === "tender") return holdForCook(setPot, options, tenderCookMin(setPot, options));
  return settled(setPot, options, [untilOf(stop, setPot, options)]);
}

function untilOf(stop: Stop, setPot: SetPot, options: SimulateOptions): Until {
  const { plan } = setPot;
  switch (stop.by) {
    case "time":
      return { by: "time", holdMin: stop.holdMin };
    case "temperature":
      return { by: "temperature", tempC: stop.tempC };
    case "tender":
      return { by: "cook", cookMin: tenderCookMin(setPot, options) };
    case "thick":
      if (boundFlourG(plan) > 0) return { by: "level" };
      throw new Problem(
        "notReachable",
        "stop",
        "thick",
        "Nothing in this pot binds while it is on, so it gets no thicker. Put flour or starch in, or say how far down.",
      );
    default:
      return { by: "level" };
  }
}

/** Stretch after stretch, each until its own end. */
function throughStretches(setPot: SetPot, options: SimulateOptions): Trace {
  const { plan } = setPot;
  const untils = stretchesOf(plan).map(({ stop }) => untilOf(stop, setPot, options));
  return settled(setPot, options, untils);
}

/** Runs until the hold that things count back from is the one that comes out. */
function settled(setPot: SetPot, options: SimulateOptions, untils: readonly Until[]): Trace {
  const { plan } = setPot;
  let holdMin = untils.reduce((sum, u) => sum + (u.by === "time" ? u.holdMin : FIRST_GUESS_MIN), 0);
  let trace = new Run(setPot, options, untils, holdMin).go();
  for (let round = 0; round < 6 && trace.problem === null; round++) {
    const change = Math.abs(trace.holdMin - holdMin);
    holdMin = trace.holdMin;
    if (change < 0.5 || !plan.items.some(countsBack)) break;
    trace = new Run(setPot, options, untils, holdMin).go();
  }
  return trace;
}

/**
 * The cook value at which what rules the pot is at its best; 0 where it is judged by its core.
 * @throws Problem `notReachable` where nothing is judged
 */
function tenderCookMin(setPot: SetPot, options: SimulateOptions): number {
  const startKg = options.waterKg + pouredAtStartKg(setPot.plan);
  const { ruledBy, judged } = judgingOf(setPot, startKg);
  const target = judged.get(ruledBy ?? heaviestId(setPot, options) ?? "");
  if (target === undefined)
    throw new Problem(
      "notReachable",
      "stop",
      "tender",
      "Nothing in this pot is cooked until tender. Say how long it shall simmer.",
    );
  return target.coreC === undefined ? target.ideal.value * (options.parameters?.target ?? 1) : 0;
}

/** One pass on its first heat, of a given length, whatever the plan says of its end and of what follows. */
export const runOnce = (setPot: SetPot, options: SimulateOptions, holdMin: number): Trace => {
  return new Run(setPot, options, [{ by: "time", holdMin }], holdMin).go();
};

/** The heaviest of bones and meat; null without solids. */
const heaviestId = (setPot: SetPot, options: SimulateOptions): string | null =>
  runOnce(setPot, options, 1).mainItemId;
