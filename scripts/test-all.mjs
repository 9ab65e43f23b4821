// Runs every check and every test runner; the last line is the sum over all of them.
import { spawn } from "node:child_process";
import { readFileSync, rmSync } from "node:fs";
import { availableParallelism } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { stripVTControlCharacters } from "node:util";

const root = fileURLToPath(new URL("..", import.meta.url));
const cache = join(root, "node_modules", ".cache");
const unitReport = join(cache, "unit.json");
const e2eReport = join(cache, "e2e.json");
const bin = (name) => join(root, "node_modules", ".bin", name);
const seconds = (fromMs) => Math.round((Date.now() - fromMs) / 1000);
const SLOWEST = 10;

let passed = 0;
let failed = 0;
const began = Date.now();
const table = [];

/** Runs one step; what it prints comes out in one piece when it is done. */
function run({ title, command, args, env = {} }) {
  const fromMs = Date.now();
  return new Promise((resolve) => {
    const child = spawn(bin(command), args, {
      cwd: root,
      stdio: ["ignore", "pipe", "pipe"],
      env: { ...process.env, ...env },
    });
    let text = "";
    for (const stream of [child.stdout, child.stderr])
      stream.on("data", (chunk) => (text += chunk.toString()));
    child.on("error", (error) => (text += error.message));
    child.on("close", (code) => {
      const isOk = code === 0;
      if (text.trim() !== "") console.log(`\n── ${title}\n${text.trimEnd()}`);
      console.log(`   ${title}: ${isOk ? "ok" : "failed"}, ${seconds(fromMs)} s`);
      table.push([title, seconds(fromMs)]);
      resolve(isOk);
    });
  });
}

/** Adds a runner's own counts; a runner that failed without saying what counts as one failure. */
function addCounts(isOk, read) {
  try {
    const counts = read();
    passed += counts.passed;
    failed += counts.failed;
    if (!isOk && counts.failed === 0) failed++;
  } catch {
    failed++;
  }
}

async function check(step) {
  if (await run(step)) passed++;
  else failed++;
}

async function unitTests() {
  rmSync(unitReport, { force: true });
  const isOk = await run({
    title: "unit and component tests",
    command: "vitest",
    args: ["run", "--reporter=agent", "--reporter=json", `--outputFile.json=${unitReport}`],
    env: { NO_COLOR: "1" },
  });
  addCounts(isOk, () => {
    const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(unitReport, "utf8"));
    return { passed: numPassedTests, failed: numFailedTests };
  });
}

async function journeys() {
  rmSync(e2eReport, { force: true });
  const isOk = await run({
    title: "journeys",
    command: "playwright",
    args: ["test", "--config", "e2e/playwright.config.ts"],
    env: { E2E_REPORT: e2eReport },
  });
  addCounts(isOk, () => {
    const report = JSON.parse(readFileSync(e2eReport, "utf8"));
    sayJourneys(report);
    return { passed: report.stats.expected + report.stats.flaky, failed: report.stats.unexpected };
  });
}

const LINES_OF_ERROR = 14;

/** How long each journey took, the slowest first, and what went wrong in those that failed. */
function sayJourneys(report) {
  const took = [];
  const wrong = [];
  const walk = (suite) => {
    for (const spec of suite.specs ?? [])
      for (const test of spec.tests)
        for (const result of test.results) {
          const title = `${spec.file}: ${spec.title}`;
          took.push([result.duration / 1000, title]);
          for (const error of result.errors ?? [])
            wrong.push(`   ${title}\n${short(error.message ?? "")}`);
        }
    for (const inner of suite.suites ?? []) walk(inner);
  };
  for (const suite of report.suites) walk(suite);
  took.sort((a, b) => b[0] - a[0]);
  const line = ([s, title]) => `   ${s.toFixed(1).padStart(6)} s  ${title}`;
  console.log(`\n   The ten slowest of ${took.length} journeys`);
  for (const one of took.slice(0, SLOWEST)) console.log(line(one));
  console.log("   The others");
  for (const one of took.slice(SLOWEST)) console.log(line(one));
  if (wrong.length > 0) console.log(`\n   What went wrong\n${wrong.join("\n")}`);
}
const short = (message) =>
  stripVTControlCharacters(message)
    .split("\n")
    .slice(0, LINES_OF_ERROR)
    .map((line) => `     ${line}`)
    .join("\n");

/** Every step that needs no browser, the longest first; as many side by side as there are cores. */
const STEPS = [
  unitTests,
  { title: "lint", command: "eslint", args: ["."] },
  { title: "types of web", command: "vue-tsc", args: ["-p", "web"] },
  { title: "format", command: "prettier", args: ["--check", "--log-level", "warn", "."] },
  { title: "types of core", command: "tsc", args: ["-p", "core"] },
  { title: "types of journeys and scripts", command: "tsc", args: ["-p", "e2e"] },
  { title: "types of server", command: "tsc", args: ["-p", "server"] },
  { title: "unused code", command: "knip", args: [] },
  {
    title: "dependencies",
    command: "depcruise",
    args: [
      "--config",
      ".dependency-cruiser.cjs",
      "core/src",
      "web/src",
      "server/src",
      "e2e",
      "scripts",
    ],
  },
  { title: "phrases", command: "tsx", args: ["scripts/phrases.ts"] },
  { title: "first load", command: "size-limit", args: [] },
];

const waiting = [...STEPS];
async function lane() {
  for (let step = waiting.shift(); step !== undefined; step = waiting.shift())
    await (typeof step === "function" ? step() : check(step));
}
await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, lane));
await journeys();

console.log("\n   Step                             seconds");
for (const [title, s] of table) console.log(`   ${title.padEnd(32)} ${String(s).padStart(7)}`);
console.log(`   ${"all".padEnd(32)} ${String(seconds(began)).padStart(7)}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
