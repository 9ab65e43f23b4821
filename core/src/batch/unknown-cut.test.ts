import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { metric } from "../../test/metric";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, VESSEL_OF } from "../../test/kitchen";
import { fold } from "./fold";
import { onFire } from "./on-fire";

const kitchen = testKitchen({ altitudeM: 0 });
const LIT = Date.parse("2026-03-18T06:00:00Z");
const at = (min: number) => Math.round(LIT + min * 60_000);
const crock = testBraise({
  heat: HEATS.low,
  vesselId: VESSEL_OF.low,
  stop: { by: "time", holdMin: 480 },
});
const lit = { kind: "lit", atMs: LIT };
const cut = (saidMin: number, isBack: boolean, fromMin = 60) => ({
  kind: "interrupted",
  why: "powerCut",
  fromMs: at(fromMin),
  untilMs: isBack ? at(saidMin) : null,
  isUnknown: true,
  atMs: at(saidMin),
});
const read = (min: number, tempC: number) => ({
  kind: "temperature",
  where: "liquid",
  tempC,
  atMs: at(min),
});
const found = (events: readonly object[], min: number) =>
  onFire(resolve(crock, kitchen), fold(happened(lit, ...events)), at(min))
    .cautions.map(metric)
    .find((c) => c.id === "unknownCut" || c.id === "noHeat");

describe("without heat, nobody knows how long", () => {
  test("it is thrown away, though little time may have passed and it may be hot again", () => {
    expect(found([cut(90, true)], 91)).toMatchObject({ id: "unknownCut", severity: "danger" });
    expect(found([cut(90, true), read(120, 88)], 121)?.severity).toBe("danger");
    expect(found([cut(90, false)], 91)?.text).toContain("before the heat is back");
  });

  test("read above the line while it is still off it is not lost; below it, or after, it is", () => {
    expect(found([cut(90, false), read(92, 72)], 93)?.severity).toBe("note");
    expect(found([cut(90, false), read(92, 50)], 93)?.severity).toBe("danger");
    const resumed = { kind: "resumed", atMs: at(95) };
    expect(found([cut(90, false), read(92, 72), resumed], 100)?.severity).toBe("note");
    expect(found([cut(90, false), resumed, read(110, 72)], 111)?.severity).toBe("danger");
  });

  test("a reading speaks for half an hour; a cut that was lost is not mended by a later one", () => {
    expect(found([cut(90, false), read(92, 72)], 121)?.severity).toBe("note");
    expect(found([cut(90, false), read(92, 72)], 123)?.severity).toBe("danger");
    const late = { kind: "resumed", atMs: at(140) };
    expect(found([cut(90, false), read(92, 72), late], 141)?.severity).toBe("danger");
    const lost = cut(70, true, 40);
    const second = [lost, cut(90, false, 85), read(92, 72)];
    expect(found(second, 93)?.severity).toBe("danger");
    // A later one of known length is counted by its minutes beside it.
    const resumed = { kind: "resumed", atMs: at(95) };
    const known = { ...cut(400, true, 110), isUnknown: undefined, atMs: at(400) };
    const cook = fold(happened(lit, cut(90, false), read(92, 72), resumed, known));
    const ids = onFire(resolve(crock, kitchen), cook, at(401)).cautions.map((c) => c.id);
    expect(ids).toContain("noHeat");
  });

  test("done before, by a fork or by its time, it is eaten or chilled now", () => {
    const tender = { kind: "checked", itemId: "goat", how: "tender", atMs: at(400) };
    expect(found([tender, cut(450, true, 400)], 451)?.severity).toBe("caution");
    // Of something else in the pot it says nothing of the meat.
    const other = { ...tender, itemId: "carrot" };
    expect(found([other, cut(450, true, 400)], 451)?.severity).toBe("danger");
    expect(found([cut(700, true, 490)], 701)?.severity).toBe("caution");
    expect(found([cut(700, true, 300)], 701)?.severity).toBe("danger");
  });

  test("a cut of known length goes by its minutes", () => {
    const known = { ...cut(90, true, 80), isUnknown: undefined };
    expect(found([known], 91)?.id).not.toBe("unknownCut");
  });
});
