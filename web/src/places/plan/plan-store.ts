import { resolve } from "@kettlos/core/simulate/set-pot";
import { plannedOnce } from "@kettlos/core/simulate/as-planned";
import { answersFor, type Answers } from "@kettlos/core/because/answers";
import { standIn } from "@kettlos/core/because/stand-in";
import { faultOf } from "@kettlos/core/because/ways-out";
import { relinked } from "@kettlos/core/dish/linked";
import { waterPulledTo, type PulledWater } from "@kettlos/core/simulate/pulled-water";
import type { Plan, PlanItem, WaterStatement } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf, type Outcome } from "@kettlos/core/units/problem";
import { useThrottleFn } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed, ref, shallowRef, watch } from "vue";
import { clockHour } from "../../data/clock-hour";
import { useKitchenStore } from "../../data/kitchen-store";
import { savePlan, savePlanChange } from "../../data/repository";
import { yieldOf } from "../../data/stock-yields";
import { holdUnwritten, letGoOfHeld } from "../../data/held";
import { pause } from "../../data/pause";
import { useSteps } from "../../data/use-steps";
import { planChange } from "../../data/plan-change";
import { say } from "../../frame/notices";
import { spreadInParts } from "./spread-in-parts";

const SAVE_EVERY_MS = 250;
const isSame = (a: Plan, b: Plan): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The plan on the screen, what it answers, and its saving. */
export const usePlanStore = defineStore("plan", () => {
  const kitchenStore = useKitchenStore();
  const plan = shallowRef<Plan | null>(null);
  const outcome = shallowRef<Outcome<Answers> | null>(null);
  /** What is drawn instead, where the plan itself cannot be worked out. */
  const stand = shallowRef<Plan | null>(null);
  /** Of the plan; where it cannot be worked out, of what is drawn instead. */
  const answers = shallowRef<Answers | null>(null);
  const steps = useSteps<Plan>();
  /** As it was before the water line was pulled. */
  let unpulled: Plan | null = null;
  /** While the water line is pulled. */
  const isPulled = ref(false);
  /** Where it is pulled to; the plan, and what it answers, follow after. */
  const pulledTo = shallowRef<PulledWater | null>(null);

  // A change is written at once, a run of changes every so often and at its end.
  const save = useThrottleFn(() => flush(), SAVE_EVERY_MS, true, true);
  let isDirty = false;
  /** Writes under way; and the last of them. */
  let underWay = 0;
  let lastWrite = Promise.resolve();
  /** Where what the disk had not yet is held, since the page went or might go. */
  let heldKey: string | null = null;
  /** The plan as it was last read or written: what changes here are told apart from changes elsewhere by. */
  let base: Plan | null = null;

  /** Writes what was changed, and what is being written; what was changed in another tab since stays beside it, or is told. */
  async function flush(): Promise<void> {
    const mine = plan.value;
    if (!isDirty || mine === null) return lastWrite;
    isDirty = false;
    underWay += 1;
    const before = lastWrite;
    let isWritten = () => {};
    lastWrite = new Promise((resolve) => (isWritten = resolve));
    const known = base ?? mine;
    try {
      // One after the other: what is taken back while it is being written was changed since, and not left as it was.
      await before;
      const from = plan.value?.id === mine.id ? (base ?? mine) : known;
      const saved = await savePlanChange(from, mine);
      if (saved.isGone) return sayGone(mine);
      // What is changed further meanwhile was changed from this, and not from what another tab has written.
      if (plan.value?.id === mine.id) base = plan.value === mine ? saved.plan : mine;
      if (saved.conflicts.length > 0) sayConflict(saved.conflicts);
      // Changed further meanwhile: the next turn writes that.
      if (plan.value === mine && !isSame(saved.plan, mine)) adopt(saved.plan);
    } catch (error) {
      isDirty = plan.value?.id === mine.id;
      throw error;
    } finally {
      underWay -= 1;
      isWritten();
      letGo();
    }
  }

  /** The page goes, or may: what the disk has not yet is held until it has. */
  function leave(): void {
    const mine = plan.value;
    if (mine === null || (!isDirty && underWay === 0)) return;
    heldKey = holdUnwritten(base ?? mine, mine, heldKey);
    void flush();
  }
  function letGo(): void {
    if (heldKey === null || isDirty || underWay > 0) return;
    letGoOfHeld(heldKey);
    heldKey = null;
  }

  function adopt(next: Plan): void {
    plan.value = next;
    workOut(false);
  }

  function sayGone(mine: Plan): void {
    if (plan.value?.id === mine.id) plan.value = null;
    say({
      id: `gone-${mine.id}`,
      tone: "note",
      title: `${mine.name} was removed in another tab.`,
      text: "What was changed here since is not kept.",
      ways: [
        { label: "Keep it after all", run: () => savePlan(mine) },
        { label: "Good", run: () => undefined },
      ],
    });
  }

  const sayConflict = (fields: readonly string[]): void =>
    say({
      id: "two-tabs",
      tone: "note",
      title: "This plan was changed in another tab too.",
      text: `Where both changed the same (${fields.join(", ")}), what was changed here stands.`,
      ways: [{ label: "Good", run: () => undefined }],
    });

  /** @param known what was worked out of it already */
  function workOut(keepSpread: boolean, known?: Outcome<Answers>): void {
    const { kitchen } = kitchenStore;
    if (plan.value === null || kitchen === null) return;
    const spread = keepSpread ? answers.value?.spread : undefined;
    outcome.value = known ?? answersFor(resolve(plan.value, kitchen), clockHour, spread);
    const drawn = outcome.value.ok ? null : standIn(resolve(plan.value, kitchen), clockHour);
    stand.value = drawn?.plan ?? null;
    answers.value = outcome.value.ok ? outcome.value.value : (drawn?.answers ?? null);
  }

  function open(next: Plan): void {
    showOpen(withStocksAsTheyAre(next), next);
  }

  /**
   * The same, worked out in tasks of its own before any of it is shown: on a slow device the first time takes long,
   * and all at once nothing could be touched meanwhile.
   * @param isWanted whether it still is, once that is done
   */
  async function openInParts(next: Plan, isWanted: () => boolean): Promise<void> {
    const { kitchen } = kitchenStore;
    if (kitchen === null) return open(next);
    const whole = withStocksAsTheyAre(next);
    const setPot = resolve(whole, kitchen);
    await pause();
    const first = outcomeOf(() => plannedOnce(setPot));
    await pause();
    const spread = first.ok ? await spreadInParts(setPot, first.value) : undefined;
    const known = answersFor(setPot, clockHour, spread);
    await pause();
    if (!isWanted()) return;
    if (kitchenStore.kitchen === kitchen) showOpen(whole, next, known);
    else open(next);
  }

  /**
   * @param whole it with its stocks as they are
   * @param stored it as it is on disk
   * @param known what was worked out of it already
   */
  function showOpen(whole: Plan, stored: Plan, known?: Outcome<Answers>): void {
    // What was just changed in the plan before is written first.
    void flush();
    plan.value = whole;
    base = stored;
    isDirty = whole !== stored;
    isPulled.value = false;
    pulledTo.value = null;
    void steps.turnTo(`plan:${stored.id}`);
    workOut(false, known);
  }

  /** A stock may have been changed since: its salt and allergens are taken over anew. */
  function withStocksAsTheyAre(next: Plan): Plan {
    const { kitchen, plans } = kitchenStore;
    if (kitchen === null) return next;
    return relinked(next, (id) => {
      const from = plans.find((p) => p.id === id);
      const outcome = from === undefined ? null : yieldOf(resolve(from, kitchen));
      return outcome?.ok === true ? outcome.value : null;
    });
  }

  /** Changes the plan; it is worked out at once and saved soon after. */
  function change(part: Partial<Plan>): void {
    if (plan.value === null) return;
    const before = plan.value;
    become({ ...before, ...part });
    if (!isSame(before, plan.value))
      steps.note(before, planChange(before, plan.value, kitchenStore.units));
  }

  function become(next: Plan): void {
    plan.value = next;
    isDirty = true;
    workOut(false);
    void save();
  }
  /** Takes a way out: another plan in this one's place, in one step. */
  function take(next: Plan, what: string): void {
    if (plan.value === null) return;
    steps.note(plan.value, what);
    become({ ...next, id: plan.value.id });
  }

  function step(to: "back" | "forth"): void {
    const other = plan.value === null ? null : steps[to](plan.value);
    if (other !== null) become(other);
  }

  const setWater = (water: WaterStatement) => change({ water });

  /** The water line pulled to a depth, m. */
  function pullWaterTo(depthM: number): void {
    const { kitchen } = kitchenStore;
    if (plan.value === null || shown.value === null || answers.value === null || kitchen === null)
      return;
    const { waterL, trace } = answers.value;
    const stands = { waterL, startDepthM: trace.startDepthM };
    const to = waterPulledTo(resolve(shown.value, kitchen), stands, depthM);
    const { water } = plan.value;
    const stoodL = pulledTo.value?.volumeL ?? (water.by === "amount" ? water.volumeL : null);
    if (stoodL === to.volumeL) return;
    // One pull is one change, whatever it passed on its way.
    if (!isPulled.value) unpulled = plan.value;
    isPulled.value = true;
    pulledTo.value = to;
  }

  /** The plan with its water where it is pulled to. */
  function takeUpWater(): void {
    if (plan.value === null || pulledTo.value === null) return;
    const { volumeL } = pulledTo.value;
    plan.value = { ...plan.value, water: { by: "amount", volumeL } };
  }

  /** What it answers with that. While it is pulled the ranges keep their relative width. */
  function followWater(): void {
    takeUpWater();
    workOut(true);
  }

  function letGoOfWater(): void {
    takeUpWater();
    pulledTo.value = null;
    isPulled.value = false;
    if (plan.value === null) return;
    if (unpulled !== null && !isSame(unpulled, plan.value))
      steps.note(unpulled, planChange(unpulled, plan.value, kitchenStore.units));
    unpulled = null;
    become(plan.value);
  }

  function changeItem(id: string, part: Partial<PlanItem>): void {
    if (plan.value === null) return;
    change({
      items: plan.value.items.map((i) => (i.id === id ? { ...i, ...part } : i)),
    });
  }

  const addItem = (item: PlanItem) => change({ items: [...(plan.value?.items ?? []), item] });
  const removeItem = (id: string) =>
    change({ items: (plan.value?.items ?? []).filter((i) => i.id !== id) });

  watch(
    () => kitchenStore.kitchen,
    () => workOut(false),
  );
  // What another tab writes shows here too, as long as nothing waits to be written.
  watch(
    () => kitchenStore.plans.find((p) => p.id === plan.value?.id),
    (stored) => {
      if (stored === undefined || plan.value === null || isPulled.value) return;
      if (isDirty || underWay > 0) return;
      if (base !== null && isSame(stored, base)) return;
      base = stored;
      adopt(stored);
    },
  );
  /** What keeps it from being put on. */
  const fault = computed(() => (outcome.value === null ? null : faultOf(outcome.value)));
  /** The plan as it is drawn: its own, with a pot, ring and heat that there are. */
  const shown = computed<Plan | null>(() => {
    const { value: own } = plan;
    if (own === null || stand.value === null) return own;
    const { vesselId, ringId, heat } = stand.value;
    return { ...own, vesselId, ringId, heat };
  });
  /** What is drawn otherwise than it stands, in a few words; null where it is drawn as it is. */
  const drawnWith = computed(() =>
    plan.value === null || stand.value === null
      ? null
      : planChange(plan.value, stand.value, kitchenStore.units),
  );

  return {
    plan,
    answers,
    fault,
    shown,
    drawnWith,
    take,
    isPulled,
    pulledTo,
    open,
    openInParts,
    change,
    undo: () => step("back"),
    redo: () => step("forth"),
    undoes: steps.undoes,
    redoes: steps.redoes,
    setWater,
    pullWaterTo,
    followWater,
    letGoOfWater,
    changeItem,
    addItem,
    removeItem,
    flush,
    leave,
  };
});
