import type { Doubt, HeadFacts, LineFacts } from "@kettlos/core/formats/recipe/draft";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { matchIngredient } from "@kettlos/core/ingredient/match-ingredient";
import { readAmount } from "@kettlos/core/ingredient/read-amount";
import { outcomeOf, Problem, type Outcome } from "@kettlos/core/units/problem";
import { readQuantity } from "@kettlos/core/units/read-quantity";

type Facts = Partial<LineFacts & HeadFacts>;

const open = (text: string): Problem =>
  new Problem("ambiguous", "answer", text, `"${text}" leaves it open. Say it with a unit.`);

/** What a typed answer to a doubt settles. */
export function readTyped(
  typed: NonNullable<Doubt<LineFacts>["typed"]>,
  text: string,
  ingredientId: string | null,
): Outcome<Facts> {
  return outcomeOf((): Facts => {
    if (typed === "people") {
      const people = Number(text);
      if (Number.isInteger(people) && people > 0 && people <= 2000) return { people };
      throw new Problem("range", "people", text, `"${text}" is no number of people.`);
    }
    if (typed === "time") {
      const reading = readQuantity(text, { dimension: "time", bareUnit: "min" });
      if (reading.kind === "one") return { hold: reading.quantity.value };
      throw open(text);
    }
    if (typed === "ingredient") {
      const { sure } = matchIngredient(text);
      if (sure === null)
        throw new Problem(
          "unreadable",
          "ingredient",
          text,
          `"${text}" is not in the catalogue. Type the name of something that is.`,
        );
      return { ingredientId: sure.id };
    }
    if (ingredientId === null) throw open(text);
    const reading = readAmount(text, ingredientById(ingredientId));
    if (reading.kind === "one") return { ...reading.amount };
    throw open(text);
  });
}
