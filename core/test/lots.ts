import { LotSchema, type Lot } from "../src/larder/larder-schema";

/** Half a litre of salted stock in a jar, from no pot of the log. */
export const lotNamed = (id: string, over: Partial<Lot> = {}): Lot =>
  LotSchema.parse({
    id,
    code: `260318${id}`,
    name: "Trotter stock",
    kind: "stock",
    ingredientId: "houseStock",
    container: { kind: "jar", name: "Half-litre jar", capacityL: 0.5 },
    eachKg: 0.45,
    isLiquid: true,
    madeMs: 0,
    label: { saltGKg: 3 },
    ...over,
  });
