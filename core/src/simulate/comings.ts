import { isSealed, isSlow } from "../heats/heat";
import type { CourseReader } from "./course";
import { ingredientOf, isLoose } from "./item-facts";
import { beforeEndMin, movesOf, type Move } from "./moves";
import { outOf } from "./out-of";
import type { Plan, PlanItem } from "./plan-schema";
import type { Pot } from "./pot";
import type { Recorder } from "./recorder";
import { leftBehind, LIFTED } from "./straining";

/** So far under the boil the first bubbles rise, °C. */
const BEFORE_BOIL_C = 10;

/** Internal: what goes into a pot and comes out of it in a run, and when it did. */
export class Comings {
  /** Minutes from the first heat, by item. */
  readonly inMin = new Map<string, number>();
  readonly outMin = new Map<string, number>();
  private readonly moves: Move[];
  private readonly isBeforeBoil: boolean;

  /** Puts in at once what is in from the start. */
  constructor(
    private readonly plan: Plan,
    private readonly pot: Pot,
    private readonly recorder: Recorder,
    plannedHoldMin: number,
    private readonly course: CourseReader,
    /** The cook value at which what is waited for is at its best, by its id. */
    bestAtMin: (itemId: string) => number,
  ) {
    this.isBeforeBoil = plan.items.some((i) => i.out?.when.at === "beforeBoil");
    for (const item of plan.items)
      if (isFirst(item, plan)) {
        pot.addItem(item);
        this.inMin.set(item.id, 0);
      }
    this.moves = movesOf(plan, plannedHoldMin, bestAtMin).filter(
      (m) => (m.does === "out" || !isFirst(m.item, plan)) && !course.moves(m.item.id, m.does),
    );
  }

  putIn(item: PlanItem, tMin: number): void {
    this.pot.addItem(item);
    this.inMin.set(item.id, tMin);
    this.pot.findDepthM();
    this.recorder.marks.push({ kind: "itemIn", tMin, itemId: item.id });
    if (isLoose(ingredientOf(item))) this.recorder.record("hold", tMin, true);
  }

  takeOut(item: PlanItem, tMin: number): void {
    const { pressed } = this.plan.strain;
    // A ladle presses nothing: only what stays in the sieve is.
    const isInSieve = item.out === undefined && outOf(item, this.plan) !== undefined;
    this.pot.takeOut(
      item.id,
      item.out?.isBack === true ? LIFTED : leftBehind({ pressed: pressed && isInSieve }),
    );
    this.outMin.set(item.id, tMin);
    this.pot.findDepthM();
    this.recorder.marks.push({ kind: "itemOut", tMin, itemId: item.id });
  }

  putBack(item: PlanItem, tMin: number): void {
    if (!this.outMin.has(item.id)) return;
    this.pot.putBack(item.id);
    this.pot.findDepthM();
    this.recorder.marks.push({ kind: "itemBack", tMin, itemId: item.id });
  }

  carryOut({ item, does }: Move, tMin: number): void {
    if (does === "in") this.putIn(item, tMin);
    else this.takeOut(item, tMin);
  }

  /** A step cut to where what must not boil comes out, s; the pot warms by netW. */
  outBeforeBoilS(stepS: number, netW: number, boilingC: number): number {
    const toC = boilingC - BEFORE_BOIL_C;
    if (!this.isBeforeBoil || this.pot.tempC >= toC) return stepS;
    const untilS = this.pot.untilS(toC, netW);
    return untilS > 0 ? Math.min(stepS, untilS + 1) : stepS;
  }

  /** How much cook value the nearest of what waits for one still lacks, min at 100 °C; Infinity where nothing waits. */
  lackingMin(): number {
    let least = Infinity;
    // What waits stands last.
    for (let i = this.moves.length - 1; i >= 0 && this.moves[i]?.dueMin === null; i--) {
      const waits = this.moves[i]?.waitsFor;
      if (waits !== undefined) least = Math.min(least, waits.cookMin - this.cookOf(waits.itemId));
    }
    return least;
  }

  /** What must not boil comes out as the pot begins to steam hard. */
  outBeforeBoil(tMin: number, boilingC: number): void {
    if (!this.isBeforeBoil) return;
    for (const item of this.plan.items)
      if (
        item.out?.when.at === "beforeBoil" &&
        !this.outMin.has(item.id) &&
        this.inMin.has(item.id) &&
        this.pot.tempC >= boilingC - BEFORE_BOIL_C
      )
        this.takeOut(item, tMin);
  }

  /**
   * Puts in and lifts out what is due by now, in a hold that began at fromMin; the moment of the next
   * that has one, min. Things that move together cost one lifted lid.
   */
  moveWhatIsDue(fromMin: number, tMin: number, opened: (() => void) | undefined): number {
    // Most steps move nothing: what has a moment stands first, what waits for another stands last.
    const first = this.moves[0];
    if (first === undefined) return Infinity;
    const waits = this.moves.at(-1)?.dueMin === null;
    const firstMin = fromMin + (first.dueMin ?? 0);
    if (!waits && firstMin > tMin + 1e-9) return firstMin;
    const isDue = ({ dueMin, waitsFor }: Move) =>
      dueMin === null
        ? this.cookOf(waitsFor?.itemId) >= (waitsFor?.cookMin ?? 0)
        : fromMin + dueMin <= tMin + 1e-9;
    const due = this.moves.filter(isDue);
    for (const move of due) {
      this.moves.splice(this.moves.indexOf(move), 1);
      this.carryOut(move, tMin);
    }
    if (due.length > 0) opened?.();
    const next = this.moves.find((m) => m.dueMin !== null);
    return next === undefined ? Infinity : fromMin + (next.dueMin ?? 0);
  }

  /** What goes in, comes out and goes back as a stretch of the heat begins. */
  beginStretch(stretchId: string, tMin: number): void {
    for (const item of this.plan.items) {
      const { when } = item;
      const out = outOf(item, this.plan);
      if (when.at === "stretch" && when.stretchId === stretchId && !this.inMin.has(item.id))
        this.unlessTold(item, "in", () => {
          this.putIn(item, tMin);
        });
      if (out?.when.at === "stretch" && out.when.stretchId === stretchId)
        this.unlessTold(item, "out", () => {
          this.takeOut(item, tMin);
        });
      if (out?.isBack === true && out.backAt === stretchId)
        this.unlessTold(item, "back", () => {
          this.putBack(item, tMin);
        });
    }
  }

  /** Where the course says when it really moved, it moves then. */
  private unlessTold(item: PlanItem, does: "in" | "out" | "back", move: () => void): void {
    if (!this.course.moves(item.id, does)) move();
  }

  /** What could not move until the lid was off, all of it. */
  takeWaiting(): readonly Move[] {
    return this.moves.splice(0);
  }

  /** Cook value of an ingredient now; 0 where it is not in the pot. */
  cookOf(itemId: string | undefined): number {
    return this.pot.contents.find((s) => s.item.id === itemId)?.heat.cookMin ?? 0;
  }
}

/** What is shut up or never boils knows no "once it has boiled": that is the start. */
const isFirst = ({ when }: PlanItem, { heat }: Plan): boolean =>
  when.at === "start" ||
  (when.at === "after" && (isSealed(heat) || (isSlow(heat) && when.min === 0)));

/** Minutes that a move leaves an opened pressure cooker to simmer. */
export const openMin = (move: Move | undefined): number =>
  move?.does === "in" ? beforeEndMin(move.item) : 0;
