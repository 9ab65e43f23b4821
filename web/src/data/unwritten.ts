import { migratePlan } from "@kettlos/core/formats/migrate";
import { PlanSchema } from "@kettlos/core/simulate/plan-schema";
import { z } from "@kettlos/core/units/zod";
import { stepBroughtUp } from "./bring-up";
import { heldKeys, letGoOfHeld } from "./held";
import { writeSteps } from "./held-steps";
import { savePlanChange } from "./repository";

/**
 * A page that goes cannot wait for the disk: a write under way is dropped with it. What was still to be
 * written is held where it is kept at once, and written when Kettlos opens again.
 */
const Held = z.preprocess(migratePlan, PlanSchema);
const HeldPlanSchema = z.strictObject({ base: Held, mine: Held });
const StepSchema = z.strictObject({ n: z.number(), what: z.string(), value: z.unknown() });
const HeldStepsSchema = z.strictObject({
  steps: z.array(
    z.strictObject({
      put: z.array(
        z.strictObject({
          key: z.string(),
          doc: z.string(),
          side: z.enum(["undo", "redo"]),
          step: StepSchema,
        }),
      ),
      gone: z.array(z.string()),
    }),
  ),
});

/** Writes what was held; what is written already stays as it is. */
export async function writeHeld(): Promise<void> {
  for (const key of heldKeys()) {
    const held = readHeld(key);
    const change = HeldPlanSchema.safeParse(held);
    if (change.success) await savePlanChange(change.data.base, change.data.mine);
    const steps = HeldStepsSchema.safeParse(held).data?.steps ?? [];
    for (const { put, gone } of steps) await writeSteps({ put: put.map(stepBroughtUp), gone });
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
