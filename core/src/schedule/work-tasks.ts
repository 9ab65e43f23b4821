import { exp } from "../units/same-math";
import type { SetPot } from "../simulate/set-pot";
import type { TaskKind } from "../prepare/works";

import { pieceEdgeM } from "../heat/piece-sides";
import { WORKS } from "../prepare/works";
import { browningBatches, browningMin, footprintM2 } from "../prepare/browning";
import { ROUX_MIN, STATE_TIMES, WORK_TIMES, type WorkTime } from "../prepare/work-times";
import type { Work } from "../prepare/work-schema";
import { isMashed } from "../simulate/binding";
import { teaspoonsOf } from "../seasoning/salt";
import { ingredientOf, nameOf, saltAheadShare } from "../simulate/item-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import { isLearnedWork, workHere } from "../simulate/learned";
import { pieceOf } from "../simulate/piece-of";
import { isOn } from "../simulate/stretches";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import type { Vessel } from "../vessel/vessel-schema";
import { vesselAreaM2 } from "../vessel/volume";
import { litres, metres, say, type Said } from "../units/said";
import { called } from "../vessel/called";

/** One piece of work on an ingredient. */
export interface WorkTask {
  readonly id: string;
  readonly itemId: string;
  readonly kind: TaskKind;
  /** "Brown the goat shoulder", as the cook reads it. */
  readonly title: string;
  /** How: "2 batches in the sauté pan, 7 min each". */
  readonly how: Said;
  readonly why: string;
  readonly min: number;
  /** The same before what is learned of this kitchen's pace. */
  readonly usualMin: number;
  readonly attention: "hands" | "near" | "leave";
  /** How many times over: a pan holds only so much. */
  readonly batches: number;
  /** Before the pot goes on; in a pan beside it, before it goes in; or once it is cooked. */
  readonly when: "before" | "meanwhile" | "after";
}

/** What is done in a pan. */
const IN_A_PAN: ReadonlySet<WorkTask["kind"]> = new Set([
  "brown",
  "sweat",
  "fry",
  "roux",
  "reduce",
]);
/** So soon after it simmers there is no time for it while it comes up, min: kitchen estimate. */
const SOON_IN_MIN = 30;
const LATE: ReadonlySet<PlanItem["when"]["at"]> = new Set([
  "whenTender",
  "stretch",
  "beforeEnd",
  "offHeat",
]);

/** Whether it goes in so late that there is time to work on it while the pot is on. */
const goesInLater = ({ when }: PlanItem): boolean =>
  when.at === "after" ? when.min >= SOON_IN_MIN : LATE.has(when.at);

/** The pan and the rings that are free while a pot is on; null where there is no other to work in. */
export function besideThePot(
  setPot: SetPot,
): { readonly pan: Vessel; readonly ringIds: readonly string[] } | null {
  const { plan, kitchen } = setPot;
  const pan = browningVessel(setPot);
  // In the oven or a slow cooker it stands on no ring while things go in.
  const isOnRing = isOn(plan, "hob") || isOn(plan, "pressure");
  const ringIds = kitchen.rings.map((r) => r.id).filter((id) => !isOnRing || id !== plan.ringId);
  return pan === undefined || pan.id === plan.vesselId || ringIds.length === 0
    ? null
    : { pan, ringIds };
}

function whenOf(item: PlanItem, kind: WorkTask["kind"], setPot: SetPot): WorkTask["when"] {
  if (isOnceSoft(item, kind)) return "after";
  const isMeanwhile = IN_A_PAN.has(kind) && goesInLater(item);
  return isMeanwhile && besideThePot(setPot) !== null ? "meanwhile" : "before";
}

/** Whether it is done once it is soft: garlic and spice are crushed before, beans and potatoes after. */
const isOnceSoft = (item: PlanItem, kind: WorkTask["kind"]): boolean =>
  kind === "blend" || (kind === "crush" && isMashed(item));

/** Whether anything of a plan is crushed or blended once it is off the heat. */
export const isWorkedAfter = (plan: Plan): boolean =>
  plan.items.some((item) => item.work.some(({ kind }) => isOnceSoft(item, kind)));

/** Over this it takes longer than a cook stands by: it is begun the day before, min. */
const AHEAD_MIN = 180;
/** Slices are this much flatter than wide. */
const SLICE_RATIO = 1.8;

/** The work a plan asks for, in the order it is done: what may be left begins first. */
export function workTasks(setPot: SetPot): readonly WorkTask[] {
  const { plan, kitchen } = setPot;
  const tasks = plan.items.flatMap((item) =>
    itemTasks(item, setPot).map((task) => ({ ...task, ...minHere(task, item, kitchen) })),
  );
  const rank = ({ attention, min, kind, when }: WorkTask) => {
    if (when !== "before") return when === "meanwhile" ? 3 : 4;
    if (attention === "leave" || min >= AHEAD_MIN) return 0;
    return AT_THE_STOVE.has(kind) ? 2 : 1;
  };
  return tasks
    .map((t, i) => ({ t, i }))
    .sort((a, b) => rank(a.t) - rank(b.t) || a.i - b.i)
    .map(({ t }) => t);
}

/** How long it takes here: by the cook's own word, else the usual time by the pace that was learned. */
function minHere(
  task: UsualTask,
  item: PlanItem,
  kitchen: Kitchen,
): Pick<WorkTask, "min" | "usualMin"> {
  const isGiven = item.work.some((w) => w.kind === task.kind && w.min !== undefined);
  const here = isGiven || !isLearnedWork(task) ? null : workHere(kitchen, task.kind);
  return {
    usualMin: task.min,
    min: here === null ? task.min : task.min * exp(here.mean),
  };
}

const AT_THE_STOVE: ReadonlySet<WorkTask["kind"]> = new Set([
  "roast",
  "blanch",
  "boilHard",
  "brown",
  "sweat",
  "fry",
  "roux",
  "reduce",
]);

/** What is begun ahead for one ingredient goes one after the other, min. */
function longestAheadMin(tasks: readonly WorkTask[]): number {
  const byItem = new Map<string, number>();
  for (const { itemId, attention, min, when } of tasks)
    if (when === "before" && attention === "leave")
      byItem.set(itemId, (byItem.get(itemId) ?? 0) + min);
  return Math.max(0, ...byItem.values());
}

/** What of it is done before the pot goes on, and what once it is cooked. */
export const isBefore = ({ when }: WorkTask): boolean => when === "before";
export const isAfter = ({ when }: WorkTask): boolean => when === "after";

/** Minutes of work that hands do in all and before, that want someone near, and that is begun long before. */
export function workMinutes(tasks: readonly WorkTask[]) {
  const of = (attention: WorkTask["attention"]) =>
    tasks.filter((t) => isBefore(t) && t.attention === attention).map((t) => t.min);
  const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0);
  const hands = sum(of("hands"));
  const sumOf = (when: WorkTask["when"]) =>
    sum(tasks.filter((t) => t.when === when).map((t) => t.min));
  const [meanwhileMin, afterMin] = [sumOf("meanwhile"), sumOf("after")];
  return {
    handsMin: hands + meanwhileMin + afterMin,
    handsBeforeMin: hands,
    /** Beside the pot while it is on. */
    meanwhileMin,
    /** Once it is cooked, until it is served or strained. */
    afterMin,
    /** From the first cut to the flame: hands one after the other, what roasts goes on beside them. */
    beforeMin: Math.max(hands, hands * 0.5 + sum(of("near"))),
    aheadMin: longestAheadMin(tasks),
  };
}

type UsualTask = Omit<WorkTask, "usualMin">;

function itemTasks(item: PlanItem, setPot: SetPot): readonly UsualTask[] {
  const name = nameOf(item).toLowerCase();
  const make = (
    kind: WorkTask["kind"],
    time: WorkTime,
    title: string,
    given?: number,
    how: Said = "",
  ): UsualTask => ({
    id: `${item.id}:${kind}`,
    itemId: item.id,
    kind,
    title,
    how,
    why: time.why,
    min: given ?? time.fixed.value + (time.perKg?.value ?? 0) * item.massKg,
    attention: time.attention,
    batches: 1,
    when: whenOf(item, kind, setPot),
  });
  const state = item.boneState;
  const tasks: UsualTask[] = inOrder(item.work).map((work): UsualTask => {
    if (work.kind === "brown") return browning(item, setPot, work.min);
    if (work.kind === "roux") {
      const colour = work.colour ?? "blond";
      return {
        ...make(
          "roux",
          WORK_TIMES.fry,
          `Stir a ${colour} roux`,
          work.min ?? ROUX_MIN[colour].value,
        ),
        why: "Without a break until its colour: dark binds least.",
      };
    }
    return make(
      work.kind,
      WORK_TIMES[work.kind],
      titleOf(work, name),
      work.min,
      howOf(work, item, setPot),
    );
  });
  if (state === "roasted") tasks.push(make("roast", STATE_TIMES.roasted, `Roast the ${name}`));
  if (state === "blanched") tasks.push(make("blanch", STATE_TIMES.blanched, `Blanch the ${name}`));
  if (item.boiledMin > 0)
    tasks.push({
      ...make("boilHard", STATE_TIMES.blanched, `Boil the ${name} hard`, item.boiledMin),
      why: "A full rolling boil destroys the toxin; that water is thrown away.",
    });
  return tasks;
}

/** What is done to one ingredient is done in the order of the trade, whatever order it was ticked in. */
const inOrder = (works: readonly Work[]): readonly Work[] =>
  works.toSorted((a, b) => WORKS.indexOf(a.kind) - WORKS.indexOf(b.kind));

const TITLES: Record<Exclude<Work["kind"], "brown" | "roux" | "saltAhead">, string> = {
  thaw: "Thaw the",
  soak: "Soak the",
  rinse: "Rinse the",
  scrub: "Scrub the",
  trim: "Trim the",
  cut: "Cut the",
  tie: "Tie the",
  bundle: "Bundle the",
  sweat: "Sweat the",
  fry: "Fry the",
  reduce: "Boil down the",
  crush: "Crush some of the",
  blend: "Blend the",
};
function titleOf({ kind }: Work, name: string): string {
  if (kind === "brown" || kind === "roux") return name;
  return kind === "saltAhead" ? `Salt the ${name} a night ahead` : `${TITLES[kind]} ${name}`;
}

const percent = (share: number) => `${Math.round(share * 100)} %`;

function howOf(work: Work, item: PlanItem, setPot: SetPot): Said {
  const { plan } = setPot;
  const beside = whenOf(item, work.kind, setPot) === "meanwhile" ? besideThePot(setPot) : null;
  const inPan = beside === null ? "" : `in ${called(beside.pan.name)}`;
  switch (work.kind) {
    case "cut":
      return say`${metres(Math.round(pieceEdgeM(pieceOf(item, plan.pieceM)) * 100) / 100)}`;
    case "reduce":
      return [`to ${percent(work.share ?? 0.5)}`, inPan].filter(Boolean).join(", ");
    case "crush":
    case "blend":
      return percent(work.share ?? 1);
    case "saltAhead": {
      const saltG = item.massKg * 1000 * saltAheadShare(work);
      return `${Math.round(saltG)} g of salt (${teaspoonsOf(saltG)} tsp fine), rubbed in all over; covered, into the fridge`;
    }
    case "soak":
      return work.liquorL === undefined
        ? "throw the water away"
        : say`in ${litres(work.liquorL)}; decant it into the pot, leave the grit`;
    default:
      return inPan;
  }
}

/** The widest flat floor there is to brown on: a pan, else the pot itself. */
export function browningVessel({ kitchen, vessel }: SetPot): Vessel | undefined {
  const pans = kitchen.vessels.filter((v) => v.kind === "pan");
  return pans.sort((a, b) => vesselAreaM2(b, 0) - vesselAreaM2(a, 0))[0] ?? vessel;
}

function browning(item: PlanItem, setPot: SetPot, given?: number): UsualTask {
  const { plan } = setPot;
  const shape = pieceOf(item, plan.pieceM);
  const edgeM = pieceEdgeM(shape);
  const isSlices =
    shape.kind === "brick" && Math.max(...shape.sizeM) > SLICE_RATIO * Math.min(...shape.sizeM);
  const vessel = browningVessel(setPot);
  const foot = footprintM2(item.massKg, edgeM, ingredientOf(item).densityKgL.value * 1000);
  const batches = vessel === undefined ? 1 : browningBatches(foot, vesselAreaM2(vessel, 0));
  return {
    id: `${item.id}:brown`,
    itemId: item.id,
    kind: "brown",
    title: `Brown the ${nameOf(item).toLowerCase()}`,
    how: `${batches === 1 ? "one batch" : `${batches} batches`} in ${called(vessel?.name ?? "pan")}`,
    why: "Flavour and colour; it does not keep moisture in. A crowded pan steams.",
    min: given ?? browningMin(batches, isSlices),
    attention: "hands",
    batches,
    when: whenOf(item, "brown", setPot),
  };
}
