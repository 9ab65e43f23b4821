import { isSlow } from "../heats/heat";
import { requiredBeanBoilMin, type BoilCourse } from "../doneness/bean-boil";
import { ingredientById } from "../ingredient/catalogue";
import { BEAN_RULE, BEAN_WHOSE } from "../safety/beans";
import { ingredientOf, nameOf } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";
import { whereIs } from "./counter";
import { areSolidsEaten } from "./solids-eaten";
import { minOf } from "./course-of";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";

/** Less than a step of the simulation is nothing missing, min. */
const WORTH_SAYING_MIN = 0.5;

interface Short {
  readonly name: string;
  readonly needMin: number;
  readonly missingMin: number;
}

/** Beans that will not have boiled hard for long enough, said as soon as it is so; nothing once they have. */
export function beanCaution(facts: LiveFacts): LiveCaution | null {
  const { plan, cook, nowMs } = facts;
  const short = [...shortInPot(facts), ...stirredIn(facts)].toSorted(
    (a, b) => b.missingMin - a.missingMin,
  )[0];
  if (short === undefined) return null;
  return live({
    id: "beans",
    severity: "danger",
    sinceMs: cook.offMs ?? cook.simmerMs ?? cook.litMs ?? nowMs,
    title: "The beans have not boiled hard enough",
    text: `${short.name}: ${Math.ceil(short.missingMin)} min at a full boil are missing of ${short.needMin}. ${
      isSlow(plan.heat)
        ? "Tip it all into a pot on the ring, boil it hard for that long, and then back"
        : cook.offMs !== null
          ? "Back on the ring, and boil it hard for that long before anybody eats of it; taste none"
          : "Bring it to a full boil for that long with them in, and turn it down after"
    }.`,
    rule: BEAN_RULE,
    whose: BEAN_WHOSE,
  });
}

/** What is still to be eaten of what was planned, and lacks some of its boil. */
function shortInPot(facts: LiveFacts): readonly Short[] {
  const { plan, cook } = facts;
  const isThrownOut = cook.strainedMs !== null && !areSolidsEaten(plan, cook);
  return plan.items.flatMap((item) => {
    if (ingredientOf(item).dryBean !== true || whereIs(item, plan, cook) === "leftOut") return [];
    if (isThrownOut && item.when.at !== "afterStrain" && item.when.at !== "nextDay") return [];
    const missingMin = missingOf(item, facts);
    const { needMin } = boilOf(item, facts);
    return missingMin > WORTH_SAYING_MIN ? [{ name: nameOf(item), needMin, missingMin }] : [];
  });
}

/** What its boil comes to in the pot; of what is not in on the heat only what was boiled apart before. */
function boilOf(item: PlanItem, { kitchen, cook, forecast }: LiveFacts): BoilCourse {
  const { course } = forecast;
  const items = cook.offMs === null ? course.items : (course.atOff ?? course.items);
  const needMin = requiredBeanBoilMin(kitchen.altitudeM);
  return (
    items.find((i) => i.itemId === item.id)?.boil ?? {
      needMin,
      boiledMin: item.boiledMin,
      enoughAtMin: item.boiledMin >= needMin ? 0 : null,
    }
  );
}

/** What is missing by the end, or was when it came off, min. */
function missingOf(item: PlanItem, facts: LiveFacts): number {
  const { plan, cook, forecast } = facts;
  const { enoughAtMin, needMin, boiledMin } = boilOf(item, facts);
  if (enoughAtMin === null) return Math.max(1, needMin - boiledMin);
  return cook.offMs === null ? enoughAtMin - minOf(plan, cook, forecast.endMs.expected) : 0;
}

/** Beans stirred in after the sieve had none of it. */
const stirredIn = ({ kitchen, cook }: LiveFacts): readonly Short[] => {
  const needMin = requiredBeanBoilMin(kitchen.altitudeM);
  return cook.finishing.flatMap((done) => {
    if (done.kind !== "stirredIn") return [];
    const { name, dryBean } = ingredientById(done.ingredientId);
    return dryBean === true ? [{ name, needMin, missingMin: needMin }] : [];
  });
};
