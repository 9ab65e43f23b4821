import { ingredientById } from "../../ingredient/catalogue";
import { SCHEMA_VERSION, type Kitchen } from "../../simulate/kitchen-schema";
import { PlanSchema, type Heat, type Plan } from "../../simulate/plan-schema";
import { suits } from "../../simulate/references";
import { fitIn, waterL } from "../../simulate/water-ways";
import { outcomeOf, Problem } from "../../units/problem";
import { capacityL } from "../../vessel/volume";
import { openDoubts, type RecipeDraft } from "./draft";

/** What one eats of a stew where a recipe only says for how many. */
const EACH_KG = 0.45;

function heatOf(draft: RecipeDraft, kitchen: Kitchen): Heat {
  const oven = kitchen.ovens[0];
  switch (draft.method) {
    case "oven":
      if (oven === undefined)
        throw new Problem(
          "unknownReference",
          "oven",
          null,
          "This kitchen has no oven. Cook it on the hob, or set one up under Kitchen.",
        );
      return {
        method: "oven",
        ovenId: oven.id,
        ovenC: draft.ovenC ?? 150,
        lid: "on",
        start: "hot",
      };
    case "slowCooker":
      return {
        method: "slowCooker",
        setting: draft.crockSetting,
        start: "cold",
        highFirstMin: 0,
        lidLifts: 0,
        warmMin: 0,
      };
    case "pressure":
      return { method: "pressure", setting: "high", release: "natural" };
    default:
      return { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null };
  }
}

/**
 * The draft as a plan of this kitchen: the smallest pot that holds it, else the biggest there is.
 * @throws Problem `unreadable` while a doubt is open, `unknownReference` where the kitchen lacks a pot,
 * a ring or an oven
 */
export function planOfDraft(draft: RecipeDraft, kitchen: Kitchen, id: string): Plan {
  const open = openDoubts(draft);
  if (open > 0)
    throw new Problem(
      "unreadable",
      "recipe",
      open,
      `${open} ${open === 1 ? "question is" : "questions are"} still open.`,
    );
  const heat = heatOf(draft, kitchen);
  const ring = [...kitchen.rings].sort((a, b) => b.powerW - a.powerW)[0];
  const pots = kitchen.vessels
    .filter((v) => suits(v, heat.method) && v.kind !== "pan")
    .sort(
      (a, b) =>
        Number(a.kind === "pressureCooker") - Number(b.kind === "pressureCooker") ||
        capacityL(a) - capacityL(b),
    );
  const last =
    pots.filter((v) => heat.method === "pressure" || v.kind !== "pressureCooker").at(-1) ??
    pots.at(-1);
  if (ring === undefined || last === undefined)
    throw new Problem(
      "unknownReference",
      "vesselId",
      draft.method,
      "This kitchen has no pot and ring for it. Set them up under Kitchen.",
    );
  const used = draft.lines.filter((l) => !l.isLeftOut && l.ingredientId !== null);
  const water = used.filter((l) => l.ingredientId === "water");
  const items = used
    .filter((l) => l.ingredientId !== "water")
    .map((l) => ({
      id: l.id,
      ingredientId: l.ingredientId ?? "",
      massKg: l.massKg ?? 0,
      ...(l.counted === undefined ? {} : { counted: l.counted }),
      when: l.when,
      preparation: l.preparation,
      work:
        ingredientById(l.ingredientId ?? "").dryBean === true ? [{ kind: "soak" as const }] : [],
    }));
  const plan = PlanSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id,
    name: draft.name,
    vesselId: last.id,
    ringId: ring.id,
    items,
    water: water.some((l) => l.toCover)
      ? { by: "cover" }
      : { by: "amount", volumeL: water.reduce((sum, l) => sum + (l.massKg ?? 0), 0) },
    heat,
    stop:
      draft.hold === "tender" || draft.hold === null
        ? { by: "tender" }
        : { by: "time", holdMin: draft.hold },
    end: isStock(draft) ? "strained" : "served",
    serves:
      draft.people === null || isStock(draft) ? null : { people: draft.people, eachKg: EACH_KG },
    source: draft.source,
  });
  const fitting = pots.find((v) => {
    const outcome = outcomeOf(
      () => fitIn(v, plan, waterL({ ...plan, vesselId: v.id }, kitchen)).limit === "fits",
    );
    return (
      outcome.ok && outcome.value && (heat.method === "pressure" || v.kind !== "pressureCooker")
    );
  });
  return { ...plan, vesselId: (fitting ?? last).id };
}

/** A recipe that strains what it cooks is a stock. */
const isStock = (draft: RecipeDraft): boolean =>
  draft.steps.some((s) => /\bstrain(?:ed)?\b/i.test(s)) &&
  draft.lines.some(
    (l) => l.ingredientId !== null && ingredientById(l.ingredientId).group === "bones",
  );
