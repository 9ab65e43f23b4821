import { steamSigmaLog } from "../simulate/heat-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import { ringHere, steamHere, WORK_SIGMA, workHere, type FactorHere } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { heatsOf } from "../simulate/stretches";
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
  switch (heat.method) {
    case "hob":
      return `${pot} ${LID[heat.lid]}, ${VIGOUR[heat.vigour]}`;
    case "oven":
      return `${pot} in the oven, ${LID[heat.lid]}`;
    case "slowCooker":
      return `${pot} on ${heat.setting.toUpperCase()}`;
    case "pressure":
      return `${pot} under pressure`;
  }
}

/** A factor as it is said: "steams 18 % less than usual". */
export function factorWords(kind: TaughtKind, factor: number): string {
  const far = Math.round(Math.abs(factor - 1) * 100);
  const more = `${far} % ${factor < 1 ? "less" : "more"}`;
  if (kind === "work")
    return `takes ${far === 0 ? "as long as usual" : `${far} % ${factor < 1 ? "less" : "longer"} than usual`}`;
  return kind === "steam"
    ? `steams ${far === 0 ? "as usual" : `${more} than usual`}`
    : `gets ${far === 0 ? "as much heat as usual" : `${more} heat than usual`}`;
}

/** What speaks of it, counted: "one pot", "5 pots"; of work each time that it was done. */
export function timesWords(kind: TaughtKind, count: number): string {
  const [one, more] = kind === "work" ? ["one time", "times"] : ["one pot", "pots"];
  return count === 1 ? one : `${count} ${more}`;
}
const fromWords = (kind: TaughtKind, count: number): string =>
  `from ${timesWords(kind, count)} here`;

/** What is known of it, from what, and what was known before. */
export const taughtWords = (v: Taught): string =>
  `${factorWords(v.kind, v.factor)}, ±${Math.round(v.plusMinusPct)} %, ${v.from.length === 0 ? "its pots left out" : fromWords(v.kind, v.from.length)}${v.isFrozen ? ", kept as it was" : ""}; before: usual, ±${Math.round(v.beforePlusMinusPct)} %`;

const othersWords = (kind: TaughtKind, count: number): string =>
  kind === "work"
    ? "what other work takes here"
    : `${count === 1 ? "another pot" : `${count} other pots`} of this kitchen`;

function hereWords(kind: TaughtKind, here: FactorHere, sigma: number): string {
  const { mean, sd, pots, otherPots } = here;
  const from = pots > 0 ? fromWords(kind, pots) : `by ${othersWords(kind, otherPots)}`;
  return `${factorWords(kind, Math.exp(mean))}: ${from}, ±${Math.round(plusMinus(sd))} %; before: usual, ±${Math.round(plusMinus(sigma))} %.`;
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
export const steamHereWords = (plan: Plan, kitchen: Kitchen): readonly string[] => [
  ...new Set(heatsOf(plan).flatMap((heat) => steamHereOn({ ...plan, heat }, kitchen) ?? [])),
];

/** How long a kind of work takes here as it was learned; null where nothing is known of it. */
export function workHereWords(kind: string, kitchen: Kitchen): string | null {
  const here = workHere(kitchen, kind);
  return here === null ? null : `${workWords(kind)} ${hereWords("work", here, WORK_SIGMA.value)}`;
}

/** The same of the ring under its pot. */
export function ringHereWords(plan: Plan, kitchen: Kitchen): readonly string[] {
  const here = ringHere(kitchen, plan);
  return here === null
    ? []
    : [`${thingWords("ring", plan, kitchen)}: ${hereWords("ring", here, SPREAD.efficiency.value)}`];
}
