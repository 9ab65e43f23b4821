import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { HEATS, testKitchen, testPlan } from "../../test/kitchen";
import { cookRate } from "../doneness/cook-value";
import { ledgerBalanceKg } from "../liquid/ledger";
import { outcomeOf } from "../units/problem";
import { EXPECTED } from "./parameters";
import type { Kitchen } from "./kitchen-schema";
import type { Plan } from "./plan-schema";
import { simulate } from "./simulate";

const kitchen = testKitchen();
const run = (over: Parameters<typeof testPlan>[0] = {}, waterKg = 4.4, altitudeM = 1640) =>
  simulate(resolve(testPlan(over), testKitchen({ altitudeM })), { waterKg });

describe("a stock on the hob", () => {
  const trace = run();

  test("boils where water boils at 1640 m, then holds 10 °C below", () => {
    expect(trace.boilingC).toBeCloseTo(94.516, 2);
    const hottest = Math.max(...trace.points.map((p) => p.liquidC));
    expect(hottest).toBeCloseTo(94.516, 1);
    const mid = trace.points.find((p) => p.tMin > 200);
    expect(mid?.liquidC).toBeCloseTo(84.516, 2);
  });

  test("steams 5 kg/m²·h off a 26 cm surface with fat on: worked by hand", () => {
    const hold = trace.points.filter((p) => p.phase === "hold" && p.tMin > 150 && p.tMin < 330);
    const first = hold[0];
    const last = hold.at(-1);
    const hours = ((last?.tMin ?? 0) - (first?.tMin ?? 0)) / 60;
    const rate = ((last?.steamedKg ?? 0) - (first?.steamedKg ?? 0)) / hours;
    expect(rate).toBeCloseTo(5 * 0.053093 * 0.7, 3);
  });

  test("gathers cook value at the simmer's rate, averaged over the piece", () => {
    const a = trace.points.find((p) => p.tMin >= 150);
    const b = trace.points.find((p) => p.tMin >= 300);
    const minutes = (b?.tMin ?? 0) - (a?.tMin ?? 0);
    expect((b?.cookMin ?? 0) - (a?.cookMin ?? 0)).toBeCloseTo(minutes * cookRate(84.516), 1);
  });

  test("a late onion is marked an hour before the end", () => {
    const inMark = trace.marks.find((m) => m.kind === "itemIn");
    const off = trace.marks.find((m) => m.kind === "offHeat");
    expect((off?.tMin ?? 0) - (inMark?.tMin ?? 0)).toBeCloseTo(60, 3);
  });

  test("leaves 0.08 L a kg on the solids, and 0.05 L a cloth", () => {
    expect(-trace.ledger.leftOnSolids).toBeCloseTo(0.08 * trace.solidsOutKg, 9);
    const cloth = run({
      strain: { when: "atOnce", pressed: true, clothPasses: 2 },
    });
    expect(-cloth.ledger.leftInCloth).toBeCloseTo(0.1, 9);
    expect(-cloth.ledger.leftOnSolids).toBeCloseTo(0.03 * cloth.solidsOutKg, 9);
  });

  test("repeats to the last digit", () => {
    expect(JSON.stringify(run())).toBe(JSON.stringify(run()));
  });
});

const anyPlan: fc.Arbitrary<Plan> = fc
  .record({
    bones: fc.double({ min: 0.3, max: 3, noNaN: true }),
    bone: fc.constantFrom("lambNeck", "porkTrotter", "chickenFrame", "beefMarrow"),
    extra: fc.constantFrom("beefChuck", "brownLentil", "mushroom", "whiteWine", "tableSalt"),
    extraKg: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
    late: fc.constantFrom("start", "late", "off"),
    vigour: fc.constantFrom(
      "bare" as const,
      "gentle" as const,
      "steady" as const,
      "rolling" as const,
    ),
    lid: fc.constantFrom("off" as const, "ajar" as const, "on" as const),
    holdMin: fc.integer({ min: 5, max: 300 }),
    cloth: fc.integer({ min: 0, max: 2 }),
  })
  .map((r) =>
    testPlan({
      items: [
        {
          id: "bones",
          ingredientId: r.bone,
          massKg: r.bones,
          when: { at: "start" },
        },
        {
          id: "extra",
          ingredientId: r.extra,
          massKg: r.extraKg,
          when:
            r.late === "start"
              ? { at: "start" }
              : r.late === "late"
                ? { at: "beforeEnd", min: 20 }
                : { at: "offHeat" },
        },
      ],
      heat: { method: "hob", vigour: r.vigour, lid: r.lid, boilFirstMin: null },
      stop: { by: "time", holdMin: r.holdMin },
      strain: { when: "afterPause", pressed: false, clothPasses: r.cloth },
    }),
  );

describe("conservation", () => {
  test("the ledger closes to 1e-9 for any plan", () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: 2, max: 5, noNaN: true }), (plan, waterKg) => {
        const t = simulate(resolve(plan, kitchen), { waterKg });
        expect(Math.abs(ledgerBalanceKg(t.ledger) - t.strained.liquidKg)).toBeLessThan(1e-9);
      }),
      { numRuns: 40 },
    );
  });

  test("what goes in by weight comes out by weight: liquid, solids, fat, steam", () => {
    fc.assert(
      fc.property(anyPlan, fc.double({ min: 2, max: 5, noNaN: true }), (plan, waterKg) => {
        const t = simulate(resolve(plan, kitchen), { waterKg });
        const salt = plan.items.find((i) => i.ingredientId === "tableSalt")?.massKg ?? 0;
        const massIn = waterKg + plan.items.reduce((sum, i) => sum + i.massKg, 0) - salt;
        const massOut = t.endLiquidKg + t.solidsOutKg + t.strained.fatKg - t.ledger.evaporated;
        expect(massOut).toBeCloseTo(massIn, 8);
      }),
      { numRuns: 40 },
    );
  });

  test("salt stays: what is strained and what clings add up to what went in", () => {
    const t = run({
      items: [
        { id: "b", ingredientId: "lambNeck", massKg: 2, when: { at: "start" } },
        {
          id: "s",
          ingredientId: "tableSalt",
          massKg: 0.03,
          when: { at: "start" },
        },
      ],
    });
    const clings = t.strained.saltGL * (t.endLiquidL - t.strained.volumeL);
    expect(t.strained.saltG + clings).toBeCloseTo(30, 9);
    expect(t.strained.saltGL).toBeCloseTo(30 / t.endLiquidL, 9);
  });
});

describe("monotonicity", () => {
  test("longer: less left, more cook value, more gelatin", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 500 }),
        fc.integer({ min: 5, max: 120 }),
        (a, more) => {
          const short = run({ stop: { by: "time", holdMin: a } });
          const long = run({ stop: { by: "time", holdMin: a + more } });
          expect(long.endLiquidL).toBeLessThan(short.endLiquidL + 0.05);
          expect(-long.ledger.evaporated).toBeGreaterThan(-short.ledger.evaporated);
          expect(long.cookMin).toBeGreaterThan(short.cookMin);
        },
      ),
      { numRuns: 15 },
    );
  });

  test("higher up it cooks slower; a lid keeps more; more steam leaves less", () => {
    expect(run({}, 4.4, 0).cookMin).toBeGreaterThan(run({}, 4.4, 1640).cookMin * 1.3);
    const lidOn = run({
      heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: 5 },
    });
    expect(lidOn.strained.volumeL).toBeGreaterThan(run().strained.volumeL + 0.5);
    const steamier = simulate(resolve(testPlan(), kitchen), {
      waterKg: 4.4,
      parameters: { ...EXPECTED, evaporation: 1.4 },
    });
    expect(steamier.strained.volumeL).toBeLessThan(run().strained.volumeL);
  });

  test("frozen bones take longer to the simmer, by their heat of melting over the ring's heat", () => {
    const frozen = run({
      items: [
        {
          id: "b",
          ingredientId: "lambNeck",
          massKg: 2.2,
          when: { at: "start" },
          frozen: true,
        },
      ],
    });
    const thawed = run({
      items: [
        {
          id: "b",
          ingredientId: "lambNeck",
          massKg: 2.2,
          when: { at: "start" },
        },
      ],
    });
    const extraMin = frozen.comeUpMin - thawed.comeUpMin;
    expect(extraMin).toBeGreaterThan((2.2 * 240) / (thawed.ringW / 1000) / 60);
    expect(extraMin).toBeLessThan((2 * 2.2 * 240) / (thawed.ringW / 1000) / 60);
  });
});

describe("stopping by the level", () => {
  test("down to 3 L, to 60 %, to 9 cm: each stops there", () => {
    const byLiquid = run({ stop: { by: "liquid", liquidL: 3 } });
    expect(byLiquid.endLiquidL).toBeCloseTo(3, 2);
    const start = byLiquid.points[0]?.liquidKg ?? 0;
    const byShare = run({ stop: { by: "share", share: 0.6 } });
    expect(byShare.endLiquidKg / start).toBeCloseTo(0.6, 2);
    const byDepth = run({ stop: { by: "depth", depthM: 0.095 } });
    expect(byDepth.endDepthM).toBeCloseTo(0.095, 3);
  });

  test("a late addition follows a stop by level", () => {
    const t = run({ stop: { by: "liquid", liquidL: 3 } });
    const inMin = t.marks.find((m) => m.kind === "itemIn")?.tMin ?? 0;
    const offMin = t.marks.find((m) => m.kind === "offHeat")?.tMin ?? 0;
    expect(offMin - inMin).toBeCloseTo(60, -1);
  });

  test("what steam cannot reach is said", () => {
    const t = run({
      heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: null },
      stop: { by: "liquid", liquidL: 0.5 },
    });
    expect(t.problem?.code).toBe("notReachable");
  });
});

describe("what stands in the way", () => {
  test("boils dry: an event and a typed problem, no NaN", () => {
    const t = run(
      {
        heat: {
          method: "hob",
          vigour: "rolling",
          lid: "off",
          boilFirstMin: null,
        },
      },
      1,
    );
    expect(t.problem?.code).toBe("boiledDry");
    expect(t.marks.some((m) => m.kind === "dry")).toBe(true);
    expect(t.marks.some((m) => m.kind === "bonesBare")).toBe(false);
    expect(JSON.stringify(t)).not.toContain("null,null");
  });

  test("bones come bare on the way down", () => {
    const t = run({
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: 5 },
    });
    expect(t.marks.some((m) => m.kind === "bonesBare")).toBe(true);
  });

  test("a ring too weak says at what temperature it sticks", () => {
    const weak = testKitchen({
      rings: [{ id: "gas", name: "Small ring", kind: "gas", powerW: 700 }],
    });
    const t = simulate(resolve(testPlan(), weak), { waterKg: 4.4 });
    expect(t.problem).toMatchObject({ code: "ringTooWeak" });
    expect(t.problem?.message).toMatch(/stands still at about \d+ °C/);
    expect(t.problem?.message).toContain(
      "Put the lid on, use a stronger ring, or cook less at once.",
    );
  });

  test("a cooker too weak for its pressure is told of what can be done to it: no lid, and a ring only under it", () => {
    const cooker = testKitchen().vessels.find((v) => v.id === "pressure")!;
    const plan = testPlan({ vesselId: "pressure", heat: HEATS.pressure, items: [] });
    const said = (kitchen: Kitchen) =>
      simulate(resolve(plan, kitchen), { waterKg: 4.4 }).problem?.message;
    const rings = [{ id: "gas", name: "Small ring", kind: "gas" as const, powerW: 200 }];
    expect(said(testKitchen({ rings }))).toMatch(
      /^This ring .*\. Use a stronger ring, or cook less at once\.$/,
    );
    const electric = {
      ...cooker,
      powerW: 100,
      pressure: { ...cooker.pressure!, drive: "electric" as const },
    };
    expect(said(testKitchen({ vessels: [electric] }))).toMatch(
      /^This cooker .* °C\. Cook less at once\.$/,
    );
  });

  test.each([
    [{ vesselId: "crock" }, "notOnHob"],
    [{ vesselId: "nothing" }, "unknownReference"],
    [{ ringId: "nothing" }, "unknownReference"],
  ] as const)("%o is refused as %s", (over, code) => {
    const items = [
      {
        id: "b",
        ingredientId: "lambNeck",
        massKg: 4,
        when: { at: "start" as const },
      },
    ];
    const got = outcomeOf(() => run({ items, ...over }));
    expect(got).toMatchObject({ ok: false, problem: { code } });
  });
});
