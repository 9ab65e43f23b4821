import { ingredientById } from "../../ingredient/catalogue";
import { SCHEMA_VERSION, type Kitchen } from "../../simulate/kitchen-schema";
import { PlanSchema, type Heat, type Plan } from "../../simulate/plan-schema";
import { suits } from "../../simulate/references";
import { fitIn, waterL } from "../../simulate/water-ways";
import { outcomeOf, Problem } from "../../units/problem";
import { capacityL } from "../../vessel/volume";
import { openDoubts, type DraftLine, type RecipeDraft } from "./draft";

/** What one eats of a stew where a recipe only says for how many. */
const EACH_KG = 0.45;

/**
 * The heat that a text names, in this kitchen.
 * @throws Problem `unknownReference` where it has no oven
 */
export function heatOf(
  draft: Pick<RecipeDraft, "method" | "ovenC" | "lid" | "vigour" | "crockSetting">,
  kitchen: Kitchen,
): Heat {
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
        lid: draft.lid ?? "on",
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
      return {
        method: "hob",
        vigour: draft.vigour ?? "gentle",
        lid: draft.lid ?? "ajar",
        boilFirstMin: null,
      };
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
  const used = draft.lines.filter((l) => !l.isLeftOut && !l.isToTaste && l.ingredientId !== null);
  const water = used.filter((l) => l.ingredientId === "water");
  const solid = used.filter((l) => l.ingredientId !== "water");
  const items = solid.map((l) => itemOf(l, solid, kitchen));
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
    end: draft.end,
    serves:
      draft.people === null || draft.end === "strained"
        ? null
        : { people: draft.people, eachKg: EACH_KG },
    source: draft.source,
    recipe: {
      toTaste: draft.lines.filter((l) => l.isToTaste).map((l) => l.nameText),
      steps: draft.steps.map(({ text, kinds }) => ({ text, isUnderstood: kinds.length > 0 })),
    },
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

/** What goes in as a line of the recipe says it. */
function itemOf(line: DraftLine, all: readonly DraftLine[], kitchen: Kitchen) {
  const ingredientId = line.ingredientId ?? "";
  const own = kitchen.ownIngredients.find((o) => o.name === line.ownName);
  const isSoaked = line.work.some((w) => w.kind === "soak");
  const isBean = ingredientById(ingredientId).dryBean === true;
  // Two of one kind keep the names they go by: three cans of different beans stay three.
  const isTwice =
    all.filter((l) => l.ingredientId === ingredientId && l.ownName === null).length > 1;
  const called = line.ownName ?? (isTwice ? line.nameText.slice(0, 60) : "");
  return {
    id: line.id,
    ingredientId,
    ...(called === "" ? {} : { called }),
    ...(line.ownName === null ? {} : { isOwn: true as const }),
    ...(own?.label === undefined ? {} : { label: own.label }),
    ...(own?.takeOut === undefined ? {} : { takeOut: own.takeOut }),
    massKg: line.massKg ?? 0,
    ...(line.counted === undefined ? {} : { counted: line.counted }),
    when: line.when,
    preparation: line.preparation,
    boneState: line.boneState,
    frozen: line.isFrozen && ingredientById(ingredientId).group === "meat",
    ...(line.edgeM === null
      ? {}
      : { piece: { kind: "brick" as const, sizeM: [line.edgeM, line.edgeM, line.edgeM] } }),
    work: [...(isBean && !isSoaked ? [{ kind: "soak" as const }] : []), ...line.work],
  };
}
