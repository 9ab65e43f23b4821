import type { SetPot } from "../simulate/set-pot";

import { isSealed, stretchOf } from "../heats/heat";
import { isOffBones, nameOf } from "../simulate/item-facts";
import { outOf } from "../simulate/out-of";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { isRestAt, stretchesOf } from "../simulate/stretches";
import { turnsOf } from "../schedule/turns";
import { thickWords } from "../seasoning/thickness";
import { litres, metres, ruleC, say, sayAll, type Said } from "../units/said";
import type { Action } from "./action";
import type { Cook } from "./fold";
import { goesInHow } from "./goes-in";
import type { LiveForecast } from "./live-forecast";
import { offBonesHow } from "./off-bones";
import { sayList } from "./say-list";
import { begunStretches } from "./stretch-now";

/** What goes in, comes out and goes back with a stretch, and is not done yet. */
export function movesWith(stretchId: string, plan: Plan, cook: Cook) {
  const isIt = (id: string | undefined) => id === stretchId;
  return {
    out: plan.items.filter((item) => {
      const when = outOf(item, plan)?.when;
      return when?.at === "stretch" && isIt(when.stretchId) && !cook.outMs.has(item.id);
    }),
    back: plan.items.filter(
      ({ id, out }) => out?.isBack === true && isIt(out.backAt) && !cook.backMs.has(id),
    ),
    in: plan.items.filter(
      ({ id, when }) =>
        when.at === "stretch" &&
        isIt(when.stretchId) &&
        !cook.addedItems.has(id) &&
        !cook.leftOut.has(id),
    ),
  };
}

const listed = (items: readonly PlanItem[], word: string): readonly string[] =>
  items.length === 0 ? [] : [`${sayList(items.map(nameOf))} ${word}.`];

const HEAVY_KG = 8;
/** Strained in between: the solids stay out, the liquid goes on. */
function throughSieve(plan: Plan, { nowL, course }: LiveForecast): Said {
  const isHeavy = nowL.expected + course.solidsInKg > HEAVY_KG;
  const pressed = plan.strain.pressed ? " Press them." : "";
  return say`Heat off. Pour it through the sieve into another pot or bowl${isHeavy ? ", by the ladle first and the rest by two" : ""}, away from you; the solids stay out.${pressed} The liquid goes back into the rinsed pot.`;
}

/** Pressure goes down before a lid comes off. */
const LET_DOWN: Record<"natural" | "quick", string> = {
  natural:
    "Heat off first, and leave it shut until the indicator drops by itself; open the lid away from the face.",
  quick:
    "Open the valve first, face and hands away from the steam; then the lid, away from the face.",
};

/** The stretches of the heat that are still to begin, each when the one before is expected to end. */
export function stretchActions(
  { plan, vessel }: SetPot,
  cook: Cook,
  forecast: LiveForecast,
): readonly Action[] {
  const begun = begunStretches(plan, cook).length;
  return turnsOf(plan)
    .slice(begun)
    .map((turn, ahead): Action => {
      const { stretchId, heat, from, title, isStrained } = turn;
      const moves = movesWith(stretchId, plan, cook);
      // What stays in the sieve needs no naming.
      const lifted = isStrained ? moves.out.filter((i) => i.out !== undefined) : moves.out;
      const kept = lifted.filter((i) => i.out?.isBack === true && !isOffBones(i));
      const how = goesInHow(moves.in);
      const picked = offBonesHow(moves.out, forecast.course);
      const first: readonly Said[] = [
        ...(isSealed(from) ? [LET_DOWN[from.release]] : []),
        ...(isStrained ? [throughSieve(plan, forecast)] : []),
        ...listed(lifted, kept.length > 0 ? "out; keep it covered and hot" : "out"),
        ...(picked === "" ? [] : [picked]),
        ...listed(moves.back, "back in"),
        ...(how === ""
          ? listed(moves.in, "in")
          : [say`${sayList(moves.in.map(nameOf))} in: ${how}.`]),
      ];
      return {
        id: `turn:${stretchId}`,
        kind: "turn",
        atMs: forecast.stretchEndsMs[ahead]?.expected ?? 0,
        title,
        lookFor: say`${untilWords(plan, begun + ahead, forecast)}${sayAll([...first, stretchOf(heat).turnLook(heat, vessel)], " ")}`,
        stretchId,
        itemIds: [...moves.out, ...moves.back, ...moves.in].map((i) => i.id),
      };
    });
}

/** By what a stretch of the heat is over, where that is not its time: "Once it is down to 800 mL. ". */
export function untilWords(plan: Plan, index: number, forecast: LiveForecast): Said {
  const stop = stretchesOf(plan)[index]?.stop;
  switch (stop?.by) {
    case "liquid":
      return say`Once it is down to ${litres(stop.liquidL)}. `;
    case "share": {
      const leftL = forecast.course.stretches[index]?.endLiquidL;
      const about = leftL === undefined ? "" : say`, about ${litres(leftL)}`;
      return say`Once ${Math.round(stop.share * 100)} % of it is left${about}. `;
    }
    case "depth":
      return say`Once it is ${metres(stop.depthM)} deep. `;
    case "thick":
      return `Once ${thickWords(stop.flourGL)}. `;
    case "temperature":
      return isRestAt(plan, index)
        ? say`Once it is down to ${ruleC(stop.tempC)}. `
        : say`Once the middle is at ${ruleC(stop.tempC)}. `;
    default:
      return "";
  }
}
