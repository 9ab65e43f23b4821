import type { DraftLine, RecipeDraft } from "@kettlos/core/formats/recipe/draft";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { showDuration, showMass, showTemperature } from "@kettlos/core/units/show";
import { whenWords } from "../plan/when-words";

const METHODS = {
  hob: "on the hob",
  oven: "in the oven",
  slowCooker: "in the slow cooker",
  pressure: "under pressure",
} as const;

/** How a draft says what it has understood so far. */
export const lineWords = {
  heat({ method, ovenC, hold, crockSetting }: RecipeDraft): string {
    const where = method === null ? "" : METHODS[method];
    const how =
      method === "oven" && ovenC !== null
        ? ` at ${showTemperature(ovenC, "metric").replace(".0 ", " ")}`
        : method === "slowCooker"
          ? ` on ${crockSetting.toUpperCase()}`
          : "";
    const long =
      hold === null ? "" : hold === "tender" ? ", until tender" : `, ${showDuration(hold)}`;
    const said = `${where}${how}${long}.`;
    return said === "." ? "" : said.charAt(0).toUpperCase() + said.slice(1);
  },
  line({ ingredientId, massKg, when, isLeftOut, toCover }: DraftLine): string {
    if (isLeftOut) return "left out";
    if (ingredientId === null) return "?";
    const { name } = ingredientById(ingredientId);
    if (toCover) return `${name}, to cover`;
    const amount = massKg === null ? "?" : showMass(massKg, "metric");
    const moment = when.at === "start" ? "" : `, ${whenWords(when).toLowerCase()}`;
    return `${amount} ${name.toLowerCase()}${moment}`;
  },
};
