import { ingredientById } from "../../ingredient/catalogue";
import type { IngredientGroup } from "../../ingredient/ingredient";
import { SCHEMA_VERSION, type Kitchen } from "../../simulate/kitchen-schema";
import {
  PlanSchema,
  type Heat,
  type Plan,
  type PlanItem,
  type Stop,
  type When,
} from "../../simulate/plan-schema";
import { suits } from "../../simulate/references";
import { isRoomIn } from "../../simulate/water-ways";
import { Problem } from "../../units/problem";
import { capacityL } from "../../vessel/volume";
import { saidHeat } from "./said-heat";
import { isHeld } from "./step-kinds";
import { openDoubts, type DraftLine, type RecipeDraft } from "./draft";

/** What one eats of a stew where a recipe only says for how many. */
const EACH_KG = 0.45;
const MOST_TO_TASTE = 20;
const MOST_STEPS = 120;
/** Frozen, these start slowly and want thawing; peas do not. */
const THAWED: ReadonlySet<IngredientGroup> = new Set(["meat", "bones", "fish"]);

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
  const heat = saidHeat(draft.method ?? "hob", draft, kitchen);
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
  const said = stretchesSaid(draft, heat, suits(last, "hob"));
  const isOut = draft.boilDown?.isMeatOut === true && said.then.some((s) => s.id === BOIL_DOWN);
  const items = solid.map((l) => outFor(isOut, itemOf(l, solid, kitchen)));
  const made = PlanSchema.safeParse({
    schemaVersion: SCHEMA_VERSION,
    id,
    name: draft.name,
    vesselId: last.id,
    ringId: ring.id,
    items,
    water:
      water.some((l) => l.toCover) || (water.length === 0 && draft.isCovered)
        ? { by: "cover" }
        : { by: "amount", volumeL: water.reduce((sum, l) => sum + (l.massKg ?? 0), 0) },
    heat,
    ...said,
    end: draft.end,
    serves:
      draft.people === null || draft.end === "strained"
        ? null
        : { people: draft.people, eachKg: EACH_KG },
    source: draft.source,
    recipe: {
      toTaste: draft.lines
        .filter((l) => l.isToTaste && !l.isLeftOut)
        .map((l) => l.nameText)
        .slice(0, MOST_TO_TASTE),
      steps: draft.steps
        .map(({ text, kinds }) => ({ text, isHeld: isHeld(kinds) }))
        .slice(0, MOST_STEPS),
    },
  });
  if (!made.success) throw tooMuch(made.error.issues[0]?.path ?? [], items.length);
  const plan = made.data;
  const fitting = pots.find(
    (v) =>
      isRoomIn(v, plan, kitchen) && (heat.method === "pressure" || v.kind !== "pressureCooker"),
  );
  return { ...plan, vesselId: (fitting ?? last).id };
}

/** One stretch; with the lid off at its end, or its sauce boiled down, more. An end longer than all of it is none. */
function stretchesSaid(
  draft: RecipeDraft,
  heat: Heat,
  isForHob: boolean,
): Pick<Plan, "stop" | "then"> {
  const { hold, openMin } = draft;
  const stopOf = (min: number | "tender" | null): Stop =>
    min === "tender" || min === null ? { by: "tender" } : { by: "time", holdMin: min };
  const down = isForHob ? boilDownSaid(draft) : [];
  const isOpened = (heat.method === "hob" || heat.method === "oven") && heat.lid !== "off";
  const firstMin = typeof hold === "number" ? hold - (openMin ?? 0) : hold;
  const isWhole = typeof firstMin !== "number" || firstMin >= 1;
  if (openMin === null || openMin < 1 || !isOpened || !isWhole)
    return { stop: stopOf(hold), then: down };
  const open =
    heat.method === "hob"
      ? { ...heat, lid: "off" as const, boilFirstMin: null }
      : { ...heat, lid: "off" as const, start: "hot" as const };
  return {
    stop: stopOf(firstMin),
    then: [{ id: "uncovered", heat: open, stop: { by: "time", holdMin: openMin } }, ...down],
  };
}

const BOIL_DOWN = "boil-down";

/** The sauce of a dish boiled down on the ring, the lid off: so far, or so long. */
function boilDownSaid({ boilDown, end }: RecipeDraft): Plan["then"] {
  if (boilDown === null || end === "strained") return [];
  const { share, volumeL, min } = boilDown;
  const stop: Stop =
    share !== null
      ? { by: "share", share }
      : volumeL !== null
        ? { by: "liquid", liquidL: volumeL }
        : { by: "time", holdMin: Math.max(1, min ?? 1) };
  const heat = { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null } as const;
  return [{ id: BOIL_DOWN, heat, stop }];
}

/** More than a plan holds, named by where it is. */
const tooMuch = (path: readonly PropertyKey[], items: number): Problem =>
  path[0] === "items" && path.length === 1
    ? new Problem(
        "range",
        "items",
        items,
        `It has ${items} things that go in; a plan holds up to 60. Leave some out.`,
      )
    : new Problem(
        "range",
        path.map(String).join("."),
        null,
        `An amount or a name in it is more than a plan holds (${path.map(String).join(" ")}). Look at the weights: up to 200 kg each.`,
      );

/** Meat that is lifted out while the sauce boils down, and goes back at the end. */
const outFor = <T extends { readonly ingredientId: string; readonly when: When }>(
  isOut: boolean,
  item: T,
): T & Pick<PlanItem, "out"> =>
  isOut && ingredientById(item.ingredientId).group === "meat" && item.when.at === "start"
    ? { ...item, out: { when: { at: "stretch", stretchId: BOIL_DOWN }, isBack: true } }
    : item;

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
    frozen: line.isFrozen && THAWED.has(ingredientById(ingredientId).group),
    ...(line.edgeM === null
      ? {}
      : { piece: { kind: "brick" as const, sizeM: [line.edgeM, line.edgeM, line.edgeM] } }),
    work: [...(isBean && !isSoaked ? [{ kind: "soak" as const }] : []), ...line.work],
  };
}
