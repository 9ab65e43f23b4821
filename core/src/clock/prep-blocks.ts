import type { SetPot } from "../simulate/set-pot";
import { suits } from "../heats/heat";
import { sayList } from "../batch/say-list";
import { POT_TIMES } from "../schedule/pot-times";
import { browningVessel, isBefore, workTasks, type WorkTask } from "../schedule/work-tasks";
import { nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { kitchenEstimate } from "../units/constant";
import { inWords } from "../units/said";
import { KEEPS_MIN, preparedKeepsMin } from "./keeps";
import { about, exactly } from "./minutes";
import { blockOf, taskOf, type Block, type Link, type Task } from "./task";
import { shelfFloorM2 } from "./vessel-floor";

const ROAST_C = kitchenEstimate("bones are roasted at", 220, "°C", "between 200 and 230");

/** Spice, wine and bones that are worked on in the pot itself keep the pot and its ring. */
const IN_POT: ReadonlySet<WorkTask["kind"]> = new Set([
  "sweat",
  "fry",
  "roux",
  "reduce",
  "blanch",
  "boilHard",
]);
/** Work that is heard next door. */
const LOUD: ReadonlySet<WorkTask["kind"]> = new Set([
  "trim",
  "cut",
  "brown",
  "fry",
  "crush",
  "blend",
]);
/** What of several pots can be done at one go. */
const AT_ONE_GO: ReadonlySet<WorkTask["kind"]> = new Set(["rinse", "scrub", "trim", "cut"]);

/** The pan that is browned in, and sweated where the pot itself stands on no ring. */
const panIds = (setPot: SetPot): readonly string[] =>
  [browningVessel(setPot)].flatMap((pan) => pan?.id ?? []);

/** Whether its own pot stands on a ring. */
const onRing = (setPot: SetPot): boolean => suits(vesselOf(setPot), "hob");

/** What a piece of work needs beside hands or an ear. */
function needsOfWork(work: WorkTask, setPot: SetPot): Partial<Task> {
  const { plan, kitchen } = setPot;
  const anyRing = kitchen.rings.map((r) => r.id);
  if (work.kind === "roast") {
    const [oven] = kitchen.ovens;
    if (oven === undefined) return {};
    const ovenC = Math.min(ROAST_C.value, oven.maxC);
    return { oven: { ovenId: oven.id, ovenC, areaM2: shelfFloorM2(vesselOf(setPot)) } };
  }
  if (IN_POT.has(work.kind) && onRing(setPot))
    return { isFlame: true, ringIds: [plan.ringId], vesselIds: [plan.vesselId] };
  if (IN_POT.has(work.kind) || work.kind === "brown")
    return { isFlame: true, ringIds: anyRing, vesselIds: panIds(setPot) };
  return {};
}

/** A piece of work as the steps it takes: what is left to itself begins with a hand that puts it there. */
function stepsOf(work: WorkTask, setPot: SetPot): readonly Task[] {
  const { plan } = setPot;
  const id = `${plan.id}/${work.id}`;
  const base = { planIds: [plan.id], how: work.how };
  if (work.attention === "leave")
    return [
      taskOf(`${id}:begin`, work.title, { ...base, minutes: about(POT_TIMES.begin.value) }),
      taskOf(id, work.title, {
        ...base,
        minutes: exactly(Math.max(1, Math.round(work.min))),
        attention: "none",
      }),
    ];
  return [
    taskOf(id, work.title, {
      ...base,
      minutes: about(Math.max(1, work.min)),
      attention: work.attention,
      isLoud: LOUD.has(work.kind),
      ...needsOfWork(work, setPot),
    }),
  ];
}

/** A block of work before the pot, with how long what it made may wait. */
interface Prep {
  readonly block: Block;
  readonly works: readonly WorkTask[];
  readonly keepsMin: number;
}

function keepsMin(work: WorkTask, steps: readonly Task[], plan: Plan): number {
  if (work.kind === "thaw") return KEEPS_MIN.thawed.value;
  if (work.attention === "leave") return KEEPS_MIN.soaked.value;
  const isHot = steps.some((s) => s.isFlame || s.oven !== null);
  return isHot
    ? KEEPS_MIN.browned.value
    : preparedKeepsMin(plan.items.find((i) => i.id === work.itemId));
}

/**
 * The work before a pot: each piece a block of its own; what is done in the pot itself is one block, one
 * thing after the other with nothing between.
 */
export function prepOf(setPot: SetPot): readonly Prep[] {
  const { plan } = setPot;
  const stoveId = `${plan.id}/prep/pot`;
  const lastOf = new Map<string, Prep>();
  const preps: Prep[] = [];
  for (const work of workTasks(setPot).filter(isBefore)) {
    const steps = stepsOf(work, setPot);
    const isInPot = steps.some((s) => s.isFlame && s.vesselIds.includes(plan.vesselId));
    const id = isInPot ? stoveId : `${plan.id}/prep/${work.id}`;
    const last = lastOf.get(work.itemId);
    const after: readonly Link[] =
      last === undefined || last.block.id === id
        ? []
        : [{ blockId: last.block.id, from: "end", leastMin: 0, mostMin: last.keepsMin }];
    const at = preps.findIndex((p) => p.block.id === id);
    const before = preps[at];
    const item = plan.items.find((i) => i.id === work.itemId);
    const sameAs =
      AT_ONE_GO.has(work.kind) && after.length === 0
        ? `${work.kind} ${item?.ingredientId ?? ""} ${inWords(work.how, "metric")}`
        : null;
    const prep: Prep = {
      works: [...(before?.works ?? []), work],
      keepsMin: keepsMin(work, steps, plan),
      block: blockOf(id, "prep", [...(before?.block.steps ?? []), ...steps], {
        planIds: [plan.id],
        after: [...(before?.block.after ?? []), ...after],
        sameAs,
      }),
    };
    if (before === undefined) preps.push(prep);
    else preps[at] = prep;
    lastOf.set(work.itemId, prep);
  }
  return preps;
}

/** The blocks of a plan's work before the pot, each with the ids of the work that is done in it. */
export const workInBlocks = (setPot: SetPot): ReadonlyMap<string, readonly WorkTask[]> =>
  new Map(prepOf(setPot).map(({ block, works }) => [block.id, works]));

/** Gathering and filling the pot, once all the work is done. */
export function fillBlock(plan: Plan, preps: readonly Prep[]): Block {
  const followed = new Set(preps.flatMap((p) => p.block.after.map((l) => l.blockId)));
  const after = preps
    .filter((p) => !followed.has(p.block.id))
    .map((p): Link => ({ blockId: p.block.id, from: "end", leastMin: 0, mostMin: p.keepsMin }));
  const id = `${plan.id}/fill`;
  const goesIn = plan.items.filter((i) => i.when.at === "start");
  const task = taskOf(id, `Gather and fill: ${plan.name.toLowerCase()}`, {
    planIds: [plan.id],
    how: sayList(goesIn.map((i) => nameOf(i).toLowerCase())),
    minutes: about(Math.max(2, plan.prepareMin)),
    vesselIds: [plan.vesselId],
  });
  return blockOf(id, "fill", [task], { planIds: [plan.id], after });
}
