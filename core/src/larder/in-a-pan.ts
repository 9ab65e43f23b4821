import { kitchenEstimate } from "../units/constant";
import { SCHEMA_VERSION, type Kitchen } from "../simulate/kitchen-schema";
import { PlanItemSchema, PlanSchema, type Plan } from "../simulate/plan-schema";
import { suits } from "../simulate/references";
import { nameUpTo } from "../units/text-schema";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL, vesselAreaM2 } from "../vessel/volume";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { drawnFrom } from "./draws";
import type { Lot, Place } from "./larder-schema";

/** How far it is first planned down: the cook says another. */
const DOWN_TO = kitchenEstimate("a stock boiled down again", 0.5, "of it", "demi-glace: to a half");
/** Room left over the liquid where it is boiled, of the vessel. */
const BOILS_IN = 0.8;
const LEAST_DEPTH_M = kitchenEstimate(
  "least depth of a stock to boil down",
  0.03,
  "m",
  "shallower it catches before it is half down",
);

const floorM2 = (v: Vessel): number => vesselAreaM2(v, 0);

/**
 * A pot that takes so many containers of a stock back into a pan, uncovered, to be boiled down, thickened
 * or salted anew; null where nothing in the kitchen goes on a ring and holds it, or it is no liquid.
 */
export function panPlan(
  lot: Lot,
  place: Place,
  count: number,
  kitchen: Kitchen,
  newId: () => string,
): Plan | null {
  const massKg = lot.eachKg * count;
  const volumeL = massKg / COLD_DENSITY_KG_L;
  const ring = kitchen.rings[0];
  const wide = kitchen.vessels
    .filter((v) => suits(v, "hob") && v.kind !== "pressureCooker")
    .filter((v) => capacityL(v) * Math.min(v.fillShare, BOILS_IN) >= volumeL)
    .toSorted((a, b) => floorM2(b) - floorM2(a));
  // The widest boils it down soonest; too wide for it, the narrowest there is.
  const isDeep = (v: Vessel) => volumeL / 1000 / floorM2(v) >= LEAST_DEPTH_M.value;
  const pan = wide.find(isDeep) ?? wide.at(-1);
  if (!lot.isLiquid || lot.ingredientId === null || ring === undefined || pan === undefined)
    return null;
  const item = PlanItemSchema.parse({
    id: newId(),
    ingredientId: lot.ingredientId,
    massKg,
    when: { at: "start" },
  });
  return PlanSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: newId(),
    name: nameUpTo(80).parse(`${lot.name.slice(0, 60)}, in a pan again`),
    vesselId: pan.id,
    ringId: ring.id,
    feeds: lot.isForAnimals ? "animals" : "people",
    items: [drawnFrom(item, lot, place)],
    water: { by: "amount", volumeL: 0 },
    heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null },
    stop: { by: "share", share: DOWN_TO.value },
  });
}
