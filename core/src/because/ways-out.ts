import { resolve, type SetPot } from "../simulate/set-pot";
import { HOLD_MIN } from "../units/limits";
import { capital } from "../units/capital";
import {
  METHODS,
  hasLid,
  heatOf,
  isInOven,
  isOnRing,
  isRest,
  isSealed,
  isSlow,
} from "../heats/heat";
import { scaled } from "../dish/scale";
import { VIGOURS } from "../heat/constants";
import { contentsL, usualHeat, vesselFor } from "../convert/targets";
import { nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import { turnsOf } from "../schedule/turns";
import { suitsPlan } from "../simulate/references";
import { onlyFirst, withoutStretch } from "../simulate/without-stretch";
import { NO_SPREAD } from "../simulate/spread";
import { outcomeOf, type Outcome } from "../units/problem";
import { litres, ovenC, say, type Said } from "../units/said";
import { showDuration } from "../units/show";
import { answersFor, type Answers } from "./answers";
import { standIn } from "./stand-in";

/** What keeps a plan from being put on. */
export interface Fault {
  readonly id: string;
  readonly said: Said;
}

/** A change that takes the fault away, worked out: with it the plan can be put on. */
export interface WayOut {
  readonly id: string;
  readonly said: Said;
  readonly plan: Plan;
}

/** What stands in the way: it cannot be worked out, does not come to its end, or is refused as unsafe. */
export function faultOf(outcome: Outcome<Answers>): Fault | null {
  if (!outcome.ok) return { id: outcome.problem.code, said: outcome.problem.said };
  const { trace, cautions } = outcome.value;
  const refused = cautions.find((c) => c.refuses === true);
  if (refused !== undefined)
    return { id: refused.id, said: say`${refused.title}. ${refused.text}` };
  return trace.problem === null ? null : { id: trace.problem.code, said: trace.problem.said };
}

interface Try {
  readonly id: string;
  readonly said: Said;
  readonly plan: Plan;
}

/** More than a handful of buttons nobody reads. */
const MOST_WAYS = 7;
const MOST_ALIKE: Readonly<Record<string, number>> = { pot: 2, ring: 2, without: 2 };
const SHARES = [0.75, 0.5, 0.35, 0.25, 0.15];

/** Changes of one kind, the least first: the first that works is offered. */
function tries(setPot: SetPot, now: Answers | null): readonly Try[] {
  const { plan } = setPot;
  return [
    ...otherPots(setPot),
    ...lessWater(plan, now),
    ...moreWater(plan, now),
    ...otherRings(setPot),
    ...lids(plan),
    ...laterLids(plan),
    ...fewerStretches(plan),
    ...ovens(setPot),
    ...crock(plan),
    ...vigours(plan),
    ...times(plan),
    ...moments(plan),
    ...otherHeats(setPot),
    ...smaller(plan),
    ...takenOut(plan),
  ];
}

const otherPots = ({ plan, kitchen }: SetPot): readonly Try[] =>
  kitchen.vessels
    .filter((v) => v.id !== plan.vesselId && suitsPlan(v, plan))
    .map((v) => ({
      id: "pot",
      said: `In the ${v.name.toLowerCase()}`,
      plan: { ...plan, vesselId: v.id },
    }));

const otherRings = ({ plan, kitchen }: SetPot): readonly Try[] =>
  kitchen.rings
    .filter((r) => r.id !== plan.ringId)
    .map((r) => ({
      id: "ring",
      said: `On the ${r.name.toLowerCase()}`,
      plan: { ...plan, ringId: r.id },
    }));

const withWater = (id: string, plan: Plan, volumeL: number): Try => ({
  id,
  said: say`${id === "lessWater" ? "Only " : ""}${litres(volumeL)} of water`,
  plan: { ...plan, water: { by: "amount", volumeL } },
});

function lessWater(plan: Plan, now: Answers | null): readonly Try[] {
  if (now === null || now.waterL <= 0) return [];
  const room = now.waterL + Math.min(0, now.fit.roomL);
  return [room, ...SHARES.map((s) => now.waterL * s)]
    .map((l) => Math.floor(l * 20) / 20)
    .filter((l) => l >= 0.1 && l < now.waterL)
    .toSorted((a, b) => b - a)
    .map((l) => withWater("lessWater", plan, l));
}

const MORE = [1.15, 1.3, 1.5, 1.75, 2, 2.5, 3, 4];
function moreWater(plan: Plan, now: Answers | null): readonly Try[] {
  const fromL = Math.max(0.25, now?.waterL ?? 0.25);
  return MORE.map((by) => Math.ceil(fromL * by * 20) / 20).map((l) =>
    withWater("moreWater", plan, l),
  );
}

function lids(plan: Plan): readonly Try[] {
  const { heat } = plan;
  if (!hasLid(heat)) return [];
  return (["ajar", "on", "off"] as const)
    .filter((lid) => lid !== heat.lid)
    .map((lid) => ({
      id: "lid",
      said: lid === "ajar" ? "With the lid ajar" : `With the lid ${lid}`,
      plan: { ...plan, heat: { ...heat, lid } },
    }));
}

/** What boils down in a later stretch does so with the lid off. */
const laterLids = (plan: Plan): readonly Try[] =>
  plan.then.flatMap((stretch): Try[] => {
    const { heat } = stretch;
    if (isRest(heat) || !hasLid(heat) || heat.lid === "off") return [];
    const open = { ...stretch, heat: { ...heat, lid: "off" as const } };
    return [
      {
        id: "laterLid",
        said: "Boil it down with the lid off",
        plan: { ...plan, then: plan.then.map((s) => (s === stretch ? open : s)) },
      },
    ];
  });

const fewerStretches = (plan: Plan): readonly Try[] =>
  turnsOf(plan).map(({ stretchId, title }) => ({
    id: "fewer",
    said: `Without “${title.toLowerCase()}”`,
    plan: withoutStretch(plan, stretchId),
  }));

function ovens({ plan, kitchen }: SetPot): readonly Try[] {
  const { heat } = plan;
  if (!isInOven(heat)) return [];
  const own = kitchen.ovens.find((o) => o.id === heat.ovenId);
  const others = kitchen.ovens.filter((o) => o.id !== heat.ovenId);
  const degrees =
    own === undefined
      ? []
      : [own.maxC, 150, 170, 200, 130].filter((c) => c !== heat.ovenC && c <= own.maxC);
  return [
    ...others.map((o) => ({
      id: "oven",
      said: `In the ${o.name.toLowerCase()}`,
      plan: { ...plan, heat: { ...heat, ovenId: o.id } },
    })),
    ...degrees.map((c) => ({
      id: "degrees",
      said: say`At ${ovenC(c)}`,
      plan: { ...plan, heat: { ...heat, ovenC: c } },
    })),
  ];
}

function crock(plan: Plan): readonly Try[] {
  const { heat } = plan;
  if (isSealed(heat))
    return [
      {
        id: "setting",
        said: `At ${heat.setting === "low" ? "high" : "low"} pressure`,
        plan: { ...plan, heat: { ...heat, setting: heat.setting === "low" ? "high" : "low" } },
      },
    ];
  if (!isSlow(heat)) return [];
  return [
    {
      id: "hot",
      said: "Begin with boiling water",
      plan: { ...plan, heat: { ...heat, start: "hot" } },
    },
    {
      id: "high",
      said: "HIGH for the first 2 h",
      plan: { ...plan, heat: { ...heat, highFirstMin: 120 } },
    },
    {
      id: "hotHigh",
      said: "Boiling water, and HIGH throughout",
      plan: { ...plan, heat: { ...heat, start: "hot", setting: "high" } },
    },
    {
      id: "noWarm",
      said: "Without keeping it on WARM",
      plan: { ...plan, heat: { ...heat, warmMin: 0 } },
    },
  ];
}

function vigours(plan: Plan): readonly Try[] {
  const { heat } = plan;
  if (!isOnRing(heat)) return [];
  return VIGOURS.filter((v) => v !== heat.vigour).map((vigour) => ({
    id: "vigour",
    said: vigour === "rolling" ? "At a rolling boil" : `At a ${vigour} simmer`,
    plan: { ...plan, heat: { ...heat, vigour } },
  }));
}

function times(plan: Plan): readonly Try[] {
  const { stop } = plan;
  const mins =
    stop.by === "time"
      ? [0.75, 0.5, 0.3, 0.15, 1.5, 2, 3].map((by) => stop.holdMin * by)
      : [120, 60, 240];
  return mins
    .map((m) => Math.max(5, Math.round(m / 5) * 5))
    .filter((m) => m <= HOLD_MIN.most)
    .map((holdMin) => ({
      id: "time",
      said: `${showDuration(holdMin)} by the clock`,
      plan: { ...plan, stop: { by: "time" as const, holdMin } },
    }));
}

/** The same on another heat, until tender: a time of one heat says nothing on another. */
const otherHeats = (setPot: SetPot): readonly Try[] =>
  METHODS.filter((method) => method !== setPot.plan.heat.method).flatMap((method): Try[] => {
    const heat = usualHeat(method, setPot.kitchen);
    const vessel = vesselFor(method, setPot.kitchen, contentsL(setPot), setPot.plan.vesselId);
    if (heat === null || vessel === null) return [];
    return [
      {
        id: "heat",
        said: `${capital(heatOf(heat).where(heat))} until tender, in the ${vessel.name.toLowerCase()}`,
        plan: { ...onlyFirst(setPot.plan), heat, vesselId: vessel.id, stop: { by: "tender" } },
      },
    ];
  });

const moments = (plan: Plan): readonly Try[] =>
  plan.items.some((i) => i.when.at !== "start")
    ? [
        {
          id: "moments",
          said: "All of it in at the start",
          plan: {
            ...plan,
            items: plan.items.map((i) => ({ ...i, when: { at: "start" as const } })),
          },
        },
      ]
    : [];

const smaller = (plan: Plan): readonly Try[] =>
  SHARES.flatMap((share): Try[] => {
    const outcome = outcomeOf(() => scaled(plan, share));
    if (!outcome.ok) return [];
    const people = plan.serves === null ? null : Math.floor(plan.serves.people * share);
    if (people !== null && people < 1) return [];
    return [
      {
        id: "smaller",
        said: people === null ? `${Math.round(share * 100)} % of it` : `Make it for ${people}`,
        plan:
          people === null || plan.serves === null
            ? outcome.value
            : { ...outcome.value, serves: { ...plan.serves, people } },
      },
    ];
  });

const takenOut = (plan: Plan): readonly Try[] =>
  plan.items.length < 2
    ? []
    : [...plan.items]
        .toSorted((a, b) => b.massKg - a.massKg)
        .slice(0, 4)
        .map((item) => ({
          id: "without",
          said: `Without the ${nameOf(item).toLowerCase()}`,
          plan: { ...plan, items: plan.items.filter((i) => i.id !== item.id) },
        }));

/** Dangers of a plan, by id. */
const dangersOf = ({ cautions }: Answers): ReadonlySet<string> =>
  new Set(cautions.filter((c) => c.severity === "danger").map((c) => c.id));

/**
 * The ways out of what keeps a plan from being put on, each worked out in this kitchen: only what really
 * takes the fault away and brings no other danger is offered, the least change of its kind.
 */
export function waysOut(
  setPot: SetPot,
  hourOf: (ms: number | null) => number | null,
): readonly WayOut[] {
  const { plan, kitchen } = setPot;
  const outcome = answersFor(setPot, hourOf, NO_SPREAD);
  if (faultOf(outcome) === null) return [];
  const drawn = outcome.ok ? { plan, answers: outcome.value } : standIn(setPot, hourOf);
  const already = drawn === null ? new Set<string>() : dangersOf(drawn.answers);
  const works = (tried: Plan): boolean => {
    const tries = answersFor(resolve(tried, kitchen), hourOf, NO_SPREAD);
    return (
      tries.ok &&
      faultOf(tries) === null &&
      [...dangersOf(tries.value)].every((d) => already.has(d))
    );
  };
  const found = least(tries(setPot, outcome.ok ? outcome.value : null), works);
  if (found.length > 0 || outcome.ok || drawn === null) return found;
  // One change is not enough: those that lead on from what is drawn meanwhile.
  if (works(drawn.plan)) return [{ id: "drawn", said: "As it is drawn", plan: drawn.plan }];
  return least(tries(resolve(drawn.plan, kitchen), drawn.answers), works).map((way) => ({
    ...way,
    said: say`As it is drawn, and: ${way.said}`,
  }));
}

/** Of each kind the least change that works, up to a handful in all. */
function least(all: readonly Try[], works: (plan: Plan) => boolean): readonly WayOut[] {
  const found: WayOut[] = [];
  for (const way of all) {
    if (found.length >= MOST_WAYS) break;
    if (found.filter((f) => f.id === way.id).length >= (MOST_ALIKE[way.id] ?? 1)) continue;
    if (works(way.plan)) found.push(way);
  }
  return found;
}
