import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { fold, lastTap } from "./fold";
import { jumpBetween, onOneClock } from "./one-clock";

const T = Date.parse("2026-03-18T08:00:00Z");
const HOUR = 3_600_000;

describe("a clock that was set while a pot was on", () => {
  const log = happened(
    { kind: "lit", atMs: T },
    {
      kind: "interrupted",
      why: "paused",
      fromMs: T + 600_000,
      untilMs: T + 900_000,
      atMs: T + 900_000,
    },
    { kind: "clockSet", shiftMs: -HOUR, atMs: T + HOUR - HOUR },
    { kind: "simmers", atMs: T + HOUR + 600_000 - HOUR },
  );
  test("set back an hour, what came before moves along: order and durations stay", () => {
    const cook = fold(log);
    expect(cook.simmerMs! - cook.litMs!).toBe(HOUR + 600_000);
    expect(cook.interruptions[0]).toMatchObject({
      fromMs: T + 600_000 - HOUR,
      untilMs: T + 900_000 - HOUR,
    });
    expect(cook.events.map((e) => e.kind)).toEqual(["lit", "interrupted", "clockSet", "simmers"]);
  });

  test("nobody at the pot set it: what is taken back next is what was entered before", () => {
    expect(lastTap(log.slice(0, 3)).map((e) => e.kind)).toEqual(["interrupted"]);
  });

  test("taken back, nothing moves", () => {
    const undone = happened(...log, { kind: "undo", eventId: "e2", atMs: T + HOUR });
    expect(fold(undone).litMs).toBe(T);
    expect(onOneClock(log.slice(0, 2))).toEqual(log.slice(0, 2));
  });

  test("however often and whichever way it is set, the time between two entries stays as it was", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 500 }), fc.integer({ min: -300, max: 300 })), {
          minLength: 2,
          maxLength: 8,
        }),
        (steps) => {
          // True time goes on; the wall clock is off by what it was set.
          let trueMs = 0;
          let offMs = 0;
          const trueTimes: number[] = [];
          const events: object[] = [];
          for (const [afterMin, setMin] of steps) {
            trueMs += afterMin * 60_000;
            trueTimes.push(trueMs);
            events.push({ kind: "noted", text: "x", atMs: T + trueMs + offMs });
            offMs += setMin * 60_000;
            events.push({ kind: "clockSet", shiftMs: setMin * 60_000, atMs: T + trueMs + offMs });
          }
          const { notes } = fold(happened(...events));
          const told = notes.map((n) => n.atMs - notes[0]!.atMs);
          expect(told).toEqual(trueTimes.map((t) => t - trueTimes[0]!));
        },
      ),
    );
  });
});

describe("what two clocks say of each other", () => {
  const before = { wallMs: T, monoMs: 1000 };
  const after = (wallMs: number, monoMs: number) =>
    jumpBetween(before, { wallMs: T + wallMs, monoMs: 1000 + monoMs });
  test("both going on is no jump, a few seconds either way neither", () => {
    expect(after(HOUR, HOUR)).toBeNull();
    expect(after(50_000, 1000)).toBeNull();
    expect(after(-20_000, 1000)).toBeNull();
  });
  test("back is set back; ahead is sleep or set, by how much", () => {
    expect(after(-HOUR + 1000, 1000)).toEqual({ kind: "setBack", byMs: -HOUR });
    expect(after(9 * HOUR + 1000, 1000)).toEqual({ kind: "ahead", byMs: 9 * HOUR });
  });
});
