import { expect, test } from "@playwright/test";
import { spawnSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { gzipSync } from "node:zlib";

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
  const packed = test.info().outputPath("broth.json.gz");
  writeFileSync(packed, gzipSync(readFileSync(`${root}examples/lamb-neck-broth.json`)));
  expect(plan(packed).stdout).toBe(json.stdout);
  const text = plan("examples/twelve-moulds.json", "--text");
  expect(text.stdout).toMatch(
    /^1\.\d+ kg pork trotters, .* strained \(.*\), (holds an edge|rubber).*\.\nIn it: .*\.\n$/,
  );
  const dish = JSON.parse(json.stdout) as Record<string, unknown>;
  for (const key of ["portions", "salt", "fat", "alcohol", "body", "verdicts", "tasks"])
    expect(dish, key).toHaveProperty(key);
});

test("a pot that would boil dry says so in a sentence too, and all that goes in is named", () => {
  const file = JSON.parse(readFileSync(`${root}examples/lamb-neck-broth.json`, "utf8")) as {
    plans: { water: object; heat: object; items: object[] }[];
  };
  const dry = test.info().outputPath("dry.json");
  const [first] = file.plans;
  const heat = { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null };
  const wine = { id: "w", ingredientId: "whiteWine", massKg: 0.745, when: { at: "after", min: 0 } };
  const plans = [
    {
      ...first,
      water: { by: "amount", volumeL: 0.8 },
      heat,
      items: [...(first?.items ?? []), wine],
    },
  ];
  writeFileSync(dry, JSON.stringify({ ...file, plans }));
  const { stdout, status } = plan(dry, "--text");
  expect(status).toBe(0);
  expect(stdout).toMatch(/In it: .*7\d\d g white wine once it is hot/);
  expect(stdout).toMatch(/Danger: It would boil dry\. It boils dry after \d/);
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

const clock = (...args: string[]) =>
  spawnSync(process.execPath, ["--import", "tsx", "scripts/clock.ts", ...args], {
    cwd: root,
    encoding: "utf8",
  });

test("the clock of a file is filled: every task with its needs and why, what clashes and ways out", () => {
  const run = clock("examples/hut-weekend.json");
  expect(run.status, run.stderr).toBe(0);
  const out = JSON.parse(run.stdout) as {
    tasks: { title: string; from: string; why: string; needs: { flame: boolean } }[];
    goals: { id: string; lateMin: number | null }[];
    contradictions: { goal: string; wishes: { said: string }[]; remedies: unknown[] }[];
  };
  expect(out.contradictions[0]?.wishes[0]?.said).toBe("one pot at a time in the wide braiser");
  expect(out.contradictions[0]?.remedies.length).toBeGreaterThanOrEqual(3);
  // A flame is never planned into the night's sleep.
  for (const task of out.tasks.filter((t) => t.needs.flame))
    expect(Number(task.from.slice(11, 13)), task.title).toBeGreaterThanOrEqual(6);
  const text = clock("examples/one-supper.json", "--text");
  expect(text.stdout).toMatch(
    /Supper is on the table by Sat 18:30 (?:nine times in ten|nineteen times in twenty)/,
  );
  expect(clock("examples/one-supper.json", "--ics").stdout).toMatch(/^BEGIN:VCALENDAR/);
});

test("a file with nothing on its clock, or with a plan that is not there, is refused with reasons", () => {
  const none = clock("examples/lamb-neck-broth.json", "--now", "2099-01-01T00:00Z");
  expect([none.status, none.stdout]).toEqual([2, ""]);
  expect(none.stderr).toContain("Nothing is wanted for any time");
  const file = JSON.parse(readFileSync(`${root}examples/one-supper.json`, "utf8")) as {
    clock: { meals: { planIds: string[] }[] };
  };
  file.clock.meals[0]?.planIds.push("gone");
  const path = test.info().outputPath("gone.json");
  writeFileSync(path, JSON.stringify(file));
  const gone = clock(path);
  expect([gone.status, gone.stdout]).toEqual([2, ""]);
  expect(gone.stderr).toContain('clock.meals[0].planIds: No plan "gone" in the file.');
  expect(clock(path, "--now", "soon").stderr).toContain('--now: "soon" is no time');
});

const learnFrom = (...args: string[]) =>
  spawnSync(process.execPath, ["--import", "tsx", "scripts/learn.ts", ...args], {
    cwd: root,
    encoding: "utf8",
  });

test("what a log teaches: each value with before and after, from which pots, and what was left out", () => {
  interface Told {
    values: {
      kind: string;
      name: string;
      factor: number;
      plusMinusPct: number;
      from: { potId: string }[];
    }[];
  }
  const told = (...args: string[]) => {
    const run = learnFrom("examples/broth-log.json", ...args);
    expect(run.status, run.stderr).toBe(0);
    return (JSON.parse(run.stdout) as Told).values;
  };
  const isTallAjar = ({ kind, name }: Told["values"][number]) =>
    kind === "steam" && /ajar/.test(name);
  const all = told().find(isTallAjar);
  expect(all?.factor).toBeGreaterThan(0.7);
  expect(all?.factor).toBeLessThan(0.9);
  // A pot that is left out has no word in it any more, and the rest are less sure.
  const first = all?.from[0]?.potId ?? "";
  const fewer = told("--without", first).find(isTallAjar);
  expect(fewer?.from.map((f) => f.potId)).not.toContain(first);
  expect(fewer?.plusMinusPct).toBeGreaterThan(all?.plusMinusPct ?? 0);
  const text = learnFrom("examples/broth-log.json", "--text").stdout;
  expect(text).toMatch(
    /^Tall pot with its lid ajar, at a gentle simmer: steams \d+ % less than usual, ±\d+ %, from 4 pots here/,
  );
  // What was not learned from is told too.
  const file = JSON.parse(readFileSync(`${root}examples/broth-log.json`, "utf8")) as {
    events: { kind: string; batchId: string }[];
  };
  const unmeasured = test.info().outputPath("unmeasured.json");
  const events = file.events.filter(
    (e) => e.batchId !== first || (e.kind !== "read" && e.kind !== "strained"),
  );
  writeFileSync(unmeasured, JSON.stringify({ ...file, events }));
  expect(learnFrom(unmeasured, "--text").stdout).toMatch(
    /Not learned from:\n {2}.*steam: no level was read, and what came out was not measured\./,
  );
  const none = learnFrom("examples/lamb-neck-broth.json");
  expect([none.status, none.stdout]).toEqual([2, ""]);
  expect(none.stderr).toContain("No pot is in its log yet");
  expect(learnFrom("examples/broth-log.json", "--without", "gone").stderr).toContain("No pot gone");
});
