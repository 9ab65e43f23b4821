import type { DefaultStaging } from "@kettlos/core/ingredient/ingredient";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem, When } from "@kettlos/core/simulate/plan-schema";
import { showDuration } from "@kettlos/core/units/show";

/** When something goes in, as the ladder says it. */
export function whenWords(
  when: When,
  items: readonly PlanItem[] = [],
  stretches: readonly { readonly value: string; readonly label: string }[] = [],
): string {
  switch (when.at) {
    case "start":
      return "At start";
    case "after":
      return when.min === 0 ? "Once it boils" : `After ${showDuration(when.min)}`;
    case "whenTender": {
      const awaited = items.find((i) => i.id === when.itemId);
      return awaited === undefined ? "When tender" : `${shortName(awaited)} tender`;
    }
    case "stretch": {
      const name = stretches.find((s) => s.value === when.stretchId)?.label;
      return name === undefined ? "With a later heat" : `At: ${name}`;
    }
    case "beforeEnd":
      return when.min === 60 ? "Last hour" : `Last ${showDuration(when.min)}`;
    case "offHeat":
      return "Off the heat";
    case "afterStrain":
      return "Strained";
    case "nextDay":
      return "Next day";
  }
}

const shortName = (item: PlanItem): string => nameOf(item).split(/[,(]/)[0] ?? "";

/** Order on the ladder: what goes in first stands first. */
export function whenRank(when: When, holdMin: number): number {
  switch (when.at) {
    case "start":
      return -1e6;
    case "after":
      return when.min;
    case "whenTender":
      return holdMin - 0.5;
    case "stretch":
      return holdMin - 0.25;
    case "beforeEnd":
      return Math.max(0, holdMin - when.min);
    case "offHeat":
      return 1e6;
    case "afterStrain":
      return 2e6;
    case "nextDay":
      return 3e6;
  }
}

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
