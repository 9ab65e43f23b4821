import { BEAN_RULE, BEAN_WHOSE } from "../safety/beans";
import { ingredientById } from "../ingredient/catalogue";
import { ingredientOf, nameOf } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";
import { whereIs } from "./counter";
import { minOf } from "./course-of";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";

/** Beans that will not have boiled hard for long enough, said as soon as it is so; nothing once they have. */
export function beanCaution(facts: LiveFacts): LiveCaution | null {
  const { plan, cook, nowMs } = facts;
  const stirredIn = cook.finishing.find(
    (f) => f.kind === "stirredIn" && ingredientById(f.ingredientId).dryBean === true,
  );
  if (stirredIn?.kind === "stirredIn")
    return caution(ingredientById(stirredIn.ingredientId).name, 0, null, true, nowMs);
  if (cook.strainedMs !== null && plan.end === "strained" && cook.solids !== "eaten") return null;
  const short = plan.items
    .filter((i) => ingredientOf(i).dryBean === true && whereIs(i, plan, cook) !== "leftOut")
    .flatMap((item) => shortOf(item, facts))
    .toSorted((a, b) => b.missingMin - a.missingMin)[0];
  if (short === undefined) return null;
  const isOff = cook.offMs !== null;
  const sinceMs = cook.offMs ?? cook.simmerMs ?? cook.litMs ?? nowMs;
  return caution(
    nameOf(short.item),
    short.missingMin,
    short.needMin,
    isOff,
    sinceMs,
    plan.heat.method === "slowCooker",
  );
}

interface Short {
  readonly item: PlanItem;
  readonly needMin: number;
  readonly missingMin: number;
}

/** What is missing of its boil by the end, or was when it came off. */
function shortOf(item: PlanItem, { plan, cook, forecast }: LiveFacts): readonly Short[] {
  const { course } = forecast;
  const items = cook.offMs === null ? course.items : (course.atOff ?? course.items);
  const boil = items.find((i) => i.itemId === item.id)?.boil ?? null;
  // Not in yet and nowhere in its course: the plan has said what it lacks.
  if (boil === null) return [];
  const endMin = minOf(plan, cook, cook.offMs ?? forecast.endMs.expected);
  const { enoughAtMin, needMin, boiledMin } = boil;
  const missingMin =
    enoughAtMin === null
      ? Math.max(1, needMin - boiledMin)
      : cook.offMs === null
        ? enoughAtMin - endMin
        : 0;
  return missingMin > 0.5 ? [{ item, needMin, missingMin }] : [];
}

function caution(
  name: string,
  missingMin: number,
  needMin: number | null,
  isOff: boolean,
  sinceMs: number,
  isCrock = false,
): LiveCaution {
  const min = Math.ceil(missingMin);
  return live({
    id: "beans",
    severity: "danger",
    sinceMs,
    title: "The beans have not boiled hard enough",
    text:
      needMin === null
        ? `${name} went in off the heat. Nobody eats of it before they have boiled hard; taste none.`
        : `${name}: ${min} min at a full boil are missing of ${needMin}. ${
            isCrock
              ? "Tip it all into a pot on the ring, boil it hard for that long, and then back"
              : isOff
                ? "Back on the ring, and boil it hard for that long before anybody eats of it; taste none"
                : "Bring it back to a full boil for that long, and turn it down after"
          }.`,
    rule: BEAN_RULE,
    whose: BEAN_WHOSE,
  });
}
