import { ingredientById } from "../../ingredient/catalogue";
import { nameOf } from "../../simulate/item-facts";
import { kilos, litres, say } from "../../units/said";
import { nameIn, type EventWords } from "../event-words";
import type { PotEvent } from "./schema";

export const POT_WORDS: EventWords<PotEvent> = {
  added: ({ itemId, massKg }, plan) => say`${nameIn(plan, itemId)} in, ${kilos(massKg)}`,
  swapped: ({ itemId, ingredientId, massKg }, plan) => {
    const { name } = ingredientById(ingredientId);
    return plan.items.some((i) => i.id === itemId)
      ? say`${name} instead, ${kilos(massKg)}`
      : `${name} instead`;
  },
  extra: ({ item }) => `${nameOf(item)} taken beside the plan`,
  split: ({ itemId, massKg }, plan) => say`${nameIn(plan, itemId)} split, ${kilos(massKg)} apart`,
  leftOut: ({ itemId }, plan) => `${nameIn(plan, itemId)} left out`,
  takenOut: ({ itemId }, plan) => `${nameIn(plan, itemId)} out`,
  putBack: ({ itemId }, plan) => `${nameIn(plan, itemId)} back in`,
  waterIn: () => "The water is in",
  toppedUp: ({ volumeL }) => say`Topped up, ${litres(volumeL)}`,
  ladledOut: ({ volumeL }) => say`Ladled out, ${litres(volumeL)}`,
  pouredBack: ({ volumeL }) => say`Put back, ${litres(volumeL)}`,
  noSalt: () => "No more salt at this round",
};
