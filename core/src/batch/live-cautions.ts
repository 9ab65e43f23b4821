import { resolve } from "../simulate/set-pot";
import { capital } from "../units/capital";
import { isInOven, isOnRing } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { SAFE_WARM_UP_MIN, slowestIn } from "../convert/warming";
import { cookRate } from "../doneness/cook-value";
import { simmerC } from "../heat/hob";
import { codeOf, holdingLineC } from "../cool/codes";
import { burnsIntoNight, flameSpans, type FlameSpan } from "../safety/flame";
import { DANGER_ZONE_MIN } from "../safety/standing-off";
import { isRestAt } from "../simulate/stretches";
import { aboutC, litres, metres, ruleC, say, timeOfDayMin } from "../units/said";
import { showDuration } from "../units/show";
import { thereByThermometer } from "./as-seen";
import { beanCaution } from "./bean-caution";
import { isAllHandedOn } from "./bowl-kg";
import { coldStoryOf } from "./cold-story";
import { drifts } from "./course-of";
import { coreCaution } from "./core-caution";
import { keptOut } from "./kept-out-caution";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";
import { restingTooCool } from "./resting-caution";
import { underLineMs } from "./standing";
import { planNow } from "./stretch-now";
import { unknownCut } from "./unknown-cut";
import { UNSEEN_MIN, unseenMin } from "./unseen";

/** So long before it may run dry, or the bones stand bare, it is said, min: time to act. */
const DRY_AHEAD_MIN = 20;
const BARE_AHEAD_MIN = 10;
/** So much over the reckoned come-up it should be boiling: kitchen estimate. */
const SLOW_BOIL_FACTOR = 1.4;
const SLOW_BOIL_MIN = 10;
/** Fallen so far since the flame was last set, it is turned down: docs/method.md, “Oven, slow cooker, pressure”. */
const TURN_DOWN_EVERY_M = 0.05;
const TURN_DOWN_SHARE = 0.075;
/** This much less left than planned is worth turning down for: kitchen estimate. */
const TOO_LITTLE_SHARE = 0.85;
/** Said from an hour under the rule's own time on. */
const THROUGH_SOON_MIN = SAFE_WARM_UP_MIN - 60;

/** What is wrong with a pot, or soon will be, the gravest first; strained, what stands unchilled. */
export function liveCautions(facts: LiveFacts): readonly LiveCaution[] {
  const { cook } = facts;
  if (cook.litMs === null || cook.finishedMs !== null) return [];
  if (cook.strainedMs !== null)
    return [unknownCut(facts), coreCaution(facts), beanCaution(facts), standing(facts)].filter(
      (c) => c !== null,
    );
  const isOn = cook.offMs === null;
  // How it simmers now is by the heat that it is on now.
  const now = { ...facts, plan: planNow(facts.plan, cook) };
  const isResting = isRestAt(facts.plan, facts.forecast.stretchIndex);
  const found = [
    ranOver(facts),
    ...(isOn
      ? [
          dry(facts),
          night(facts),
          unseen(facts),
          bare(facts),
          slowToBoil(facts),
          ...(isResting ? [restingTooCool(facts)] : [lazy(now), turnDown(now)]),
        ]
      : []),
    standing(facts),
    keptOut(facts),
    tooSlow(facts),
    unknownCut(facts),
    isOfUnknownLength(facts) ? null : cold(facts),
    coreCaution(facts),
    beanCaution(facts),
  ].filter((c): c is LiveCaution => c !== null);
  const order = ["danger", "caution", "note"];
  return found.sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
}

const inMin = (ms: number, nowMs: number): string =>
  ms <= nowMs ? "now" : `in about ${Math.max(1, Math.round((ms - nowMs) / MINUTE_MS))} min`;

function dry({ forecast, nowMs }: LiveFacts): LiveCaution | null {
  const { dryMs } = forecast;
  if (dryMs === null || dryMs - nowMs > DRY_AHEAD_MIN * MINUTE_MS) return null;
  return live({
    id: "dry",
    severity: "danger",
    sinceMs: dryMs - DRY_AHEAD_MIN * MINUTE_MS,
    title: forecast.isDry ? "By the estimate it is dry" : `It may run dry ${inMin(dryMs, nowMs)}`,
    text: forecast.isDry
      ? "Heat off first. If it is dry or smells scorched: lid on, let it cool, and only then water; on hot fat it spits and flares. If there is liquid yet, read its level."
      : "Pour in boiling water now, or turn it down. If it already smells scorched: heat off first, leave the lid on, let it cool.",
    rule: `A pot that runs dry burns on, and can set fat or a cloth alight.${forecast.isDry ? "" : " This is the early end of what may be: the fastest steaming still likely from its readings."}`,
    whose: "fire service guidance on unattended cooking; your own fire rules apply",
  });
}

/** Over its end by so much, or unseen for so long, a lit ring is a danger whatever is reckoned, min. */
const LONG_OVER_MIN = 30;
const LONG_UNSEEN_MIN = 240;

/** When a flame or ring is on under it from now on, min: all of the time left, or in some of its stretches. */
function flamesAhead({ plan, kitchen, forecast, nowMs }: LiveFacts): readonly FlameSpan[] {
  const { course, endMs, stretchEndsMs, stretchIndex } = forecast;
  const endMin = (endMs.expected - nowMs) / MINUTE_MS;
  const fromNow = stretchEndsMs.map((s) => (s.expected - nowMs) / MINUTE_MS);
  const stretches = course.stretches.map((s, index) => ({
    ...s,
    // What is still to be turned to burns from the next minute on, at the earliest.
    fromMin:
      index <= stretchIndex
        ? -Infinity
        : Math.max(1, fromNow[index - stretchIndex - 1] ?? Infinity),
  }));
  return flameSpans(resolve(plan, kitchen), { stretches, totalMin: Math.max(0, endMin) })
    .filter((s) => s.toMin > -Infinity)
    .map((s) => ({ fromMin: Math.max(0, s.fromMin), toMin: Math.max(0, s.toMin) }));
}

/** On a flame or ring that nobody has looked at for hours, by the clock and not by the forecast. */
function unseen(facts: LiveFacts): LiveCaution | null {
  const { cook, forecast, nowMs } = facts;
  const min = unseenMin(cook, nowMs);
  if (min < UNSEEN_MIN || flamesAhead(facts)[0]?.fromMin !== 0) return null;
  // Nobody has turned it: what is over is the stretch that it is in.
  const dueMs = forecast.stretchEndsMs[0]?.expected ?? forecast.endMs.expected;
  const overMin = (nowMs - dueMs) / MINUTE_MS;
  const isOver = overMin >= LONG_OVER_MIN;
  const isLast = forecast.stretchEndsMs.length <= 1;
  return live({
    id: "unseen",
    severity: isOver || min >= LONG_UNSEEN_MIN ? "danger" : "caution",
    sinceMs: nowMs - min * MINUTE_MS,
    title: `Nobody has looked at it for ${showDuration(min)}`,
    text: isOver
      ? `It should have ${isLast ? "come off" : "been turned"} ${showDuration(overMin)} ago. Heat off, then look whether it is dry. If it smells scorched: lid on, let it cool, no water in.`
      : "Look at it now: is there liquid, does it catch, is the flame as it was? Then write its level down, or any entry.",
    rule: "A flame or ring is not left alone or slept beside.",
    whose: "fire services everywhere; your house rules come first",
  });
}

/** A flame that burns into the house's hours of sleep: said before they begin, a danger once they have. */
function night(facts: LiveFacts): LiveCaution | null {
  const { nowMs, hourOf } = facts;
  const spans = flamesAhead(facts);
  if (hourOf === undefined || spans.length === 0) return null;
  const leftMin = spans.at(-1)?.toMin ?? 0;
  const hour = hourOf(nowMs);
  const nightMin = burnsIntoNight(hour, spans, facts.kitchen);
  if (nightMin === null) return null;
  const lit = spans.filter((s) => s.fromMin === 0).map(() => ({ fromMin: 0, toMin: 0 }));
  const isNow = burnsIntoNight(hour, lit, facts.kitchen) !== null;
  return live({
    id: "night",
    severity: isNow ? "danger" : "caution",
    sinceMs: nowMs,
    title: isNow ? "It burns in the night" : "It will burn into the night",
    text: isNow
      ? "Somebody stays awake with it, or it comes off now: chill what is in it and go on tomorrow."
      : say`Off the heat in about ${showDuration(leftMin)}, after ${timeOfDayMin(nightMin)}. Say now who stays awake with it, or take it off before and chill it.`,
    rule: "A flame or ring is not left alone or slept beside.",
    whose: "fire services everywhere; your house rules come first",
  });
}

/** Off the heat and not chilled: under the holding line it must not stand on. */
function standing({ kitchen, cook, forecast, nowMs }: LiveFacts): LiveCaution | null {
  if (forecast.standing === null || cook.chilling !== null || isAllHandedOn(cook)) return null;
  const code = codeOf(kitchen);
  const lineC = holdingLineC(code);
  const underMs = underLineMs(forecast.standing, lineC);
  if (underMs === null || nowMs < underMs) return null;
  const underMin = (nowMs - underMs) / MINUTE_MS;
  const isBad = underMin > DANGER_ZONE_MIN;
  const isRead = forecast.standing.readings.length > 0;
  const how = say`${isRead ? "By its readings" : "By the estimate"} it has been under ${ruleC(lineC)} for ${showDuration(underMin)}, off the heat for ${showDuration((nowMs - forecast.standing.offMs) / MINUTE_MS)}.`;
  return live({
    id: "standing",
    severity: isBad ? "danger" : "caution",
    sinceMs: isBad ? underMs + DANGER_ZONE_MIN * MINUTE_MS : underMs,
    title: isBad ? "It has stood too long" : "It stands in the warm: chill it now",
    text: isBad
      ? say`${how} Throw it away, unless a thermometer read since shows that it was not: then write that down.`
      : say`${how} Strain it and begin to chill it, shallow and fast. ${code.text}`,
    rule: say`Under the holding line food does not stay more than 2 h before it is chilled or hot again. ${code.text}`,
    whose: code.whose,
  });
}

/** Less than this over the rim is within the readings, L. */
const RAN_OVER_L = 0.1;

/** More was said to be in the pot than it holds: it ran over, or something was misread. */
function ranOver({ cook, forecast, nowMs }: LiveFacts): LiveCaution | null {
  const { ranOverL, course } = forecast;
  if (ranOverL < RAN_OVER_L) return null;
  const pour = cook.pours.findLast((p) => p.volumeL > 0);
  const mark = course.marks.find((m) => m.kind === "ranOver");
  return live({
    id: "ranOver",
    severity: "caution",
    sinceMs: pour?.atMs ?? (cook.litMs ?? nowMs) + (mark?.tMin ?? 0) * MINUTE_MS,
    title: say`${litres(ranOverL)} does not go in`,
    text: say`By the estimate the pot was full to the rim and ${litres(ranOverL)} ran over. ${
      pour === undefined
        ? "Look at the level and read it."
        : say`${litres(pour.volumeL)} was poured in last: if that was misread, undo it and enter it again.`
    } If it did boil over: heat off, wipe up, look whether the flame is still lit.`,
    rule: "A pot that boils over can put a gas flame out; the gas then flows on.",
    whose: "fire service guidance; Kettlos works out the litres",
  });
}

function bare({ plan, forecast, nowMs }: LiveFacts): LiveCaution | null {
  const { bareMs, isDry } = forecast;
  // Of a dry pot only that is said: water comes later.
  if (isDry || bareMs === null || bareMs - nowMs > BARE_AHEAD_MIN * MINUTE_MS) return null;
  return live({
    id: "bare",
    severity: "caution",
    sinceMs: bareMs - BARE_AHEAD_MIN * MINUTE_MS,
    title: `The liquid comes down to what lies in it ${inMin(bareMs, nowMs)}`,
    text:
      plan.end === "strained"
        ? "Top up with boiling water, turn it down, or press the bones under."
        : "Top up with hot stock or water, turn it down, or turn the pieces over.",
    rule: "What stands out of the liquid dries, darkens, and stays behind in cooking.",
    whose: "kitchen practice",
  });
}

function slowToBoil({ plan, cook, forecast, nowMs }: LiveFacts): LiveCaution | null {
  if (!isOnRing(plan.heat) || cook.litMs === null) return null;
  if (cook.boiledMs !== null || cook.simmerMs !== null) return null;
  if (thereByThermometer(plan, cook, forecast.planned) !== null) return null;
  const boils = plan.heat.boilFirstMin !== null;
  const dueMin = forecast.planned.comeUpMin * SLOW_BOIL_FACTOR + SLOW_BOIL_MIN;
  const sinceMs = cook.litMs + dueMin * MINUTE_MS;
  if (nowMs < sinceMs) return null;
  return live({
    id: "slowToBoil",
    severity: "caution",
    sinceMs,
    title: `It should ${boils ? "boil" : "simmer"} by now`,
    text: `Expected ${Math.round(forecast.planned.comeUpMin)} min, and ${Math.round((nowMs - cook.litMs) / MINUTE_MS)} have gone. Is the ring full on, the lid on? If it does, say so and the rest moves along.`,
    rule: say`Food that warms slowly lies long between ${ruleC(5)} and ${ruleC(60)}, where what spoils it grows.`,
    whose: "US guidance (USDA); your local food code rules",
  });
}

function turnDown({ plan, cook, forecast, nowMs }: LiveFacts): LiveCaution | null {
  if (!isOnRing(plan.heat) || cook.simmerMs === null) return null;
  const setMs = Math.max(cook.simmerMs, cook.settings.at(-1)?.atMs ?? 0);
  const then = forecast.course.points.findLast(
    (p) => p.tMin * MINUTE_MS + (cook.litMs ?? 0) <= setMs,
  );
  const fallenM = then === undefined ? 0 : then.depthM - forecast.nowDepthM;
  const endsL = forecast.strainedL.expected;
  const plannedL = forecast.planned.strained.volumeL;
  const isByClock = forecast.endMs.low === forecast.endMs.high;
  if (isByClock && cook.readings.length > 0 && endsL < TOO_LITTLE_SHARE * plannedL)
    return live({
      id: "turnDown",
      severity: "caution",
      sinceMs: cook.readings.at(-1)?.atMs ?? nowMs,
      title: "Turn it down, or put the lid ajar",
      text: say`Left as it is about ${litres(endsL)} will be left of the ${litres(plannedL)} planned: it steams ${Math.round((forecast.steamRate.mean - 1) * 100)} % faster than expected.`,
      rule: "By the readings of this pot. Say how you turned it with H, and this follows.",
      whose: "Kettlos works it out; the cook decides",
    });
  // A rolling boil is wanted as it is.
  const vigour = cook.settings.at(-1)?.vigour ?? plan.heat.vigour;
  if (fallenM < TURN_DOWN_EVERY_M || vigour === "rolling") return null;
  const steps = Math.floor(fallenM / TURN_DOWN_EVERY_M);
  return live({
    id: "resetFlame",
    severity: "note",
    sinceMs: nowMs,
    title: "Set the flame anew",
    text: say`The level has fallen ${metres(fallenM)}: about ${Math.round(steps * TURN_DOWN_SHARE * 100)} % less heat keeps the same simmer.`,
    rule: say`Less liquid needs less heat: 5 to 10 % for every ${metres(TURN_DOWN_EVERY_M)} it has fallen.`,
    whose: "kitchen estimate",
  });
}

/** This much under what the simmer should be it is lazy, °C. */
const LAZY_C = 2.5;
/** A reading older than this says nothing of the simmer now, min. */
const LAZY_STALE_MIN = 45;

/** On the ring, but hardly simmering: it cooks slower than the clock says. */
function lazy({ plan, kitchen, cook, nowMs }: LiveFacts): LiveCaution | null {
  const { simmerMs } = cook;
  if (!isOnRing(plan.heat) || simmerMs === null) return null;
  const turn = cook.settings.findLast((s) => s.atMs >= simmerMs);
  const vigour = turn?.vigour ?? plan.heat.vigour;
  const wantedC = simmerC(vigour, kitchen.altitudeM);
  const sinceMs = Math.max(simmerMs, turn?.atMs ?? 0);
  const read = cook.temperatures.findLast((t) => t.where === "liquid");
  if (read === undefined || read.atMs <= sinceMs || read.tempC > wantedC - LAZY_C) return null;
  if (nowMs - read.atMs > LAZY_STALE_MIN * MINUTE_MS || cook.interruptions.at(-1)?.untilMs === null)
    return null;
  const hourMin = Math.round((60 * cookRate(wantedC)) / cookRate(read.tempC));
  return live({
    id: "lazy",
    severity: "caution",
    sinceMs: read.atMs,
    title: "It hardly simmers",
    text: say`Read at ${aboutC(read.tempC)}, where a ${vigour} simmer is ${aboutC(wantedC)} here: an hour's cooking takes ${showDuration(hourMin)}. Turn it up a little, or cover it; the forecast follows what is read.`,
    rule: "What cooks slower by the thermometer is done later by as much.",
    whose: "Kettlos works it out from the cook value; the cook decides",
  });
}

/** A crock or a cold oven that takes too long to 60 °C. */
function tooSlow({ plan, cook, forecast, nowMs }: LiveFacts): LiveCaution | null {
  if (!drifts(plan)) return null;
  const slowest = slowestIn(plan, forecast.course);
  if (slowest <= THROUGH_SOON_MIN) return null;
  const isBad = slowest > SAFE_WARM_UP_MIN;
  const measured = cook.temperatures.findLast((t) => t.where === "liquid");
  const hotter = isInOven(plan.heat) ? "turn the oven up" : "switch to HIGH";
  return live({
    id: "tooSlow",
    severity: isBad ? "danger" : "caution",
    sinceMs: measured?.atMs ?? nowMs,
    title: isBad ? "It warms too slowly" : "It warms slowly",
    text: say`${
      Number.isFinite(slowest)
        ? say`The middle of the largest piece takes about ${showDuration(slowest)} from ${ruleC(5)} to ${ruleC(60)}`
        : say`The middle of the largest piece never gets to ${ruleC(60)}`
    }${measured === undefined ? ", as estimated" : say`, by the ${aboutC(measured.tempC)} read`}. ${
      isBad
        ? `Bring it to the boil on a ring now and put it back hot, or ${hotter}. Where it has been longer than that already, throw it away.`
        : `${capital(hotter)} until it simmers, and leave the lid on.`
    }`,
    rule: say`The thickest part passes from ${ruleC(5)} to ${ruleC(60)} within 4 h.`,
    whose: "US guidance for slow cookers; your local food code rules",
  });
}

/** The last time without heat is of unknown length: its minutes cannot be counted. */
const isOfUnknownLength = ({ cook }: LiveFacts): boolean =>
  cook.interruptions.findLast((i) => i.why !== "lidOff")?.isUnknown === true;

/** Without heat: how long, when it falls under 60 °C, and what then. */
function cold(facts: LiveFacts): LiveCaution | null {
  const story = coldStoryOf(facts);
  if (story === null) return null;
  const { interruption, under60Ms, under60Min, isBack } = story;
  const sinceMs = interruption.fromMs;
  const isBad = under60Min > DANGER_ZONE_MIN;
  const isCut = interruption.why === "powerCut";
  if (isBack && under60Min < 1) return null;
  const forHow = `${Math.round(((isBack ? (interruption.untilMs ?? facts.nowMs) : facts.nowMs) - sinceMs) / MINUTE_MS)} min`;
  const when =
    under60Min >= 1
      ? say`It was under ${ruleC(60)} for about ${showDuration(under60Min)} in all.`
      : under60Ms === null
        ? say`It stays over ${ruleC(60)} for hours yet.`
        : say`It falls under ${ruleC(60)} ${inMin(under60Ms, facts.nowMs)}.`;
  return live({
    id: "noHeat",
    severity: isBad ? "danger" : under60Min >= 1 ? "caution" : "note",
    sinceMs,
    title: isBad
      ? "Too long without heat"
      : isBack
        ? "It has been without heat"
        : `${isCut ? "No power" : "No heat"} for ${forHow}`,
    text: isBad
      ? say`${when} Throw it away, even if it looks done.`
      : say`${when} ${isBack ? "Bring it back to a full simmer quickly." : "Keep the lid on; finish it on another heat if you can."}`,
    rule: isCut
      ? "Power off for more than 2 h, or nobody knows how long: throw it away. At home: finish it at once by other means. Fully cooked before: safe for up to 2 h."
      : say`Food does not stay more than 2 h in all between ${ruleC(5)} and ${ruleC(60)}.`,
    whose: "US guidance (USDA) on power cuts and slow cookers; your local food code rules",
  });
}
