import { exp } from "../units/same-math";
import { resolve } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { Liking } from "../events/log/terms";
import type { Gap } from "../batch/gap";
import { begunMs } from "../batch/of-log";
import { planAsWent } from "../batch/plan-of-cook";
import { boughtFor, type Bought } from "../dish/shopping";
import type { SetGrade } from "../extraction/set";
import { drawerOf, type Drawer } from "../larder/draws";
import type { LoggedPot } from "../learn/from-pot";
import { thingWords } from "../learn/say-taught";
import { SEEN_ONCE, type PotWords, type SeenOnce } from "../learn/taught";
import type { KindId } from "../simulate/dish-words";
import { ingredientOf, nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { outcomeOf } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";

/** What was learned of a thing, seen in one pot: how far from the usual it was there. */
export interface SeenOf {
  readonly thing: string;
  readonly name: string;
  readonly factor: number;
}

/**
 * A pot as it stands in the logbook: what lists, search, trends and the larder ask of it, without its log and
 * its kitchen. It is made from these and can be thrown away.
 */
export interface ShelvedPot extends Drawer {
  /** The kitchen it was cooked in. */
  readonly kitchenId: string;
  readonly kind: KindId | null;
  readonly end: Plan["end"];
  readonly begunMs: number;
  readonly strainedMs: number | null;
  readonly finishedMs: number;
  readonly onHeatMin: number | null;
  /** What it was cooked in; null where its kitchen has it no more. */
  readonly vessel: Vessel | null;
  readonly strainedL: number | null;
  /** Nobody measured it: it is as it was reckoned. */
  readonly isReckoned: boolean;
  readonly servedKg: number | null;
  readonly set: SetGrade | null;
  readonly liking: Liking | null;
  /** Planned against got; null where it was not measured or cannot be reckoned. */
  readonly gap: Gap | null;
  readonly bought: Bought;
  /** The bones or meat that give most of its body. */
  readonly bone: string | null;
  readonly seen: Readonly<Record<SeenOnce, SeenOf | null>>;
  readonly ingredients: readonly string[];
  /** What was noted and tasted, in the cook's own words. */
  readonly notes: readonly string[];
  /** What else it may be remembered by: its plan's note, who tasted, how it tasted. */
  readonly about: readonly string[];
}

/** What is worked out of a pot by simulation. */
export interface WorkedOut {
  readonly words: PotWords | null;
  readonly gap: Gap | null;
}

/**
 * A finished pot for the shelves; null where it is not finished. `stored` is the batch as it was begun, `batch`
 * with its plan as it was really cooked.
 */
export function shelvedOf(
  { batch, stored, cook }: LoggedPot & { readonly stored: LoggedPot["batch"] },
  worked: WorkedOut,
): ShelvedPot | null {
  if (cook.finishedMs === null) return null;
  const { plan, kitchen } = batch;
  const { litMs, offMs, result } = cook;
  const vessel = outcomeOf(() => vesselOf(resolve(plan, kitchen)));
  const seen = (kind: SeenOnce): SeenOf | null => {
    const said = worked.words?.seen[kind];
    if (said?.ok !== true) return null;
    const { thing, log } = said.observation;
    return { thing, name: thingWords(kind, plan, kitchen), factor: exp(log) };
  };
  const told = cook.events.filter((e) => e.kind === "noted" || e.kind === "tasted");
  const main = plan.items
    .filter((i) => ingredientOf(i).role === "body")
    .toSorted((a, b) => b.massKg - a.massKg)[0];
  return {
    ...drawerOf({ batch, stored }),
    kitchenId: kitchen.id,
    kind: plan.kind,
    end: plan.end,
    begunMs: begunMs({ batch, cook }),
    strainedMs: cook.strainedMs,
    finishedMs: cook.finishedMs,
    onHeatMin: litMs === null || offMs === null ? null : (offMs - litMs) / MINUTE_MS,
    vessel: vessel.ok ? vessel.value : null,
    strainedL: result?.strainedL ?? null,
    isReckoned: result?.isReckoned ?? false,
    servedKg: result?.servedKg ?? null,
    set: result?.set ?? null,
    liking: cook.liking,
    gap: worked.gap,
    bought: boughtFor(resolve(planAsWent(plan, cook), kitchen)),
    bone: main === undefined ? null : nameOf(main),
    seen: Object.fromEntries(SEEN_ONCE.map((kind) => [kind, seen(kind)])) as ShelvedPot["seen"],
    ingredients: plan.items.map(nameOf),
    notes: told.map((e) => e.text).filter((text) => text !== ""),
    about: [
      plan.note,
      plan.forWhat,
      ...told.flatMap((e) => (e.kind === "tasted" ? [e.who, ...e.tastes] : [])),
    ].filter((text) => text !== ""),
  };
}
