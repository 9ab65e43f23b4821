import { POT_TIMES } from "../schedule/pot-times";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Heat, Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { lastHeat } from "../simulate/stretches";
import { coldWaterKg, waterL } from "../simulate/water-ways";
import { fireBlock } from "./fire-block";
import { besideOf, type Beside } from "../dish/accompaniments";
import { KEEPS_MIN } from "./keeps";
import { about } from "./minutes";
import { fillBlock, prepOf } from "./prep-blocks";
import { blockOf, taskOf, type Block } from "./task";

/** A plan's work as blocks on the clock, in the order of the pot. */
export interface PotBlocks {
  readonly planId: string;
  readonly name: string;
  readonly blocks: readonly Block[];
  /** The block on the heat. */
  readonly fireId: string;
  /** The last of it: portions, or the fire where it is served. */
  readonly lastId: string;
  /** How long it may wait hot for the table, min. */
  readonly keepsHotMin: number;
  /** How it waits. */
  readonly keepsHotHow: string;
  /** What is served beside it. */
  readonly sides: readonly Beside[];
  /** Litres that it makes, for the sentence. */
  readonly litres: number;
}

const LID_ON = "lid on; back on the lowest heat before it is lukewarm";
const KEEPS_HOT_HOW: Record<Heat["method"], string> = {
  hob: LID_ON,
  pressure: LID_ON,
  oven: "in the oven, turned low, lid on",
  slowCooker: "on WARM, lid on",
};
const keepsHotMin = (heat: Heat): number =>
  heat.method === "slowCooker"
    ? Math.max(KEEPS_MIN.warm.value, heat.warmMin)
    : heat.method === "oven"
      ? KEEPS_MIN.warm.value
      : KEEPS_MIN.hot.value;

/** Pots worked out a moment ago, by their plans: a remedy changes one of them, or only the hands. */
const worked = new WeakMap<
  Plan,
  readonly { kitchen: Kitchen; isOvernight: boolean; pot: PotBlocks }[]
>();
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
export function potBlocks(plan: Plan, kitchen: Kitchen, isOvernight = false): PotBlocks {
  const known = worked.get(plan) ?? [];
  const found = known.find((w) => w.isOvernight === isOvernight && isSame(w.kitchen, kitchen));
  if (found !== undefined) return found.pot;
  const pot = workOut(plan, kitchen, isOvernight);
  worked.set(plan, [{ kitchen, isOvernight, pot }, ...known].slice(0, KEPT));
  return pot;
}

function workOut(plan: Plan, kitchen: Kitchen, isOvernight: boolean): PotBlocks {
  const waterKg = coldWaterKg(waterL(plan, kitchen), kitchen);
  const trace = simulate(plan, kitchen, { waterKg });
  if (trace.problem !== null) throw trace.problem;
  const preps = prepOf(plan, kitchen);
  const fill = fillBlock(plan, preps);
  const fire: Block = {
    ...fireBlock(plan, kitchen, trace, waterKg, isOvernight),
    after: [{ blockId: fill.id, from: "end", leastMin: 0, mostMin: KEEPS_MIN.filled.value }],
  };
  const portion = plan.end === "strained" ? [portionBlock(plan, fire.id)] : [];
  const heat = lastHeat(plan);
  return {
    planId: plan.id,
    name: plan.name,
    blocks: [...preps.map((p) => p.block), fill, fire, ...portion],
    fireId: fire.id,
    lastId: portion[0]?.id ?? fire.id,
    keepsHotMin: keepsHotMin(heat),
    keepsHotHow: KEEPS_HOT_HOW[heat.method],
    sides: besideOf(plan),
    litres: plan.end === "strained" ? trace.strained.volumeL : trace.endLiquidL,
  };
}

/** Into jars once it is cold, fat lifted after a night where the plan says so. */
function portionBlock(plan: Plan, fireId: string): Block {
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
    after: [{ blockId: fireId, from: "end", leastMin, mostMin }],
  });
}
