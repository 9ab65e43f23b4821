import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { cooked, LIT, loggedPlan as plan, type How } from "../../test/logged-pot";
import { EXPECTED } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/point-at";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import { FORETOLD, payingOf } from "./paying";
import { ringSeen, steamSeen } from "./from-pot";
import { thingWords } from "./say-taught";
import { whatTaught, wordsOf, type PotWords } from "./taught";

const kitchen = testKitchen();
const factorOf = (seen: ReturnType<typeof steamSeen>) =>
  seen.ok ? Math.exp(seen.observation.log) : NaN;

describe("what one pot says", () => {
  test.each([0.6, 1, 1.5])("of its steam, by two dips: × %s", (steam) => {
    expect(factorOf(steamSeen(cooked({ steam })))).toBeCloseTo(steam, 1);
  });

  test("what meat lets go it no longer takes up: more juice is not taken for less steam", () => {
    const [bones] = plan.items;
    if (bones === undefined) throw new Error("nothing in the plan");
    const shoulder = { ...bones, id: "shoulder", ingredientId: "beefChuck", massKg: 2.2 };
    const cooks = { ...plan, items: [shoulder] };
    const usual = factorOf(steamSeen(cooked({ cooks })));
    const juicy = factorOf(steamSeen(cooked({ cooks, freed: 1.3 })));
    expect(usual).toBeCloseTo(1, 1);
    expect(Math.abs(Math.log(juicy / usual))).toBeLessThan(0.05);
  });

  test("by its sieve where no level was read", () => {
    const bySieve = steamSeen(cooked({ steam: 0.7, dips: [] }));
    expect(factorOf(bySieve)).toBeCloseTo(0.7, 1);
  });

  test.each([0.8, 1, 1.25])("of its ring, by how soon it boiled: × %s", (ring) => {
    expect(Math.abs(factorOf(ringSeen(cooked({ ring }))) - ring)).toBeLessThan(0.008);
  });

  test("of its ring, by its thermometer where nobody said when it boiled; nothing by readings far apart", () => {
    const waterKg = coldWaterKg(waterL(resolve(plan, kitchen)), kitchen);
    const logged = (ring: number, everyMin: number) => {
      const { batch, cook } = cooked({ ring });
      const parameters = { ...EXPECTED, efficiency: ring };
      const trace = simulate(resolve(plan, kitchen), { waterKg, parameters });
      const temperatures = Array.from({ length: Math.ceil(90 / everyMin) }, (_, i) => ({
        ...{ where: "liquid" as const, atMs: LIT + i * everyMin * 60_000 },
        tempC: pointAt(trace, i * everyMin).liquidC,
      }));
      return { batch, cook: { ...cook, boiledMs: null, temperatures } };
    };
    for (const ring of [0.8, 1, 1.25])
      expect(Math.abs(factorOf(ringSeen(logged(ring, 1))) - ring)).toBeLessThan(0.04);
    expect(ringSeen(logged(1, 15)).ok).toBe(false);
    const { batch, cook } = logged(1, 1);
    const inMeat = cook.temperatures.map((t) => ({ ...t, where: "centre" as const }));
    expect(ringSeen({ batch, cook: { ...cook, temperatures: inMeat } as never }).ok).toBe(false);
  });

  test("nothing where it was for practice, where nobody knows of it, where nothing was measured", () => {
    const why = (how: How) => {
      const seen = steamSeen(cooked(how));
      return seen.ok ? null : seen.why;
    };
    expect(why({ batch: { practice: { seed: 1 } as never } })).toMatch(/practice/);
    expect(why({ dips: [], isMeasured: false })).toMatch(/no level was read/);
    const at = LIT + 100 * 60_000;
    const power = {
      kind: "interrupted",
      why: "paused",
      fromMs: at,
      atMs: at,
      untilMs: at + 60_000,
    };
    expect(why({ more: [{ ...power, isUnknown: true }] })).toMatch(/nobody knows/);
    expect(why({ more: [power] })).toBeNull();
    const turned = { kind: "heatSet", atMs: at, vigour: "steady", lid: "off" };
    expect(why({ more: [turned] })).toMatch(/several heats/);
  });
});

describe("what a kitchen has taught", () => {
  const wordsFor = (steam: number, i: number): PotWords => ({
    ...wordsOf(cooked({ steam, batch: { id: `p${i}` } })),
    atMs: LIT + i,
  });
  const words = [0.7, 0.72, 0.69, 0.71, 0.68].map(wordsFor);

  test("five pots that steam 30 % less: that, surely, from these pots; taken back, the default again", () => {
    const [value] = whatTaught(words).values.filter((v) => v.kind === "steam");
    expect(value?.factor).toBeGreaterThan(0.67);
    expect(value?.factor).toBeLessThan(0.76);
    expect(value?.plusMinusPct).toBeLessThan(15);
    expect(value?.beforePlusMinusPct).toBeGreaterThan(50);
    expect(value?.from.map((f) => f.potId)).toEqual(["p0", "p1", "p2", "p3", "p4"]);
    expect(whatTaught([]).values).toEqual([]);
    expect(whatTaught([]).kitchen.steam.factor).toBe(1);
  });

  test("no pot has a word in what is foretold of it, whatever it says", () => {
    fc.assert(
      fc.property(fc.double({ min: -1, max: 1, noNaN: true }), (log) => {
        const other = words.map((w, i): PotWords => {
          const { steam } = w.seen;
          if (i !== 2 || !steam.ok) return w;
          return {
            ...w,
            seen: { ...w.seen, steam: { ok: true, observation: { ...steam.observation, log } } },
          };
        });
        const without = new Set(["p2"]);
        expect(whatTaught(other, { without })).toEqual(whatTaught(words, { without }));
      }),
    );
  });

  test("is called as a cook would", () => {
    expect(thingWords("steam", plan, kitchen)).toMatch(/ with its lid ajar, at a gentle simmer$/);
    expect(thingWords("ring", plan, kitchen)).toMatch(/ under the /);
  });
});

test("learning pays: less is off than by the default and by the last pot, and ranges stay honest", () => {
  const shared: Plan = { ...plan, stop: { by: "share", share: 0.8 } };
  const rows = payingOf(resolve(shared, kitchen), 24, [3], 0.1, 7);
  expect(rows.map((r) => r.of)).toEqual(FORETOLD);
  for (const row of rows) {
    expect(row.learned, row.of).toBeLessThan(0.9 * row.byDefault);
    expect(row.learned, row.of).toBeLessThan(0.95 * row.byLast);
    expect(row.left, row.of).toBeLessThan(0.65);
    expect(row.covered, row.of).toBeGreaterThan(0.6);
  }
});
