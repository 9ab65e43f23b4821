import { inWords } from "../units/said";
import fc from "fast-check";
import { expect, test } from "vitest";
import { StoreContainerSchema, type StoreContainer } from "../vessel/store-container";
import { filled, fillOf, headspaceM, ICE_GROWS } from "./headspace";

const container = (over: Partial<StoreContainer>): StoreContainer =>
  StoreContainerSchema.parse({
    id: "c",
    name: "Container",
    kind: "mould",
    capacityL: 0.25,
    ...over,
  });

test("jars leave what the rule says at half a litre and at one, in proportion between", () => {
  expect(headspaceM("jar", 0.5)).toBe(0.013);
  expect(headspaceM("jar", 1)).toBe(0.025);
  expect(headspaceM("jar", 0.75)).toBeCloseTo(0.019, 9);
  expect(headspaceM("shoulderJar", 0.5)).toBe(0.019);
  expect(headspaceM("shoulderJar", 1)).toBe(0.038);
  expect(headspaceM("jar", 0.2)).toBe(0.013);
  expect(headspaceM("tub", 3)).toBe(0.025);
});

test("a straight half-litre jar, ten centimetres high, frozen: 1.3 cm under the rim", () => {
  const fill = fillOf(container({ kind: "jar", capacityL: 0.5, heightM: 0.1 }), true);
  expect(fill.eachL).toBeCloseTo(0.5 * (1 - 0.013 / 0.1), 9);
  expect(inWords(fill.rule, "metric")).toBe("1.3 cm under the rim");
  expect(inWords(fill.rule, "us")).toBe("½ in under the rim");
});

test("a jar with a shoulder is never filled above it", () => {
  const jar = container({ kind: "shoulderJar", capacityL: 1, heightM: 0.2, shoulderL: 0.7 });
  expect(fillOf(jar, true).eachL).toBe(0.7);
  expect(fillOf(jar, true).rule).toContain("shoulder");
  // With its shoulder high up, the headspace rules.
  expect(fillOf({ ...jar, shoulderL: 0.9 }, true).eachL).toBeCloseTo(1 - 0.038 / 0.2, 9);
});

test("jars without a height, and shoulders above the brim, are refused with what is missing", () => {
  const read = (over: object) =>
    StoreContainerSchema.safeParse({ id: "c", name: "Jar", kind: "jar", capacityL: 0.5, ...over });
  expect(read({}).error?.issues[0]?.path).toEqual(["heightM"]);
  expect(
    read({ kind: "shoulderJar", heightM: 0.1, shoulderL: 0.6 }).error?.issues[0]?.message,
  ).toContain("to the shoulder");
});

test("moulds are counted in rounds of what the kitchen has", () => {
  const mould = container({ capacityL: 0.25, cups: 6, have: 2 });
  // 2.9 L in cups of 225 mL: twelve and 0.2 L over, once round both moulds.
  expect(filled(2.9, mould, true)).toMatchObject({ count: 12, rounds: 1 });
  expect(filled(2.9, mould, true).remainderL).toBeCloseTo(0.2, 9);
  expect(filled(6, mould, true)).toMatchObject({ count: 26, rounds: 3 });
  expect(filled(6, mould, true, 4)).toMatchObject({ count: 4 });
  expect(filled(1, container({ have: 0 }), true).rounds).toBe(Infinity);
});

const anyContainer = fc
  .record({
    kind: fc.constantFrom("mould", "tray", "jar", "shoulderJar", "bag", "tub"),
    capacityL: fc.double({ min: 0.02, max: 20, noNaN: true }),
    heightM: fc.double({ min: 0.04, max: 0.5, noNaN: true }),
    shoulder: fc.double({ min: 0.3, max: 1, noNaN: true }),
  })
  .map(({ kind, capacityL, heightM, shoulder }) =>
    StoreContainerSchema.parse({
      id: "c",
      name: "Container",
      kind,
      capacityL,
      heightM,
      ...(kind === "shoulderJar" ? { shoulderL: Math.max(0.01, capacityL * shoulder) } : {}),
    }),
  );

test("litres are conserved from pot to portions, over several kinds of container", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.array(fc.tuple(anyContainer, fc.boolean(), fc.integer({ min: 0, max: 30 })), {
        maxLength: 5,
      }),
      (volumeL, rows) => {
        let left = volumeL;
        let inContainers = 0;
        for (const [c, isFrozen, atMost] of rows) {
          const f = filled(left, c, isFrozen, atMost);
          inContainers += f.count * f.eachL;
          left = f.remainderL;
        }
        expect(inContainers + left).toBeCloseTo(volumeL, 6);
        expect(left).toBeGreaterThanOrEqual(0);
      },
    ),
  );
});

test("what is frozen has room to grow in any container", () => {
  fc.assert(
    fc.property(anyContainer, (c) => {
      const { eachL } = fillOf(c, true);
      expect(eachL * (1 + ICE_GROWS.value)).toBeLessThanOrEqual(c.capacityL + 1e-9);
      expect(eachL).toBeGreaterThan(0);
      if (c.shoulderL !== undefined) expect(eachL).toBeLessThanOrEqual(c.shoulderL);
    }),
  );
});
