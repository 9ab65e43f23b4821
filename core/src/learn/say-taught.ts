import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { TaughtKind } from "./taught";

const LID = { off: "without its lid", ajar: "with its lid ajar", on: "with its lid on" } as const;
const VIGOUR = {
  bare: "at a bare simmer",
  gentle: "at a gentle simmer",
  steady: "at a steady simmer",
  rolling: "at a rolling boil",
} as const;

/** What something is called that was learned of: "Tall pot with its lid ajar, at a gentle simmer". */
export function thingWords(kind: TaughtKind, plan: Plan, kitchen: Kitchen): string {
  const nameOf = (list: readonly { readonly id: string; readonly name: string }[], id: string) =>
    list.find((x) => x.id === id)?.name ?? id;
  const pot = nameOf(kitchen.vessels, plan.vesselId);
  if (kind === "ring")
    return `${nameOf(kitchen.rings, plan.ringId)} under the ${pot.toLowerCase()}`;
  const { heat } = plan;
  switch (heat.method) {
    case "hob":
      return `${pot} ${LID[heat.lid]}, ${VIGOUR[heat.vigour]}`;
    case "oven":
      return `${pot} in the oven, ${LID[heat.lid]}`;
    case "slowCooker":
      return `${pot} on ${heat.setting.toUpperCase()}`;
    case "pressure":
      return `${pot} under pressure`;
  }
}
