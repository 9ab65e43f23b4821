import { exp } from "../units/same-math";
import type { SetPot } from "../simulate/set-pot";
import type { CrockSetting } from "../heat/slow-cooker";
import { KNOB_WORDS } from "../heats/slow-cooker";
import { capital } from "../units/capital";
import { hasLid, heatOf, isOnRing } from "../heats/heat";
import { containersOf } from "../batch/chill-containers";
import { coolingHere } from "../batch/cooling-here";
import type { CoolingContainer } from "../cool/container";
import type { CoolingStage } from "../cool/cooling";
import { COOLING_WAYS, spreadOf, WAYS, type CoolingWay } from "../cool/ways";
import { TARGET_SIGMA } from "../doneness/target-belief";
import { TARGET_IDS, TARGETS, type DonenessTarget, type TargetId } from "../doneness/targets";
import { steamSigmaLog } from "../simulate/heat-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import { ingredientById, isIngredientId } from "../ingredient/catalogue";
import { KIND_FORMULAS } from "../dish/kind-formulas";
import { KINDS, type KindId } from "../simulate/dish-words";
import { ringHere, steamHere, WORK_SIGMA, workHere, type FactorHere } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { bonesHere, bonesOf } from "../simulate/bones-here";
import { hotHere, hotThing, HOT_SIGMA } from "../simulate/hot-here";
import { keepsMost, keptHere } from "../simulate/kept-here";
import type { Constant } from "../units/constant";
import { heatsOf } from "../simulate/stretches";
import { tenderHere } from "../simulate/tender-here";
import { BODY_SIGMA, SALT_SIGMA, saltHere, thickHere, wantedThing } from "../simulate/wanted-here";
import { plusMinus } from "./belief";
import type { SeenOnce, Taught, TaughtKind } from "./taught";

const LID = { off: "without its lid", ajar: "with its lid ajar", on: "with its lid on" } as const;
const VIGOUR = {
  bare: "at a bare simmer",
  gentle: "at a gentle simmer",
  steady: "at a steady simmer",
  rolling: "at a rolling boil",
} as const;

const WORK: Readonly<Record<string, string>> = {
  rinse: "Rinsing",
  scrub: "Scrubbing",
  trim: "Trimming",
  cut: "Cutting",
  tie: "Tying",
  bundle: "Bundling",
  brown: "Browning",
  sweat: "Sweating",
  fry: "Frying",
  crush: "Crushing",
  blend: "Blending",
};
/** What a kind of work is called that was learned of. */
export const workWords = (kind: string): string => WORK[kind] ?? kind;

const isKind = (thing: string): thing is KindId => KINDS.some((k) => k === thing);
/** The pots that are wanted alike: "Braise"; where nobody said what kind they were, what became of them. */
export function wantedWords(thing: string): string {
  if (isKind(thing)) return KIND_FORMULAS[thing].name;
  return thing === "strained" ? "A pot that is strained" : "A pot that is served as it is";
}

/** What was learned of what it gives, or keeps. */
export const nameOfIngredient = (ingredientId: string): string =>
  isIngredientId(ingredientId) ? ingredientById(ingredientId).name : ingredientId;

const isEnd = (thing: string): thing is TargetId => TARGET_IDS.some((id) => id === thing);
/** What was learned to be tender sooner or later: "Brisket, tender". */
export function endWords(thing: string): string {
  const name = isEnd(thing) ? TARGETS[thing].name : thing;
  return `${capital(name)}`;
}

/** What cools: "Tall pot in a sink of cold water". */
const coolingWords = (container: string, way: CoolingWay): string =>
  `${container} ${WAYS[way].inIt}`;

function coolingThingWords(thing: string, containers: readonly CoolingContainer[]): string {
  const way = COOLING_WAYS.find((w) => thing.endsWith(`|${w}`));
  const id = thing.slice(0, thing.lastIndexOf("|"));
  const name = containers.find((c) => c.id === id)?.name ?? "A container that is gone";
  return way === undefined ? thing : coolingWords(name, way);
}

const named = (list: readonly { readonly id: string; readonly name: string }[], id: string) =>
  list.find((x) => x.id === id)?.name ?? "One that is gone";

/** What gets hot: "Big oven", "Crock on LOW". */
function hotThingWords(thing: string, kitchen: Kitchen | null): string {
  const at = thing.lastIndexOf("|");
  const [id, on] = [thing.slice(0, at), thing.slice(at + 1)];
  return on === "oven"
    ? named(kitchen?.ovens ?? [], id)
    : `${named(kitchen?.vessels ?? [], id)} on ${KNOB_WORDS[on as CrockSetting]}`;
}

/** What a thing is called that was learned of: by itself, or as a pot that it was seen in says. */
export function nameOfThing(
  { kind, thing }: Pick<Taught, "kind" | "thing">,
  kitchen: Kitchen | null,
  byItsPot: (kind: SeenOnce) => string,
): string {
  switch (kind) {
    case "work":
      return workWords(thing);
    case "set":
    case "kept":
      return nameOfIngredient(thing);
    case "hot":
      return hotThingWords(thing, kitchen);
    case "tender":
      return endWords(thing);
    case "cooling":
      return coolingThingWords(thing, kitchen === null ? [] : containersOf(kitchen));
    case "salt":
    case "body":
      return wantedWords(thing);
    case "steam":
    case "ring":
      return byItsPot(kind);
  }
}

/** What something is called that was learned of: "Tall pot with its lid ajar, at a gentle simmer". */
export function thingWords(
  kind: SeenOnce,
  plan: Pick<Plan, "vesselId" | "ringId" | "heat">,
  kitchen: Kitchen,
): string {
  const nameOf = (list: readonly { readonly id: string; readonly name: string }[], id: string) =>
    list.find((x) => x.id === id)?.name ?? id;
  const pot = nameOf(kitchen.vessels, plan.vesselId);
  if (kind === "ring")
    return `${nameOf(kitchen.rings, plan.ringId)} under the ${pot.toLowerCase()}`;
  const { heat } = plan;
  const lid = hasLid(heat) ? LID[heat.lid] : null;
  if (isOnRing(heat)) return `${pot} ${LID[heat.lid]}, ${VIGOUR[heat.vigour]}`;
  return `${pot} ${heatOf(heat).where(heat)}${lid === null ? "" : `, ${lid}`}`;
}

/** How each is said: as usual, by so much less or more; and what speaks of it, one and several. */
const SAYS: Readonly<
  Record<
    TaughtKind,
    {
      readonly asUsual: string;
      readonly off: (far: string, isLess: boolean) => string;
      readonly countWords: readonly [one: string, more: string];
    }
  >
> = {
  steam: {
    asUsual: "steams as usual",
    off: (far, isLess) => `steams ${far} ${isLess ? "less" : "more"} than usual`,
    countWords: ["one pot", "pots"],
  },
  ring: {
    asUsual: "gets as much heat as usual",
    off: (far, isLess) => `gets ${far} ${isLess ? "less" : "more"} heat than usual`,
    countWords: ["one pot", "pots"],
  },
  hot: {
    asUsual: "runs as hot as usual",
    off: (far, isLess) =>
      `runs ${far} ${isLess ? "cooler" : "hotter"} than usual, counted from the room`,
    countWords: ["one pot", "pots"],
  },
  work: {
    asUsual: "takes as long as usual",
    off: (far, isLess) => `takes ${far} ${isLess ? "less" : "longer"} than usual`,
    countWords: ["one time", "times"],
  },
  set: {
    asUsual: "as much gelatin as usual",
    off: (far, isLess) => `${far} ${isLess ? "less" : "more"} gelatin than usual`,
    countWords: ["one pot", "pots"],
  },
  kept: {
    asUsual: "as much liquid stays on it as usual",
    off: (far, isLess) => `${far} ${isLess ? "less" : "more"} liquid stays on it than usual`,
    countWords: ["one pot", "pots"],
  },
  tender: {
    asUsual: "takes as much cooking as usual",
    off: (far, isLess) => `takes ${far} ${isLess ? "less" : "more"} cooking than usual`,
    countWords: ["one pot", "pots"],
  },
  cooling: {
    asUsual: "cools as fast as usual",
    off: (far, isLess) => `cools ${far} ${isLess ? "slower" : "faster"} than usual`,
    countWords: ["one chilling", "chillings"],
  },
  salt: {
    asUsual: "is wanted with as much salt as usual",
    off: (far, isLess) => `is wanted with ${far} ${isLess ? "less" : "more"} salt than usual`,
    countWords: ["one tasting", "tastings"],
  },
  body: {
    asUsual: "is wanted as thick as a stew's gravy",
    off: (far, isLess) => `is wanted ${far} ${isLess ? "thinner" : "thicker"} than a stew's gravy`,
    countWords: ["one tasting", "tastings"],
  },
};

/** A factor as it is said: "steams 18 % less than usual". */
export function factorWords(kind: TaughtKind, factor: number): string {
  const far = Math.round(Math.abs(factor - 1) * 100);
  const { asUsual, off } = SAYS[kind];
  return far === 0 ? asUsual : off(`${far} %`, factor < 1);
}

/** What speaks of it, counted: "one pot", "5 pots"; of work and of taste each time. */
export function timesWords(kind: TaughtKind, count: number): string {
  const [one, more] = SAYS[kind].countWords;
  return count === 1 ? one : `${count} ${more}`;
}
const fromWords = (kind: TaughtKind, count: number): string =>
  `from ${timesWords(kind, count)} here`;

/** What is known of it, from what, and what was known before. */
export const taughtWords = (v: Taught): string =>
  `${factorWords(v.kind, v.factor)}, ±${Math.round(v.plusMinusPct)} %, ${v.from.length === 0 ? "its pots left out" : fromWords(v.kind, v.from.length)}${v.isFrozen ? ", kept as it was" : ""}; before: usual, ±${Math.round(v.beforePlusMinusPct)} %`;

function othersWords(kind: TaughtKind, count: number): string {
  if (kind === "work") return "what other work takes here";
  const pots = count === 1 ? "another pot" : `${count} other pots`;
  return `${pots} of this kitchen`;
}

function hereWords(kind: TaughtKind, here: FactorHere, sigma: number): string {
  const { mean, sd, pots, otherPots } = here;
  const from = pots > 0 ? fromWords(kind, pots) : `by ${othersWords(kind, otherPots)}`;
  return `${factorWords(kind, exp(mean))}: ${from}, ±${Math.round(plusMinus(sd))} %; before: usual, ±${Math.round(plusMinus(sigma))} %.`;
}

/** How a pot steams on one heat as it was learned here; null where nothing is known of it. */
export function steamHereOn(
  on: Pick<Plan, "vesselId" | "ringId" | "heat">,
  kitchen: Kitchen,
): string | null {
  const here = steamHere(kitchen, on.vesselId, on.heat);
  return here === null
    ? null
    : `${thingWords("steam", on, kitchen)}: ${hereWords("steam", here, steamSigmaLog(on.heat))}`;
}

/** What a plan's figures draw on that was learned here: how its pot steams on each of its heats. */
export const steamHereWords = ({ plan, kitchen }: SetPot): readonly string[] => [
  ...new Set(heatsOf(plan).flatMap((heat) => steamHereOn({ ...plan, heat }, kitchen) ?? [])),
];

const SPARING = " It is planned as usual all the same.";

/** How hot each heat of a plan gets here, as far as that is known; what is hotter is not counted on. */
export const hotHereWords = ({ plan, kitchen }: SetPot): readonly string[] => [
  ...new Set(
    heatsOf(plan).flatMap((heat) => {
      const here = hotHere(kitchen, plan.vesselId, heat);
      const thing = hotThing(plan.vesselId, heat);
      if (here === null || thing === null) return [];
      const words = hereWords("hot", here, HOT_SIGMA.value);
      return [`${hotThingWords(thing, kitchen)} ${words}${here.mean > 0 ? SPARING : ""}`];
    }),
  ),
];

/** How long a kind of work takes here as it was learned; null where nothing is known of it. */
export function workHereWords(kind: string, kitchen: Kitchen): string | null {
  const here = workHere(kitchen, kind);
  return here === null ? null : `${workWords(kind)} ${hereWords("work", here, WORK_SIGMA.value)}`;
}

const said = (
  name: string,
  kind: TaughtKind,
  here: FactorHere | null,
  { value: sigma }: Constant,
): readonly string[] => (here === null ? [] : [`${name} ${hereWords(kind, here, sigma)}`]);

type Known = Pick<Kitchen, "learned">;

/** The same of the ring under its pot. */
export const ringHereWords = (setPot: SetPot): readonly string[] =>
  said(
    `${thingWords("ring", setPot.plan, setPot.kitchen)}:`,
    "ring",
    ringHere(setPot),
    SPREAD.efficiency,
  );

/** How salty such a pot was wanted here; nothing where none was tasted, or nobody may taste salt in it. */
export const saltHereWords = (plan: Plan, kitchen: Known): readonly string[] =>
  said(wantedWords(wantedThing(plan)), "salt", saltHere(plan, kitchen), SALT_SIGMA);

/** How thick such a dish was wanted here. */
export const thickHereWords = (plan: Plan, kitchen: Known): readonly string[] =>
  said(wantedWords(wantedThing(plan)), "body", thickHere(plan, kitchen), BODY_SIGMA);

/** How much gelatin its bones give here; nothing where nothing is known of it, or it has none. */
export const bonesHereWords = (plan: Plan, kitchen: Known): readonly string[] =>
  said(
    `${nameOfIngredient(bonesOf(plan) ?? "")}:`,
    "set",
    bonesHere(kitchen, plan),
    SPREAD.extraction,
  );

/** How much liquid its solids keep here; nothing where nothing is known of it, or nothing is strained. */
export const keptHereWords = (plan: Plan, kitchen: Known): readonly string[] =>
  plan.end !== "strained"
    ? []
    : said(
        `${nameOfIngredient(keepsMost(plan) ?? "")} in the sieve:`,
        "kept",
        keptHere(kitchen, plan),
        SPREAD.leftOnSolids,
      );

/** How much cooking such an end takes here; nothing where nothing is known of it, or it is done by its core. */
export const tenderHereWords = (
  target: DonenessTarget | undefined,
  kitchen: Known,
): readonly string[] =>
  target === undefined || target.coreC !== undefined
    ? []
    : said(`${endWords(target.id)}:`, "tender", tenderHere(kitchen, target.id), TARGET_SIGMA);

/** How fast it cools here in each way it goes through, as far as that is known. */
export const coolingHereWords = (
  { id, name }: CoolingContainer,
  stages: readonly CoolingStage[],
  kitchen: Known,
): readonly string[] =>
  stages.flatMap((stage) => {
    const here = coolingHere(kitchen, id, stage.way);
    if (here === null) return [];
    const words = hereWords("cooling", here, spreadOf([stage]));
    return [`${coolingWords(name, stage.way)} ${words}${here.mean > 0 ? SPARING : ""}`];
  });
