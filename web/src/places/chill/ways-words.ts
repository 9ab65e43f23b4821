import type { ChillChoice } from "@kettlos/core/cool/chill-choices";
import { WAYS } from "@kettlos/core/cool/ways";
import { showDuration } from "@kettlos/core/units/show";

/** A way of chilling as a cook says it: "4 shallow trays: running cold water 35 min, then fridge." */
export function waysWords({ count, container, stages }: ChillChoice): string {
  const name = container.name.toLowerCase();
  const what = count === 1 ? `In the ${name}` : `In ${count} ${name}s`;
  const how = stages.map((s, i) => {
    const last = i === stages.length - 1;
    return last ? WAYS[s.way].name : `${WAYS[s.way].name} ${showDuration(s.min)}`;
  });
  return `${what}: ${how.join(", then ")}.`;
}
