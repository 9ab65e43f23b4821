import type { DefaultStaging } from "@kettlos/core/ingredient/ingredient";
import type { When } from "@kettlos/core/simulate/plan-schema";
import { showDuration } from "@kettlos/core/units/show";

/** When something goes in, as the ladder says it. */
export function whenWords(when: When): string {
  switch (when.at) {
    case "start":
      return "At start";
    case "beforeEnd":
      return when.min === 60 ? "Last hour" : `Last ${showDuration(when.min)}`;
    case "offHeat":
      return "Off the heat";
    case "afterStrain":
      return "Strained";
  }
}

/** Order on the ladder: what goes in first stands first. */
export const whenRank = (when: When): number =>
  when.at === "start" ? -1e6 : when.at === "beforeEnd" ? -when.min : when.at === "offHeat" ? 1 : 2;

/** The catalogue's usual moment as a plan states it. */
export function whenFor(staging: DefaultStaging): When {
  switch (staging) {
    case "start":
      return { at: "start" };
    case "lastHour":
      return { at: "beforeEnd", min: 60 };
    case "last30":
      return { at: "beforeEnd", min: 30 };
    case "last10":
      return { at: "beforeEnd", min: 10 };
    case "offHeat":
      return { at: "offHeat" };
    case "afterStrain":
      return { at: "afterStrain" };
  }
}
