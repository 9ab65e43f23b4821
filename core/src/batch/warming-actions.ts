import type { SetPot } from "../simulate/set-pot";

import { boilFirstMinOf, heatOf } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { aboutC, say } from "../units/said";
import { nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Action } from "./action";
import { thereByThermometer } from "./as-seen";
import { NO_WATER_L } from "./filling";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { sayList } from "./say-list";

/** What is in the pot by then, as far as that is known. */
function startList(plan: Plan, waterL: number | null): string {
  const names = plan.items
    .filter((i) => i.when.at === "start" && i.ingredientId !== "water")
    .map(nameOf);
  const water = waterL === null || waterL >= NO_WATER_L ? ["water"] : [];
  return `In the pot: ${sayList([...names, ...water])}.`;
}

/** What begins it: the ring, the oven or the switch; the water, L, where that is known. */
export function lightAction(
  { plan, vessel }: SetPot,
  nowMs: number,
  waterL: number | null,
): Action {
  const { title, done } = heatOf(plan.heat).begin(plan.heat, vessel);
  return { id: "light", kind: "light", atMs: nowMs, title, done, lookFor: startList(plan, waterL) };
}

/** Until the cook's clock runs: it boils, it is turned down, it simmers or is where it cooks. */
export function warmingActions(
  { plan, vessel }: SetPot,
  cook: Cook,
  forecast: LiveForecast,
  litMs: number,
): readonly Action[] {
  if (cook.simmerMs !== null) return [];
  const { comeUpMin, toSimmerMin } = forecast.planned;
  // A thermometer says better than the plan when it will boil; without one it is late by the plan.
  const isMeasured = cook.temperatures.some((t) => t.where === "liquid");
  const { heat } = plan;
  const starts = heatOf(heat).clockStarts(heat, vessel);
  const there = thereByThermometer(plan, cook, forecast.planned);
  const saidByThermometer =
    there === null ? {} : { lookFor: say`The thermometer has it there: ${aboutC(there.tempC)}.` };
  const boilMin = boilFirstMinOf(heat);
  if (boilMin === null)
    return [
      {
        id: "simmers",
        kind: "simmers",
        atMs: isMeasured ? forecast.simmerMs : litMs + toSimmerMin * MINUTE_MS,
        ...starts,
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
      lookFor: starts.lookFor,
    },
  ];
}
