import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { cautionedPlans as plans } from "../../test/caution-plans";
import { HEATS, testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { simulated } from "../../test/simulated";
import { fold } from "../batch/fold";
import { onFire } from "../batch/on-fire";
import { CODES, REMEDIES } from "../cool/codes";
import { portionCautions, shelfCautions } from "../larder/larder-cautions";
import { inWords, type Said } from "../units/said";
import { cautionsFor } from "./rules";

/** Salt and the like are grams to every cook. */
const METRIC =
  /°C|\bkg\b|\bL\b|\bmL\b|\bcm\b|\bm\b|\b(?:5|21|57|60|63|74) to (?:5|21|57|60|63|74)\b/;
const US = /°F|\bqt\b|\bcups?\b|\boz\b|\blb\b|\d in\b(?! all)/;

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T15:00:00Z");
const at = (min: number) => LIT + min * 60_000;
const lives: readonly [ReturnType<typeof testPlan>, readonly object[], number][] = [
  [testPlan(), [{ kind: "lit", atMs: LIT }], 400],
  [
    testPlan(),
    [
      { kind: "lit", atMs: LIT },
      { kind: "offHeat", atMs: at(200) },
    ],
    700,
  ],
  [
    testPlan(),
    [
      { kind: "lit", atMs: LIT },
      { kind: "simmers", atMs: at(40) },
      { kind: "toppedUp", volumeL: 8, atMs: at(60) },
      { kind: "temperature", where: "liquid", tempC: 80, atMs: at(90) },
      {
        kind: "interrupted",
        why: "powerCut",
        fromMs: at(95),
        untilMs: null,
        isUnknown: true,
        atMs: at(95),
      },
    ],
    100,
  ],
  [
    testBraise({ end: "served", stop: { by: "time", holdMin: 60 } }),
    [
      { kind: "lit", atMs: LIT },
      { kind: "offHeat", atMs: at(5) },
    ],
    6,
  ],
  [
    testBraise({
      end: "served",
      heat: HEATS.low,
      vesselId: "crock",
      stop: { by: "time", holdMin: 480 },
    }),
    [
      { kind: "lit", atMs: LIT },
      { kind: "temperature", where: "liquid", tempC: 28, atMs: at(170) },
      { kind: "interrupted", why: "powerCut", fromMs: at(175), untilMs: at(400), atMs: at(400) },
    ],
    401,
  ],
];
const filled = {
  isCold: null,
  remedy: null,
  wasReheated: false,
  stoodDays: 4,
  kind: "jar",
  isFrozen: true,
  codeText: CODES.us.text,
  codeWhose: "x",
} as const;

const all: readonly (readonly [string, Said])[] = [
  ...plans.flatMap((plan) => cautionsFor(simulated(resolve(plan, kitchen)))),
  ...lives.flatMap(
    ([plan, events, min]) =>
      onFire(resolve(plan, kitchen), fold(happened(...events)), at(min)).cautions,
  ),
  ...portionCautions(filled),
  ...portionCautions({ ...filled, remedy: "reheatOnce" }),
  ...shelfCautions(["jar"]),
].flatMap((c) => [
  [`${c.id}, title`, c.title] as const,
  [`${c.id}, text`, c.text] as const,
  [`${c.id}, rule`, c.rule] as const,
]);
const codes = [...Object.values(CODES).map((c) => c.text), ...Object.values(REMEDIES)].map(
  (text, i) => [`code ${i}`, text] as const,
);

describe("cautions in the measures of whoever reads them", () => {
  test("many are looked at", () => {
    expect(new Set(all.map(([id]) => id.split(",")[0])).size).toBeGreaterThan(30);
  });
  test.each(
    [...all, ...codes].filter(([, said], i, list) => list.findIndex(([, s]) => s === said) === i),
  )("%s", (_id, said) => {
    expect(inWords(said, "us")).not.toMatch(METRIC);
    expect(inWords(said, "metric")).not.toMatch(US);
  });
});
