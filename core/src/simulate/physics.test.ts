import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { vectorsOf } from "../../test/vectors";
import { comeUpMin } from "../heat/come-up";
import { ringNetW } from "../heat/hob";
import { LEFT_IN_CLOTH_L, LEFT_ON_PRESSED_L_KG, LEFT_ON_SOLIDS_L_KG } from "../liquid/constants";
import { reductionMin } from "../liquid/reduction";
import { ingredientById } from "../ingredient/catalogue";
import { outerAreaM2 } from "../vessel/volume";
import { waterDensityKgL } from "../water/properties";
import { EXPECTED } from "./parameters";
import { simulate } from "./simulate";
import { pointAt } from "./point-at";
import { spreadOf } from "./spread";

const kitchen = testKitchen();

describe("the simulation agrees with what can be worked out otherwise", () => {
  test("water alone comes up as the come-up integral says", () => {
    const plan = testPlan({
      items: [],
      heat: { method: "hob", vigour: "steady", lid: "on", boilFirstMin: null },
    });
    const trace = simulate(resolve(plan, kitchen), { waterKg: 5 });
    const vessel = kitchen.vessels[0]!;
    const heatCapacityKJK = 5 * 4.18 + vessel.massKg * 0.5;
    const byHand = comeUpMin({
      heatCapacityKJK,
      fromC: (5 * 4.18 * kitchen.waterC + vessel.massKg * 0.5 * kitchen.roomC) / heatCapacityKJK,
      toC: trace.holdC,
      netW: ringNetW(kitchen.rings[0]!, kitchen.altitudeM),
      lossWK: outerAreaM2(vessel) * 12,
      freeSurfaceM2: (Math.PI / 4) * 0.26 ** 2,
      lidFactor: 0.08,
      altitudeM: kitchen.altitudeM,
      roomC: kitchen.roomC,
    });
    expect(trace.comeUpMin / byHand).toBeCloseTo(1, 2);
  });

  test("a plain reduction takes as long as the reduction integral says", () => {
    for (const vesselId of ["tall", "casserole"]) {
      const plan = testPlan({
        vesselId,
        items: [],
        heat: { method: "hob", vigour: "gentle", lid: "off", boilFirstMin: null },
        stop: { by: "liquid", liquidL: 1.5 },
      });
      const trace = simulate(resolve(plan, kitchen), { waterKg: 3 });
      const start = pointAt(trace, trace.toSimmerMin);
      const byHand = reductionMin({
        vessel: kitchen.vessels.find((v) => v.id === vesselId)!,
        fromL: start.liquidL,
        toL: (1.5 * 0.9991) / waterDensityKgL(trace.holdC),
        fluxKgM2H: 10,
        tempC: trace.holdC,
      });
      expect(trace.holdMin / byHand, vesselId).toBeCloseTo(1, 2);
    }
  });

  test("salt concentrates as the liquid goes down", () => {
    const salted = (holdMin: number) =>
      simulate(
        resolve(
          testPlan({
            items: [{ id: "s", ingredientId: "tableSalt", massKg: 0.02, when: { at: "start" } }],
            stop: { by: "time", holdMin },
          }),
          kitchen,
        ),
        { waterKg: 4 },
      );
    const [short, long] = [salted(60), salted(360)];
    expect(long.strained.saltGL / short.strained.saltGL).toBeCloseTo(
      short.endLiquidL / long.endLiquidL,
      9,
    );
  });

  test("a rolling boil turns the ring's heat into steam", () => {
    const plan = testPlan({
      items: [],
      heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
      stop: { by: "time", holdMin: 60 },
    });
    const trace = simulate(resolve(plan, kitchen), { waterKg: 6 });
    const [a, b] = [pointAt(trace, trace.toSimmerMin + 10), pointAt(trace, trace.toSimmerMin + 50)];
    const lossW = outerAreaM2(kitchen.vessels[0]!) * 12 * (trace.boilingC - kitchen.roomC);
    const kgPerHour = ((trace.ringW - lossW) / 1000 / 2270.2) * 3600;
    expect((b.steamedKg - a.steamedKg) / (40 / 60)).toBeCloseTo(kgPerHour, 1);
  });

  test("the worked ledgers of a stock, from the catalogue's constants", () => {
    const stock = vectorsOf(8, (_, name) => name === "stock ledger strained")[0]!;
    const i = stock.input as {
      added: number;
      evap: number;
      bonesKg: number;
      solidsDrainedKg: number;
    };
    const bones = ingredientById("lambNeck").uptakeLKg?.value ?? 0;
    const left =
      i.added - i.evap - bones * i.bonesKg - LEFT_ON_SOLIDS_L_KG.value * i.solidsDrainedKg;
    expect(left).toBeCloseTo(Number(stock.expected), 9);
    const barley = vectorsOf(8, (_, name) => name === "barley broth ledger")[0]!;
    const thigh = ingredientById("chickenThigh");
    const juice = (thigh.meatFreed?.value ?? 0) * (1 - (thigh.fatOfFreed?.value ?? 0));
    const wet =
      3 +
      1 * juice +
      0.5 * (ingredientById("mushroom").vegetableFreed?.value ?? 0) -
      0.5 -
      0.2 * (ingredientById("pearlBarley").uptakeLKg?.value ?? 0) -
      LEFT_ON_PRESSED_L_KG.value * 1.2 -
      2 * LEFT_IN_CLOTH_L.value;
    expect(wet).toBeCloseTo(Number(barley.expected), 9);
    const braise = vectorsOf(8, (_, name) => name === "braise rendered fat")[0]!;
    const chuck = ingredientById("beefChuck");
    expect(2 * (chuck.meatFreed?.value ?? 0) * (chuck.fatOfFreed?.value ?? 0)).toBeCloseTo(
      Number(braise.expected),
      9,
    );
  });

  test("meat frees four fifths of its share by a long simmer, and its fat apart", () => {
    const trace = simulate(
      resolve(
        testPlan({
          items: [{ id: "m", ingredientId: "beefChuck", massKg: 1, when: { at: "start" } }],
          pieceM: 0.04,
          heat: { method: "hob", vigour: "steady", lid: "on", boilFirstMin: null },
          stop: { by: "time", holdMin: 180 },
        }),
        kitchen,
      ),
      { waterKg: 2 },
    );
    // At 92.5 °C 96.25 % of the juice is out.
    expect(trace.ledger.juice).toBeCloseTo(0.33 * 0.8 * 0.9625, 2);
    expect(trace.strained.fatKg / trace.ledger.juice).toBeCloseTo(0.25, 6);
  });

  test("dry pulses swell to what they take up, never past it", () => {
    const trace = simulate(
      resolve(
        testPlan({
          items: [{ id: "l", ingredientId: "brownLentil", massKg: 0.4, when: { at: "start" } }],
          heat: { method: "hob", vigour: "steady", lid: "on", boilFirstMin: null },
          stop: { by: "time", holdMin: 60 },
        }),
        kitchen,
      ),
      { waterKg: 3 },
    );
    expect(-trace.ledger.takenUp).toBeGreaterThan(0.4 * 1.5 * 0.98);
    expect(-trace.ledger.takenUp).toBeLessThanOrEqual(0.4 * 1.5 + 1e-12);
    expect(trace.solidsOutKg).toBeCloseTo(0.4 - trace.ledger.takenUp, 9);
  });

  test("off-heat additions are in the bowl but were never cooked", () => {
    const trace = simulate(
      resolve(
        testPlan({
          items: [
            { id: "n", ingredientId: "lambNeck", massKg: 2, when: { at: "start" } },
            { id: "w", ingredientId: "whiteWine", massKg: 0.3, when: { at: "offHeat" } },
          ],
          strain: { when: "atOnce", pressed: false, clothPasses: 0 },
        }),
        kitchen,
      ),
      { waterKg: 4 },
    );
    const off = trace.marks.find((m) => m.kind === "itemIn");
    expect(off?.tMin).toBeCloseTo(trace.totalMin, 6);
    expect(trace.ledger.added).toBeCloseTo(4.3, 9);
  });

  test("what goes in after straining never touches the pot", () => {
    const plain = simulate(resolve(testPlan(), kitchen), { waterKg: 4.4 });
    const more = simulate(
      resolve(
        testPlan({
          items: [
            ...testPlan().items,
            { id: "g", ingredientId: "pearledSpelt", massKg: 0.3, when: { at: "afterStrain" } },
          ],
        }),
        kitchen,
      ),
      { waterKg: 4.4 },
    );
    expect(more.strained).toEqual(plain.strained);
  });

  test("bones used before or roasted give less, in the model's proportion", () => {
    const gelatin = (boneState: "raw" | "roasted" | "usedBefore") =>
      simulate(
        resolve(
          testPlan({
            items: [
              { id: "n", ingredientId: "lambNeck", massKg: 2, when: { at: "start" }, boneState },
            ],
          }),
          kitchen,
        ),
        { waterKg: 4.4 },
      ).points.at(-1)?.gelatinG ?? 0;
    expect(gelatin("roasted") / gelatin("raw")).toBeCloseTo(0.95, 2);
    expect(gelatin("usedBefore") / gelatin("raw")).toBeCloseTo(0.8, 2);
  });

  test("a heavy lid halves the steam of an ordinary one", () => {
    const steam = (lid: "ordinary" | "heavy") => {
      const k = testKitchen();
      const vessels = k.vessels.map((v) => ({ ...v, lid }));
      const trace = simulate(
        resolve(
          testPlan({
            items: [],
            heat: { method: "hob", vigour: "gentle", lid: "on", boilFirstMin: null },
          }),
          { ...k, vessels },
        ),
        { waterKg: 4 },
      );
      return (
        pointAt(trace, trace.toSimmerMin + 300).steamedKg -
        pointAt(trace, trace.toSimmerMin).steamedKg
      );
    };
    expect(steam("ordinary") / steam("heavy")).toBeCloseTo(2, 2);
  });
});

describe("the trace between its points", () => {
  const trace = simulate(resolve(testPlan(), kitchen), { waterKg: 4.4 });

  test("is the point itself at a point, and held at both ends", () => {
    const some = trace.points[40]!;
    expect(pointAt(trace, some.tMin)).toMatchObject({
      liquidKg: some.liquidKg,
      cookMin: some.cookMin,
    });
    expect(pointAt(trace, -5).liquidKg).toBe(trace.points[0]!.liquidKg);
    expect(pointAt(trace, 1e6).liquidKg).toBe(trace.points.at(-1)!.liquidKg);
  });

  test("never leaves the span of its neighbours; time, steam and cook value only rise", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 420, noNaN: true }),
        fc.double({ min: 0.1, max: 30, noNaN: true }),
        (t, dt) => {
          const [a, b] = [pointAt(trace, t), pointAt(trace, t + dt)];
          expect(b.steamedKg).toBeGreaterThanOrEqual(a.steamedKg);
          expect(b.cookMin).toBeGreaterThanOrEqual(a.cookMin);
          expect(b.gelatinG).toBeGreaterThanOrEqual(a.gelatinG - 1e-9);
        },
      ),
    );
  });
});

describe("spread", () => {
  const plan = testPlan({
    heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
  });
  const trace = simulate(resolve(plan, kitchen), { waterKg: 4.4 });
  const spread = spreadOf(resolve(plan, kitchen), 4.4, trace);

  test("the level's band holds the level and opens with time", () => {
    const { lowL, highL } = spread.band;
    trace.points.forEach((p, i) => {
      expect(lowL[i]).toBeLessThanOrEqual(p.liquidL);
      expect(highL[i]).toBeGreaterThanOrEqual(p.liquidL);
    });
    const width = (i: number) => (highL[i] ?? 0) - (lowL[i] ?? 0);
    expect(width(trace.points.length - 1)).toBeGreaterThan(
      width(Math.floor(trace.points.length / 2)),
    );
  });

  test("one parameter alone moves steam by its own spread", () => {
    const high = simulate(resolve(plan, kitchen), {
      waterKg: 4.4,
      parameters: { ...EXPECTED, evaporation: Math.exp(1.28155 * 0.35) },
    });
    const ratio = high.ledger.evaporated / trace.ledger.evaporated;
    expect(spread.figures.steamedL.highFactor).toBeGreaterThan(1);
    expect(spread.figures.steamedL.highFactor).toBeLessThan(ratio * 1.05);
    expect(spread.figures.steamedL.shares.evaporation).toBeGreaterThan(0.9);
  });

  test("the come-up hangs on the ring's heat, the cook value on z", () => {
    expect(spread.figures.toSimmerMin.shares.efficiency).toBeGreaterThan(0.9);
    expect(spread.figures.cookMin.shares.zC).toBeGreaterThan(0.8);
    expect(spread.figures.holdMin.highFactor).toBe(1);
  });

  test("shares of every figure add up to one, or to nothing where nothing moves it", () => {
    for (const [id, figure] of Object.entries(spread.figures)) {
      const sum = Object.values(figure.shares).reduce((s, x) => s + x, 0);
      expect(
        [0, 1].some((whole) => Math.abs(sum - whole) < 1e-9),
        id,
      ).toBe(true);
    }
  });
});
