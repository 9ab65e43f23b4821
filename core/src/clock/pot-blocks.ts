import { asPlanned } from "../simulate/as-planned";
import type { SetPot } from "../simulate/set-pot";

import type { Heat } from "../heats/heat-schema";
import { heatOf, isInOven, isSlow } from "../heats/heat";
import { POT_TIMES } from "../schedule/pot-times";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { lastHeat } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { contentsKg, fireBlock } from "./fire-block";
import { besideOf, type Beside } from "../dish/accompaniments";
import { KEEPS_MIN } from "./keeps";
import { about } from "./minutes";
import { reheatBlock, reheatPots } from "./reheat";
import type { Vessel } from "../vessel/vessel-schema";
import { fillBlock, prepOf } from "./prep-blocks";
import { blockOf, taskOf, type Block } from "./task";

/** Cold litres in a pot at a moment of its block. */
export interface Level {
  readonly min: number;
  readonly volumeL: number;
}

/** A plan's work as blocks on the clock, in the order of the pot. */
export interface PotBlocks {
  readonly planId: string;
  readonly name: string;
  readonly blocks: readonly Block[];
  /** The block on the heat. */
  readonly fireId: string;
  /** The last of it: portions, or the fire where it is served. */
  readonly lastId: string;
  /** What goes to the table: the pot on its heat, or what was cooked ahead once it is hot again. */
  readonly servedId: string;
  /** Pots that it could be made hot again in. */
  readonly reheatIn: readonly Vessel[];
  /** Hot again for the table, where it is cooked ahead and a pot on a ring holds it. */
  readonly reheat: Block | null;
  /** How its liquid falls: cold litres by minutes from the beginning of the block on the heat. */
  readonly levels: readonly Level[];
  /** How long it may wait hot for the table, min. */
  readonly keepsHotMin: number;
  /** How it waits. */
  readonly keepsHotHow: string;
  /** What is served beside it. */
  readonly sides: readonly Beside[];
  /** Litres that it makes, for the sentence. */
  readonly litres: number;
}

const keepsHotMin = (heat: Heat): number =>
  isSlow(heat)
    ? Math.max(KEEPS_MIN.warm.value, heat.warmMin)
    : isInOven(heat)
      ? KEEPS_MIN.warm.value
      : KEEPS_MIN.hot.value;

/** Pots worked out a moment ago, by their plans: a remedy changes one of them, or only the hands. */
const worked = new WeakMap<Plan, readonly { kitchen: Kitchen; how: How; pot: PotBlocks }[]>();
/** What the clock says of a pot beside its plan. */
interface How {
  /** On in the evening, ready in the morning. */
  readonly isOvernight: boolean;
  /** Chilled, and hot again for its meal another day: in which pot, where that was said. */
  readonly ahead: { readonly vesselId?: string | undefined } | null;
}
const KEPT = 3;
/** What of a kitchen a pot's blocks are worked out from. */
const MATTERS: readonly (keyof Kitchen)[] = [
  "vessels",
  "rings",
  "ovens",
  "containers",
  "runsAlone",
  "altitudeM",
  "waterC",
  "roomC",
  "coolingCode",
  "ownCode",
];
const isSame = (a: Kitchen, b: Kitchen): boolean =>
  a === b || MATTERS.every((key) => a[key] === b[key]);

/**
 * The blocks of a plan: thawing and soaking, cutting, what is done at the stove, the pot itself, the sieve,
 * the bath, portions. Minutes from the simulation of the plan in this kitchen and from its work.
 * @throws Problem as simulate does
 */
export function potBlocks(
  setPot: SetPot,
  { isOvernight = false, ahead = null }: Partial<How> = {},
): PotBlocks {
  const { plan, kitchen } = setPot;
  const known = worked.get(plan) ?? [];
  const found = known.find(
    ({ how, ...w }) =>
      how.isOvernight === isOvernight &&
      (how.ahead === null) === (ahead === null) &&
      how.ahead?.vesselId === ahead?.vesselId &&
      isSame(w.kitchen, kitchen),
  );
  if (found !== undefined) return found.pot;
  const how = { isOvernight, ahead };
  const pot = workOut(setPot, how);
  worked.set(plan, [{ kitchen, how, pot }, ...known].slice(0, KEPT));
  return pot;
}

function workOut(setPot: SetPot, { isOvernight, ahead }: How): PotBlocks {
  const { plan, kitchen } = setPot;
  const { trace, waterKg } = asPlanned(setPot);
  if (trace.problem !== null) throw trace.problem;
  const preps = prepOf(setPot);
  const fill = fillBlock(plan, preps);
  const fireId = `${plan.id}/fire`;
  const reheat =
    ahead === null ? null : reheatBlock(setPot, keptKg(plan, trace), fireId, ahead.vesselId);
  const fire: Block = {
    ...fireBlock(setPot, trace, waterKg, isOvernight, reheat !== null),
    after: [{ blockId: fill.id, from: "end", leastMin: 0, mostMin: KEEPS_MIN.filled.value }],
  };
  const portion =
    plan.end === "strained" && reheat === null
      ? [portionBlock(plan, fireId, trace.strained.volumeL)]
      : [];
  const heat = reheat === null ? lastHeat(plan) : ON_A_RING;
  return {
    planId: plan.id,
    name: plan.name,
    blocks: [
      ...preps.map((p) => p.block),
      fill,
      fire,
      ...portion,
      ...(reheat === null ? [] : [reheat]),
    ],
    fireId,
    lastId: portion[0]?.id ?? fireId,
    servedId: reheat?.id ?? fireId,
    reheat,
    reheatIn: reheatPots(plan, keptKg(plan, trace), kitchen),
    levels: levelsOf(trace),
    keepsHotMin: keepsHotMin(heat),
    keepsHotHow: heatOf(heat).keepsHot(setPot.vessel),
    sides: besideOf(plan),
    litres: plan.end === "strained" ? trace.strained.volumeL : trace.endLiquidL,
  };
}

const ON_A_RING: Heat = { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null };

/** What is kept of a pot, kg: what comes through the sieve, or all of a dish. */
const keptKg = (plan: Plan, trace: Trace): number =>
  plan.end === "strained" ? trace.strained.liquidKg : contentsKg(trace);

/** So many points are drawn of a level. */
const MOST_LEVELS = 24;
function levelsOf({ points }: Trace): readonly Level[] {
  const step = Math.max(1, Math.floor(points.length / MOST_LEVELS));
  return points
    .filter((_, i) => i % step === 0 || i === points.length - 1)
    .map((p) => ({ min: p.tMin, volumeL: p.liquidKg / COLD_DENSITY_KG_L }));
}

/** Into jars once it is cold, fat lifted after a night where the plan says so. */
function portionBlock(plan: Plan, fireId: string, fridgeL: number): Block {
  const isLifted = plan.fat === "liftCold";
  const id = `${plan.id}/portion`;
  const name = plan.name.toLowerCase();
  const task = taskOf(id, `${isLifted ? "Lift the fat, portion" : "Portion"} the ${name}`, {
    planIds: [plan.id],
    minutes: about(POT_TIMES.portion.value),
  });
  const leastMin = isLifted ? KEEPS_MIN.fatSets.value : 0;
  const mostMin = KEEPS_MIN.portion.value;
  return blockOf(id, "portion", [task], {
    planIds: [plan.id],
    after: [{ blockId: fireId, from: "end", leastMin, mostMin, fridgeL }],
  });
}
