import { resolve } from "../simulate/set-pot";
import type { StretchHeat } from "../heats/heat-schema";
import { hasLid, isInOven, isOnRing, stretchOf } from "../heats/heat";
import { LID_WORDS, COVER_WORDS, VIGOUR_WORDS } from "../heat/heat-words";
import { nameOf } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { stretchesOf, type PlannedStretch } from "../simulate/stretches";
import { waterL } from "../simulate/stated-water";
import { showDuration } from "../units/show";
import { aboutC, kilos, litres, metres, say, sayAll, type Measure, type Said } from "../units/said";
import { groupedBy } from "../units/grouped";
import { outcomeOf } from "../units/problem";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { called } from "../vessel/called";
import type { CookedPot } from "./as-cooked";
import { OF_HEAT, type PartKind } from "./parts";

/** What was otherwise in some parts, first pot to second: "4.6 L → 5.0 L"; empty where only names differ. */
export const sayPart = (kinds: readonly PartKind[], a: CookedPot, b: CookedPot): readonly Said[] =>
  kinds.length === 1 || !kinds.includes("heat")
    ? kinds.flatMap((kind) => SAY[kind](a, b))
    : [
        // On other heats the heat of each is said as a whole.
        ...kinds
          .filter((kind) => !OF_HEAT.includes(kind))
          .flatMap((kind) =>
            SAY[kind](a, b).map((said) => (kind === "water" ? say`water ${said}` : said)),
          ),
        arrow(heatsSaid(a), heatsSaid(b)),
      ];

const arrow = (from: Said, to: Said): Said => say`${from} → ${to}`;
const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
/** Two amounts and what lies between: in a coarse measure both may read alike. */
const amounts = (was: number, is: number, as: (value: number) => Measure): Said =>
  say`${as(was)} → ${as(is)}, ${as(Math.abs(is - was))} ${is < was ? "less" : "more"}`;
/** One line where the two are not said alike. */
const turned = (from: Said, to: Said): readonly Said[] =>
  isSame(from, to) ? [] : [arrow(from, to)];

const SAY: Readonly<Record<PartKind, (a: CookedPot, b: CookedPot) => readonly Said[]>> = {
  goesIn: saidGoesIn,
  water: (a, b) => {
    const [was, is] = [pouredL(a), pouredL(b)];
    const [waterWas, waterIs] = [
      waterL(resolve(a.plan, a.kitchen)),
      waterL(resolve(b.plan, b.kitchen)),
    ];
    const isOften = a.course.happenings.length + b.course.happenings.length > 0;
    return [
      ...(Math.abs(waterIs - waterWas) > 0.004 ? [amounts(waterWas, waterIs, litres)] : []),
      ...(isOften && Math.abs(is - was) > 0.004
        ? [say`on the way ${pouredSaid(was)} → ${pouredSaid(is)}`]
        : []),
    ];
  },
  vessel: (a, b) => {
    const lines = turned(vesselName(a), vesselName(b));
    return lines.length > 0 ? lines : [`${vesselName(b)}, measured anew`];
  },
  ring: (a, b) => {
    const lines = turned(ringName(a), ringName(b));
    return lines.length > 0 ? lines : [`${ringName(b)}, another strength`];
  },
  heat: (a, b) => {
    const heats = ({ plan }: CookedPot) =>
      sayAll(
        stretchesOf(plan).map(({ heat }) => heatSaid(heat)),
        ", then ",
      );
    return turned(heats(a), heats(b));
  },
  vigour: (a, b) =>
    inStretches(a, b, (heat) => ("vigour" in heat ? VIGOUR_WORDS[heat.vigour] : null)),
  lid: (a, b) => inStretches(a, b, lidSaid),
  time: (a, b) => {
    const times = ({ plan }: CookedPot) =>
      stretchesOf(plan)
        .map(({ stop }) => (stop.by === "time" ? showDuration(stop.holdMin) : "until it was done"))
        .join(" + ");
    return turned(times(a), times(b));
  },
  gaps: (a, b) => [
    ...turned(gapSaid(a, "heat"), gapSaid(b, "heat")),
    ...turned(gapSaid(a, "lid"), gapSaid(b, "lid")),
  ],
  place: ({ kitchen: a }, { kitchen: b }) => [
    ...(a.altitudeM === b.altitudeM
      ? []
      : [say`altitude ${metres(a.altitudeM)} → ${metres(b.altitudeM)}`]),
    ...(a.waterC === b.waterC ? [] : [say`tap water ${aboutC(a.waterC)} → ${aboutC(b.waterC)}`]),
    ...(a.roomC === b.roomC ? [] : [say`kitchen ${aboutC(a.roomC)} → ${aboutC(b.roomC)}`]),
  ],
  sieve: (a, b) => [
    ...turned(sieveSaid(a), sieveSaid(b)),
    ...turned(FAT_WORDS[a.plan.fat], FAT_WORDS[b.plan.fat]),
    ...(Math.abs(a.leftL - b.leftL) > 0.004
      ? [say`left in the pot ${litres(a.leftL)} → ${litres(b.leftL)}`]
      : []),
  ],
};

/** A line for each stretch in which it is otherwise. */
function inStretches(
  a: CookedPot,
  b: CookedPot,
  saidOf: (heat: StretchHeat) => string | null,
): readonly Said[] {
  const others = stretchesOf(b.plan);
  return stretchesOf(a.plan).flatMap(({ heat }, i): readonly Said[] => {
    const other = others[i]?.heat;
    const was = saidOf(heat);
    const is = other === undefined ? null : saidOf(other);
    return was === null || is === null ? [] : turned(was, is);
  });
}

const lidSaid = (heat: StretchHeat): string | null =>
  hasLid(heat) ? (isInOven(heat) ? COVER_WORDS : LID_WORDS)[heat.lid] : null;

const pouredL = ({ course }: CookedPot): number =>
  course.happenings.reduce(
    (sum, h) => sum + (h.does === "ladle" ? -h.kg : "kg" in h ? h.kg : 0),
    0,
  ) / COLD_DENSITY_KG_L;
const pouredSaid = (volumeL: number): Said =>
  Math.abs(volumeL) < 0.005
    ? "nothing"
    : volumeL > 0
      ? say`${litres(volumeL)} in`
      : say`${litres(-volumeL)} out`;

const vesselName = (pot: CookedPot): string => {
  const vessel = outcomeOf(() => vesselOf(resolve(pot.plan, pot.kitchen)));
  return vessel.ok ? vessel.value.name : "a pot that is gone";
};
const ringName = ({ plan, kitchen }: CookedPot): string =>
  kitchen.rings.find((r) => r.id === plan.ringId)?.name ?? "a ring that is gone";

const heatSaid = (heat: StretchHeat): Said => stretchOf(heat).set(heat);

/** A stretch of the heat as it is set: "gentle simmer, lid ajar", "oven at 150 °C, covered". */
export function stretchSaid({ heat }: Pick<PlannedStretch, "heat">): Said {
  const lid = lidSaid(heat);
  const how = isOnRing(heat) ? VIGOUR_WORDS[heat.vigour] : heatSaid(heat);
  return lid === null ? how : say`${how}, ${lid}`;
}

/** All heats of a pot with how long each, and in what. */
const heatsSaid = (pot: CookedPot): Said =>
  say`${called(vesselName(pot))}: ${sayAll(
    stretchesOf(pot.plan).map(({ heat, stop }) =>
      stop.by === "time" ? say`${heatSaid(heat)} ${showDuration(stop.holdMin)}` : heatSaid(heat),
    ),
    ", then ",
  )}`;

function gapSaid({ course }: CookedPot, what: "heat" | "lid"): string {
  const min = course.gaps
    .filter((g) => g.what === what)
    .reduce((sum, g) => sum + g.toMin - g.fromMin, 0);
  const name = what === "heat" ? "without heat" : "open";
  return min < 0.5 ? `never ${name}` : `${showDuration(min)} ${name}`;
}

const FAT_WORDS = {
  keep: "fat left in",
  skimHot: "fat skimmed hot",
  liftCold: "fat lifted cold",
} as const;
const sieveSaid = ({ plan: { strain, end } }: CookedPot): string =>
  end === "served"
    ? "served as it is"
    : [
        strain.pressed ? "pressed" : "not pressed",
        ...(strain.clothPasses > 0
          ? [
              strain.clothPasses === 1
                ? "through a cloth"
                : `through a cloth ${strain.clothPasses} times`,
            ]
          : []),
      ].join(", ");

/** What goes in, by name: its weight, what is done to it, its size and when. */
function saidGoesIn(a: CookedPot, b: CookedPot): readonly Said[] {
  const of = ({ plan }: CookedPot) => groupedBy(plan.items, nameOf);
  const [was, is] = [of(a), of(b)];
  return [
    ...[...new Set([...was.keys(), ...is.keys()])].flatMap((name): readonly Said[] => {
      const [old, now] = [was.get(name), is.get(name)];
      if (old === undefined) return [say`with ${name.toLowerCase()}, ${kilos(weighed(now))}`];
      if (now === undefined) return [say`without ${name.toLowerCase()} (${kilos(weighed(old))})`];
      return changed(name, old, now);
    }),
    ...(a.plan.pieceM === b.plan.pieceM
      ? []
      : [say`cut ${metres(a.plan.pieceM)} → ${metres(b.plan.pieceM)}`]),
  ];
}

const weighed = (items: readonly PlanItem[] | undefined): number =>
  (items ?? []).reduce((sum, i) => sum + i.massKg, 0);

const STATE_WORDS = {
  raw: "raw",
  blanched: "blanched",
  roasted: "roasted",
  usedBefore: "used before",
};

/** Less than this is the same weight, kg. */
const SAME_KG = 5e-4;

function changed(
  name: string,
  old: readonly PlanItem[],
  now: readonly PlanItem[],
): readonly Said[] {
  const [was, is] = [weighed(old), weighed(now)];
  const states = (items: readonly PlanItem[]) =>
    [...new Set(items.map((i) => `${i.frozen ? "frozen, " : ""}${STATE_WORDS[i.boneState]}`))].join(
      " and ",
    );
  const whenOf = (items: readonly PlanItem[]) => items.map((i) => [i.when, i.out]);
  const workOf = (items: readonly PlanItem[]) => items.map((i) => [i.work, i.boiledMin, i.hotC]);
  const cutOf = (items: readonly PlanItem[]) => items.map((i) => i.piece);
  return [
    ...(Math.abs(is - was) < SAME_KG ? [] : [say`${name} ${amounts(was, is, kilos)}`]),
    ...(states(old) === states(now) ? [] : [`${name} ${states(old)} → ${states(now)}`]),
    ...(isSame(whenOf(old), whenOf(now)) ? [] : [`${name} in or out at another time`]),
    ...(isSame(workOf(old), workOf(now)) ? [] : [`${name} prepared otherwise`]),
    ...(isSame(cutOf(old), cutOf(now)) ? [] : [`${name} in pieces of another size`]),
  ];
}
