import { TASTE_WORDS } from "@kettlos/core/batch/taste-words";
import { KNOB_WORDS } from "@kettlos/core/heats/slow-cooker";
import { SET_WORDS } from "@kettlos/core/extraction/set";
import { lookWords } from "@kettlos/core/batch/look-words";
import { capital } from "@kettlos/core/units/capital";
import { heatOf } from "@kettlos/core/heats/heat";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { WATER_POURED } from "@kettlos/core/batch/filling";
import type { CookEvent } from "@kettlos/core/batch/batch-schema";
import { BESIDE } from "@kettlos/core/dish/accompaniments";
import { ACCOMPANIMENTS } from "@kettlos/core/simulate/dish-words";
import { WAYS } from "@kettlos/core/cool/ways";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { turnTo } from "@kettlos/core/schedule/turns";
import { sideSaid, workSaid, type WorkSaid } from "@kettlos/core/batch/said-marks";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import {
  showDuration,
  showLength,
  showMass,
  showOven,
  showTemperature,
  showVolume,
  type UnitSystem,
} from "@kettlos/core/units/show";
import { LIKING_WORDS } from "./liking-words";

/** One event as the course of a batch tells it. */
export function eventWords(event: CookEvent, plan: Plan, units: UnitSystem): string {
  switch (event.kind) {
    case "lit":
      return heatOf(plan.heat).logged.lit;
    case "boils":
      return "Boils";
    case "simmers":
      return heatOf(plan.heat).logged.clock;
    case "added": {
      return `${nameIn(plan, event.itemId)} in, ${showMass(event.massKg, units)}`;
    }
    case "swapped": {
      const item = plan.items.find((i) => i.id === event.itemId);
      const name = ingredientById(event.ingredientId).name;
      return item === undefined
        ? `${name} instead`
        : `${name} instead, ${showMass(event.massKg, units)}`;
    }
    case "extra":
      return `${nameOf(event.item)} taken beside the plan`;
    case "toppedUp":
      return `Topped up, ${showVolume(event.volumeL, units)}`;
    case "ladledOut":
      return `Ladled out, ${showVolume(event.volumeL, units)}`;
    case "pouredBack":
      return `Put back, ${showVolume(event.volumeL, units)}`;
    case "split":
      return `${nameIn(plan, event.itemId)} split, ${showMass(event.massKg, units)} apart`;
    case "leftOut":
      return `${nameIn(plan, event.itemId)} left out`;
    case "heatSet": {
      const begun = turnTo(plan, event.stretchId);
      if (begun !== undefined) return begun.title;
      if (event.setting !== undefined) return `Turned to ${KNOB_WORDS[event.setting]}`;
      if (event.ovenC !== undefined) return `Oven to ${showOven(event.ovenC, units)}`;
      return `Turned to a ${event.vigour} simmer, lid ${event.lid}`;
    }
    case "temperature":
      return `${event.where === "liquid" ? "Liquid" : "Piece"} at ${showTemperature(event.tempC, units)}`;
    case "interrupted":
      if (event.isUnknown === true) return `${INTERRUPTED[event.why]}, nobody knows how long`;
      return `${INTERRUPTED[event.why]}${event.untilMs === null ? "" : ` for ${showDuration((event.untilMs - event.fromMs) / MINUTE_MS)}`}`;
    case "resumed":
      return "Back again";
    case "tasted":
      return `Tasted${event.who === "" ? "" : ` by ${event.who}`}: ${event.tastes.map((t) => TASTE_WORDS[t]).join(", ")}${event.text === "" ? "" : `. “${event.text}”`}`;
    case "checked":
      return `Fork, ${nameIn(plan, event.itemId).toLowerCase()}: ${CHECKED_WORDS[event.how]}`;
    case "read":
      return readingWords(event.reading.form, event.reading.value, units);
    case "did":
      return didWords(event.what, plan);
    case "noted":
      return `“${event.text}”`;
    case "offHeat":
      return "Off the heat";
    case "strained":
      return `${strainedWords(event.measured, units)}${event.measured.isReckoned === true ? ", as estimated" : ""}`;
    case "fatLifted":
      return `Fat lifted, ${showMass(event.fatKg, units)}`;
    case "setJudged":
      return `Set when cold: ${SET_WORDS[event.set]}`;
    case "looked":
      return lookWords(event).join(", ");
    case "solids":
      return `What stayed in the sieve: ${SOLIDS_WORDS[event.fate]}`;
    case "reducedTo":
      return `Boiled down to ${showVolume(event.volumeL, units)}`;
    case "stirredIn":
      return `${ingredientById(event.ingredientId).name} stirred in, ${showMass(event.massKg, units)}`;
    case "keptApart":
      return event.massKg > 0
        ? `${showMass(event.massKg, units)} of the solids kept apart`
        : "Nothing kept apart";
    case "handedOn":
      return `${showMass(event.massKg, units)} poured hot into the next pot`;
    case "chillBegun":
      return `Chilling begun: ${event.chill.stages.map((s) => WAYS[s.way].name).join(", then ")}`;
    case "chillRead":
      return `While it chills, ${showTemperature(event.tempC, units)}`;
    case "chilled":
      return "Cold through";
    case "clockSet":
      return `The clock was set ${event.shiftMs < 0 ? "back" : "ahead"} by ${showDuration(Math.abs(event.shiftMs) / MINUTE_MS)}${event.isAssumed ? " or more" : ""}; earlier times moved along`;
    case "finished":
      return "Logged";
    case "liked":
      return `At the table: ${LIKING_WORDS[event.how].toLowerCase()}`;
    case "undo":
      return "Taken back";
  }
}

function strainedWords(
  { servedKg, massKg, volumeL }: Extract<CookEvent, { kind: "strained" }>["measured"],
  units: UnitSystem,
): string {
  if (servedKg !== undefined) return `Served, ${showMass(servedKg, units)}`;
  return `Strained, ${massKg === undefined ? showVolume(volumeL ?? 0, units) : showMass(massKg, units)}`;
}

const PASSED_WORDS: Readonly<Record<string, string>> = {
  skim: "skimming",
  stir: "stirring",
  look: "reading the level",
  check: "the fork",
};
const INTERRUPTED = {
  paused: "Heat off",
  powerCut: "Power cut",
  lidOff: "Lid off",
} as const;
const SOLIDS_WORDS = {
  eaten: "eaten",
  returned: "back into the pot",
  frozen: "frozen",
  fed: "fed to animals",
  thrown: "thrown away",
} as const;
const CHECKED_WORDS = {
  notYet: "not yet",
  nearly: "nearly",
  tender: "tender",
  tooSoft: "too soft",
} as const;

function nameIn(plan: Plan, itemId: string): string {
  const item = plan.items.find((i) => i.id === itemId);
  return item === undefined ? "Something" : nameOf(item);
}

/** What was done, with the ingredient it was done to. */
function didWords(what: string, plan: Plan): string {
  const work = workSaid(what);
  if (work !== null) {
    const item = plan.items.find((x) => x.id === work.itemId);
    const said = WORK_DONE_WORDS[work.kind] ?? work.kind;
    return `${item === undefined ? "Work" : nameOf(item)}: ${WORK_HOW[work.of](said)}`;
  }
  const side = sideSaid(what);
  if (side !== null) {
    const kind = ACCOMPANIMENTS.find((k) => k === side.kind);
    const name = kind === undefined ? "side dish" : BESIDE[kind].name;
    return `${capital(name)} ${side.isLeft ? "left out" : "begun"}`;
  }
  if (what === "skim") return "Skimmed";
  if (what === "stir") return "Stirred";
  if (what.startsWith("passed:"))
    return `Let go: ${PASSED_WORDS[what.slice("passed:".length)] ?? "a round"}`;
  if (what === WATER_POURED) return "The water is in";
  if (what.startsWith("salt:")) return "No more salt at this round";
  const [verb, itemId = "", part] = what.split(":");
  const item = plan.items.find((i) => i.id === itemId);
  if (item === undefined || (verb !== "out" && verb !== "back")) return what;
  const name = nameOf(item);
  const thing = part === undefined ? name : `${part} of the ${name.toLowerCase()}`;
  return `${capital(thing)} ${verb === "out" ? "out" : "back in"}`;
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

const WORK_HOW: Record<WorkSaid, (said: string) => string> = {
  work: (said) => said,
  begun: (said) => `${said}, begun`,
  batch: (said) => `${said}, one batch`,
  left: (said) => `not ${said}`,
};

/** What was done, as the log says it. */
const WORK_DONE_WORDS: Readonly<Record<string, string>> = {
  thaw: "thawing",
  soak: "soaking",
  saltAhead: "salting ahead",
  rinse: "rinsed",
  scrub: "scrubbed",
  trim: "trimmed",
  cut: "cut",
  tie: "tied",
  bundle: "bundled",
  brown: "browned",
  sweat: "sweated",
  fry: "fried",
  roux: "roux stirred",
  reduce: "boiled down",
  crush: "crushed",
  blend: "blended",
  roast: "roasted",
  blanch: "blanched",
  boilHard: "boiled hard",
};
