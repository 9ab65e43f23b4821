import type { Batch } from "../batch/batch-schema";
import { fillOf } from "../portion/headspace";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { StoreContainer } from "../vessel/store-container";
import { codeFor, type PotFacts } from "./lot-of";
import { productKey, type Larder } from "./larder";
import type { Lot } from "./larder-schema";
import type { Place } from "./larder-words";

/** What of a pot is on the shelves, used up already, and still to be portioned, kg. */
export interface PotLeft {
  readonly storedKg: number;
  readonly usedKg: number;
  readonly leftKg: number;
}

/** Everything that came out of a pot is in a container, used, or left; never less than nothing. */
export function potLeft(
  batchId: string,
  { allKg, product }: Pick<PotFacts, "allKg" | "product">,
  larder: Larder,
): PotLeft {
  let storedKg = 0;
  for (const event of larder.events)
    if (
      event.kind === "stored" &&
      event.lot.batchId === batchId &&
      (event.lot.product === "solids") === (product === "solids")
    )
      storedKg += event.lot.eachKg * event.count;
  const usedKg = larder.usedKg.get(productKey(batchId, product)) ?? 0;
  return { storedKg, usedKg, leftKg: Math.max(0, allKg - storedKg - usedKg) };
}

/** The lots of a pot, as their labels say them. */
export interface LotOptions {
  readonly id: string;
  readonly batch: Batch;
  readonly facts: PotFacts;
  readonly container: StoreContainer;
  readonly place: Place;
  /** In each, L; as full as the headspace lets where it is not given. */
  readonly eachL?: number;
  /** The day as the code on the lid has it: 260318. */
  readonly day: string;
  readonly usedCodes: ReadonlySet<string>;
}

/** A pot's lot in one kind of container. Dishes are filled by the volume of as much water. */
export function lotFrom(options: LotOptions): Lot {
  const { id, batch, facts, container, place, day, usedCodes } = options;
  const eachL = options.eachL ?? fillOf(container, place === "freezer").eachL;
  return {
    id,
    code: codeFor(day, usedCodes),
    name: facts.name,
    kind: facts.kind,
    batchId: batch.id,
    planId: batch.plan.id,
    ...(facts.product === undefined ? {} : { product: facts.product }),
    ingredientId: facts.kind === "stock" ? "houseStock" : null,
    container: { kind: container.kind, name: container.name, capacityL: container.capacityL },
    eachKg: eachL * COLD_DENSITY_KG_L,
    isLiquid: facts.isLiquid,
    ...(facts.isLiquid ? {} : { solidsShare: facts.solidsShare }),
    madeMs: facts.madeMs,
    label: facts.label,
    isForAnimals: facts.isForAnimals,
    costPerKg: facts.costPerKg,
  };
}
