import type { Ingredient } from "../ingredient/ingredient";
import type { StoreContainer } from "../vessel/store-container";
import type { Lot } from "./larder-schema";
import type { LarderKind } from "./larder-words";
import { codeFor } from "./lot-of";

/** On which shelf an ingredient is put when it comes by itself. */
export function usualKind({ group }: Pick<Ingredient, "group">): LarderKind {
  if (group === "bones") return "rawBones";
  if (group === "meat" || group === "fish") return "rawMeat";
  return group === "fat" ? "fat" : "trimmings";
}

export interface RawLotOptions {
  readonly id: string;
  readonly name: string;
  readonly kind: LarderKind;
  readonly ingredientId: string | null;
  readonly eachKg: number;
  readonly madeMs: number;
  readonly day: string;
  readonly usedCodes: ReadonlySet<string>;
  readonly container?: StoreContainer;
}

/** Something put in by hand; without a container it is in a bag that it fills. It is checked as it is written. */
export function rawLot(options: RawLotOptions): Lot {
  const { day, usedCodes, container, ...facts } = options;
  return {
    ...facts,
    code: codeFor(day, usedCodes),
    ...{ batchId: null, planId: null, costPerKg: null },
    ...{ isLiquid: false, isForAnimals: false, label: {} },
    container:
      container === undefined
        ? { kind: "bag", name: "Bag", capacityL: options.eachKg * 1.25 }
        : { kind: container.kind, name: container.name, capacityL: container.capacityL },
  };
}
