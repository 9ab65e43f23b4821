import type { ChillChoice } from "@kettlos/core/cool/chill-choices";
import { depthOf } from "@kettlos/core/cool/cooling";
import { WAYS } from "@kettlos/core/cool/ways";
import { showDuration, showLength, type UnitSystem } from "@kettlos/core/units/show";

/** A way of chilling as a cook says it: "In 4 shallow trays, 3 cm deep: running cold water 35 min, then fridge." */
export function waysWords(choice: ChillChoice, units: UnitSystem): string {
  const { count, container, stages } = choice;
  const name = container.name.toLowerCase();
  const deep = container.isVessel ? "" : `, ${showLength(depthOf(choice.facts), units)} deep`;
  const what = count === 1 ? `In the ${name}` : `In ${count} ${plural(name)}`;
  const how = stages.map((s, i) => {
    const last = i === stages.length - 1;
    return last ? WAYS[s.way].name : `${WAYS[s.way].name} ${showDuration(s.min)}`;
  });
  return `${what}${deep}: ${how.join(", then ")}.`;
}

const plural = (name: string): string => (name.endsWith("s") ? name : `${name}s`);
