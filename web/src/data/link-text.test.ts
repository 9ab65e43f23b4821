import fc from "fast-check";
import { expect, test } from "vitest";
import { packed, unpacked } from "./link-text";

test("what a link carries is what was put into it, whatever letters it has", async () => {
  await fc.assert(
    fc.asyncProperty(fc.string({ unit: "grapheme", maxLength: 400 }), async (text) => {
      const fragment = await packed(text);
      expect(fragment).toMatch(/^[\w-]*$/u);
      expect(await unpacked(fragment)).toBe(text);
    }),
    { numRuns: 60 },
  );
});

test("a link that was cut, changed or made up says so", async () => {
  const fragment = await packed(JSON.stringify({ format: "kettlos", plans: "x".repeat(400) }));
  for (const bad of [fragment.slice(0, 20), "%%%", `A${fragment}`, ""])
    await expect(unpacked(bad), bad).rejects.toThrow(/cut or changed on its way/);
});

test("one that was made to burst is given up on", async () => {
  const bomb = await packed("0".repeat(5_000_000));
  expect(bomb.length).toBeLessThan(8000);
  await expect(unpacked(bomb)).rejects.toThrow(/cut or changed/);
});
