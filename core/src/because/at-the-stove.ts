import type { Action } from "../batch/action";
import type { Cook } from "../batch/fold";
import type { Caution } from "../safety/caution";

/** What is said of a flame; of one that is out nothing is. */
const LIT_ONLY: ReadonlySet<string> = new Set(["flame", "flameAtNight", "dry", "bonesBare"]);
/** Judged by what the pot really does once it burns. */
const LIVE_ONCE_LIT: ReadonlySet<string> = new Set(["beans"]);

/** Of a plan's cautions those that are to be said at the stove, as far as the pot is by now: each where it is to be done, and no sooner. */
export const atTheStove = (
  cautions: readonly Caution[],
  { litMs, offMs }: Pick<Cook, "litMs" | "offMs">,
  actions: readonly Pick<Action, "kind">[],
): readonly Caution[] =>
  cautions.filter(
    ({ id, places }) =>
      places.includes("cook") &&
      !(offMs !== null && LIT_ONLY.has(id)) &&
      !(litMs !== null && LIVE_ONCE_LIT.has(id)) &&
      !(id === "blendHot" && !actions.some((a) => a.kind === "workAfter")),
  );
