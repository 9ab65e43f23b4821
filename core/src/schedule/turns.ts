import type { StretchHeat } from "../heats/heat-schema";
import { stretchOf } from "../heats/heat";
import type { Plan } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";

/** As it goes on after another word; what is said in capitals stays so. */
const small = (title: string): string => `${title.charAt(0).toLowerCase()}${title.slice(1)}`;

/** What is done to begin a stretch, after another. */
const turnTitle = (heat: StretchHeat, from: StretchHeat): string =>
  stretchOf(heat).turnTitle(heat, from.method === heat.method ? from : null);

/** A later stretch of a plan's heat: what it follows, and what is done to begin it. */
export interface Turn {
  readonly stretchId: string;
  readonly heat: StretchHeat;
  readonly from: StretchHeat;
  /** "Rolling boil, lid off". */
  readonly title: string;
  /** All of it goes through the sieve first. */
  readonly isStrained: boolean;
}

/** Every turn of a plan's heat, in order; none where it has one stretch. */
export const turnsOf = (plan: Plan): readonly Turn[] =>
  stretchesOf(plan)
    .slice(0, -1)
    .flatMap(({ heat: from }, i): readonly Turn[] => {
      const next = plan.then[i];
      return next === undefined
        ? []
        : [
            {
              stretchId: next.id,
              heat: next.heat,
              from,
              title: next.isStrained
                ? `Strain it; ${small(turnTitle(next.heat, from))}`
                : turnTitle(next.heat, from),
              isStrained: next.isStrained === true,
            },
          ];
    });

/** The turn that begins a stretch; undefined where the plan has none of that id. */
export const turnTo = (plan: Plan, stretchId: string | undefined): Turn | undefined =>
  turnsOf(plan).find((t) => t.stretchId === stretchId);
