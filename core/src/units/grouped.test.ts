import fc from "fast-check";
import { expect, test } from "vitest";
import { groupedBy } from "./grouped";

test("every one is in its own part once, in the order given; parts in the order of their first", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 20 })), (list) => {
      const numbered = list.map((value, at) => ({ value, at }));
      const groups = groupedBy(numbered, ({ value }) => value % 4);
      expect([...groups.values()].flat().length).toBe(list.length);
      for (const [key, part] of groups)
        expect(part).toEqual(numbered.filter(({ value }) => value % 4 === key));
      const firsts = [...groups.values()].map((part) => part[0]?.at ?? -1);
      expect(firsts).toEqual(firsts.toSorted((a, b) => a - b));
    }),
  );
});
