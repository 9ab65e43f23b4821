import { db } from "./db";
import { hold, letGoOfHeld } from "./held";
import type { StoredStep } from "./stored-step";
import { writing } from "./writing";

/** What is written of the steps to undo in one go. */
export interface StepsWrite {
  readonly put: readonly StoredStep[];
  readonly gone: readonly string[];
}

/** Writes under way, which a page that goes would drop. */
const underWay = new Set<StepsWrite>();
let heldKey: string | null = null;

/** The page goes, or may: what the disk has not yet is held where it is kept at once. */
function leave(): void {
  if (underWay.size > 0) heldKey = hold({ steps: [...underWay] }, heldKey);
}
addEventListener("pagehide", leave);
document.addEventListener("visibilitychange", leave);

export const writeSteps = ({ put, gone }: StepsWrite): Promise<void> =>
  db.transaction("rw", db.steps, async () => {
    await db.steps.bulkDelete([...gone]);
    await db.steps.bulkPut([...put]);
  });

/** Writes steps; should the page go before the disk has them, they are there when Kettlos opens again. */
export async function keepSteps(write: StepsWrite): Promise<void> {
  underWay.add(write);
  try {
    await writing("a step to undo", () => writeSteps(write));
  } finally {
    underWay.delete(write);
    if (underWay.size === 0 && heldKey !== null) {
      letGoOfHeld(heldKey);
      heldKey = null;
    }
  }
}
