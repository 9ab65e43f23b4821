import type { SetPot } from "../simulate/set-pot";
import { heatOf, isSealed } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import type { Course, Gap, Happening, HeatTurn } from "../simulate/course";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { coldWaterKg } from "../simulate/stated-water";
import { boilingPointC } from "../water/altitude";
import { waterDensityKgL } from "../water/properties";
import type { Cook } from "./fold";
import { begunStretches } from "./stretch-now";

/** Water from the kettle, and liquid kept hot beside the pot, °C below the boil. */
const KETTLE_BELOW_BOIL_C = 3;

/** Oven from cold and slow cooker: the clock starts at once and the liquid drifts to a plateau. */
export const drifts = ({ heat }: Plan): boolean => heatOf(heat).drifts(heat);

/** When the first heat came; what drifts is said to be on apart from being begun. */
export const firstHeatMs = (plan: Plan, cook: Cook): number | null =>
  drifts(plan) ? (cook.simmerMs ?? cook.litMs) : cook.litMs;

/** Minutes from the first heat; 0 before it. */
export function minOf(plan: Plan, cook: Cook, atMs: number): number {
  const fromMs = firstHeatMs(plan, cook);
  return fromMs === null ? 0 : Math.max(0, (atMs - fromMs) / MINUTE_MS);
}

/** What the cook did to the pot by nowMs, on the simulation's clock; what it came up to is left open. */
export function courseOf({ plan, kitchen }: SetPot, cook: Cook, nowMs: number): Course {
  const at = (ms: number) => minOf(plan, cook, ms);
  const begun = begunStretches(plan, cook);
  return {
    cameUpMin: null,
    turnedDownMin: null,
    turns: cook.settings.map((said) => turnOf(plan, said, at(said.atMs))),
    seen: [],
    gaps: cook.interruptions.map(({ why, fromMs, untilMs }): Gap => ({
      fromMin: at(fromMs),
      toMin: at(Math.max(fromMs, untilMs ?? nowMs)),
      what: why === "lidOff" ? "lid" : "heat",
    })),
    happenings: [...pours(kitchen, cook, at), ...moves(plan, cook, at)],
    ...(begun.length === 0 ? {} : { stretchFromMin: begun.map(at) }),
    ...(cook.offMs === null ? {} : { offMin: at(cook.offMs) }),
  };
}

/** A turn of heat or lid; one that begins a stretch is what that stretch is set to. */
function turnOf(plan: Plan, said: Cook["settings"][number], tMin: number): HeatTurn {
  const heat = plan.then.find((s) => s.id === said.stretchId)?.heat;
  const { vigour, lid, setting, ovenC } = { ...said, ...heat };
  return {
    tMin,
    vigour,
    lid,
    ...(setting === undefined || (heat !== undefined && isSealed(heat))
      ? {}
      : { setting: setting === "low" ? "low" : "high" }),
    ...(ovenC === undefined ? {} : { ovenC }),
  };
}

function pours(kitchen: Kitchen, cook: Cook, at: (ms: number) => number): readonly Happening[] {
  const hotC = boilingPointC(kitchen.altitudeM) - KETTLE_BELOW_BOIL_C;
  return cook.pours.map(({ atMs, volumeL, isBack }): Happening => {
    const tMin = at(atMs);
    const hotKg = Math.abs(volumeL) * waterDensityKgL(hotC);
    if (volumeL < 0) return { tMin, does: "ladle", kg: hotKg };
    return isBack
      ? { tMin, does: "pourBack", kg: hotKg, tempC: hotC }
      : { tMin, does: "pour", kg: coldWaterKg(volumeL, kitchen), tempC: hotC };
  });
}

/** What went in while it was on the heat, what came out and went back, and where a fork went in. */
function moves(plan: Plan, cook: Cook, at: (ms: number) => number): readonly Happening[] {
  const list: Happening[] = cook.checks.map(({ atMs, itemId }) => ({
    tMin: at(atMs),
    does: "fork",
    itemId,
  }));
  for (const item of plan.items) {
    const added = cook.addedItems.get(item.id);
    if (added !== undefined && (item.when.at !== "start" || at(added.atMs) > 0))
      list.push({ tMin: at(added.atMs), does: "in", itemId: item.id, massKg: added.massKg });
    const out = cook.outMs.get(item.id);
    if (out !== undefined) list.push({ tMin: at(out), does: "out", itemId: item.id });
    const back = cook.backMs.get(item.id);
    if (back !== undefined) list.push({ tMin: at(back), does: "back", itemId: item.id });
  }
  return list;
}
