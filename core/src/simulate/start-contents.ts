import type { LyingPart } from "../vessel/lying";
import { heapOf, type SolidsIn } from "../vessel/solids";
import { ingredientOf, isLoose, pouredKg, soakedKg } from "./item-facts";
import { liesM } from "./piece-of";
import type { Plan, PlanItem } from "./plan-schema";

/** What is in the pot when the water goes in. */
export interface StartContents {
  readonly solids: SolidsIn;
  /** The same as it lies on the floor, floaters too, before any water lifts them. */
  readonly lying: readonly LyingPart[];
  /** Liquids other than water, L. */
  readonly othersL: number;
  /** Bones and meat, as bought, kg: what a ratio counts from. */
  readonly bonesKg: number;
}

export function startContents({ items, pieceM }: Pick<Plan, "items" | "pieceM">): StartContents {
  const atStart = items.filter((i) => i.when.at === "start");
  const lying = atStart.filter((i) => !isLoose(ingredientOf(i)));
  const liquids = atStart.filter((i) => ingredientOf(i).isLiquid);
  const bones = atStart.filter((i) => ingredientOf(i).role === "body");
  const solidL = (item: PlanItem) =>
    item.massKg / ingredientOf(item).densityKgL.value + soakedKg(item);
  return {
    solids: heapOf(
      lying.map((item) => {
        const massKg = item.massKg + soakedKg(item);
        const { packing } = ingredientOf(item);
        return { massKg, densityKgL: massKg / solidL(item), packing: packing.value };
      }),
    ),
    lying: lying.map((item) => ({
      volumeL: solidL(item),
      packing: ingredientOf(item).packing.value,
      heightM: liesM(item, pieceM),
    })),
    othersL: liquids.reduce((sum, i) => sum + pouredKg(i) / ingredientOf(i).densityKgL.value, 0),
    bonesKg: bones.reduce((sum, i) => sum + i.massKg, 0),
  };
}
