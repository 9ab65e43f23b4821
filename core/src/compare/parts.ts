import { findVessel, resolve } from "../simulate/set-pot";

import type { StretchHeat } from "../heats/heat-schema";
import { hasLid, isInOven, lidOf } from "../heats/heat";
import type { Kitchen } from "../simulate/kitchen-schema";
import { usesRing } from "../simulate/learned";
import type { HeatStretch, Plan, PlanItem } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";
import type { CookedPot } from "./as-cooked";

/** What can be otherwise about a pot, each of it taken by itself. */
export const PART_KINDS = [
  "goesIn",
  "water",
  "vessel",
  "ring",
  "heat",
  "vigour",
  "lid",
  "time",
  "gaps",
  "place",
  "sieve",
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** One thing, or several that only go together, that is otherwise: `take` gives a pot what the other has of it. */
export interface Part {
  readonly kinds: readonly PartKind[];
  readonly take: (pot: CookedPot, from: CookedPot) => CookedPot;
}

interface Kind {
  /** What is compared of it. */
  readonly of: (pot: CookedPot) => unknown;
  readonly take: Part["take"];
}

/** What is in the pot, without what it is called by, and how it was counted or labelled in the larder. */
const substance = ({ id: _i, counted: _c, fromLotId: _l, fromPlanId: _p, ...item }: PlanItem) =>
  item;

/** Of a heat what is neither vigour nor lid. */
function bareHeat(heat: StretchHeat): unknown {
  const { vigour: _v, lid: _l, ...rest } = { vigour: null, lid: null, ...heat };
  return rest;
}

const vigourOf = (heat: StretchHeat) => ("vigour" in heat ? heat.vigour : null);

/** A plan with each stretch changed by the other's in its place. */
function inEach(
  plan: Plan,
  from: Plan,
  change: <H extends StretchHeat>(heat: H, other: StretchHeat) => H,
): Plan {
  return {
    ...plan,
    heat: change(plan.heat, from.heat),
    then: plan.then.map((s, i): HeatStretch => {
      const other = from.then[i]?.heat;
      return other === undefined ? s : { ...s, heat: change(s.heat, other) };
    }),
  };
}

/** One of a list takes the place of the one of the same id. */
const among = <T extends { readonly id: string }>(list: readonly T[], one: T | undefined): T[] =>
  one === undefined ? [...list] : [...list.filter((x) => x.id !== one.id), one];

const vesselIn = ({ plan, kitchen }: CookedPot) => findVessel(plan, kitchen);
const ringIn = ({ plan, kitchen }: CookedPot) => kitchen.rings.find((r) => r.id === plan.ringId);
const ovensIn = ({ plan, kitchen }: CookedPot) =>
  stretchesOf(plan).map(({ heat }) =>
    isInOven(heat) ? kitchen.ovens.find((o) => o.id === heat.ovenId) : null,
  );

const withKitchen = (pot: CookedPot, kitchen: Partial<Kitchen>, plan: Partial<Plan> = {}) => ({
  ...pot,
  plan: { ...pot.plan, ...plan },
  kitchen: { ...pot.kitchen, ...kitchen },
});

const KINDS: Readonly<Record<PartKind, Kind>> = {
  goesIn: {
    of: ({ plan }) => [plan.items.map(substance), plan.pieceM],
    take: (pot, { plan: { items, pieceM, ruledBy } }) => {
      const { ruledBy: _, ...plan } = pot.plan;
      return {
        ...pot,
        plan: { ...plan, items, pieceM, ...(ruledBy === undefined ? {} : { ruledBy }) },
      };
    },
  },
  water: {
    of: ({ plan, course }) => [plan.water, course.happenings],
    take: (pot, { plan: { water }, course: { happenings } }) => ({
      ...pot,
      plan: { ...pot.plan, water },
      course: { ...pot.course, happenings },
    }),
  },
  vessel: {
    of: (pot) => vesselIn(pot),
    take: (pot, from) =>
      withKitchen(
        pot,
        { vessels: among(pot.kitchen.vessels, vesselIn(from)) },
        { vesselId: from.plan.vesselId },
      ),
  },
  ring: {
    of: (pot) => (usesRing(resolve(pot.plan, pot.kitchen)) ? ringIn(pot) : null),
    take: (pot, from) =>
      withKitchen(
        pot,
        { rings: among(pot.kitchen.rings, ringIn(from)) },
        { ringId: from.plan.ringId },
      ),
  },
  heat: {
    of: (pot) => [
      stretchesOf(pot.plan).map(({ heat }) => bareHeat(heat)),
      pot.plan.then.map((s) => s.isStrained === true),
      ovensIn(pot),
    ],
    take: (pot, from) => {
      // Vigour and lid, and how long, are parts of their own.
      const plan: Plan = {
        ...pot.plan,
        heat: from.plan.heat,
        then: from.plan.then.map((s, i) => ({ ...s, stop: pot.plan.then[i]?.stop ?? s.stop })),
      };
      const kept = inEach(inEach(plan, pot.plan, withVigour), pot.plan, withLid);
      return withKitchen(pot, { ovens: from.kitchen.ovens }, kept);
    },
  },
  vigour: {
    of: ({ plan }) => stretchesOf(plan).map(({ heat }) => vigourOf(heat)),
    take: (pot, from) => ({ ...pot, plan: inEach(pot.plan, from.plan, withVigour) }),
  },
  lid: {
    of: ({ plan }) => stretchesOf(plan).map(({ heat }) => lidOf(heat)),
    take: (pot, from) => ({ ...pot, plan: inEach(pot.plan, from.plan, withLid) }),
  },
  time: {
    of: ({ plan }) => stretchesOf(plan).map(({ stop }) => stop),
    take: (pot, { plan: { stop, then } }) => ({
      ...pot,
      plan: {
        ...pot.plan,
        stop,
        then: pot.plan.then.map((s, i) => ({ ...s, stop: then[i]?.stop ?? s.stop })),
      },
    }),
  },
  gaps: {
    of: ({ course }) => course.gaps,
    take: (pot, { course: { gaps } }) => ({ ...pot, course: { ...pot.course, gaps } }),
  },
  place: {
    of: ({ kitchen: { altitudeM, waterC, roomC } }) => [altitudeM, waterC, roomC],
    take: (pot, { kitchen: { altitudeM, waterC, roomC } }) =>
      withKitchen(pot, { altitudeM, waterC, roomC }),
  },
  sieve: {
    of: ({ plan: { strain, fat, end }, leftL }) => [strain, fat, end, leftL],
    take: (pot, { plan: { strain, fat, end }, leftL }) => ({
      ...pot,
      plan: { ...pot.plan, strain, fat, end },
      leftL,
    }),
  },
};

function withVigour<H extends StretchHeat>(heat: H, other: StretchHeat): H {
  const vigour = vigourOf(other);
  return vigour === null || !("vigour" in heat) ? heat : { ...heat, vigour };
}

function withLid<H extends StretchHeat>(heat: H, other: StretchHeat): H {
  const lid = lidOf(other);
  return lid === null || !hasLid(heat) ? heat : { ...heat, lid };
}

/** On the same heats in the same order: then each stretch can be held against the other's in its place. */
const isSameShape = (a: CookedPot, b: CookedPot): boolean =>
  JSON.stringify(stretchesOf(a.plan).map((s) => s.heat.method)) ===
  JSON.stringify(stretchesOf(b.plan).map((s) => s.heat.method));

const movesWithStretch = ({ plan }: CookedPot): boolean =>
  plan.items.some(
    ({ when, out }) =>
      when.at === "stretch" || out?.when.at === "stretch" || out?.backAt !== undefined,
  );

/** What goes only together where the heats are others: a pot fits its heat, and is on it for so long. */
export const OF_HEAT: readonly PartKind[] = ["vessel", "ring", "heat", "vigour", "lid", "time"];

const whole = (kinds: readonly PartKind[]): Part => ({
  kinds,
  take: (pot, from) => {
    // All heats with all that is set on them, whatever their number.
    const taken = kinds
      .filter((k) => k !== "heat" && k !== "vigour" && k !== "lid" && k !== "time")
      .reduce((p, kind) => KINDS[kind].take(p, from), pot);
    if (!kinds.includes("heat")) return taken;
    const { heat, stop, then } = from.plan;
    return withKitchen(taken, { ovens: from.kitchen.ovens }, { heat, stop, then });
  },
});

/** What is otherwise about the second pot against the first, part by part, in the order of the work. */
export function partsBetween(a: CookedPot, b: CookedPot): readonly Part[] {
  const differs = (kind: PartKind) =>
    JSON.stringify(KINDS[kind].of(a)) !== JSON.stringify(KINDS[kind].of(b));
  const single = (kind: PartKind): readonly Part[] =>
    differs(kind) ? [{ kinds: [kind], take: KINDS[kind].take }] : [];
  if (isSameShape(a, b)) return PART_KINDS.flatMap(single);
  const joined: readonly PartKind[] =
    movesWithStretch(a) || movesWithStretch(b) ? ["goesIn", ...OF_HEAT] : OF_HEAT;
  return PART_KINDS.flatMap((kind): readonly Part[] =>
    !joined.includes(kind) ? single(kind) : kind === joined[0] ? [whole(joined)] : [],
  );
}

/** All that is otherwise as one part: where it cannot be taken apart. */
export const asOnePart = (parts: readonly Part[]): Part => ({
  kinds: parts.flatMap((p) => p.kinds),
  take: (_, from) => from,
});
