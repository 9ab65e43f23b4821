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

test("prints the dish on every heat with times, liquid, remedies and cautions", () => {
  const done = plan("examples/lamb-neck-broth.json", "--convert");
  expect(done.status).toBe(0);
  const { heats } = JSON.parse(done.stdout) as {
    heats: {
      heat: { method: string };
      isWritten: boolean;
      holdMin: { low: number; expected: number; high: number };
      startLiquidL: number;
      endLiquidL: { expected: number };
      loads: number;
      limits: { remedies: unknown[] }[];
      cautions: { id: string }[];
    }[];
  };
  expect(heats.map((h) => h.heat.method)).toEqual([
    "hob",
    "oven",
    "slowCooker",
    "slowCooker",
    "pressure",
  ]);
  const written = heats.find((h) => h.isWritten);
  for (const h of heats) {
    expect(h.holdMin.low).toBeLessThanOrEqual(h.holdMin.expected);
    expect(h.endLiquidL.expected * h.loads).toBeCloseTo(written?.endLiquidL.expected ?? 0, 1);
    expect(h.startLiquidL).toBeGreaterThan(0);
  }
  expect(heats[4]?.cautions.map((c) => c.id)).toContain("notCanning");
  expect(plan("examples/lamb-neck-broth.json", "--convert", "--text").status).toBe(2);
});
