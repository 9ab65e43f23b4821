import { MINUTE_MS } from "../units/time";
import { coreRuleEaten, type CoreRule } from "../doneness/targets-of";
import { ingredientById } from "../ingredient/catalogue";
import { nameOf } from "../simulate/item-facts";
import { aboutC, ruleC, say } from "../units/said";
import { whereIs } from "./counter";
import { areSolidsEaten } from "./solids-eaten";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";

/** A thermometer in a piece speaks of it from so long before it comes off, min. */
const READ_BEFORE_MIN = 30;
/** Boiled apart for so long it was cooked before, min. */
const COOKED_BEFORE_MIN = 10;

interface Short {
  readonly name: string;
  readonly rule: CoreRule;
  /** What its centre reached, °C; null where it never was on the heat. */
  readonly reachedC: number | null;
}

/**
 * What is eaten and was not hot enough in the middle: read with a thermometer, else by the reckoning at the
 * moment it came off. What went in after that was not cooked at all.
 */
export function coreCaution(facts: LiveFacts): LiveCaution | null {
  const { cook, forecast, nowMs } = facts;
  const endMs = cook.offMs ?? forecast.endMs.expected;
  const read = cook.temperatures.findLast(
    (t) => t.where === "piece" && t.atMs > endMs - READ_BEFORE_MIN * MINUTE_MS && t.atMs <= nowMs,
  );
  const rules = eaten(facts);
  const highest = rules.toSorted((a, b) => b.rule.coreC - a.rule.coreC)[0];
  if (highest === undefined) return null;
  if (read !== undefined) {
    const isNearEnd = cook.offMs !== null || nowMs > endMs - READ_BEFORE_MIN * MINUTE_MS;
    return isNearEnd && read.tempC < highest.rule.coreC
      ? caution({ ...highest, reachedC: read.tempC }, read.atMs, "read")
      : null;
  }
  if (cook.offMs === null) return null;
  const short = rules
    .filter((r) => r.reachedC === null || r.reachedC < r.rule.coreC)
    .toSorted((a, b) => (a.reachedC ?? 0) - a.rule.coreC - ((b.reachedC ?? 0) - b.rule.coreC))[0];
  return short === undefined ? null : caution(short, cook.offMs, "by the estimate");
}

/** Meat and fish that is eaten, with what its centre reached on the heat. */
function eaten({ plan, cook, forecast }: LiveFacts): readonly Short[] {
  // A course that stopped before (it boiled dry) has what each piece had by then.
  const reached = forecast.course.atOff ?? forecast.course.items;
  const inPot = areSolidsEaten(plan, cook)
    ? plan.items.flatMap((item): Short[] => {
        const rule = coreRuleEaten(item.ingredientId);
        if (rule === null || item.boiledMin >= COOKED_BEFORE_MIN) return [];
        // What was never put in is not eaten.
        if (whereIs(item, plan, cook) !== "pot") return [];
        const course = reached.find((i) => i.itemId === item.id);
        return [{ name: nameOf(item), rule, reachedC: course?.hottestCentreC ?? null }];
      })
    : [];
  const after = cook.finishing.flatMap((done): Short[] => {
    if (done.kind !== "stirredIn") return [];
    const rule = coreRuleEaten(done.ingredientId);
    return rule === null
      ? []
      : [{ name: ingredientById(done.ingredientId).name, rule, reachedC: null }];
  });
  return [...inPot, ...after];
}

const caution = (
  { name, rule, reachedC }: Short,
  sinceMs: number,
  how: "read" | "by the estimate",
): LiveCaution =>
  live({
    id: "core",
    severity: "danger",
    sinceMs,
    title: "Not hot enough in the middle",
    text:
      reachedC === null
        ? say`${name} went in off the heat: ${ruleC(rule.coreC)} is wanted for ${rule.what}. Bring it all to a simmer until a thermometer in the thickest piece says so.`
        : say`${name}: ${aboutC(reachedC)} ${how}, ${ruleC(rule.coreC)} wanted for ${rule.what}. Cook on and read in the thickest piece; what was read hot enough counts.`,
    rule: say`Core temperature for ${rule.what}: ${ruleC(rule.coreC)}.`,
    whose: rule.whose,
  });
