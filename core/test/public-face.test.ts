import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, test } from "vitest";

const ROOT = join(import.meta.dirname, "../..");
const OUTSIDE = ["web/src", "web/test", "web/language", "scripts", "server/src", "e2e"];
const files = OUTSIDE.flatMap((folder) =>
  readdirSync(join(ROOT, folder), { recursive: true, encoding: "utf8" })
    .filter((name) => /\.(?:ts|vue|mjs)$/u.test(name))
    .map((name) => join(ROOT, folder, name)),
);
const asked = new Set(
  files.flatMap((file) =>
    [...readFileSync(file, "utf8").matchAll(/"@kettlos\/core(\/[^"]+)"/gu)].map(
      ([, subject = ""]) => `.${subject}`,
    ),
  ),
);
const { exports } = JSON.parse(readFileSync(join(ROOT, "core/package.json"), "utf8")) as {
  exports: Readonly<Record<string, string>>;
};

/** What is not among them cannot be had from outside: the build says so. */
test("core shows what somebody outside asks for, subject by subject, and nothing else", () => {
  expect(Object.keys(exports)).toEqual([...asked].sort());
  for (const [subject, file] of Object.entries(exports))
    expect(file).toBe(`./src${subject.slice(1)}.ts`);
});
