import type { CookEvent } from "@kettlos/core/batch/batch-schema";
import type { Method } from "@kettlos/core/heat/method";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showLength, showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";

/** What starts the clock on each heat. */
const CLOCK_WORDS: Record<Method, string> = {
  hob: "Simmers",
  oven: "Into the oven",
  slowCooker: "Slow cooker on",
  pressure: "At pressure",
};

/** One event as the course of a batch tells it. */
export function eventWords(event: CookEvent, plan: Plan, units: UnitSystem): string {
  switch (event.kind) {
    case "lit":
      return plan.heat.method === "slowCooker" ? "Put on" : "Ring lit";
    case "boils":
      return "Boils";
    case "simmers":
      return CLOCK_WORDS[plan.heat.method];
    case "added": {
      const item = plan.items.find((i) => i.id === event.itemId);
      const name = item === undefined ? "Something" : ingredientById(item.ingredientId).name;
      return `${name} in, ${showMass(event.massKg, units)}`;
    }
    case "swapped": {
      const item = plan.items.find((i) => i.id === event.itemId);
      const name = ingredientById(event.ingredientId).name;
      return item === undefined
        ? `${name} instead`
        : `${name} instead, ${showMass(event.massKg, units)}`;
    }
    case "extra":
      return `${ingredientById(event.item.ingredientId).name} taken beside the plan`;
    case "toppedUp":
      return `Topped up, ${showVolume(event.volumeL, units)}`;
    case "heatSet":
      return `Turned to a ${event.vigour} simmer, lid ${event.lid}`;
    case "read":
      return readingWords(event.reading.form, event.reading.value, units);
    case "did":
      return didWords(event.what, plan);
    case "noted":
      return `“${event.text}”`;
    case "offHeat":
      return "Off the heat";
    case "strained":
      if (event.measured.servedKg !== undefined)
        return `Served, ${showMass(event.measured.servedKg, units)}`;
      return `Strained, ${
        event.measured.massKg === undefined
          ? showVolume(event.measured.volumeL ?? 0, units)
          : showMass(event.measured.massKg, units)
      }`;
    case "fatLifted":
      return `Fat lifted, ${showMass(event.fatKg, units)}`;
    case "setJudged":
      return `Set when cold: ${event.set}`;
    case "finished":
      return "Logged";
    case "undo":
      return "Taken back";
  }
}

/** What was done, with the ingredient it was done to. */
function didWords(what: string, plan: Plan): string {
  if (what === "skim") return "Skimmed";
  const [verb, itemId = "", part] = what.split(":");
  const item = plan.items.find((i) => i.id === itemId);
  if (item === undefined || (verb !== "out" && verb !== "back")) return what;
  const name = ingredientById(item.ingredientId).name;
  const thing = part === undefined ? name : `${part} of the ${name.toLowerCase()}`;
  return `${thing.charAt(0).toUpperCase()}${thing.slice(1)} ${verb === "out" ? "out" : "back in"}`;
}

function readingWords(
  form: Extract<CookEvent, { kind: "read" }>["reading"]["form"],
  value: number,
  units: UnitSystem,
): string {
  switch (form) {
    case "liquidDepth":
      return `Level read, ${showLength(value, units)} deep`;
    case "fromRim":
      return `Level read, ${showLength(value, units)} from the rim`;
    case "belowTideMark":
      return `Level read, ${showLength(value, units)} under the tide mark`;
    case "volume":
      return `Level read, ${showVolume(value, units)}`;
    case "potWeight":
      return `Pot weighed, ${showMass(value, units)}`;
  }
}
