import { HOUR_MS } from "../units/time";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen } from "../../test/kitchen";
import { containersOf } from "./chill-containers";
import { coolingOf, isChilled, isStillToChill } from "./chill-of";
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
