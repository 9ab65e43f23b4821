import { expect, test } from "@playwright/test";
import { spawnSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
const plan = (...args: string[]) =>
  spawnSync(process.execPath, ["--import", "tsx", "scripts/plan.ts", ...args], {
    cwd: root,
    encoding: "utf8",
  });

test("prints the answers as JSON, or the cook's sentence", () => {
  const json = plan("examples/lamb-neck-broth.json");
  expect(json.status).toBe(0);
  const answers = JSON.parse(json.stdout) as {
    figures: { strainedL: { low: number; expected: number; high: number } };
    ways: { by: string }[];
  };
  const { low, expected, high } = answers.figures.strainedL;
  expect(low).toBeLessThan(expected);
  expect(high).toBeGreaterThan(expected);
  expect(answers.ways.map((w) => w.by)).toContain("cover");
  const text = plan("examples/twelve-moulds.json", "--text");
  expect(text.stdout).toMatch(
    /^1\.\d+ kg pork trotters, .* strained \(.*\), (holds an edge|rubber).*\.\n$/,
  );
});

test("a bad file: exit 2, a line per problem with its path, nothing else", () => {
  const bad = test.info().outputPath("bad.json");
  writeFileSync(
    bad,
    JSON.stringify({
      format: "kettlos",
      schemaVersion: 1,
      kitchen: {
        schemaVersion: 1,
        id: "k",
        name: "K",
        altitudeM: 99999,
        units: "metric",
        vessels: [],
        rings: [],
      },
      plans: [],
    }),
  );
  const done = plan(bad);
  expect(done.status).toBe(2);
  expect(done.stdout).toBe("");
  expect(done.stderr.trim().split("\n")).toHaveLength(1);
  expect(done.stderr).toMatch(/^kitchen\.altitudeM: /);
  expect(plan("no-such-file.json").status).toBe(2);
  expect(plan().status).toBe(2);
});
