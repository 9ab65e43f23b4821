import { HOUR_MS } from "../units/time";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen } from "../../test/kitchen";
import { containersOf } from "./chill-containers";
import { CODES } from "../cool/codes";
import { beforeMoved, coolingOf, isChilled, isStillToChill } from "./chill-of";
import { chillingNow } from "../../test/chilling";
import { fold } from "./fold";

const STRAINED = Date.parse("2026-03-08T16:46:00+01:00");
const at = (hours: number) => STRAINED + hours * HOUR_MS;
const strained = {
  kind: "strained",
  atMs: STRAINED,
  measured: { volumeL: 3, tempC: 80, passes: 2, clothPasses: 0, pressed: false },
};
const begun = {
  kind: "chillBegun",
  atMs: at(0.2),
  chill: {
    containerId: "tall",
    count: 1,
    massKg: 3,
    fromC: 78,
    isThick: false,
    stages: [{ way: "trough", min: 0 }],
  },
};
const chilled = { kind: "chilled", atMs: at(4) };
const logged = { kind: "finished", atMs: at(5) };
const cook = (...events: readonly object[]) => fold(happened(strained, ...events));

describe("a pot is still to be chilled", () => {
  test("from the sieve on, while it chills too, until it is cold through", () => {
    expect(isStillToChill(cook(), at(0.1))).toBe(true);
    expect(isStillToChill(cook(begun), at(3))).toBe(true);
    expect(isChilled(cook(begun))).toBe(false);
    expect(isChilled(cook(begun, chilled))).toBe(true);
    expect(isStillToChill(cook(begun, chilled), at(4))).toBe(false);
  });

  test("logged without it: for a day yet; not logged: as long as it stands there", () => {
    expect(isStillToChill(cook(logged), at(6))).toBe(true);
    expect(isStillToChill(cook(begun, logged), at(6))).toBe(true);
    expect(isStillToChill(cook(logged), at(24.1))).toBe(false);
    expect(isStillToChill(cook(), at(72))).toBe(true);
  });
});

test("what stands in a usual tray goes on, also once the kitchen has said which trays it has", () => {
  const tray = { id: "own", name: "Tin", kind: "tray" as const, capacityL: 5, heightM: 0.06 };
  const withTrays = testKitchen({ containers: [{ ...tray, have: 2 }] });
  const ids = (kitchen: ReturnType<typeof testKitchen>) => containersOf(kitchen).map((c) => c.id);
  expect(ids(testKitchen())).toContain("trayShallow");
  expect(ids(withTrays)).not.toContain("trayShallow");
  const chill = { ...begun.chill, containerId: "trayShallow", stages: [] };
  expect(coolingOf(chill, withTrays)?.container.name).toBe("Shallow tray");
  expect(coolingOf({ ...chill, containerId: "gone" }, withTrays)).toBeNull();
});

describe("moved while it cools", () => {
  const read = (hours: number, tempC: number) => ({ kind: "chillRead", tempC, atMs: at(hours) });
  const moved = (hours: number, fromC: number) => ({
    kind: "chillMoved",
    atMs: at(hours),
    chill: { ...begun.chill, fromC, count: 3, containerId: "trayShallow" },
  });
  const now = (hours: number, ...events: readonly object[]) => {
    const { chilling } = cook(begun, ...events);
    if (chilling === null) throw new Error("not chilled");
    const live = chillingNow(chilling, testKitchen(), CODES.us, at(hours));
    if (live === null) throw new Error("stands in nothing");
    return live;
  };
  /** When a gate shuts, hours after the sieve. */
  const shuts = (live: ReturnType<typeof now>, hours: number) =>
    hours + (live.gates[0]?.leftMin ?? NaN) / 60;

  test("the clock of the code runs on: no gate shuts later for it", () => {
    const readAt = [read(0.7, 50), read(1.4, 44)];
    const left = now(1.5, ...readAt);
    const after = now(1.5, ...readAt, moved(1.5, 43));
    expect(shuts(after, 1.5)).toBeCloseTo(shuts(left, 1.5), 2);
    expect(after.points[0]?.tMin).toBeCloseTo(-1.3 * 60, 6);
    // What is too late stays so, however cold the ice.
    expect(now(3, ...readAt, moved(2.9, 40)).gates[0]?.state).toBe("failed");
    expect(now(3, ...readAt, moved(2.9, 40)).remedy).toBe("reheatOnce");
    // And again.
    expect(shuts(now(1.81, ...readAt, moved(1.5, 43), moved(1.8, 38)), 1.81)).toBeCloseTo(
      shuts(left, 1.5),
      2,
    );
  });

  test("a gate that was read before it was moved stays met; what was read is all there", () => {
    const live = now(2.5, read(0.7, 50), read(1.2, 20), moved(1.3, 20), read(2, 12));
    expect(live.gates[0]?.state).toBe("met");
    expect(live.allReadings.map((r) => r.tempC)).toEqual([50, 20, 12]);
    const twice = now(2.6, read(0.7, 50), read(1.2, 20), moved(1.3, 20), moved(2.5, 12));
    expect(twice.gates[0]?.state).toBe("met");
    expect(twice.allReadings.map((r) => r.tempC)).toEqual([50, 20]);
    expect(twice.allReadings[1]?.tMin).toBeCloseTo(-1.3 * 60, 6);
  });

  test("begun under the line, nobody knows when it fell; seen hot before it was moved, it is known", () => {
    const standing = { offMs: at(-4), points: [{ tMin: 0, tempC: 95 }], readings: [] };
    const late = cook({ ...begun, chill: { ...begun.chill, fromC: 40 } }, moved(0.5, 35));
    const state = chillingNow(late.chilling!, testKitchen(), CODES.us, at(0.6), standing);
    expect(state?.gates[0]?.state).toBe("unknown");
    expect(now(0.6, moved(0.5, 50)).gates[0]?.state).not.toBe("unknown");
  });

  test("chilled anew from hot after it was moved, it counts from there", () => {
    const anew = { ...begun, atMs: at(3.5), chill: { ...begun.chill, fromC: 74 } };
    const live = now(3.6, moved(2.9, 40), anew);
    expect(live.gates[0]?.state).not.toBe("failed");
    expect(cook(begun, moved(2.9, 40), anew).chilling).toMatchObject({
      wasReheated: true,
      moved: null,
    });
    expect(cook(begun, anew, moved(3.7, 60)).chilling?.wasReheated).toBe(true);
  });

  test("what it stood in is gone: the course goes by what was read", () => {
    const { chilling } = cook({ ...begun, chill: { ...begun.chill, containerId: "sold" } });
    const before = beforeMoved(chilling!, at(1), 50, testKitchen(), null);
    expect(before.points[0]).toEqual({ tMin: expect.closeTo(-48, 6), tempC: 78 });
    expect(before.points.at(-1)?.tempC).toBeLessThan(52);
  });
});
