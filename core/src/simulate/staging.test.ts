import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { HEATS, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import { ledgerBalanceKg } from "../liquid/ledger";
import { countedBack } from "./counted-back";
import type { Plan } from "./plan-schema";
import { simulate } from "./simulate";
import { coldWaterKg } from "./stated-water";

const kitchen = testKitchen();
type Given = NonNullable<Parameters<typeof testPlan>[0]>;
type Items = NonNullable<Given["items"]>;
type Work = Items[number]["work"];
const run = (over: Given, waterL = 3) =>
  simulate(resolve(testPlan(over), kitchen), { waterKg: coldWaterKg(waterL, kitchen) });
const at = (trace: ReturnType<typeof run>, kind: string, itemId: string) =>
  trace.marks.find((m) => m.kind === kind && m.itemId === itemId)?.tMin;

const cube = (edgeM: number) => ({
  kind: "brick" as const,
  sizeM: [edgeM, edgeM, edgeM] as [number, number, number],
});
const MUTTON = {
  id: "meat",
  ingredientId: "muttonShoulder",
  massKg: 1,
  when: { at: "start" as const },
  piece: cube(0.03),
};
const CARROT = { id: "carrot", ingredientId: "carrot", massKg: 0.3, piece: cube(0.02) };
const STEW: Given = {
  heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
  stop: { by: "time", holdMin: 200 },
  end: "served",
};

describe("when things go in", () => {
  test("once it boils is when the simmer begins; after 30 min is half an hour on", () => {
    const trace = run({
      ...STEW,
      items: [
        MUTTON,
        { ...CARROT, when: { at: "after", min: 0 } },
        { ...CARROT, id: "later", when: { at: "after", min: 30 } },
      ],
    });
    expect(at(trace, "itemIn", "carrot")).toBeCloseTo(trace.toSimmerMin, 1);
    expect(at(trace, "itemIn", "later")).toBeCloseTo(trace.toSimmerMin + 30, 1);
  });

  test("when tender waits for the other's ideal cook value, and comes later in smaller heat", () => {
    const moment = (vigour: "bare" | "steady") => {
      const trace = run({
        ...STEW,
        stop: { by: "time", holdMin: 900 },
        heat: { method: "hob", vigour, lid: "on", boilFirstMin: null },
        items: [MUTTON, { ...CARROT, when: { at: "whenTender", itemId: "meat" } }],
      });
      return (at(trace, "itemIn", "carrot") ?? Infinity) - trace.toSimmerMin;
    };
    expect(moment("bare")).toBeGreaterThan(moment("steady") * 1.5);
    expect(moment("steady")).toBeGreaterThan(60);
  });

  test("what waits for something never judged goes in when the heat is off", () => {
    const trace = run({
      ...STEW,
      items: [
        MUTTON,
        { id: "bay", ingredientId: "bayLeaf", massKg: 0.001, when: { at: "start" } },
        { ...CARROT, when: { at: "whenTender", itemId: "bay" } },
      ],
    });
    expect(at(trace, "itemIn", "carrot")).toBeCloseTo(trace.toSimmerMin + 200, 1);
  });

  test("counted back from the end it goes in at the same moment", () => {
    const plan = testPlan({
      ...STEW,
      items: [MUTTON, { ...CARROT, when: { at: "whenTender", itemId: "meat" } }],
    });
    const options = { waterKg: coldWaterKg(3, kitchen) };
    const trace = simulate(resolve(plan, kitchen), options);
    const again = simulate(resolve(countedBack(plan, trace), kitchen), options);
    const apart = (at(again, "itemIn", "carrot") ?? 0) - (at(trace, "itemIn", "carrot") ?? 0);
    expect(Math.abs(apart)).toBeLessThanOrEqual(1.5);
  });
});

describe("out and back", () => {
  test("meat out when tender stops cooking and frees its room; back it is all there", () => {
    const out = { when: { at: "tender" as const }, isBack: true };
    const long: Given = { ...STEW, stop: { by: "time", holdMin: 330 } };
    const stays = run({ ...long, items: [MUTTON] });
    const lifted = run({ ...long, items: [{ ...MUTTON, out }] });
    const course = (t: typeof stays) => t.items.find((i) => i.itemId === "meat");
    expect(course(lifted)?.cookMin ?? 0).toBeLessThan((course(stays)?.cookMin ?? 0) * 0.95);
    expect(at(lifted, "itemOut", "meat")).toBeDefined();
    expect(at(lifted, "itemBack", "meat")).toBeDefined();
    expect(lifted.solidsOutKg).toBeGreaterThan(0.5);
    expect(lifted.ledger.handedOn + lifted.ledger.handedOver).toBeCloseTo(0, 9);
  });

  test("kelp comes out before the boil and never sees it", () => {
    const trace = run({
      items: [
        {
          id: "kelp",
          ingredientId: "kelp",
          massKg: 0.02,
          when: { at: "start" },
          out: { when: { at: "beforeBoil" }, isBack: false },
        },
      ],
      heat: { method: "hob", vigour: "gentle", lid: "off", boilFirstMin: 5 },
      stop: { by: "time", holdMin: 20 },
    });
    expect(at(trace, "itemOut", "kelp") ?? Infinity).toBeLessThan(trace.comeUpMin);
    expect(trace.solidsOutKg).toBe(0);
  });
});

describe("work before", () => {
  test("soaked beans have their water already: the pot gives the rest", () => {
    const beans = (work: NonNullable<Work>) =>
      run({
        ...STEW,
        heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: 45 },
        items: [{ id: "b", ingredientId: "whiteBean", massKg: 0.5, when: { at: "start" }, work }],
      });
    const soaked = beans([{ kind: "soak" }]);
    const dry = beans([]);
    expect(-dry.ledger.takenUp - -soaked.ledger.takenUp).toBeCloseTo(0.5 * 1.05, 1);
    expect(soaked.items[0]?.endKg).toBeCloseTo(dry.items[0]?.endKg ?? 0, 1);
  });

  test("browning takes its loss off what the meat lets go in the pot", () => {
    const juice = (work: NonNullable<Work>) =>
      run({ ...STEW, items: [{ ...MUTTON, work }] }).ledger.juice;
    expect(juice([]) - juice([{ kind: "brown" }])).toBeCloseTo(0.05 * 0.8, 2);
  });

  test("wine boiled down by half brings half the liquid and little alcohol", () => {
    const wine = (work: NonNullable<Work>) =>
      run({
        ...STEW,
        stop: { by: "time", holdMin: 1 },
        items: [{ id: "w", ingredientId: "redWine", massKg: 0.5, when: { at: "start" }, work }],
      });
    const reduced = wine([{ kind: "reduce", share: 0.5 }]);
    const whole = wine([]);
    expect(whole.ledger.added - reduced.ledger.added).toBeCloseTo(0.25, 6);
    expect(reduced.strained.alcoholG).toBeLessThan(whole.strained.alcoholG * 0.6);
  });

  test("mushroom liquor goes into the pot, less what they drank and the grit", () => {
    const added = (work: NonNullable<Work>) =>
      run({
        ...STEW,
        items: [
          { id: "m", ingredientId: "driedMushroom", massKg: 0.04, when: { at: "start" }, work },
        ],
      }).ledger.added;
    expect(added([{ kind: "soak", liquorL: 0.5 }]) - added([{ kind: "soak" }])).toBeCloseTo(
      0.27,
      6,
    );
  });
});

describe("conserved through staging, removal and return", () => {
  const stock = { id: "stock", ingredientId: "boughtStock", massKg: 1 };
  const wine = { id: "wine", ingredientId: "whiteWine", massKg: 0.4 };
  const WHENS: Plan["items"][number]["when"][] = [
    { at: "start" },
    { at: "after", min: 20 },
    { at: "beforeEnd", min: 30 },
    { at: "offHeat" },
  ];
  const anyWhen = fc.constantFrom(...WHENS);

  test("salt that goes in is in the liquid, on the sieve, or was lifted out with the meat", () => {
    fc.assert(
      fc.property(
        anyWhen,
        fc.constantFrom("served" as const, "strained" as const),
        fc.boolean(),
        fc.boolean(),
        (when, end, isOut, isBack) => {
          const trace = run({
            ...STEW,
            end,
            items: [
              { ...MUTTON, ...(isOut ? { out: { when: { at: "tender" }, isBack } } : {}) },
              { ...stock, when },
            ],
          });
          expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.strained.liquidKg, 9);
          const inG = 8;
          const lost = inG - trace.strained.saltG;
          if (end === "served" && (!isOut || isBack)) expect(lost).toBeCloseTo(0, 9);
          else expect(lost).toBeGreaterThanOrEqual(-1e-9);
          const saltGL = trace.strained.saltGL;
          if (end === "strained" && !isOut)
            expect(lost).toBeCloseTo((saltGL * -trace.ledger.leftOnSolids) / 0.99908, 1);
        },
      ),
      { numRuns: 25 },
    );
  });

  test("lifted out and put back, a pot's salt and alcohol are what they were", () => {
    const items = (isOut: boolean): Items => [
      {
        ...MUTTON,
        ...(isOut ? { out: { when: { at: "beforeEnd", min: 40 }, isBack: true } } : {}),
      },
      { ...stock, when: { at: "start" } },
      { ...wine, when: { at: "start" } },
    ];
    const stays = run({ ...STEW, items: items(false) });
    const back = run({ ...STEW, items: items(true) });
    expect(back.strained.saltG).toBeCloseTo(stays.strained.saltG, 9);
    expect(back.strained.alcoholG / stays.strained.alcoholG).toBeCloseTo(1, 1);
  });

  test("more alcohol stays the later it goes in, and in a shut pot; under a lid more may stay than the table has", () => {
    const of = (when: Plan["items"][number]["when"], over: Given = STEW) =>
      run({ ...over, items: [MUTTON, { ...wine, when }] }).strained;
    const kept = (...given: Parameters<typeof of>) => of(...given).alcoholG;
    expect(kept({ at: "beforeEnd", min: 15 })).toBeGreaterThan(kept({ at: "start" }));
    expect(kept({ at: "offHeat" })).toBeGreaterThan(kept({ at: "beforeEnd", min: 15 }));
    const open: Given = {
      ...STEW,
      heat: { method: "hob", vigour: "gentle", lid: "off", boilFirstMin: null },
    };
    // By the table alone the lid makes no difference; what may be left at most knows it.
    const [lidOn, lidOff] = [of({ at: "start" }), of({ at: "start" }, open)];
    expect(lidOn.alcoholG).toBeCloseTo(lidOff.alcoholG, 9);
    expect(lidOn.alcoholMostG).toBeGreaterThan(2 * lidOn.alcoholG);
    expect(lidOff.alcoholMostG).toBeCloseTo(lidOff.alcoholG, 1);
    const shut = of(
      { at: "start" },
      {
        ...STEW,
        vesselId: VESSEL_OF.low,
        heat: HEATS.low,
      },
    );
    expect(shut.alcoholG).toBe(shut.alcoholMostG);
    expect(shut.alcoholG).toBeGreaterThan(kept({ at: "start" }));
  });
});
