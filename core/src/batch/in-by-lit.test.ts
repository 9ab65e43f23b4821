import { expect, test } from "vitest";
import { happened } from "../../test/events";
import { fold } from "./fold";
import { inByLit } from "./in-by-lit";

const T = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
const added = (itemId: string, min: number) => ({
  kind: "added",
  itemId,
  massKg: 1,
  atMs: T + min * MINUTE,
});
const minutesOf = (log: ReturnType<typeof happened>) =>
  inByLit(log).map((e) => (e.atMs - T) / MINUTE);

test("said at twelve to have been lit at ten: what was ticked off before was in by ten", () => {
  const log = happened(added("bones", 115), added("leek", 118), { kind: "lit", atMs: T });
  expect(minutesOf(log)).toEqual([0, 0, 0]);
});

test("what really went in earlier stays there, and so does what was said after the lighting", () => {
  const lit = { kind: "lit", atMs: T };
  expect(minutesOf(happened(added("bones", -30), lit, added("leek", 40)))).toEqual([-30, 0, 40]);
});

test("a lighting that was taken back moves nothing", () => {
  const log = happened(
    added("bones", 5),
    { kind: "lit", atMs: T },
    { kind: "undo", eventId: "e1", atMs: T + 6 * MINUTE },
  );
  expect(minutesOf(log)).toEqual([5, 0, 6]);
  expect(fold(log).litMs).toBeNull();
});
