import { describe, expect, test } from "vitest";
import { cooked, LIT, loggedPlan as plan } from "../../test/logged-pot";
import { inWords } from "../units/said";
import { compare } from "./compare";
import { sideOf } from "./side";
import { wentOf } from "./went";

describe("how a pot went", () => {
  // Two millimetres of the stick are a tenth of a litre in it.
  test.each([0.7, 1, 1.4])("its level passes where the stick said, steaming × %s", (steam) => {
    const went = wentOf(sideOf(cooked({ steam, dips: [0.2, 0.5, 0.8] }), undefined));
    expect(went.readings).toHaveLength(3);
    for (const { tMin, litres } of went.readings) {
      const level = went.levels.findLast((p) => p.tMin <= tMin);
      expect(Math.abs((level?.litres ?? 0) - litres)).toBeLessThan(0.1);
    }
    expect(went.levels.at(-1)?.tMin).toBeLessThanOrEqual(went.offMin);
    expect(went.offMin - (went.levels.at(-1)?.tMin ?? 0)).toBeLessThan(1.5);
  });

  test("what it was on follows one after the other, to the end", () => {
    const at = LIT + 200 * 60_000;
    const turned = { kind: "heatSet", atMs: at, vigour: "steady", lid: "off" };
    const { heats, offMin } = wentOf(sideOf(cooked({ more: [turned] }), undefined));
    expect(heats.map((h) => inWords(h.said, "metric"))).toEqual([
      "gentle simmer, lid ajar",
      "steady simmer, lid off",
    ]);
    expect(heats[0]?.toMin).toBe(heats[1]?.fromMin);
    expect(Math.abs((heats[0]?.toMin ?? 0) - 200)).toBeLessThan(1);
    expect(heats[1]?.toMin).toBeCloseTo(offMin, 6);
  });

  test("side by side, the ledger speaks of what came out of both, what came in first", () => {
    const less = cooked({ cooks: { ...plan, water: { by: "amount", volumeL: 4.5 } }, waterL: 4.5 });
    const [from, to] = [sideOf(cooked({}), undefined), sideOf(less, undefined)];
    const { ledger, difference, went } = compare(from, to);
    const strained = ledger.find((r) => r.id === "strained")?.litres;
    expect(strained?.[0]).toBeCloseTo(difference.from.litres, 9);
    expect(strained?.[1]).toBeCloseTo(difference.to.litres, 9);
    expect(ledger[0]).toMatchObject({ id: "water", side: "in" });
    expect(ledger.map((r) => r.side).join()).toMatch(/^(in,)+(out,?)+$/);
    expect(went[1].levels[0]?.litres).toBeLessThan((went[0].levels[0]?.litres ?? 0) - 0.4);
  });

  test("what only one of them has stands at nought for the other", () => {
    const gritty = sideOf(cooked({ leftL: 0.2 }), undefined);
    const { ledger } = compare(sideOf(cooked({}), undefined), gritty);
    expect(ledger.find((r) => r.id === "grit")?.litres).toEqual([0, 0.2]);
  });
});
