import { ln } from "../units/same-math";
import { resolve } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { Cook } from "../batch/fold";
import type { Tasting } from "../events/watch/effects";
import { bowlL, perKg, perL, type InBowl } from "../batch/bowl";
import { inBowl } from "../batch/in-bowl";
import { LiveModel } from "../batch/live-model";
import { livePlan } from "../batch/live-plan";
import type { Taste } from "../events/watch/terms";
import { GRAVY_GL, usualSaltPer } from "../dish/wanted";
import { labelValues } from "../ingredient/label";
import { ingredientById } from "../ingredient/catalogue";
import { ingredientOf } from "../simulate/item-facts";
import { untaught } from "../simulate/learned";
import { BODY_SIGMA, isSparing, SALT_SIGMA, wantedThing } from "../simulate/wanted-here";
import type { Plan } from "../simulate/plan-schema";
import { kitchenEstimate } from "../units/constant";
import { outcomeOf } from "../units/problem";
import type { Observation } from "./belief";
import { unusable, type LoggedPot } from "./from-pot";

const estimate = (name: string, log: number) =>
  kitchenEstimate(name, log, "log", "kitchen estimate");
/** How far what a tongue calls right is off what it calls right next time. */
const RIGHT_SD = {
  salt: estimate("salt called right", 0.12),
  body: estimate("body called right", 0.25),
};
/** What was wanting and was put right, by how it came out: nobody said that it was right then. */
const MENDED_SD = { salt: estimate("salt put right", 0.18), body: estimate("body put right", 0.3) };
/** What was wanting and stayed so: one step further off, and less sure. */
const STEP = { salt: estimate("a step of salt", 0.15), body: estimate("a step of body", 0.25) };
const LEFT_SD = {
  salt: estimate("salt left as it was", 0.22),
  body: estimate("body left as it was", 0.35),
};
/** A tongue on something hot tells less. */
const TOO_HOT = 1.5;
/** What nobody measured came out as it was reckoned, more or less. */
const NOT_MEASURED = 1.5;
/** What boils down by more after it was tasted came out otherwise than it was tasted. */
const MOST_DOWN = 1.15;
/** What is stirred in while tasting is written before the word itself. */
const WHILE_TASTING_MS = 15 * MINUTE_MS;
/** What is further from the usual, either way, was not made to be eaten as it is. */
const MOST_TIMES = 3;

type Kind = "salt" | "body";
const NOTHING = { salt: [], body: [] } as const;
/** Which tastes speak of it, and which way what is wanted lies. */
const SPEAKS: Readonly<Record<Kind, Partial<Record<Taste, 1 | 0 | -1>>>> = {
  salt: { right: 0, dull: 1, salty: -1 },
  body: { right: 0, thin: 1, thick: -1 },
};
/** What makes more of it, and what less. */
const makesMore = (kind: Kind, ingredientId: string): boolean => {
  const { saltGKg, starchGKg } = labelValues(ingredientById(ingredientId));
  return (kind === "salt" ? saltGKg : starchGKg) > 100;
};

/**
 * How salty and how thick a pot was wanted, by the last word of a tasting and by how it then came out: as it
 * was called right; as it came out where it was put right after; else a step on from how it was left
 * (docs/method.md, “What a log teaches”: the cook's own verdicts). Nothing of who must be sparing, of animals, of practice.
 */
export function tasteSeen(logged: LoggedPot): Readonly<Record<Kind, readonly Observation[]>> {
  const { batch, cook } = logged;
  const { offMs, result } = cook;
  if (unusable(logged) !== null || cook.tastings.length === 0 || offMs === null || result === null)
    return NOTHING;
  const kitchen = untaught(batch.kitchen);
  const plan = livePlan(batch.plan, cook);
  const outcome = outcomeOf(() => ({
    bowl: inBowl({ ...batch, kitchen, plan }, cook),
    model: new LiveModel(resolve(plan, kitchen), cook, offMs),
  }));
  if (!outcome.ok || outcome.value.bowl === null) return NOTHING;
  const { bowl, model } = outcome.value;
  const liquidKg = (atMs: number) => model.point(model.modelMin(Math.min(atMs, offMs))).liquidKg;
  const isAsItCameOut = ({ atMs }: Tasting) => liquidKg(atMs) <= MOST_DOWN * liquidKg(offMs);
  const tastings = cook.tastings.filter(isAsItCameOut);
  const saidOf = (kind: Kind, cameOut: number) =>
    wordOn(kind, cameOut, { potId: batch.id, plan, cook, tastings });
  return {
    salt: isSparing(plan) || isGuessed(plan) ? [] : saidOf("salt", saltLog(plan, bowl)),
    body: plan.end === "served" ? saidOf("body", bodyLog(bowl)) : [],
  };
}

/** With a stock whose salt nobody knows, what it came to is a guess. */
const isGuessed = ({ items }: Plan): boolean =>
  items.some(
    (item) =>
      item.label !== undefined && item.label.saltGKg === undefined && ingredientOf(item).isLiquid,
  );

/** Against what suits most. */
const saltLog = (plan: Plan, bowl: InBowl): number =>
  ln((plan.end === "served" ? perKg : perL)(bowl, bowl.saltG) / usualSaltPer(plan));
/** Against a stew's gravy. */
const bodyLog = (bowl: InBowl): number =>
  bowlL(bowl) > 0 ? ln(perL(bowl, bowl.flourG) / GRAVY_GL) : -Infinity;

function wordOn(
  kind: Kind,
  cameOut: number,
  {
    potId,
    plan,
    cook,
    tastings,
  }: {
    readonly potId: string;
    readonly plan: Plan;
    readonly cook: Cook;
    readonly tastings: readonly Tasting[];
  },
): readonly Observation[] {
  const said = tastings.findLast((t) => t.tastes.some((taste) => taste in SPEAKS[kind]));
  if (said === undefined || !(Math.abs(cameOut) <= ln(MOST_TIMES))) return [];
  const [way = 0, ...others] = said.tastes.flatMap((taste) => SPEAKS[kind][taste] ?? []);
  // Who calls it both tells nothing.
  if (others.length > 0) return [];
  const isMended = way !== 0 && wasPutRight(kind, way, said, cook);
  const sd = (way === 0 ? RIGHT_SD : isMended ? MENDED_SD : LEFT_SD)[kind].value;
  return [
    {
      potId,
      thing: wantedThing(plan),
      log: cameOut + (isMended ? 0 : way * STEP[kind].value),
      sd: sd * (said.isAtEatingHeat ? 1 : TOO_HOT) * (cook.result?.isReckoned ? NOT_MEASURED : 1),
      sigma: (kind === "salt" ? SALT_SIGMA : BODY_SIGMA).value,
    },
  ];
}

/** Whether something was put in for it since. */
function wasPutRight(kind: Kind, way: 1 | -1, { atMs }: Tasting, cook: Cook): boolean {
  const fromMs = atMs - WHILE_TASTING_MS;
  const put = [
    ...cook.extras.flatMap((item) => {
      const added = cook.addedItems.get(item.id);
      return added === undefined ? [] : [{ atMs: added.atMs, ingredientId: item.ingredientId }];
    }),
    ...cook.finishing.flatMap((f) => (f.kind === "stirredIn" ? [f] : [])),
  ].filter((p) => p.atMs >= fromMs);
  if (way > 0) return put.some((p) => makesMore(kind, p.ingredientId));
  return (
    put.some((p) => !makesMore(kind, p.ingredientId)) ||
    cook.pours.some((p) => p.atMs >= fromMs && p.volumeL > 0)
  );
}
