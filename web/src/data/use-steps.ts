import { computed, shallowRef } from "vue";
import { db } from "./db";
import { keepSteps } from "./held-steps";
import type { Step, StoredStep } from "./stored-step";

const MOST_STEPS = 150;
/** By the clock, so that it comes after what is still to be read; never twice the same. */
const nextAfter = (steps: readonly { readonly n: number }[]): number =>
  Math.max(Date.now(), (steps.at(-1)?.n ?? 0) + 1);
const keyOf = (doc: string, side: StoredStep["side"], n: number) => `${doc}:${side}:${n}`;

/**
 * What was done to one document at a time, undone and redone step by step; kept with it, so that a reload
 * or another day changes nothing.
 */
export function useSteps<T>() {
  const past = shallowRef<readonly Step<T>[]>([]);
  const future = shallowRef<readonly Step<T>[]>([]);
  let doc: string | null = null;

  /** Turns to a document; its steps are there as soon as they are read. */
  async function turnTo(id: string): Promise<void> {
    if (doc === id) return;
    doc = id;
    past.value = [];
    future.value = [];
    const rows = await db.steps.where("doc").equals(id).toArray();
    if (doc !== id) return;
    const side = (of: StoredStep["side"]) =>
      rows
        .filter((r) => r.side === of)
        .map((r) => r.step as Step<T>)
        .toSorted((a, b) => a.n - b.n);
    // What was done meanwhile comes after what was read, and nothing undone before it is done again.
    const meanwhile = past.value;
    const read = side("undo").filter((s) => !meanwhile.some((m) => m.n === s.n));
    past.value = [...read, ...meanwhile];
    if (meanwhile.length === 0) future.value = side("redo");
  }

  const stored = (side: StoredStep["side"], step: Step<T>): StoredStep => ({
    key: keyOf(doc ?? "", side, step.n),
    doc: doc ?? "",
    side,
    step,
  });

  /** Notes that a document was changed, and what it was before. */
  function note(before: T, what: string): void {
    if (doc === null) return;
    const step = { n: nextAfter(past.value), what, value: before };
    const dropped = past.value.slice(0, Math.max(0, past.value.length + 1 - MOST_STEPS));
    void keepSteps({
      put: [stored("undo", step)],
      gone: [
        ...future.value.map((s) => keyOf(doc ?? "", "redo", s.n)),
        ...dropped.map((s) => keyOf(doc ?? "", "undo", s.n)),
      ],
    });
    past.value = [...past.value.slice(dropped.length), step];
    future.value = [];
  }

  function move(from: typeof past, to: typeof past, side: StoredStep["side"], now: T): T | null {
    const step = from.value.at(-1);
    if (step === undefined || doc === null) return null;
    const other = side === "undo" ? "redo" : "undo";
    const back = { n: nextAfter(to.value), what: step.what, value: now };
    void keepSteps({ put: [stored(other, back)], gone: [keyOf(doc, side, step.n)] });
    from.value = from.value.slice(0, -1);
    to.value = [...to.value, back];
    return step.value;
  }

  return {
    turnTo,
    note,
    /** The document as it was before the last step; null where there is none. */
    back: (now: T) => move(past, future, "undo", now),
    /** As it was before that was undone; null where nothing was. */
    forth: (now: T) => move(future, past, "redo", now),
    /** What undo, and redo, would bring. */
    peekBack: (): T | null => past.value.at(-1)?.value ?? null,
    peekForth: (): T | null => future.value.at(-1)?.value ?? null,
    undoes: computed(() => past.value.at(-1)?.what ?? null),
    redoes: computed(() => future.value.at(-1)?.what ?? null),
  };
}
