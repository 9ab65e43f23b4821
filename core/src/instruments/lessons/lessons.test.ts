import { describe, expect, test } from "vitest";
import { happened } from "../../../test/events";
import { BatchSchema, type Batch } from "../../batch/batch-schema";
import { fold } from "../../batch/fold";
import { LESSON_IDS, type LessonId } from "../../batch/lesson-ids";
import { asPlanned } from "../../simulate/as-planned";
import { SCHEMA_VERSION } from "../../simulate/schema-version";
import { resolve } from "../../simulate/set-pot";
import { hiddenPotOf } from "../hidden-pot";
import { scoreOf } from "../score-of";
import { sensesOf } from "../senses";
import { chilledC, trueChill } from "../true-chill";
import { lessonKitchen } from "./lesson-kitchen";
import { LESSONS } from "./lessons";

const T = Date.parse("2026-03-18T08:00:00Z");
/** Minutes after it was lit. */
const at = (min: number): number => T + Math.round(min) * 60_000;

const batchOf = (lesson: LessonId): Batch => {
  const kitchen = lessonKitchen({ units: "metric", coolingCode: "us", ownCode: null });
  return BatchSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: "b",
    createdMs: T,
    plan: LESSONS[lesson].plan(kitchen, "p"),
    kitchen,
    practice: { seed: 1, speed: 60, realMs: T, potMs: T, lesson },
  });
};
type Did = readonly {
  readonly kind: string;
  readonly min: number;
  readonly [more: string]: unknown;
}[];
const cooked = (events: Did) =>
  fold(
    happened(
      { kind: "lit", atMs: T },
      ...events.map(({ min, ...event }) => ({ ...event, atMs: at(min) })),
    ),
  );
const score = (lesson: LessonId, events: Did) => {
  const found = scoreOf(batchOf(lesson), cooked(events));
  if (found === null) throw new Error("it is not off yet");
  return found;
};
const dip = (min: number) => ({
  kind: "read",
  min,
  reading: { form: "liquidDepth", value: 0.1 },
});
const heat = (min: number, more: object = {}) => ({
  kind: "heatSet",
  min,
  vigour: "gentle",
  lid: "ajar",
  ...more,
});

const chill = (count: number, fromC: number, way: string) => ({
  containerId: "stockpot",
  count,
  massKg: 3.6,
  fromC,
  isThick: false,
  stages: [
    { way, min: 30 },
    { way: "fridge", min: 0 },
  ],
});
const SIEVED = [
  { kind: "simmers", min: 32 },
  { kind: "offHeat", min: 182 },
  {
    kind: "strained",
    min: 192,
    measured: { volumeL: 3.6, passes: 1, clothPasses: 0, pressed: false },
  },
];

/** How each is done as well as it can be, and how it goes for who does not look. */
const COURSES: Readonly<Record<LessonId, { readonly best: Did; readonly bad: Did }>> = {
  firstPot: {
    best: [
      { kind: "boils", min: 27 },
      { kind: "simmers", min: 32 },
      dip(90),
      { kind: "offHeat", min: 182 },
    ],
    bad: [{ kind: "offHeat", min: 260 }],
  },
  boilsSoon: {
    best: [
      { kind: "boils", min: 25 },
      { kind: "simmers", min: 30 },
      { kind: "offHeat", min: 180 },
    ],
    bad: [
      { kind: "simmers", min: 60 },
      { kind: "offHeat", min: 200 },
    ],
  },
  tooLively: {
    best: [{ kind: "simmers", min: 32 }, dip(60), dip(90), heat(95), { kind: "offHeat", min: 272 }],
    bad: [
      { kind: "simmers", min: 32 },
      { kind: "offHeat", min: 272 },
    ],
  },
  weakRing: {
    best: [
      { kind: "boils", min: 51 },
      { kind: "simmers", min: 56 },
      { kind: "offHeat", min: 206 },
    ],
    bad: [{ kind: "offHeat", min: 120 }],
  },
  forkSaysNo: {
    best: [
      { kind: "checked", itemId: "chuck", how: "nearly", min: 160 },
      { kind: "checked", itemId: "chuck", how: "tender", min: 225 },
      { kind: "offHeat", min: 228 },
    ],
    bad: [{ kind: "offHeat", min: 120 }],
  },
  tooSalty: {
    best: [
      { kind: "simmers", min: 31 },
      { kind: "tasted", tastes: ["salty"], isAtEatingHeat: true, min: 90 },
      { kind: "toppedUp", volumeL: 1.6, min: 95 },
      { kind: "offHeat", min: 211 },
    ],
    bad: [
      { kind: "simmers", min: 31 },
      { kind: "offHeat", min: 300 },
    ],
  },
  flameOut: {
    best: [
      { kind: "simmers", min: 32 },
      { kind: "lookedIn", min: 118 },
      heat(118),
      { kind: "offHeat", min: 332 },
    ],
    bad: [
      { kind: "simmers", min: 32 },
      { kind: "offHeat", min: 332 },
    ],
  },
  coldCrock: {
    best: [
      { kind: "temperature", where: "liquid", tempC: 36.5, min: 120 },
      { kind: "heatSet", vigour: "gentle", lid: "on", setting: "high", min: 121 },
      { kind: "offHeat", min: 480 },
    ],
    bad: [{ kind: "offHeat", min: 480 }],
  },
  chillingStalls: {
    best: [
      ...SIEVED,
      { kind: "chillBegun", min: 200, chill: chill(1, 80, "iceBath") },
      { kind: "chillRead", min: 230, tempC: 50 },
      { kind: "chillMoved", min: 232, chill: chill(1, 50, "iceBath") },
      { kind: "chillRead", min: 500, tempC: 4 },
      { kind: "chilled", min: 500 },
    ],
    bad: [
      ...SIEVED,
      { kind: "chillBegun", min: 200, chill: chill(1, 80, "iceBath") },
      { kind: "chillRead", min: 560, tempC: 30 },
      { kind: "chilled", min: 560 },
    ],
  },
};

describe.each(LESSON_IDS)("the lesson %s", (id) => {
  test("adds up to 100, and is passed by who looks and does what it asks", () => {
    const { points, parts } = score(id, COURSES[id].best);
    expect(parts.reduce((sum, p) => sum + p.of, 0)).toBe(100);
    expect(points, JSON.stringify(parts)).toBeGreaterThanOrEqual(95);
  });

  test("is not passed by who does not look, and each part says why", () => {
    const { points, parts } = score(id, COURSES[id].bad);
    expect(points, JSON.stringify(parts)).toBeLessThan(45);
    const best = score(id, COURSES[id].best).parts;
    for (const part of parts)
      if (part.points !== best.find((p) => p.id === part.id)?.points)
        expect(part.why).not.toBe(best.find((p) => p.id === part.id)?.why);
  });

  test("can be planned, and goes otherwise than planned", () => {
    const batch = batchOf(id);
    const setPot = resolve(batch.plan, batch.kitchen);
    const { trace } = asPlanned(setPot);
    expect(trace.problem).toBeNull();
    const pot = hiddenPotOf(batch);
    if (pot === null) throw new Error("no pot");
    expect(scoreOf(batch, cooked([]))).toBeNull();
    // What was otherwise is told, where something was.
    expect(score(id, COURSES[id].bad).hidden).toHaveLength(id === "firstPot" ? 0 : 1);
    // The same seed is the same pot.
    const sees = (min: number) => sensesOf(setPot, pot, cooked([]), at(min));
    expect(sees(30)).toEqual(sees(30));
  });
});

test("a flame that is out for long: over two hours under the line of the code it is thrown away", () => {
  const left = (offMin: number) => {
    const { parts } = score("flameOut", [
      { kind: "simmers", min: 32 },
      { kind: "offHeat", min: offMin },
    ]);
    return parts.find((p) => p.id === "hot");
  };
  expect(left(150)).toMatchObject({ points: 40, why: "It never fell below 57 °C." });
  expect(left(320)?.why).toMatch(/two hours in all are the limit/);
  // Whatever the curve would still give.
  for (const offMin of [390, 600]) {
    expect(left(offMin)).toMatchObject({ points: 0 });
    expect(left(offMin)?.why).toMatch(/over two hours, and it is thrown away/);
  }
});

test("what is seen, felt and tasted is the true pot's: the flame that went out, the tough piece, the salt", () => {
  const senses = (id: LessonId, min: number, events: Did = []) => {
    const batch = batchOf(id);
    const pot = hiddenPotOf(batch);
    if (pot === null) throw new Error("no pot");
    return sensesOf(resolve(batch.plan, batch.kitchen), pot, cooked(events), at(min));
  };
  const simmers = [{ kind: "simmers", min: 32 }];
  expect(senses("flameOut", 100, simmers).sees).toContain("simmers");
  expect(senses("flameOut", 125, simmers).sees).toContain("no bubble");
  expect(senses("flameOut", 140, [...simmers, heat(126)]).sees).toContain("simmers");
  // Planned to be tender by 2 h 44.
  expect(senses("forkSaysNo", 165).fork?.how).toBe("nearly");
  expect(senses("forkSaysNo", 225).fork?.how).toBe("tender");
  expect(senses("tooSalty", 90, simmers)).toMatchObject({ taste: "salty" });
  expect(senses("boilsSoon", 27).sees).toContain("boils hard");
  expect(senses("weakRing", 27).sees).not.toContain("boils");
});

test("chilling that stalls: read too early tells nothing, hot once more counts for less, and it begins at the sieve", () => {
  const begun = { kind: "chillBegun", min: 200, chill: chill(1, 80, "iceBath") };
  const part = (id: string, ...events: Did) =>
    score("chillingStalls", [
      ...SIEVED,
      begun,
      ...events,
      { kind: "chilled", min: 900 },
    ]).parts.find((p) => p.id === id);
  const read = (min: number) => ({ kind: "chillRead", min, tempC: 40 });
  const moved = { kind: "chillMoved", min: 230, chill: chill(1, 50, "iceBath") };
  expect(part("read", read(202))?.points).toBe(0);
  expect(part("read", read(202), read(230))?.points).toBe(20);
  expect(part("read", read(330))?.points).toBeLessThan(10);
  expect(part("cold", moved)?.points).toBe(60);
  expect(part("moved", moved)?.points).toBe(20);
  expect(part("moved", { ...moved, min: 400 })?.points).toBe(0);
  expect(part("cold")?.points).toBe(0);
  const anew = { kind: "chillBegun", min: 700, chill: chill(1, 74, "iceBath") };
  expect(part("cold", anew)?.points).toBe(35);

  const batch = batchOf("chillingStalls");
  const entries = LESSONS.chillingStalls.begun?.(resolve(batch.plan, batch.kitchen), T) ?? [];
  const cook = fold(happened(...entries));
  expect(cook.stage).toBe("chill");
  expect(cook.result?.strainedL).toBeCloseTo(
    asPlanned(resolve(batch.plan, batch.kitchen)).trace.strained.volumeL,
    1,
  );
  expect(entries.map((e) => e.atMs)).toEqual(entries.map((e) => e.atMs).toSorted((a, b) => a - b));
});

test("a pot that is chilled is as warm as it really is, whatever was written; it stalls until it is moved", () => {
  const batch = batchOf("chillingStalls");
  const pot = hiddenPotOf(batch);
  if (pot === null) throw new Error("no pot");
  const warmAt = (min: number, ...events: Did) => {
    const course = trueChill(
      resolve(batch.plan, batch.kitchen),
      pot,
      cooked([...SIEVED, ...events]),
    );
    return course === null ? NaN : chilledC(course, at(min));
  };
  const begun = (fromC: number) => ({
    kind: "chillBegun",
    min: 200,
    chill: chill(1, fromC, "iceBath"),
  });
  expect(warmAt(300)).toBeNaN();
  expect(warmAt(201, begun(80))).toBeCloseTo(warmAt(201, begun(30)), 6);
  expect(warmAt(201, begun(30))).toBeGreaterThan(75);
  // Within eight minutes as reckoned, and then hardly any more.
  expect(warmAt(208, begun(80))).toBeLessThan(60);
  expect(warmAt(208, begun(80)) - warmAt(230, begun(80))).toBeLessThan(12);
  const moved = { kind: "chillMoved", min: 230, chill: chill(1, 20, "iceBath") };
  expect(warmAt(260, begun(80)) - warmAt(260, begun(80), moved)).toBeGreaterThan(15);
});
