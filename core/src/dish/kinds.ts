import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import type { Heat } from "../heats/heat-schema";
import type { HobHeat } from "../heats/hob-schema";
import { boilFirstMinOf, isOnRing, suits } from "../heats/heat";
import { cookRate } from "../doneness/cook-value";
import { requiredBeanBoilMin } from "../doneness/bean-boil";
import { FLAVOUR_WINDOWS } from "../doneness/flavour-window";
import { simmerC } from "../heat/hob";
import { ingredientById } from "../ingredient/catalogue";
import type { FlavourKind } from "../ingredient/ingredient";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { KindId } from "../simulate/dish-words";
import type { Plan } from "../simulate/plan-schema";
import { usualPlan } from "../simulate/usual-plan";
import { isRoomIn } from "../simulate/pot-fit";
import { outcomeOf, Problem } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL, vesselAreaM2 } from "../vessel/volume";
import { eatenOf } from "./eaten";
import { KIND_FORMULAS, type KindFormula } from "./kind-formulas";
import { asMuchAsFits, scaled, scaledToPeople } from "./scale";
import { timedIn } from "./time-in";

/** Of the room to the fill line a stock takes so much, so that there is room to skim. */
const STOCK_FILL = 0.9;
const ROUND_MIN = 5;

/** The heat a kind is cooked on here: the oven where it is a braise and there is one, else the hob. */
function heatFor(formula: KindFormula, kitchen: Kitchen): Heat {
  const oven = kitchen.ovens[0];
  if (formula.oven !== undefined && oven !== undefined)
    return { method: "oven", ovenId: oven.id, ovenC: formula.oven.ovenC, lid: "on", start: "hot" };
  const beans = formula.items.some((i) => ingredientById(i[0]).dryBean === true);
  const hob: HobHeat = {
    method: "hob",
    vigour: "gentle",
    lid: "ajar",
    boilFirstMin: beans ? requiredBeanBoilMin(kitchen.altitudeM) : null,
    ...formula.hob,
  };
  return beans ? { ...hob, boilFirstMin: requiredBeanBoilMin(kitchen.altitudeM) } : hob;
}

/**
 * Stocks want the biggest pot, dishes the widest that holds them. A braise wants a tight lid and no room to
 * spare: the smallest that holds it. Where none does, the biggest.
 */
function vesselFor(formula: KindFormula, kitchen: Kitchen, heat: Heat, plan: Plan): Vessel {
  const suited = kitchen.vessels.filter((v) => suits(v, heat.method) && v.kind !== "pan");
  const pots = suited.filter((v) => v.kind !== "pressureCooker");
  const from = pots.length > 0 ? pots : suited;
  const by = (rank: (v: Vessel) => number) => [...from].sort((a, b) => rank(b) - rank(a))[0];
  const setPot = resolve(plan, kitchen);
  const roomy = from.filter((v) => isRoomIn(v, setPot));
  const tight = roomy
    .filter((v) => v.lid === "heavy")
    .sort((a, b) => capacityL(a) - capacityL(b))[0];
  const wide = [...roomy].sort(
    (a, b) => vesselAreaM2(b, b.heightM * 0.5) - vesselAreaM2(a, a.heightM * 0.5),
  )[0];
  const found =
    formula.pot === "tall"
      ? by(capacityL)
      : formula.pot === "tight"
        ? (tight ?? by(capacityL))
        : (wide ?? by(capacityL));
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "vesselId",
      heat.method,
      "This kitchen has no pot for it. Set one up under Kitchen first.",
    );
  return found;
}

/** Minutes that bring a stock's flavour to its best at this simmer, in steps of five. */
function flavourMin(formula: KindFormula, heat: Heat, kitchen: Kitchen): number {
  const rate = isOnRing(heat) ? cookRate(simmerC(heat.vigour, kitchen.altitudeM)) : 1;
  const { ideal } = FLAVOUR_WINDOWS[formula.flavour ?? "meat"];
  const boiled = boilFirstMinOf(heat) ?? 0;
  return Math.max(ROUND_MIN, Math.round((ideal.value / rate - boiled) / ROUND_MIN) * ROUND_MIN);
}

/**
 * A plan of this kind with sound defaults for this kitchen: its pots, its heats, its altitude. A stock
 * fills the big pot; a dish serves as many as are named, whether or not a pot takes it all, else six or
 * what the pot takes; late things are timed to be done with the rest.
 * @param people whom a dish is for, 1 to 500; null where nobody said
 * @throws Problem `unknownReference` where the kitchen has no pot or ring for it, and as simulate does
 */
export function planOfKind(
  kind: KindId,
  kitchen: Kitchen,
  id: string,
  people: number | null = null,
): Plan {
  return made(KIND_FORMULAS[kind], kind, kitchen, id, people);
}

/** The kind of stock whose water, heat and hours such bones take. */
const STOCK_OF: Record<FlavourKind, KindId> = {
  meat: "boneBroth",
  poultry: "poultryStock",
  fish: "fishStock",
  vegetable: "vegetableStock",
};

/**
 * Bones as they come and water, nothing else: as much as fills this kitchen's big pot as a stock does, with
 * the water, heat and hours of its kind.
 * @throws Problem as `planOfKind` does
 */
export function planOfBones(ingredientId: string, kitchen: Kitchen, id: string): Plan {
  const { name, flavour } = ingredientById(ingredientId);
  const kind = STOCK_OF[flavour ?? "meat"];
  const formula: KindFormula = {
    ...KIND_FORMULAS[kind],
    name: `Stock of ${name.toLowerCase()}`,
    items: [[ingredientId, SOME_BONES_KG, "start"]],
  };
  const plan = made(formula, kind, kitchen, id, null);
  const down = (massKg: number) =>
    massKg < BONES_STEP_KG ? massKg : Math.floor(massKg / BONES_STEP_KG + 1e-9) * BONES_STEP_KG;
  return { ...plan, items: plan.items.map((i) => ({ ...i, massKg: down(i.massKg) })) };
}

/** Anything will do: it is made as much as fits. */
const SOME_BONES_KG = 2;
/** Bones alone are bought and weighed no finer. */
const BONES_STEP_KG = 0.25;

function made(
  formula: KindFormula,
  kind: KindId,
  kitchen: Kitchen,
  id: string,
  people: number | null,
): Plan {
  const ring = [...kitchen.rings].sort((a, b) => b.powerW - a.powerW)[0];
  if (ring === undefined)
    throw new Problem(
      "unknownReference",
      "ringId",
      kind,
      "This kitchen has no ring. Set one up under Kitchen first.",
    );
  const heat = heatFor(formula, kitchen);
  const anywhere = kitchen.vessels[0]?.id ?? "none";
  const six = usualPlan({
    id,
    name: formula.name,
    kind,
    ringId: ring.id,
    vesselId: anywhere,
    items: formula.items.map(([ingredientId, massKg, when, more], i) => ({
      id: `${ingredientId}-${i}`,
      ingredientId,
      massKg,
      when: typeof when === "number" ? { at: "beforeEnd", min: when } : { at: when },
      ...more,
    })),
    water: formula.water,
    heat,
    stop: formula.stop ?? { by: "time", holdMin: flavourMin(formula, heat, kitchen) },
    prepareMin: 5,
    ...formula.more,
  });
  const isAsked = people !== null && six.serves !== null;
  const loose = isAsked ? scaledToPeople(six, people) : six;
  const plan: Plan = { ...loose, vesselId: vesselFor(formula, kitchen, heat, loose).id };
  const full = asMuchAsFits(resolve(plan, kitchen));
  const by = (full.items[0]?.massKg ?? 1) / (plan.items[0]?.massKg ?? 1);
  const sized =
    plan.end === "strained" ? scaled(plan, by * STOCK_FILL) : by < 1 && !isAsked ? full : plan;
  const whole = rounded(timedIn(resolve(sized, kitchen)));
  return isAsked ? inPortions(whole, people, kitchen, formula, heat) : whole;
}

/** So much of a dish that it comes to as many portions as there are people, in a pot that holds it. */
function inPortions(
  plan: Plan,
  people: number,
  kitchen: Kitchen,
  formula: KindFormula,
  heat: Heat,
): Plan {
  const outcome = outcomeOf(() => {
    const trace = asPlanned(resolve(plan, kitchen)).trace;
    return eatenOf(plan, trace).portions;
  });
  const portions = outcome.ok ? outcome.value : null;
  if (portions === null || !(portions > 0)) return plan;
  const next = scaled(plan, people / portions);
  const vesselId = vesselFor(formula, kitchen, heat, next).id;
  return rounded(timedIn(resolve({ ...next, vesselId, serves: plan.serves }, kitchen)));
}

/**
 * Weights as a cook would weigh them: to 5 g under 100 g, to 10 under a kilogram, to 50 over; what is
 * counted in whole ones.
 */
function rounded(plan: Plan): Plan {
  const step = (kg: number) => (kg < 0.01 ? 0.001 : kg < 0.1 ? 0.005 : kg < 1 ? 0.01 : 0.05);
  return {
    ...plan,
    items: plan.items.map((i) => {
      if (i.counted !== undefined) {
        const count = Math.max(1, Math.round(i.counted.count));
        return { ...i, massKg: count * i.counted.eachKg, counted: { ...i.counted, count } };
      }
      const massKg = Math.max(0.001, Math.round(i.massKg / step(i.massKg)) * step(i.massKg));
      return { ...i, massKg: Number(massKg.toFixed(4)) };
    }),
    water:
      plan.water.by === "amount"
        ? { by: "amount", volumeL: Math.round(plan.water.volumeL * 10) / 10 }
        : plan.water,
  };
}
