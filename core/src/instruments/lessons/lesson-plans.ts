import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan } from "../../simulate/plan-schema";
import { usualPlan, type GivenPlan } from "../../simulate/usual-plan";

type Given = Partial<GivenPlan>;

const planned = (
  kitchen: Kitchen,
  id: string,
  given: Omit<GivenPlan, "id" | "ringId" | "vesselId"> & Given,
): Plan =>
  usualPlan({
    id,
    ringId: kitchen.rings[0]?.id ?? "",
    vesselId: "stockpot",
    prepareMin: 0,
    ...given,
  });

/** A plain lamb broth in the stockpot: boiled, skimmed, simmered. */
export const lessonBroth = (kitchen: Kitchen, id: string, given: Given = {}): Plan =>
  planned(kitchen, id, {
    name: "Practice broth",
    kind: "meatStock",
    items: [{ id: "neck", ingredientId: "lambNeck", massKg: 1.6, when: { at: "start" } }],
    water: { by: "amount", volumeL: 3.6 },
    heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
    stop: { by: "time", holdMin: 150 },
    ...given,
  });

/** Beef in pieces, served as it is. */
export const lessonStew = (kitchen: Kitchen, id: string, given: Given = {}): Plan =>
  planned(kitchen, id, {
    name: "Practice stew",
    kind: "stew",
    end: "served",
    vesselId: "casserole",
    items: [{ id: "chuck", ingredientId: "beefChuck", massKg: 1.2, when: { at: "start" } }],
    water: { by: "amount", volumeL: 1.2 },
    heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
    stop: { by: "tender" },
    ...given,
  });
