import { migratePlan } from "@kettlos/core/formats/migrate";
import { PlanSchema, type Plan } from "@kettlos/core/simulate/plan-schema";
import { z } from "zod";
import { newId } from "./new-id";
import { HELD_PREFIX, heldKeys } from "./held";
import { savePlanChange } from "./repository";

/**
 * A page that goes cannot wait for the disk: a write under way is dropped with it. What was still to be
 * written is held where it is kept at once, and written when Kettlos opens again.
 */
const Held = z.preprocess(migratePlan, PlanSchema);
const HeldSchema = z.strictObject({ base: Held, mine: Held });

/** Holds a change of a plan in place of one held before; its key, null where the browser holds nothing. */
export function holdUnwritten(base: Plan, mine: Plan, before: string | null): string | null {
  const key = before ?? `${HELD_PREFIX}${newId()}`;
  try {
    localStorage.setItem(key, JSON.stringify({ base, mine }));
    return key;
  } catch {
    return null;
  }
}

export const letGoOfHeld = (key: string): void => localStorage.removeItem(key);

/** Writes what was held; what is written already stays as it is. */
export async function writeHeld(): Promise<void> {
  for (const key of heldKeys()) {
    const held = HeldSchema.safeParse(readHeld(key));
    if (held.success) await savePlanChange(held.data.base, held.data.mine);
    letGoOfHeld(key);
  }
}

function readHeld(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "null");
  } catch {
    return null;
  }
}
