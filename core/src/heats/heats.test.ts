import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { inWords } from "../units/said";
import type { Vessel } from "../vessel/vessel-schema";
import {
  boilFirstMinOf,
  hasLid,
  heatOf,
  HEATS,
  isHeat,
  isInOven,
  isLidOff,
  isOnRing,
  isRest,
  isSameKind,
  isSealed,
  isSlow,
  isSpare,
  METHODS,
  setByOf,
  stretchOf,
  suits,
  vigourOf,
} from "./heat";
import { HeatSchema, StretchHeatSchema, type Heat, type StretchHeat } from "./heat-schema";

const KITCHEN = testKitchen();

const heats: fc.Arbitrary<Heat> = fc.oneof(
  fc.record({
    method: fc.constant("hob" as const),
    vigour: fc.constantFrom("bare", "gentle", "steady", "rolling"),
    lid: fc.constantFrom("off", "ajar", "on"),
    boilFirstMin: fc.constantFrom(null, 0, 5, 12),
  }),
  fc.record({
    method: fc.constant("oven" as const),
    ovenId: fc.constant("oven"),
    ovenC: fc.integer({ min: 80, max: 350 }),
    lid: fc.constantFrom("off", "ajar", "on"),
    start: fc.constantFrom("hot", "cold"),
  }),
  fc.record({
    method: fc.constant("slowCooker" as const),
    setting: fc.constantFrom("low", "high"),
    start: fc.constantFrom("hot", "cold"),
    highFirstMin: fc.constantFrom(0, 60),
    lidLifts: fc.constantFrom(0, 2),
    warmMin: fc.constantFrom(0, 90),
  }),
  fc.record({
    method: fc.constant("pressure" as const),
    setting: fc.constantFrom("low", "high"),
    release: fc.constantFrom("natural", "quick"),
  }),
);
const stretches: fc.Arbitrary<StretchHeat> = fc.oneof(
  heats,
  fc.record({ method: fc.constant("rest" as const), lid: fc.constantFrom("off", "ajar", "on") }),
);
const turns = fc.record({
  vigour: fc.constantFrom("bare", "gentle", "steady", "rolling"),
  lid: fc.constantFrom("off", "ajar", "on"),
  setting: fc.constantFrom(undefined, "low", "high"),
  ovenC: fc.constantFrom(undefined, 120, 180),
});

describe("a heat", () => {
  test("is one thing: on a ring, in an oven, in a slow cooker, shut, or off the heat", () => {
    fc.assert(
      fc.property(stretches, (heat) => {
        const is = [isOnRing, isInOven, isSlow, isSealed, isRest].filter((test) => test(heat));
        expect(is).toHaveLength(1);
        expect(isRest(heat)).toBe(!isHeat(heat));
      }),
    );
  });

  test("follows on another as a plan holds it, and what follows already stays as it is", () => {
    fc.assert(
      fc.property(stretches, (heat) => {
        const later = stretchOf(heat).follows(heat);
        expect(StretchHeatSchema.parse(later)).toEqual(later);
        expect(stretchOf(later).follows(later)).toEqual(later);
        expect(boilFirstMinOf(later)).toBeNull();
      }),
    );
  });

  test("what follows goes into the oven hot, and into the slow cooker as it is", () => {
    const cold = { method: "oven", ovenId: "o", ovenC: 150, lid: "on", start: "cold" } as const;
    expect(heatOf<Heat>(cold).follows(cold)).toEqual({ ...cold, start: "hot" });
    const crock = { setting: "low", highFirstMin: 60, lidLifts: 0, warmMin: 0 } as const;
    const hot = { method: "slowCooker", start: "hot", ...crock } as const;
    expect(heatOf<Heat>(hot).follows(hot)).toEqual({ ...hot, start: "cold" });
  });

  test("set as planned and turned to that, it is as it was; turned otherwise it takes what it has", () => {
    fc.assert(
      fc.property(stretches, turns, (heat, to) => {
        const record = stretchOf(heat);
        expect(record.turned(heat, record.setAs(heat))).toEqual(heat);
        const turned = record.turned(heat, to);
        expect(turned.method).toBe(heat.method);
        if (hasLid(turned)) expect(turned.lid).toBe(to.lid);
        if (isOnRing(turned)) expect(vigourOf(turned)).toBe(to.vigour);
        if (isSlow(turned) && to.setting !== undefined) expect(turned.setting).toBe(to.setting);
        if (isInOven(turned) && to.ovenC !== undefined) expect(turned.ovenC).toBe(to.ovenC);
      }),
    );
  });

  test("of a text that says nothing it stays; what the text says it is", () => {
    const nothing = { lid: null, vigour: null, ovenC: null, crockSetting: null };
    fc.assert(
      fc.property(heats, (heat) => {
        const record = heatOf(heat);
        expect(record.saidIn(heat, nothing)).toEqual(heat);
        const said = record.saidIn(heat, {
          lid: "off",
          vigour: "steady",
          ovenC: 160,
          crockSetting: "high",
        });
        expect(HeatSchema.parse(said)).toEqual(said);
        expect(isLidOff(said)).toBe(record.hasLid);
        const set = { vigour: vigourOf(said), degrees: 160, setting: "high" } as const;
        if (isOnRing(said)) expect(set.vigour).toBe("steady");
        if (isInOven(said)) expect(said.ovenC).toBe(set.degrees);
        if (isSlow(said)) expect(said.setting).toBe(set.setting);
      }),
    );
  });

  test("steams alike only where its kind is the same, and its lid", () => {
    fc.assert(
      fc.property(heats, heats, (a, b) => {
        const alike = heatOf(a).steamsAs(a) === heatOf(b).steamsAs(b);
        if (alike) expect(isSameKind(a, b)).toBe(true);
        if (alike && hasLid(a) && hasLid(b)) expect(a.lid).toBe(b.lid);
      }),
    );
  });
});

describe("a heat's record", () => {
  test("says of itself what its own heat shows: a lid, a lock, what it is set by", () => {
    for (const method of METHODS) {
      const record = HEATS[method];
      const usual = record.usual(KITCHEN);
      expect(record.method).toBe(method);
      expect(usual?.method).toBe(method);
      if (usual === null) continue;
      expect(record.hasLid).toBe(hasLid(usual));
      expect(record.isSealed).toBe(isSealed(usual));
      expect(setByOf(method) === "vigour").toBe(isOnRing(usual));
      expect(setByOf(method) === "degrees").toBe(isInOven(usual));
      expect(setByOf(method) === "setting").toBe(isSlow(usual));
    }
    expect(setByOf("rest")).toBeNull();
    expect(setByOf(null)).toBeNull();
  });

  test("warms slowly by its ring wherever one is under it", () => {
    for (const method of METHODS) {
      const usual = HEATS[method].usual(KITCHEN);
      if (usual === null) continue;
      const usesRing = heatOf(usual).usesRing(usual, onRing);
      expect(HEATS[method].slowBy.includes("efficiency")).toBe(usesRing);
      expect(HEATS[method].slowBy.includes("plateauC")).toBe(hotIsGuessed(method));
    }
  });
  /** A boil and a gauge say how hot it is; an oven's and a crock's liquid nobody knows before it is read. */
  const hotIsGuessed = (method: string) => method === "oven" || method === "slowCooker";

  test("a kitchen without ring or oven has no usual way of them", () => {
    const bare = { rings: [], ovens: [] };
    expect(HEATS.hob.usual(bare)).toBeNull();
    expect(HEATS.oven.usual(bare)).toBeNull();
    const cool = { id: "o", name: "Cool", fan: false, maxC: 130 };
    expect(HEATS.oven.usual({ rings: [], ovens: [cool] })?.ovenC).toBe(130);
  });

  const electric: Vessel = {
    id: "e",
    name: "Electric cooker",
    kind: "pressureCooker",
    shape: "round",
    bottomM: [0.22, 0.22],
    topM: [0.22, 0.22],
    heightM: 0.16,
    fillShare: 0.66,
    massKg: 3,
    body: "steel",
    lid: "heavy",
    pressure: { drive: "electric", highKPa: 80, lowKPa: 40, minLiquidL: null, vents: false },
  };
  const onRing: Vessel = {
    ...electric,
    id: "s",
    pressure: { drive: "stovetop", highKPa: 103, lowKPa: null, minLiquidL: null, vents: false },
  };

  test("an electric cooker is switched on and holds by itself; nobody lights or turns down a ring for it", () => {
    const heat = { method: "pressure", setting: "high", release: "natural" } as const;
    const record = heatOf(heat);
    expect(record.begin(heat, electric).title).toBe("Switch the cooker on");
    expect(record.begin(heat, onRing).title).toBe("Light the ring");
    expect(inWords(record.clockStarts(heat, electric).lookFor, "metric")).not.toContain(
      "turn down",
    );
    expect(inWords(record.clockStarts(heat, onRing).lookFor, "metric")).toContain("turn down");
    expect(inWords(record.turnLook(heat, electric), "metric")).not.toContain("turn down");
    expect(record.faster(electric)).not.toContain("ring");
    expect(record.faster(onRing)).toContain("a stronger ring");
    expect(record.keepsHot(electric)).toContain("switched on again");
    expect(record.usesRing(heat, electric)).toBe(false);
    expect(record.usesRing(heat, onRing)).toBe(true);
    expect(record.burns(electric)).toBe(false);
    expect(record.burns(onRing)).toBe(true);
    const house = { slowCooker: true, oven: true, electricPressure: true };
    expect(record.runsAlone(electric, house)).toBe(true);
    expect(record.runsAlone(onRing, house)).toBe(false);
  });

  test("a flame runs never alone, whatever the house allows; an oven and a crock as it does", () => {
    const all = { slowCooker: true, oven: true, electricPressure: true };
    const none = { slowCooker: false, oven: false, electricPressure: false };
    expect(HEATS.hob.runsAlone(undefined, all)).toBe(false);
    expect(HEATS.oven.runsAlone(undefined, all)).toBe(true);
    expect(HEATS.slowCooker.runsAlone(undefined, none)).toBe(false);
    expect(HEATS.oven.runsAlone(undefined, none)).toBe(false);
  });

  test("a vessel goes where it can; a pressure cooker is a pot only where nothing else is left", () => {
    expect(suits(electric, "hob")).toBe(false);
    expect(suits(onRing, "hob")).toBe(true);
    expect(isSpare(onRing, "hob")).toBe(true);
    expect(isSpare(onRing, "pressure")).toBe(false);
    expect(KITCHEN.vessels.filter((v) => suits(v, "slowCooker")).map((v) => v.kind)).toEqual(
      KITCHEN.vessels.filter((v) => v.kind === "slowCooker").map((v) => v.kind),
    );
  });
});
