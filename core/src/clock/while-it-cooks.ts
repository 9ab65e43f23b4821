import type { SetPot } from "../simulate/set-pot";
import { isInOven, isOnRing, isRest, isSealed, isSlow, stretchOf } from "../heats/heat";
import { sayList } from "../batch/say-list";
import { pickMin, POT_TIMES } from "../schedule/pot-times";
import { turnsOf } from "../schedule/turns";
import { besideThePot, workTasks } from "../schedule/work-tasks";
import { nameOf } from "../simulate/item-facts";
import { stretchesOf } from "../simulate/stretches";
import type { Mark, Trace } from "../simulate/trace";
import { exactly } from "./minutes";
import { taskOf, type Meanwhile, type Task } from "./task";

/** Things that go in within so many minutes are one task. */
const TOGETHER_MIN = 3;
/** What is in by then went in at the start. */
const AT_START_MIN = 0.5;

const MARK_WORDS = { itemIn: "in", itemOut: "out", itemBack: "back in" } as const;
type Doing = Mark & { readonly kind: keyof typeof MARK_WORDS };
const isDoing = (mark: Mark): mark is Doing =>
  mark.kind in MARK_WORDS && !(mark.kind === "itemIn" && mark.tMin <= AT_START_MIN);

/** Marks of one kind that lie close together. */
function grouped(marks: readonly Doing[]): readonly (readonly [Doing, ...Doing[]])[] {
  const groups: [Doing, ...Doing[]][] = [];
  for (const mark of marks) {
    const last = groups.at(-1);
    if (last?.[0].kind === mark.kind && mark.tMin - last[0].tMin < TOGETHER_MIN) last.push(mark);
    else groups.push([mark]);
  }
  return groups;
}

const turnMin = (isStrained: boolean): number =>
  (isStrained ? POT_TIMES.strain : POT_TIMES.add).value;

/** What is done while a pot cooks, by the marks of its simulation: what goes in and comes out, skimming, shutting, the end. */
export function whileItCooks(
  setPot: SetPot,
  trace: Trace,
  steps: readonly Task[],
): readonly Meanwhile[] {
  const { plan } = setPot;
  let at = 0;
  const startOf = steps.map((step) => {
    const from = at;
    at += step.minutes.p50;
    return from;
  });
  const put = (
    id: string,
    title: string,
    tMin: number,
    min: number,
    more: Partial<Task> = {},
  ): Meanwhile => {
    const step = Math.max(
      0,
      startOf.findLastIndex((from) => from <= tMin + 1e-6),
    );
    const task = taskOf(`${plan.id}/${id}`, title, {
      planIds: [plan.id],
      how: plan.name,
      minutes: exactly(min),
      ...more,
    });
    return { task, step, atMin: Math.max(0, Math.round(tMin - (startOf[step] ?? 0))) };
  };
  const turns = turnsOf(plan).flatMap(
    ({ stretchId, title, isStrained }, i): readonly Meanwhile[] => {
      const began = trace.stretches[i + 1];
      return began === undefined
        ? []
        : [put(`turn:${stretchId}`, title, began.fromMin, turnMin(isStrained))];
    },
  );
  const nameIn = (mark: Mark) => plan.items.filter((i) => i.id === mark.itemId).map(nameOf);
  const itemsIn = (group: readonly Mark[]) =>
    plan.items.filter((i) => group.some((mark) => mark.itemId === i.id));
  const { heat } = plan;
  const skimMin = POT_TIMES.skim.value;
  const isSkimmed = isOnRing(heat) && plan.end === "strained" && trace.toSimmerMin >= skimMin;
  const shut = isInOven(heat)
    ? [put("shut", "Lid on, into the oven", trace.toSimmerMin, POT_TIMES.shut.value)]
    : isSlow(heat)
      ? [put("shut", "Lid on, switch it on", 0, POT_TIMES.shut.value)]
      : [];
  const beside = besideThePot(setPot);
  /** In a pan on another ring, done by the time that it goes in. */
  const inPan = workTasks(setPot).flatMap((work): readonly Meanwhile[] => {
    const inMin = trace.marks.find((m) => m.kind === "itemIn" && m.itemId === work.itemId)?.tMin;
    if (work.when !== "meanwhile" || inMin === undefined || beside === null) return [];
    const min = Math.max(1, Math.round(work.min));
    const needs = {
      isFlame: true,
      ringIds: beside.ringIds,
      vesselIds: [beside.pan.id],
      how: work.how,
    };
    return [put(work.id, work.title, Math.max(0, inMin - min), min, needs)];
  });
  // What goes through a sieve comes off for that; a lid under pressure has a step of its own.
  const last = stretchesOf(plan).at(-1)?.heat ?? heat;
  const offMin = POT_TIMES.off.value;
  const off =
    plan.end === "strained" || isSealed(last) || isRest(last)
      ? []
      : [put("offHeat", stretchOf(last).offTitle, Math.max(0, at - offMin), offMin)];
  return [
    ...inPan,
    ...(isSkimmed ? [put("skim", "Skim it", trace.toSimmerMin - skimMin, skimMin)] : []),
    ...shut,
    ...turns,
    ...grouped(trace.marks.filter(isDoing)).map((group) =>
      put(
        `${group[0].kind}:${group[0].itemId ?? ""}`,
        `${sayList(group.flatMap(nameIn))} ${MARK_WORDS[group[0].kind]}`,
        group[0].tMin,
        POT_TIMES.add.value + (group[0].kind === "itemOut" ? pickMin(itemsIn(group)) : 0),
      ),
    ),
    ...off,
  ];
}
