import type { SetPot } from "../simulate/set-pot";
import { heatOf, isOnRing, isRest, isSealed } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { DONE_SIGNS } from "../dish/meat-of";
import { takeOuts } from "../dish/take-out";
import { REST_MIN } from "../heat/constants";
import { isOffBones, nameOf } from "../simulate/item-facts";
import { isWorkedAfter } from "../schedule/work-tasks";
import { say, sayAll } from "../units/said";
import { isStrainedBetween } from "../simulate/out-of";
import { lastHeat, stretchesOf } from "../simulate/stretches";
import { judgedTarget } from "../simulate/judged";
import type { Plan } from "../simulate/plan-schema";
import type { Action } from "./action";
import { onCounter } from "./counter";
import { goesInHow } from "./goes-in";
import { isLiftedOut } from "../events/pot/effects";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { saltRounds } from "./salt-rounds";
import { sayList } from "./say-list";
import { untilWords } from "./stretch-actions";
import { lateByMin } from "./simmer-actions";

/** How the heat ends, by method. */
/** How the last heat of a plan is ended. */
export const endWords = (plan: Plan): string => heatOf(lastHeat(plan)).end;

const isStanding = (plan: Plan): boolean =>
  stretchesOf(plan)
    .slice(-1)
    .some((s) => isRest(s.heat));

/** The end of the heat, by what it is on last; what stands off the heat already has stood. */
export const offAction = (plan: Plan, forecast: LiveForecast): Action => ({
  id: "offHeat",
  kind: "offHeat",
  atMs: forecast.endMs.expected,
  ...(isStanding(plan) ? { title: "It has stood", done: "Go on" } : { title: endWords(plan) }),
  lookFor: say`${untilWords(plan, plan.then.length, forecast)}${endLook(plan, forecast)}`,
});

/** What to do as the heat ends. */
function endLook(plan: Plan, forecast: LiveForecast): string {
  const heat = lastHeat(plan);
  const main = plan.items.find((i) => i.id === forecast.planned.mainItemId);
  const target = main === undefined ? null : judgedTarget(main, forecast.planned);
  if (!isSealed(heat)) {
    const off = offList(plan, isOnRing(heat) ? "Ring off" : "Heat off");
    return plan.end === "served" && target !== null
      ? `${DONE_SIGNS[target.id] ?? ""} ${off}`.trim()
      : off;
  }
  return heat.release === "quick"
    ? "Open the valve with a spoon handle, face and hands away from the steam."
    : `Leave it shut about ${Math.round(forecast.planned.releaseMin)} min until the indicator drops by itself. Open the lid away from the face.`;
}

/** What ends the heat, and what is done at once then. */
const offList = (plan: Plan, off: string): string => {
  // What is crushed or blended is so before anything is stirred in.
  if (isWorkedAfter(plan)) return `${off}.`;
  const names = plan.items
    .filter((i) => i.when.at === "offHeat")
    .map((i) => nameOf(i).toLowerCase());
  if (names.length > 0) return `${off}, then stir in ${names.join(", ")}.`;
  return plan.end === "served" ? `${off}.` : `${off}; let the grit settle.`;
};

/** Once it is off the heat at offMs: what goes in now, what goes back, and the sieve or the table. */
export const afterHeatActions = (
  { plan, kitchen }: SetPot,
  cook: Cook,
  forecast: LiveForecast,
  offMs: number,
): readonly Action[] => [
  ...afterRelease(plan, cook, forecast, offMs),
  ...offHeatItems(plan, cook, offMs),
  ...backs(plan, cook, offMs),
  ...saltRounds(plan, kitchen, cook, forecast),
  strainAction(plan, offMs + forecast.planned.releaseMin * MINUTE_MS),
];

/** What is stirred in off the heat. */
function offHeatItems(plan: Plan, cook: Cook, offMs: number): readonly Action[] {
  const items = onCounter(plan, cook).filter((i) => i.when.at === "offHeat");
  if (items.length === 0) return [];
  return [
    {
      id: "add:off",
      kind: "add",
      atMs: offMs,
      title: `${sayList(items.map(nameOf))} in`,
      lookFor: goesInHow(items) || "Stir it in gently.",
      itemIds: items.map((i) => i.id),
    },
  ];
}

/** What was lifted out goes back in once the pot is off the heat. */
const backs = (plan: Plan, cook: Cook, offMs: number): readonly Action[] =>
  plan.items
    .filter((i) => i.out?.isBack === true && isLiftedOut(cook, i.id))
    .map((item) => ({
      id: `back:${item.id}`,
      kind: "putBack" as const,
      atMs: offMs,
      title: `${nameOf(item)} back in`,
      lookFor:
        item.target === "jointToShred"
          ? "Pulled apart, stirred into the liquid."
          : isOffBones(item)
            ? "Off its bones, bite by bite. Warm it through until it steams."
            : "Warm it through.",
      itemIds: [item.id],
    }));

/** Begins the ids of what goes in late, after pressure. */
export const LATE_IN = "late:";

/** Under pressure what goes in late goes in once the lid is off, and simmers open. */
function afterRelease(
  plan: Plan,
  cook: Cook,
  forecast: LiveForecast,
  offMs: number,
): readonly Action[] {
  if (!isSealed(plan.heat)) return [];
  return lateByMin(plan, cook)
    .map(([min, items]) => ({
      id: `${LATE_IN}${min}`,
      kind: "add" as const,
      atMs: offMs + (forecast.planned.releaseMin - min) * MINUTE_MS,
      title: `${sayList(items.map(nameOf))} in`,
      lookFor: sayAll(
        [
          "Lid off first, away from the face",
          goesInHow(items),
          `then simmer it open for ${Math.round(min)} min.`,
        ].filter((said) => said !== ""),
        "; ",
      ),
      itemIds: items.map((i) => i.id),
    }))
    .sort((a, b) => a.atMs - b.atMs);
}

/** The end of the pot: the sieve, or the table. */
const strainAction = (plan: Plan, offMs: number): Action =>
  plan.end === "served"
    ? {
        id: "strain",
        kind: "strain",
        atMs: offMs,
        title: "Serve it",
        lookFor: serveLook(plan),
      }
    : sieveAction(plan, offMs);

const serveLook = (plan: Plan): string => {
  const out = takeOuts(plan).map((t) => t.what);
  return out.length === 0
    ? "Taste at eating heat with a clean spoon."
    : `Take out ${sayList(out)}. Taste at eating heat with a clean spoon.`;
};

const sieveAction = (plan: Plan, offMs: number): Action => ({
  id: "strain",
  kind: "strain",
  atMs: offMs + (plan.strain.when === "afterPause" ? REST_MIN.value * MINUTE_MS : 0),
  title: "Strain it",
  lookFor: `${isStrainedBetween(plan) ? "Once more, through the fine sieve" : "Coarse sieve, then fine"}. Leave the last of it, where the grit is.`,
});
