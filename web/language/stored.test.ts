import { readFileSync } from "node:fs";
import { expect, test } from "vitest";
import { sitesOf } from "./sites";

const SCHEMA = new URL("../../docs/schema/kettlos-file.schema.json", import.meta.url);

/** Every value that a stored document can hold by name. */
function namesIn(schema: unknown): string[] {
  if (Array.isArray(schema)) return schema.flatMap(namesIn);
  if (typeof schema !== "object" || schema === null) return [];
  const { enum: all = [], const: one } = schema as { enum?: unknown[]; const?: unknown };
  const own = [...all, one].filter((name) => typeof name === "string");
  return [...own, ...Object.values(schema).flatMap(namesIn)];
}

test("nothing that documents store is said otherwise in another language", () => {
  const names = [...new Set(namesIn(JSON.parse(readFileSync(SCHEMA, "utf8"))))];
  expect(names.length).toBeGreaterThan(100);
  for (const name of names) expect(sitesOf(`f(${JSON.stringify(name)})`)).toEqual([]);
});
