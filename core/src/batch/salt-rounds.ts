import { isSealed } from "../heats/heat";
import { salinity } from "../seasoning/salinity";
import { saltOf } from "../dish/salt-of";
import { saltLiked } from "../dish/wanted";
import { teaspoonsOf } from "../seasoning/salt";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { say, type Said } from "../units/said";
import type { SaltRound } from "../events/pot/terms";
import type { Action } from "./action";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";

/** What goes in at each round is by this id in the log. */
const idOf = (round: SaltRound): string => `salt:${round}`;
const isOver = (round: SaltRound, cook: Cook): boolean =>
  cook.addedItems.has(idOf(round)) || cook.unsalted.has(round);
/** Not worth a round, g. */
const LEAST_G = 0.5;
/** A pot that boils down by more is salted at its end alone: what suits now is too much then. */
const BOILS_DOWN = 1.15;

/**
 * The salt that the plan wants, as the pot asks for it: half as it simmers, so that it goes through, and
 * what is still wanted once it is off the heat, by tasting. Nothing where neither the plan nor the cook's
 * tastings say how salty, nor of a stock: it is salted when it is used.
 */
export function saltRounds(
  plan: Plan,
  kitchen: Pick<Kitchen, "learned">,
  cook: Cook,
  forecast: LiveForecast,
): readonly Action[] {
  const wantedPer = plan.saltWantedGKg ?? saltLiked(plan, kitchen);
  if (plan.end !== "served" || wantedPer === null) return [];
  const salt = saltOf(plan, kitchen, forecast.planned);
  if (salt.addG < LEAST_G) return [];
  const wanted = say`${salinity(wantedPer, "kg")}${plan.saltWantedGKg === null ? ", as such pots were liked here" : ""}`;
  if (cook.offMs !== null)
    return isOver("last", cook)
      ? []
      : [
          roundOf(
            "last",
            cook.offMs,
            salt.addG,
            say`Taste at eating heat first. With ${grams(salt.addG)} it comes to ${wanted}; put it in by small steps (Taste has them), or all of it at once.`,
          ),
        ];
  // Shut under pressure nothing goes in; what boils down is salted at its end.
  const isLater = isSealed(plan.heat) || salt.concentrates > BOILS_DOWN;
  if (cook.simmerMs === null || isLater || isOver("first", cook)) return [];
  return [
    roundOf(
      "first",
      cook.simmerMs,
      salt.addG / 2,
      say`${grams(salt.addG / 2)}: half of the ${grams(salt.addG)} it bears. The rest at the end, by tasting.`,
    ),
  ];
}

const grams = (g: number): string => {
  const spoons = teaspoonsOf(g);
  return `${Math.round(g)} g${spoons < 0.5 ? "" : ` (${spoons} tsp fine salt)`}`;
};

const roundOf = (round: SaltRound, atMs: number, saltG: number, lookFor: Said): Action => ({
  id: idOf(round),
  kind: "salt",
  atMs,
  title: "Salt it",
  done: `All ${Math.max(1, Math.round(saltG))} g are in`,
  lookFor,
  stirIn: { ingredientId: "tableSalt", massKg: Math.max(LEAST_G, Math.round(saltG)) / 1000 },
  leave: {
    writes: [{ kind: "noSalt", round }],
    means: "It stays as it is. Salt can still go in by tasting, or at the table.",
  },
});
