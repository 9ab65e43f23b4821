import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { happenedBy } from "./cook";
import { isLiftedOut } from "./pot/effects";

const at = (min: number) => min * 60_000;

describe("what events come to", () => {
  test("what was poured in, ladled out and put back is kept to the drop", () => {
    const kinds = ["toppedUp", "ladledOut", "pouredBack"] as const;
    const sign = { toppedUp: 1, ladledOut: -1, pouredBack: 1 };
    const pour = fc.record({
      kind: fc.constantFrom(...kinds),
      volumeL: fc.double({ min: 0.01, max: 100, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(pour, { maxLength: 30 }), (pours) => {
        const { pours: got } = happenedBy(
          happened(...pours.map((p, i) => ({ ...p, atMs: at(i) }))),
        );
        const sum = (litres: readonly number[]) => litres.reduce((all, l) => all + l, 0);
        expect(sum(got.map((p) => p.volumeL))).toBe(
          sum(pours.map((p) => sign[p.kind] * p.volumeL)),
        );
        expect(got.filter((p) => p.isBack)).toHaveLength(
          pours.filter((p) => p.kind === "pouredBack").length,
        );
      }),
    );
  });

  test("the first of what happens once counts, the last of what is said anew", () => {
    const state = happenedBy(
      happened(
        { kind: "lit", atMs: at(1) },
        { kind: "lit", atMs: at(2) },
        { kind: "skimmed", atMs: at(3) },
        { kind: "skimmed", atMs: at(9) },
        { kind: "looked", clarity: "hazy", atMs: at(10) },
        { kind: "looked", colour: "amber", atMs: at(11) },
        { kind: "solids", fate: "fed", atMs: at(12) },
        { kind: "solids", fate: "thrown", atMs: at(13) },
      ),
    );
    expect([state.litMs, state.skimmedMs]).toEqual([at(1), at(9)]);
    expect(state.looks).toEqual({ clarity: "hazy", colour: "amber" });
    expect(state.solids).toBe("thrown");
  });

  test("what was lifted out lies beside the pot until it is put back", () => {
    const out = { kind: "takenOut", itemId: "neck", atMs: at(1) };
    const back = { kind: "putBack", itemId: "neck", atMs: at(2) };
    expect(isLiftedOut(happenedBy(happened(out)), "neck")).toBe(true);
    expect(isLiftedOut(happenedBy(happened(out, back)), "neck")).toBe(false);
    expect(isLiftedOut(happenedBy(happened(out)), "onion")).toBe(false);
  });

  test("back again ends what lasts, and nothing that had an end of its own", () => {
    const { interruptions } = happenedBy(
      happened(
        { kind: "interrupted", why: "paused", fromMs: at(1), untilMs: at(2), atMs: at(3) },
        { kind: "interrupted", why: "powerCut", fromMs: at(4), untilMs: null, atMs: at(5) },
        { kind: "resumed", atMs: at(8) },
        { kind: "interrupted", why: "lidOff", fromMs: at(9), untilMs: null, atMs: at(9) },
      ),
    );
    expect(interruptions.map((i) => i.untilMs)).toEqual([at(2), at(8), null]);
  });

  test("chilled again counts from the last time it was begun, and knows that it was hot in between", () => {
    const chill = {
      containerId: "tall",
      count: 1,
      massKg: 3,
      fromC: 78,
      isThick: false,
      stages: [{ way: "fridge", min: 600 }],
    };
    const { chilling } = happenedBy(
      happened(
        { kind: "chillRead", tempC: 90, atMs: at(0) },
        { kind: "chillBegun", chill, atMs: at(1) },
        { kind: "chillRead", tempC: 40, atMs: at(2) },
        { kind: "chilled", atMs: at(3) },
        { kind: "chillBegun", chill, atMs: at(4) },
        { kind: "chillRead", tempC: 30, atMs: at(5) },
      ),
    );
    expect(chilling).toMatchObject({
      beganMs: at(4),
      readings: [{ atMs: at(5), tempC: 30 }],
      endedMs: null,
      wasReheated: true,
    });
  });
});
