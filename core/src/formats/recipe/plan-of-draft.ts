import { resolve } from "../../simulate/set-pot";
import type { Heat } from "../../heats/heat-schema";
import { SCHEMA_VERSION } from "../../simulate/schema-version";
import { HEATS, hasLid, isOnRing, isRest, isSpare, suits } from "../../heats/heat";
import { MOST_ITEM_KG } from "../../units/limits";
import { kilos, say } from "../../units/said";
import { ingredientById } from "../../ingredient/catalogue";
import { traitsOf } from "../../ingredient/traits";
import { ingredientOf, usualBoneShare } from "../../simulate/item-facts";
import type { IngredientGroup } from "../../ingredient/ingredient";
import type { Kitchen } from "../../simulate/kitchen-schema";
import {
  PlanSchema,
  type HeatStretch,
  type Plan,
  type PlanItem,
  type Stop,
} from "../../simulate/plan-schema";
import { heatsOf } from "../../simulate/stretches";
import { isRoomIn } from "../../simulate/pot-fit";
import { Problem } from "../../units/problem";
import { capacityL } from "../../vessel/volume";
import { takenUp } from "../../convert/like";
import { usualHeat } from "../../convert/targets";
import type { Lid } from "../../vessel/lid";
import type { Vessel } from "../../vessel/vessel-schema";
import type { SaidTurn } from "./read-turns";
import { saidHeat } from "./said-heat";
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
  const last = pots.findLast((v) => !isSpare(v, heat.method)) ?? pots.at(-1);
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
  const said = stretchesSaid(draft, heat, last, kitchen);
  const items = solid.map((l) => outFor(draft, said.then, itemOf(l, solid, kitchen)));
  // What is no stretch of this pot after all is told at the stove.
  const isDown = said.then.some((s) => s.id === BOIL_DOWN);
  const isLeft = (text: string) =>
    [draft.before, ...draft.after].some(
      (turn) =>
        turn !== null &&
        text.includes(turn.text) &&
        turnSaid(turn, "", draft, last, kitchen).length === 0,
    );
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
        .map(({ text, kinds, isHeld }) => ({
          text,
          isHeld: isHeld && !isLeft(text) && (isDown || !kinds.includes("reduce")),
        }))
        .slice(0, MOST_STEPS),
    },
  });
  if (!made.success) throw tooMuch(made.error.issues[0]?.path ?? [], items.length);
  const plan = made.data;
  const fitting = pots.find(
    (v) =>
      isRoomIn(v, resolve(plan, kitchen)) &&
      heatsOf(plan).every((h) => suits(v, h.method)) &&
      !isSpare(v, heat.method),
  );
  return { ...plan, vesselId: (fitting ?? last).id };
}

/**
 * Its stretches in the order of the steps: on the ring before the oven, its own, its end with the lid off, on
 * another heat or off it, boiled down. What this pot or kitchen cannot do is left to the steps.
 */
function stretchesSaid(
  draft: RecipeDraft,
  heat: Heat,
  vessel: Vessel,
  kitchen: Kitchen,
): Pick<Plan, "heat" | "stop" | "then"> {
  const { hold, before } = draft;
  const isForHob = suits(vessel, "hob");
  const openMin = openEndMin(draft, heat);
  const holdMin = typeof hold === "number" ? hold - openMin : hold;
  const stop: Stop =
    holdMin === "tender" || holdMin === null
      ? { by: "tender" }
      : { by: "time", holdMin: Math.max(1, holdMin) };
  const later: Plan["then"] = [
    ...(openMin > 0 ? [uncovered(heat, openMin)] : []),
    ...draft.after.flatMap((turn, i) => turnSaid(turn, `then-${i}`, draft, vessel, kitchen)),
  ];
  // It stands once all is done.
  const rests = later.filter((s) => isRest(s.heat));
  const then = [
    ...later.filter((s) => !isRest(s.heat)),
    ...(isForHob ? boilDownSaid(draft) : []),
    ...rests,
  ];
  const first = before === null ? [] : turnSaid(before, "first", draft, vessel, kitchen);
  const [ring] = first;
  if (ring === undefined || !isOnRing(ring.heat)) return { heat, stop, then };
  const main = { id: "main", heat: takenUp(heat), stop };
  return { heat: ring.heat, stop: ring.stop, then: [main, ...then] };
}

/** Minutes of its end with the lid off; 0 where it is not taken off, or is longer than all of it. */
function openEndMin({ hold, openMin }: RecipeDraft, heat: Heat): number {
  const isOpened = hasLid(heat) && heat.lid !== "off";
  const isWhole = typeof hold !== "number" || hold - (openMin ?? 0) >= 1;
  return openMin === null || openMin < 1 || !isOpened || !isWhole ? 0 : openMin;
}

const uncovered = (heat: Heat, holdMin: number): HeatStretch => ({
  id: "uncovered",
  heat: { ...takenUp(heat), ...(hasLid(heat) ? { lid: "off" as const } : {}) },
  stop: { by: "time", holdMin },
});

const NOTHING_FIRST = { boilFirstMin: null, highFirstMin: null };

/** Where nothing is said the lid stays as it was; a pressure cooker has been opened. */
const lidBefore = ({ method, lid }: Pick<RecipeDraft, "method" | "lid">): Lid | null =>
  method !== null && HEATS[method].isSealed ? "off" : lid;

/** One more stretch, as far as the pot goes there; none where this kitchen has not got it. */
function turnSaid(
  { on, min, lid, vigour, ovenC }: SaidTurn,
  id: string,
  draft: Pick<RecipeDraft, "method" | "lid">,
  vessel: Vessel,
  kitchen: Kitchen,
): readonly HeatStretch[] {
  const stop: Stop = { by: "time", holdMin: Math.round(min) };
  if (on === "rest") return [{ id, heat: { method: "rest", lid: lid ?? "on" }, stop }];
  if (!suits(vessel, on) || usualHeat(on, kitchen) === null) return [];
  const of = { ovenC, vigour, lid: lid ?? lidBefore(draft), crockSetting: null, ...NOTHING_FIRST };
  return [{ id, heat: takenUp(saidHeat(on, of, kitchen)), stop }];
}

const BOIL_DOWN = "boil-down";

/** The sauce of a dish, or a strained stock, boiled down on the ring, the lid off: so far, or so long. */
function boilDownSaid({ boilDown, strainedDown, end }: RecipeDraft): Plan["then"] {
  const said = end === "strained" ? strainedDown : boilDown;
  if (said === null) return [];
  const { share, volumeL, min } = said;
  const stop: Stop =
    share !== null
      ? { by: "share", share }
      : volumeL !== null
        ? { by: "liquid", liquidL: volumeL }
        : { by: "time", holdMin: Math.max(1, min ?? 1) };
  const heat = { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null } as const;
  const sieve = end === "strained" ? { isStrained: true as const } : {};
  return [{ id: BOIL_DOWN, heat, stop, ...sieve }];
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
        say`An amount or a name in it is more than a plan holds (${path.map(String).join(" ")}). Look at the weights: up to ${kilos(MOST_ITEM_KG)} each.`,
      );

/** Meat that is lifted out while the sauce boils down, or to be taken off its bones, and goes back at the end. */
function outFor(draft: RecipeDraft, then: Plan["then"], item: PlanItem): PlanItem {
  const { group } = ingredientOf(item);
  const isOnBones = group === "bones" || traitsOf(item.ingredientId).uneatenShare !== undefined;
  const isPicked = draft.isPicked && isOnBones && (group === "meat" || group === "bones");
  const isDown =
    draft.boilDown?.isMeatOut === true && then.some((s) => s.id === BOIL_DOWN) && group === "meat";
  if (draft.end === "strained" || item.when.at !== "start" || !(isPicked || isDown)) return item;
  // What stands after it stands with the meat in.
  const after = then[then.findIndex((s) => s.id === BOIL_DOWN) + 1];
  return {
    ...item,
    out: {
      ...(isDown && after !== undefined ? { backAt: after.id } : {}),
      when: isDown ? { at: "stretch", stretchId: BOIL_DOWN } : { at: "beforeEnd", min: 1 },
      isBack: true,
      ...(isPicked ? { boneShare: usualBoneShare(item) } : {}),
    },
  };
}

/** What goes in as a line of the recipe says it. */
function itemOf(line: DraftLine, all: readonly DraftLine[], kitchen: Kitchen): PlanItem {
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
    boiledMin: 0,
    frozen: line.isFrozen && THAWED.has(ingredientById(ingredientId).group),
    ...(line.edgeM === null
      ? {}
      : { piece: { kind: "brick" as const, sizeM: [line.edgeM, line.edgeM, line.edgeM] } }),
    work: [...(isBean && !isSoaked ? [{ kind: "soak" as const }] : []), ...line.work],
  };
}
