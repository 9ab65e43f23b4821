import { countedBack } from "../simulate/counted-back";
import type { Heat, Plan, PlanItem } from "../simulate/plan-schema";
import { DONE_SIGNS } from "../dish/meat-of";
import { takeOuts } from "../dish/take-out";
import { nameOf, targetOfItem } from "../simulate/item-facts";
import type { Action } from "./action";
import { thereByThermometer } from "./as-seen";
import { onCounter } from "./counter";
import { liftedOut, putBack } from "./course-of";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { roundsOf } from "./rounds";

const MINUTE_MS = 60_000;
/** Pause before the sieve, min. */
const PAUSE_MIN = 10;

/**
 * What is still to do for a pot, soonest first: from the plan, what has been done, and the forecast.
 * Empty once it is strained.
 */
export function actionsFor(
  written: Plan,
  cook: Cook,
  forecast: LiveForecast,
  nowMs: number,
): readonly Action[] {
  if (cook.strainedMs !== null) return [];
  const plan = countedBack(written, forecast.planned);
  if (cook.litMs === null)
    return [
      {
        id: "light",
        kind: "light",
        atMs: nowMs,
        title: START_WORDS[startsOn(plan.heat)],
        lookFor: startList(plan),
      },
    ];
  if (cook.offMs !== null)
    return [
      ...afterRelease(plan, cook, forecast, cook.offMs),
      ...offHeatItems(plan, cook, cook.offMs),
      ...backs(plan, cook, cook.offMs),
      strainAction(plan, cook.offMs + forecast.planned.releaseMin * MINUTE_MS),
    ];
  const all = [
    ...warmingActions(plan, cook, forecast, cook.litMs),
    ...simmerActions(plan, cook, forecast, nowMs),
    {
      id: "offHeat",
      kind: "offHeat" as const,
      atMs: forecast.endMs.expected,
      title: END_WORDS[plan.heat.method],
      lookFor: endLook(plan, forecast),
    },
  ];
  return all.sort((a, b) => a.atMs - b.atMs);
}

type Start = "ring" | "oven" | "slowCooker";

/** What is switched on first. */
const startsOn = (heat: Heat): Start =>
  heat.method === "slowCooker"
    ? "slowCooker"
    : heat.method === "oven" && heat.start === "cold"
      ? "oven"
      : "ring";

const START_WORDS: Record<Start, string> = {
  ring: "Light the ring",
  oven: "Put it into the oven",
  slowCooker: "Switch the slow cooker on",
};

const END_WORDS: Record<Heat["method"], string> = {
  hob: "Take it off the heat",
  oven: "Take it out of the oven",
  slowCooker: "Switch it off",
  pressure: "Heat off, let the pressure down",
};

/** What to do as the heat ends. */
function endLook(plan: Plan, forecast: LiveForecast): string {
  const { heat } = plan;
  const main = plan.items.find((i) => i.id === forecast.planned.mainItemId);
  const target = main === undefined ? null : targetOfItem(main);
  if (plan.end === "served" && heat.method !== "pressure" && target !== null)
    return `${DONE_SIGNS[target.id] ?? ""} ${offList(plan)}`
      .replace("; let the grit settle", "")
      .trim();
  if (heat.method === "hob") return offList(plan);
  if (heat.method !== "pressure") return offList(plan).replace("Ring off", "Heat off");
  return heat.release === "quick"
    ? "Open the valve with a spoon handle, face and hands away from the steam."
    : `Leave it shut about ${Math.round(forecast.planned.releaseMin)} min until the indicator drops by itself. Open the lid away from the face.`;
}

const startList = (plan: Plan): string => {
  const names = plan.items
    .filter((i) => i.when.at === "start" && i.ingredientId !== "water")
    .map((i) => nameOf(i).toLowerCase());
  return names.length === 0
    ? "Cold water in the pot."
    : `In the pot: ${names.join(", ")} and cold water.`;
};

const offList = (plan: Plan): string => {
  const names = plan.items
    .filter((i) => i.when.at === "offHeat")
    .map((i) => nameOf(i).toLowerCase());
  return names.length === 0
    ? "Ring off; let the grit settle."
    : `Ring off, then stir in ${names.join(", ")}.`;
};

function warmingActions(
  plan: Plan,
  cook: Cook,
  forecast: LiveForecast,
  litMs: number,
): readonly Action[] {
  if (cook.simmerMs !== null) return [];
  const { comeUpMin, toSimmerMin } = forecast.planned;
  // A thermometer says better than the plan when it will boil; without one it is late by the plan.
  const isMeasured = cook.temperatures.some((t) => t.where === "liquid");
  const { heat } = plan;
  const there = thereByThermometer(plan, cook, forecast.planned);
  const saidByThermometer =
    there === null
      ? {}
      : { lookFor: `The thermometer has it there: ${there.tempC.toFixed(1)} °C.` };
  const boilMin = heat.method === "hob" ? heat.boilFirstMin : null;
  if (boilMin === null)
    return [
      {
        id: "simmers",
        kind: "simmers",
        atMs: isMeasured ? forecast.simmerMs : litMs + toSimmerMin * MINUTE_MS,
        ...clockStarts(heat),
        ...saidByThermometer,
      },
    ];
  if (cook.boiledMs === null)
    return [
      {
        id: "boils",
        kind: "boils",
        atMs: isMeasured ? forecast.cameUpMs : litMs + comeUpMin * MINUTE_MS,
        title: "It boils",
        lookFor: "Grey scum rises: skim it off.",
        ...saidByThermometer,
      },
    ];
  return [
    {
      id: "turnDown",
      kind: "turnDown",
      atMs: cook.boiledMs + boilMin * MINUTE_MS,
      title: "Turn it down",
      lookFor: clockStarts(heat).lookFor,
    },
  ];
}

/** What starts the cook's clock on each heat, and how to know. */
function clockStarts(heat: Heat): { title: string; lookFor: string; done: string } {
  switch (heat.method) {
    case "hob":
      return { title: "It simmers", lookFor: SIMMER_LOOK[heat.vigour], done: "It simmers now" };
    case "oven":
      return {
        title: "Into the oven",
        done: "It is in the oven",
        lookFor: `Oven at ${Math.round(heat.ovenC)} °C; ${heat.start === "hot" ? "the pot simmers on the ring first" : "straight from cold"}.`,
      };
    case "slowCooker":
      return {
        title: "It is switched on",
        done: "It is on now",
        lookFor: `${heat.highFirstMin > 0 && heat.setting === "low" ? `HIGH for ${Math.round(heat.highFirstMin)} min, then LOW` : heat.setting.toUpperCase()}; lid on, and leave it on.`,
      };
    case "pressure":
      return {
        title: "It is at pressure",
        done: "It is at pressure now",
        lookFor: "The indicator stands; turn down until it only just stays there.",
      };
  }
}

/** What each simmer looks like. */
export const SIMMER_LOOK = {
  bare: "Bare simmer: single beads come up.",
  gentle: "Gentle simmer: strings of beads.",
  steady: "Steady simmer: the surface trembles all over.",
  rolling: "Rolling boil: it turns over and stays so when stirred.",
} as const;

function simmerActions(
  plan: Plan,
  cook: Cook,
  forecast: LiveForecast,
  nowMs: number,
): readonly Action[] {
  return [
    ...late(plan, cook, nowMs),
    ...additions(plan, cook, forecast.simmerMs, forecast.endMs.expected),
    ...lifts(plan, cook, forecast),
    ...roundsOf({ plan, cook, forecast, nowMs }),
  ];
}

/** What was to go in at the start and still lies on the counter. */
function late(plan: Plan, cook: Cook, nowMs: number): readonly Action[] {
  const items = onCounter(plan, cook).filter((i) => i.when.at === "start");
  if (items.length === 0) return [];
  return [
    {
      id: "add:start",
      kind: "add",
      atMs: cook.litMs ?? nowMs,
      title: `${sayList(items.map(nameOf))} in`,
      lookFor: "Still on the counter; it was to go in at the start.",
      itemIds: items.map((i) => i.id),
    },
  ];
}

/** What comes out before the end, when the simulation says so. */
function lifts(plan: Plan, cook: Cook, { course, simmerMs }: LiveForecast): readonly Action[] {
  return course.marks.flatMap((mark): Action[] => {
    const item = plan.items.find((i) => i.id === mark.itemId);
    if (mark.kind !== "itemOut" || item === undefined || cook.did.has(liftedOut(item.id)))
      return [];
    const target = targetOfItem(item);
    return [
      {
        id: `lift:${item.id}`,
        kind: "lift",
        atMs: simmerMs + (mark.tMin - course.toSimmerMin) * MINUTE_MS,
        title: `${nameOf(item)} out`,
        lookFor:
          item.out?.when.at === "beforeBoil"
            ? "Before it boils."
            : `${target === null ? "" : (DONE_SIGNS[target.id] ?? "")} ${item.out?.isBack === true ? "Keep it covered and hot; it goes back in at the end." : "Eaten apart."}`.trim(),
        itemIds: [item.id],
      },
    ];
  });
}

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
      lookFor:
        items
          .map((i) => i.preparation)
          .filter(Boolean)
          .join("; ") || "Stir it in gently.",
      itemIds: items.map((i) => i.id),
    },
  ];
}

/** What was lifted out goes back in once the pot is off the heat. */
const backs = (plan: Plan, cook: Cook, offMs: number): readonly Action[] =>
  plan.items
    .filter(
      (i) =>
        i.out?.isBack === true && cook.did.has(liftedOut(i.id)) && !cook.did.has(putBack(i.id)),
    )
    .map((item) => ({
      id: `back:${item.id}`,
      kind: "putBack" as const,
      atMs: offMs,
      title: `${nameOf(item)} back in`,
      lookFor:
        item.target === "jointToShred"
          ? "Pulled apart, stirred into the liquid."
          : "Warm it through.",
      itemIds: [item.id],
    }));

/** What still goes in while it simmers; what is due together is one action. */
function additions(plan: Plan, cook: Cook, simmerMs: number, endMs: number): readonly Action[] {
  // Under pressure nothing can go in before release: it is said there.
  if (plan.heat.method === "pressure") return [];
  return lateByMin(plan, cook).map(([min, items]) => ({
    id: `add:${min}`,
    kind: "add",
    atMs: Math.max(simmerMs, endMs - min * MINUTE_MS),
    title: `${sayList(items.map(nameOf))} in`,
    lookFor: items
      .map((i) => i.preparation)
      .filter(Boolean)
      .join("; "),
    itemIds: items.map((i) => i.id),
  }));
}

/** Under pressure what goes in late goes in once the lid is off, and simmers open. */
function afterRelease(
  plan: Plan,
  cook: Cook,
  forecast: LiveForecast,
  offMs: number,
): readonly Action[] {
  if (plan.heat.method !== "pressure") return [];
  return lateByMin(plan, cook)
    .map(([min, items]) => ({
      id: `add:${min}`,
      kind: "add" as const,
      atMs: offMs + (forecast.planned.releaseMin - min) * MINUTE_MS,
      title: `${sayList(items.map(nameOf))} in`,
      lookFor: `Lid off first, away from the face. Then simmer it open for ${Math.round(min)} min.`,
      itemIds: items.map((i) => i.id),
    }))
    .sort((a, b) => a.atMs - b.atMs);
}

/** What still goes in before the end and is not in yet, by its minutes. */
function lateByMin(plan: Plan, cook: Cook): readonly (readonly [number, readonly PlanItem[]])[] {
  const byMin = new Map<number, PlanItem[]>();
  for (const item of plan.items)
    if (item.when.at === "beforeEnd" && !cook.addedItems.has(item.id))
      byMin.set(item.when.min, [...(byMin.get(item.when.min) ?? []), item]);
  return [...byMin];
}

/** "Onion", "Onion and herb bundle", "Onion, leek and herb bundle". */
function sayList(names: readonly string[]): string {
  const said = names.map((name, i) => (i === 0 ? name : name.toLowerCase()));
  const last = said.at(-1) ?? "";
  return said.length < 2 ? last : `${said.slice(0, -1).join(", ")} and ${last}`;
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
  atMs: offMs + (plan.strain.when === "afterPause" ? PAUSE_MIN * MINUTE_MS : 0),
  title: "Strain it",
  lookFor: "Coarse sieve, then fine. Leave the last centimetre with the grit.",
});
