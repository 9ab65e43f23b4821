import { traitsOf } from "../ingredient/traits";
import { ingredientOf, itemWork } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";
import { kitchenEstimate } from "../units/constant";
import { aboutC, litres, say, sayAll, type Said } from "../units/said";

/** Ladled out to stir a thickener into, L a kilogram of it; and for egg and cream. */
const LADLED_L_KG = kitchenEstimate("liquid a starch is stirred smooth in", 4, "L/kg", "3–5");
const LADLE_L = kitchenEstimate("a ladle", 0.1, "L", "a kitchen's usual one");
const STEP_L = 0.05;
/** Straight into hot liquid it clumps. */
const LUMPS: ReadonlySet<string> = new Set([
  "flour",
  "cornStarch",
  "potatoStarch",
  "arrowroot",
  "tapioca",
]);
const EGGS: ReadonlySet<string> = new Set(["egg", "eggYolk"]);

/** How hot or cold it goes in, where that was said; and what is first done to it with a part of the liquid. */
export function goesInAs(item: PlanItem): Said {
  const { hotC, frozen } = item;
  const how = [
    hotC !== undefined ? say`hot, at ${aboutC(hotC)}` : frozen ? "still frozen" : "",
    withSomeOfIt(item),
  ];
  return sayAll(
    how.filter((said) => said !== ""),
    "; ",
  );
}

/** The same of several that go in together, each with how it is prepared; empty where nothing is said. */
export const goesInHow = (items: readonly PlanItem[]): Said =>
  sayAll(
    items.flatMap((i) => [i.preparation, goesInAs(i)]).filter((said) => said !== ""),
    "; ",
  );

/** A part ladled out, thickened or tempered, and poured back; empty for all else, and before it is hot. */
function withSomeOfIt(item: PlanItem): Said {
  const { ingredientId, when, massKg } = item;
  if (when.at === "start") return "";
  if (LUMPS.has(ingredientId)) {
    if (itemWork(item, "roux") !== undefined)
      return "thin the roux with a ladle of the liquid until it pours, then stir it in; simmer 5 min";
    const outL = Math.max(STEP_L, Math.ceil((massKg * LADLED_L_KG.value) / STEP_L) * STEP_L);
    return say`ladle out ${litres(outL)}, let it cool until you can dip a finger in, stir the starch into it without lumps, pour it back stirring; ${when.at === "offHeat" ? "back to a simmer for 2 min: off the heat it does not bind" : "it binds as it simmers"}`;
  }
  if (ingredientId === "gelatinPowder")
    return say`strew it on ${litres(LADLE_L.value)} ladled out and cooled, 10 min to swell, then stir it in`;
  if (EGGS.has(ingredientId))
    return say`whisk ${litres(2 * LADLE_L.value)} of the hot liquid into it by the spoon, then stir all of it back; it thickens before it boils and curdles if it does`;
  return ingredientOf(item).group === "dairy" && traitsOf(ingredientId).spoilsOver !== undefined
    ? say`warm it with ${litres(LADLE_L.value)} of the hot liquid, then stir it in; no boiling after`
    : "";
}
