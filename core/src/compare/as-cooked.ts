import { resolve } from "../simulate/set-pot";
import { courseOf } from "../batch/course-of";
import { cookedPlan } from "../batch/live-plan";
import { planAsWent } from "../batch/plan-of-cook";
import type { LoggedPot } from "../learn/from-pot";
import { AS_PLANNED, type Course } from "../simulate/course";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { LearnedFactors } from "../simulate/learned-schema";
import { untaught } from "../simulate/learned";
import type { Plan } from "../simulate/plan-schema";
import { FIRST_STRETCH } from "../simulate/stretches";
import { waterL } from "../simulate/stated-water";

/** A pot as it was really cooked, in the terms of a plan: what one simulation needs to repeat it. */
export interface CookedPot {
  /** With its heat as it went, each stretch by the clock, its water by the litre. */
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  /** What was poured in or ladled out on the way, and when it stood without heat or lid. */
  readonly course: Course;
  /** Left in the pot with the grit, L. */
  readonly leftL: number;
}

/** Stretches are called by their place, so that two plans speak of the same ones. */
function inPlaces(plan: Plan): Plan {
  const placeOf = new Map(plan.then.map((s, i) => [s.id, `stretch-${i + 1}`]));
  const named = (id: string) => (id === FIRST_STRETCH ? id : (placeOf.get(id) ?? id));
  return {
    ...plan,
    then: plan.then.map((s) => ({ ...s, id: named(s.id) })),
    items: plan.items.map((item) => {
      const { when, out } = item;
      return {
        ...item,
        ...(when.at === "stretch" ? { when: { ...when, stretchId: named(when.stretchId) } } : {}),
        ...(out === undefined
          ? {}
          : {
              out: {
                ...out,
                ...(out.when.at === "stretch"
                  ? { when: { ...out.when, stretchId: named(out.when.stretchId) } }
                  : {}),
                ...(out.backAt === undefined ? {} : { backAt: named(out.backAt) }),
              },
            }),
      };
    }),
  };
}

/**
 * A finished pot as it was really cooked, in a kitchen that knows what is given of it: two pots are compared
 * by what is known now, not by what each was planned with.
 * @throws Problem as waterL does
 */
export function asCooked({ batch, cook }: LoggedPot, known: LearnedFactors | undefined): CookedPot {
  const kitchen: Kitchen = {
    ...untaught(batch.kitchen),
    ...(known === undefined ? {} : { learned: known }),
  };
  const { plan: really } = cookedPlan(resolve(batch.plan, kitchen), cook);
  const went = inPlaces(planAsWent(really, cook));
  const { result } = cook;
  const { gaps, happenings } = courseOf(
    resolve(really, kitchen),
    cook,
    cook.offMs ?? batch.createdMs,
  );
  return {
    plan: {
      ...went,
      water: { by: "amount", volumeL: waterL(resolve(really, kitchen)) },
      strain:
        result === null
          ? went.strain
          : { ...went.strain, pressed: result.pressed, clothPasses: result.clothPasses },
    },
    kitchen,
    course: {
      ...AS_PLANNED,
      gaps,
      happenings: happenings.filter(
        ({ does }) => does === "pour" || does === "pourBack" || does === "ladle",
      ),
    },
    leftL: cook.leftL,
  };
}
