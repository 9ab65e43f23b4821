import type { Vigour } from "../heat/constants";
import type { CrockSetting } from "../heat/slow-cooker";
import type { Lid } from "../vessel/lid";

/** Heat and lid as the cook sets them, from then on. Minutes count from the first heat. */
export interface HeatTurn {
  readonly tMin: number;
  readonly vigour: Vigour;
  readonly lid: Lid;
  readonly setting?: CrockSetting;
  readonly ovenC?: number;
}

/** A time without heat, or with the lid off. */
export interface Gap {
  readonly fromMin: number;
  readonly toMin: number;
  readonly what: "heat" | "lid";
}

/** Something that happens at one moment. What is poured back was ladled out before. */
export type Happening =
  | {
      readonly tMin: number;
      readonly does: "pour" | "pourBack";
      readonly kg: number;
      readonly tempC: number;
    }
  | { readonly tMin: number; readonly does: "ladle"; readonly kg: number }
  | { readonly tMin: number; readonly does: "in"; readonly itemId: string; readonly massKg: number }
  | { readonly tMin: number; readonly does: "out" | "back" | "fork"; readonly itemId: string };

/**
 * What really happens to a pot, where it departs from its plan. A simulation follows it to the minute;
 * what it does not speak of goes as planned.
 */
export interface Course {
  /** When it was seen to come up (boils, simmers, at pressure), min; null lets the fire decide. */
  readonly cameUpMin: number | null;
  /** When it was turned down from the boil, min; null goes by the plan. */
  readonly turnedDownMin: number | null;
  readonly turns: readonly HeatTurn[];
  /** What a thermometer says it is held at, from then on until it is turned. */
  readonly seen: readonly { readonly tMin: number; readonly tempC: number }[];
  readonly gaps: readonly Gap[];
  readonly happenings: readonly Happening[];
  /** When the second stretch of the heat began, the third, …, min: as far as they have. */
  readonly stretchFromMin?: readonly number[];
  /** When it came off the heat, min: what each piece had by then is kept apart. */
  readonly offMin?: number;
}

export const AS_PLANNED: Course = {
  cameUpMin: null,
  turnedDownMin: null,
  turns: [],
  seen: [],
  gaps: [],
  happenings: [],
};

/** Steps end at a moment to within this, min. */
const SAME_MIN = 1e-6;

/** Internal: a course read along with the clock, which never runs back. */
export class CourseReader {
  private readonly due: Happening[];

  /** All moments at which anything is otherwise from then on, in order. */
  private readonly changesMin: readonly number[];
  private changed = 0;

  constructor(readonly course: Course) {
    this.due = [...course.happenings].sort((a, b) => a.tMin - b.tMin);
    this.changesMin = [
      ...course.happenings.map((h) => h.tMin),
      ...course.turns.map((t) => t.tMin),
      ...course.seen.map((s) => s.tMin),
      ...course.gaps.flatMap((g) => [g.fromMin, g.toMin]),
      ...[course.cameUpMin, course.turnedDownMin, course.offMin].flatMap((m) => m ?? []),
    ].sort((a, b) => a - b);
  }

  /** When the next thing changes after tMin, min. */
  nextChangeMin(tMin: number): number {
    while ((this.changesMin[this.changed] ?? Infinity) <= tMin + SAME_MIN) this.changed++;
    return this.changesMin[this.changed] ?? Infinity;
  }

  /** How many things have changed up to the last moment that was asked for. */
  get changes(): number {
    return this.changed;
  }

  /** What happens up to tMin and has not been handed out yet, in order. */
  take(tMin: number): readonly Happening[] {
    let count = 0;
    while ((this.due[count]?.tMin ?? Infinity) <= tMin + SAME_MIN) count++;
    return count === 0 ? NOTHING : this.due.splice(0, count);
  }

  /** True where a course and not the plan moves this ingredient so. */
  moves(itemId: string, does: "in" | "out" | "back"): boolean {
    return this.course.happenings.some((h) => h.does === does && h.itemId === itemId);
  }

  isGap(what: Gap["what"], tMin: number): boolean {
    return this.course.gaps.some(
      (g) => g.what === what && tMin >= g.fromMin - SAME_MIN && tMin < g.toMin - SAME_MIN,
    );
  }

  /** °C it is seen to be held at; null where nobody read it since it was last turned. */
  seenAt(tMin: number): number | null {
    const seen = this.course.seen.findLast((s) => s.tMin <= tMin + SAME_MIN);
    return seen === undefined || seen.tMin < (this.turnAt(tMin)?.tMin ?? 0) ? null : seen.tempC;
  }

  turnAt(tMin: number): HeatTurn | null {
    return this.course.turns.findLast((t) => t.tMin <= tMin + SAME_MIN) ?? null;
  }
}

const NOTHING: readonly Happening[] = [];
