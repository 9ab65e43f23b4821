import type { Action } from "@kettlos/core/batch/action";

/** The button by which one goes on though something is still on the counter. */
export function goesOn(action: Pick<Action, "kind" | "title"> | null): string {
  if (action?.kind === "light") return action.title;
  return action?.kind === "offHeat" ? "Off the heat" : "Go on";
}
