import type { Ingredient } from "../../ingredient/ingredient";
import type { LineParts } from "../../ingredient/line-parts";
import { readAmount, type AmountReading } from "../../ingredient/read-amount";
import { outcomeOf } from "../../units/problem";

/** Measured by the fluid ounce: wine, beer and spirits, juices. */
const isDrink = ({ id, isLiquid, alcoholShare }: Ingredient): boolean =>
  isLiquid && (alcoholShare !== undefined || id.endsWith("Juice"));
const OUNCES = /(?<!fl\.?\s*|fluid\s+)\b(?:oz|ounces?)$/iu;
const SPOONED = /\b(?:tsps?|teaspoons?)\b/iu;

/** How much of an ingredient a line says; null where it does not say it in a measure known here. */
export function amountOfParts(parts: LineParts, ingredient: Ingredient): AmountReading | null {
  const { amount, name, weighed } = parts;
  // A weight beside a count or a spoon is what that comes to: "1/2 tsp (2 g)", "1 stick (113 g)".
  if (weighed !== null) {
    const reading = outcomeOf(() => readAmount(weighed, ingredient));
    if (reading.ok && reading.value.kind === "one") return reading.value;
  }
  if (amount === "") return null;
  // Of a drink ounces are fluid.
  if (OUNCES.test(amount) && isDrink(ingredient))
    return read(`${amount.replace(OUNCES, "")} fl oz`, ingredient);
  // A teaspoon of a vegetable is another thing of that name, dried or ground.
  if (
    SPOONED.test(amount) &&
    ingredient.group === "vegetable" &&
    ingredient.each["tsp"] === undefined
  )
    return null;
  const isBare = /^[\d./\s¼-¾⅐-⅞]+$/u.test(amount);
  // The name may hold the word it is counted by: "4 garlic cloves".
  const named = isBare ? `${amount} ${countedBy(name, ingredient)}`.trim() : amount;
  return (
    read(named, ingredient) ??
    read(`${amount} ${name}`, ingredient) ??
    (isBare ? read(amount, ingredient) : null)
  );
}

/** The word of a name that its pieces are counted by: "cloves" of garlic cloves. */
function countedBy(name: string, ingredient: Ingredient): string {
  const words = name.toLowerCase().split(/[^\p{L}-]+/u);
  return (
    Object.keys(ingredient.each).find((each) =>
      words.some(
        (w) =>
          w === each ||
          w === `${each}s` ||
          w === `${each}es` ||
          (each === "leaf" && w === "leaves"),
      ),
    ) ?? ""
  );
}

function read(text: string, ingredient: Ingredient): AmountReading | null {
  const reading = outcomeOf(() => readAmount(text, ingredient));
  return reading.ok ? reading.value : null;
}
