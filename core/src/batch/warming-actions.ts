import { MINUTE_MS } from "../units/time";
import { aboutC, ovenC, say, type Said } from "../units/said";
import { SIMMER_LOOK } from "../heat/simmer-look";
import { nameOf } from "../simulate/item-facts";
import type { Heat, Plan } from "../simulate/plan-schema";
import type { Action } from "./action";
import { thereByThermometer } from "./as-seen";
import { NO_WATER_L } from "./filling";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { sayList } from "./say-list";

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

const START_SAID: Record<Start, string> = {
  ring: "It is lit",
  oven: "It is in the oven",
  slowCooker: "It is on",
};

/** What is in the pot by then, as far as that is known. */
function startList(plan: Plan, waterL: number | null): string {
  const names = plan.items
    .filter((i) => i.when.at === "start" && i.ingredientId !== "water")
    .map(nameOf);
  const water = waterL === null || waterL >= NO_WATER_L ? ["water"] : [];
  return `In the pot: ${sayList([...names, ...water])}.`;
}

/** What begins it: the ring, the oven or the switch; the water, L, where that is known. */
export const lightAction = (plan: Plan, nowMs: number, waterL: number | null): Action => ({
  id: "light",
  kind: "light",
  atMs: nowMs,
  title: START_WORDS[startsOn(plan.heat)],
  done: START_SAID[startsOn(plan.heat)],
  lookFor: startList(plan, waterL),
});

/** Until the cook's clock runs: it boils, it is turned down, it simmers or is where it cooks. */
export function warmingActions(
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
    there === null ? {} : { lookFor: say`The thermometer has it there: ${aboutC(there.tempC)}.` };
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
function clockStarts(heat: Heat): { title: string; lookFor: Said; done: string } {
  switch (heat.method) {
    case "hob":
      return { title: "It simmers", lookFor: SIMMER_LOOK[heat.vigour], done: "It simmers now" };
    case "oven":
      return {
        title: "Into the oven",
        done: "It is in the oven",
        lookFor: say`Oven at ${ovenC(heat.ovenC)}; ${heat.start === "hot" ? "the pot simmers on the ring first" : "straight from cold"}.`,
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
