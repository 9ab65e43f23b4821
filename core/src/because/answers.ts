import { plannedOnce } from "../simulate/as-planned";
import type { SetPot } from "../simulate/set-pot";
import { goesInAfter } from "../dish/eaten";
import type { DishOf } from "../dish/dish-of";
import { FLAVOUR_WINDOWS, type FlavourWindow } from "../doneness/flavour-window";
import { setOf, type SetGrade } from "../extraction/set";
import { ingredientById } from "../ingredient/catalogue";
import type { FlavourKind } from "../ingredient/ingredient";
import { factsOf } from "../safety/facts";
import type { Caution } from "../safety/caution";
import type { StartBy } from "../schedule/start-by";
import type { Plan } from "../simulate/plan-schema";
import { judgedTarget } from "../simulate/judged";
import { suitsPlan } from "../simulate/references";
import {
  FIGURES,
  spreadOf,
  type FigureId,
  type FigureSpread,
  type Spread,
} from "../simulate/spread";
import type { Trace } from "../simulate/trace";
import { fitIn, type PotFit } from "../simulate/pot-fit";
import { waterWays, type WaterWay } from "../simulate/water-ways";
import type { Estimate } from "../units/estimate";
import { outcomeOf, type Outcome } from "../units/problem";
import { dishFigures, type DishFigures } from "./dish-figures";
import { explain } from "./explain";
import { cautionsAt, startOf, type HourOf } from "./plan-cautions";

/** Where a stock stands in its flavour window. */
export type FlavourState = "short" | "has its flavour" | "at its best" | "past its best";

export interface Flavour {
  readonly kind: FlavourKind;
  /** "a meat stock", or what a dish's meat or pulse shall become: "tender dice". */
  readonly what: string;
  /** A stock is judged by flavour, a dish by what is eaten in it. */
  readonly by: keyof typeof BY_WORDS;
  readonly window: FlavourWindow;
  readonly state: FlavourState;
}

/** Everything a plan answers, from one simulation. */
export interface Answers {
  readonly waterL: number;
  readonly ways: readonly WaterWay[];
  readonly fit: PotFit;
  /** How the plan's water and bones would sit in every pot that stands on the hob. */
  readonly otherPots: readonly PotFit[];
  readonly trace: Trace;
  readonly spread: Spread;
  readonly figures: Readonly<Record<FigureId, Estimate>>;
  readonly set: {
    readonly low: SetGrade;
    readonly expected: SetGrade;
    readonly high: SetGrade;
  };
  readonly flavour: Flavour | null;
  readonly dish: DishOf;
  readonly dishFigures: DishFigures;
  readonly start: StartBy | null;
  readonly cautions: readonly Caution[];
}

const STOCK_WORDS: Readonly<Record<FlavourKind, string>> = {
  fish: "a fish stock",
  vegetable: "a vegetable stock",
  poultry: "a poultry stock",
  meat: "a meat stock",
};
/** What the cook value is held against: a stock's flavour, or how soft something gets. */
export const BY_WORDS = { flavour: "flavour", tender: "tender" } as const;

const NAMES: Record<FigureId, readonly [string, string]> = {
  strainedL: ["Strained", "L"],
  endLiquidL: ["Liquid in the pot at the end", "L"],
  steamedL: ["Steamed off", "L"],
  gelatinGL: ["Gelatin", "g/L"],
  saltGL: ["Salt", "g/L"],
  fatKg: ["Fat", "kg"],
  cookMin: ["Cook value", "min at 100 °C"],
  toSimmerMin: ["Until it simmers", "min"],
  holdMin: ["Simmer", "min"],
  totalMin: ["Heat on", "min"],
};

/**
 * Works a plan out in a kitchen. `spread` may be handed over from a moment ago (while a water line is
 * dragged): its relative widths then stand until they are worked out anew.
 * `hourOf` is for cautions about the night.
 * @returns the answers, or the problem that stands in the way
 */
export function answersFor(setPot: SetPot, hourOf: HourOf, spread?: Spread): Outcome<Answers> {
  const { plan, kitchen } = setPot;
  return outcomeOf(() => {
    const { trace, waterKg, waterL: water } = plannedOnce(setPot);
    const widths = spread ?? spreadOf(setPot, waterKg, trace);
    const told = { ...setPot, trace, waterL: water };
    const figures = Object.fromEntries(
      (Object.keys(FIGURES) as FigureId[]).map((id) => [id, figure(id, told, widths.figures[id])]),
    ) as Record<FigureId, Estimate>;
    const { gelatinGL, totalMin } = figures;
    const facts = factsOf(setPot, trace, water);
    const { dish, fit } = facts;
    const start = startOf(plan, dish, totalMin);
    return {
      waterL: water,
      ways: waterWays(setPot),
      fit,
      otherPots: kitchen.vessels
        .filter((v) => suitsPlan(v, plan) && v.id !== plan.vesselId)
        .map((v) => fitIn(v, setPot.start, water)),
      trace,
      spread: widths,
      figures,
      set: {
        low: setOf(gelatinGL.low),
        expected: setOf(gelatinGL.expected),
        high: setOf(gelatinGL.high),
      },
      flavour: flavourOf(plan, trace),
      dish,
      dishFigures: dishFigures(plan, kitchen, dish, trace, widths.figures.endLiquidL),
      start,
      cautions: cautionsAt(facts, start, hourOf),
    };
  });
}

function figure(
  id: FigureId,
  told: SetPot & { trace: Trace; waterL: number },
  spread: FigureSpread,
): Estimate {
  const [name, unit] = NAMES[id];
  const expected = FIGURES[id](told.trace);
  return {
    id,
    name,
    unit,
    low: expected * spread.lowFactor,
    expected,
    high: expected * spread.highFactor,
    because: explain(id, told, spread),
  };
}

/** The window of what the pot is mainly made from; null without bones, meat or vegetables. */
function flavourOf(plan: Plan, trace: Trace): Flavour | null {
  const main = plan.items
    .filter((i) => !goesInAfter(i))
    .map((item) => ({ item, kg: item.massKg, ingredient: ingredientById(item.ingredientId) }))
    .filter(({ item, ingredient }) =>
      plan.end === "served"
        ? item.id === trace.mainItemId
        : ingredient.flavour !== undefined ||
          ingredient.group === "vegetable" ||
          ingredient.group === "dried",
    )
    .sort(
      (a, b) =>
        Number(b.ingredient.flavour !== undefined) - Number(a.ingredient.flavour !== undefined) ||
        b.kg - a.kg,
    )[0];
  if (main === undefined) return null;
  const kind = main.ingredient.flavour ?? "vegetable";
  const target =
    main.ingredient.group === "meat" || plan.end === "served"
      ? judgedTarget(main.item, trace)
      : null;
  const window: FlavourWindow =
    target === null
      ? FLAVOUR_WINDOWS[kind]
      : { from: target.done, ideal: target.ideal, past: target.past };
  if (plan.end === "served" && target === null) return null;
  const c = trace.cookMin;
  const state: FlavourState =
    c < window.from.value
      ? "short"
      : c > window.past.value
        ? "past its best"
        : c >= window.ideal.value * 0.75
          ? "at its best"
          : "has its flavour";
  return target === null
    ? { kind, what: STOCK_WORDS[kind], by: "flavour", window, state }
    : { kind, what: target.name, by: "tender", window, state };
}
