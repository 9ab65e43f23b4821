import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { fold } from "./fold";
import { halfWayOf } from "./half-way";

const LIT = Date.parse("2026-03-18T08:00:00Z");
const H = 3_600_000;
const at = (h: number) => LIT + h * H;
const after = (h: number, ...events: readonly object[]) =>
  halfWayOf(fold(happened(...events)), LIT - H, at(6), at(h));
const lit = { kind: "lit", atMs: LIT };
const off = { kind: "offHeat", atMs: at(6) };
const strained = {
  kind: "strained",
  atMs: at(6.5),
  measured: { volumeL: 3, passes: 1, clothPasses: 0, pressed: false, tempC: 15 },
};

describe("a pot forgotten half-way", () => {
  test("is none as long as somebody may be at it", () => {
    expect(after(17, lit)).toBeNull();
    expect(after(60, { kind: "noted", text: "soaks", atMs: LIT })).toBeNull();
    expect(after(17, lit, off)).toBeNull();
    expect(after(50, lit, off, strained)).toBeNull();
  });

  test.each([
    [19, [lit], "onHeat", 6],
    [75, [{ kind: "noted", text: "soaks", atMs: LIT }], "filled", null],
    [19, [lit, off], "offHeat", null],
    [56, [lit, off, strained], "inBowl", null],
  ] as const)("after %s h of %o it is one: %s", (h, events, where, dueH) => {
    expect(after(h, ...events)).toMatchObject({
      at: where,
      dueMs: dueH === null ? null : at(dueH),
    });
  });

  test("what is logged is done; what a thermometer still reads is not forgotten", () => {
    expect(after(400, lit, off, strained, { kind: "finished", atMs: at(8) })).toBeNull();
    const reading = { kind: "temperature", where: "liquid", tempC: 90, source: "instrument" };
    expect(after(40, lit, { ...reading, atMs: at(39) })).toBeNull();
    expect(after(60, lit, { ...reading, atMs: at(39) })?.lastMs).toBe(LIT);
  });
});
