import { suits } from "../heats/heat";
import { kitchenEstimate } from "../units/constant";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { usualItem, usualPlan } from "../simulate/usual-plan";
import { LEAST_KG } from "../units/limits";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL, vesselAreaM2 } from "../vessel/volume";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { drawnFrom } from "./draws";
import type { Lot } from "./larder-schema";
import type { Place } from "./larder-words";

/** How far it is first planned down: the cook says another. */
const DOWN_TO = kitchenEstimate("a stock boiled down again", 0.5, "of it", "demi-glace: to a half");
const DISH_DOWN_TO = kitchenEstimate(
  "the sauce of a dish boiled down again",
  0.8,
  "of it",
  "stirring",
);
/** Room left over the liquid where it is boiled, of the vessel. */
const BOILS_IN = 0.8;
const LEAST_DEPTH_M = kitchenEstimate(
  "least depth of a stock to boil down",
  0.03,
  "m",
  "shallower it catches before it is half down",
);

const floorM2 = (v: Vessel): number => vesselAreaM2(v, 0);

/** What is in so many of a lot, kg, solid and liquid. */
export interface InJars {
  readonly count: number;
  /** How much of it all is liquid, kg. */
  readonly liquidKg: number;
}

/** Liquid in so many of a lot, kg; null of a dish of which nobody knows it. */
export function liquidKgOf(lot: Lot, count: number): number | null {
  if (lot.isLiquid) return lot.eachKg * count;
  return lot.solidsShare === undefined ? null : lot.eachKg * count * (1 - lot.solidsShare);
}

/**
 * A pot that takes so many containers of a stock or dish back into a pan, uncovered, to be boiled down,
 * thickened or salted anew; null where nothing in the kitchen goes on a ring and holds it, where there is
 * no liquid in it, or where it is neither.
 */
export function panPlan(
  lot: Lot,
  place: Place,
  { count, liquidKg }: InJars,
  kitchen: Kitchen,
  newId: () => string,
): Plan | null {
  const massKg = lot.eachKg * count;
  const pan = panFor(massKg / COLD_DENSITY_KG_L, kitchen);
  const ring = kitchen.rings[0];
  if (!goesInPan(lot) || ring === undefined || pan === undefined || liquidKg < LEAST_KG)
    return null;
  const isStock = lot.kind === "stock";
  const item = (ingredientId: string, kg: number, called?: string) => ({
    ...drawnFrom(
      usualItem({ id: newId(), ingredientId, massKg: kg, when: { at: "start" } }),
      { ...lot, ingredientId },
      place,
    ),
    ...(called === undefined ? {} : { called }),
  });
  const name = lot.name.slice(0, 44);
  const solidsKg = massKg - liquidKg;
  return usualPlan({
    id: newId(),
    name: `${lot.name.slice(0, 60)}, in a pan again`,
    vesselId: pan.id,
    ringId: ring.id,
    feeds: lot.isForAnimals ? "animals" : "people",
    end: isStock ? "strained" : "served",
    items: [
      item(
        "houseStock",
        liquidKg,
        isStock ? undefined : lot.isLiquid ? lot.name.slice(0, 60) : `${name}: its sauce`,
      ),
      ...(solidsKg < LEAST_KG ? [] : [item("cookedVegetables", solidsKg, `${name}: the solids`)]),
    ],
    water: { by: "amount", volumeL: 0 },
    heat: { method: "hob", vigour: isStock ? "steady" : "gentle", lid: "off", boilFirstMin: null },
    stop: { by: "share", share: (isStock ? DOWN_TO : DISH_DOWN_TO).value },
  });
}

/** A stock, or a dish out of a pot of this kitchen: of what came by itself nobody knows what is in it. */
export const goesInPan = (lot: Lot): boolean =>
  lot.kind === "stock" || (lot.kind === "dish" && lot.label.madeOf !== undefined);

function panFor(volumeL: number, kitchen: Kitchen): Vessel | undefined {
  const wide = kitchen.vessels
    .filter((v) => suits(v, "hob") && v.kind !== "pressureCooker")
    .filter((v) => capacityL(v) * Math.min(v.fillShare, BOILS_IN) >= volumeL)
    .toSorted((a, b) => floorM2(b) - floorM2(a));
  // The widest boils it down soonest; too wide for it, the narrowest there is.
  const isDeep = (v: Vessel) => volumeL / 1000 / floorM2(v) >= LEAST_DEPTH_M.value;
  return wide.find(isDeep) ?? wide.at(-1);
}
