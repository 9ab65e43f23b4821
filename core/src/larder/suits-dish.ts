import { saltWanted } from "../dish/wanted";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { kitchenEstimate } from "../units/constant";
import { containersFor, type Drawer } from "./draws";
import { isUsable, type Holding, type Larder } from "./larder";
import type { Lot } from "./larder-schema";

/** Something of the larder that can go into a dish, and how well it suits. */
export interface Suiting {
  readonly holding: Holding;
  /** How often it was taken for this dish, by its name. */
  readonly timesTaken: number;
  readonly isEnough: boolean;
  /** "over": as salty as the dish is to be, or more, so that nothing else in it bears salt. */
  readonly salt: "fits" | "notKnown" | "over";
  /** Gelatin in it, g/kg; null where nobody knows. */
  readonly gelatinGKg: number | null;
}

/** How often lots of each name went into pots of a dish. */
export function takenFor(
  dish: string,
  pots: readonly Pick<Drawer, "name" | "drawnKg">[],
  lots: ReadonlyMap<string, Pick<Lot, "name">>,
): ReadonlyMap<string, number> {
  const taken = new Map<string, number>();
  for (const { name: cooked, drawnKg } of pots) {
    if (cooked !== dish) continue;
    const names = drawnKg.flatMap(([lotId]) => lots.get(lotId)?.name ?? []);
    for (const name of new Set(names)) taken.set(name, (taken.get(name) ?? 0) + 1);
  }
  return taken;
}

/** So much more gelatin is more body. */
const MORE_BODY_GKG = kitchenEstimate("more body", 8, "g/kg", "about one step of a set");
const SALT_RANK: readonly Suiting["salt"][] = ["fits", "notKnown", "over"];

/**
 * What can go into a dish, what suits best first: what fits in salt before that whose salt nobody knows, before what
 * would salt it over; of as good what is enough, then what the cook has taken for it oftenest, then what has clearly
 * more body, then what is due first.
 */
export function bySuiting(
  offers: readonly Holding[],
  {
    plan,
    kitchen,
    item,
    larder,
    taken,
    nowMs,
  }: {
    readonly plan: Plan;
    readonly kitchen: Pick<Kitchen, "learned">;
    readonly item: PlanItem;
    readonly larder: Larder;
    readonly taken: ReadonlyMap<string, number>;
    readonly nowMs: number;
  },
): readonly Suiting[] {
  const targetGKg = saltWanted(plan, kitchen);
  const countOf = (lotId: string) =>
    larder.holdings
      .filter((h) => h.lot.id === lotId && isUsable(h, nowMs))
      .reduce((sum, h) => sum + h.count, 0);
  const suitings = offers.map((holding): Suiting => {
    const { lot } = holding;
    return {
      holding,
      timesTaken: taken.get(lot.name) ?? 0,
      isEnough: containersFor(lot, item.massKg) <= countOf(lot.id),
      salt: saltFor(lot, targetGKg),
      gelatinGKg: lot.label.gelatinGKg ?? null,
    };
  });
  return suitings.toSorted(
    (a, b) =>
      SALT_RANK.indexOf(a.salt) - SALT_RANK.indexOf(b.salt) ||
      Number(b.isEnough) - Number(a.isEnough) ||
      b.timesTaken - a.timesTaken ||
      bodyStep(b) - bodyStep(a) ||
      a.holding.bestBeforeMs - b.holding.bestBeforeMs,
  );
}

/** Only what there is much of salts a dish over: bones and beans do not, however they were labelled. */
function saltFor({ isLiquid, label }: Lot, targetGKg: number): Suiting["salt"] {
  if (!isLiquid) return "fits";
  if (label.saltGKg === undefined) return "notKnown";
  return label.saltGKg >= targetGKg ? "over" : "fits";
}

const bodyStep = ({ gelatinGKg }: Suiting): number =>
  Math.floor((gelatinGKg ?? 0) / MORE_BODY_GKG.value);
