import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { joined, same } from "./said-changes";

const KITCHEN_WORDS: Partial<Record<keyof Kitchen, string>> = {
  name: "the name",
  altitudeM: "its altitude",
  units: "the measures",
  waterC: "the water",
  roomC: "the room",
  onHand: "what is in the house",
  prices: "a price",
  freezerL: "room in the freezer",
  fridgeL: "room in the fridge",
  quiet: "the quiet hours",
  freezerSchool: "how long it keeps",
  coolingCode: "the code for chilling",
  ownCode: "the house's own code",
  currency: "the money",
  runsAlone: "what may run alone",
  teaching: "what is learned",
};
const LISTS = [
  "vessels",
  "rings",
  "ovens",
  "containers",
  "dailyUses",
  "ownIngredients",
  "hands",
] as const;
const nameIn = (thing: Kitchen[(typeof LISTS)[number]][number]): string =>
  "name" in thing ? thing.name.toLowerCase() : thing.who;

/** What of the kitchen was changed, in a few words: "tall pot", "a price". */
export function kitchenChange(before: Kitchen, after: Kitchen): string {
  const things = LISTS.flatMap((list) => {
    const [was, is] = [before[list], after[list]];
    const gone = was.filter((a) => !is.some((b) => b.id === a.id));
    const changed = is.filter(
      (b) =>
        !same(
          b,
          was.find((a) => a.id === b.id),
        ),
    );
    return [...gone.map((a) => `${nameIn(a)} taken out`), ...changed.map(nameIn)];
  });
  const others = (Object.keys(KITCHEN_WORDS) as (keyof Kitchen)[])
    .filter((key) => !same(before[key], after[key]))
    .map((key) => KITCHEN_WORDS[key] ?? "");
  return joined([...things, ...others], "a change");
}
