// Runs every check and every test runner; the last line is the sum over all of them.
import { spawnSync } from "node:child_process";
import { readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
const cache = join(root, "node_modules", ".cache");
const unitReport = join(cache, "unit.json");
const e2eReport = join(cache, "e2e.json");
const bin = (name) => join(root, "node_modules", ".bin", name);

let passed = 0;
let failed = 0;

function run(title, command, args, env = {}) {
  const started = Date.now();
  console.log(`\n── ${title}`);
  const done = spawnSync(command, args, {
    cwd: root,
    stdio: ["ignore", "inherit", "inherit"],
    env: { ...process.env, ...env },
  });
  console.log(
    `   ${title}: ${done.status === 0 ? "ok" : "failed"}, ${Math.round((Date.now() - started) / 1000)} s`,
  );
  return done.status === 0;
}

function check(title, command, args) {
  if (run(title, command, args)) passed++;
  else failed++;
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

check("format", bin("prettier"), ["--check", "--log-level", "warn", "."]);
check("lint", bin("eslint"), ["."]);
check("dependencies", bin("depcruise"), [
  "--config",
  ".dependency-cruiser.cjs",
  "core/src",
  "web/src",
  "server/src",
  "e2e",
  "scripts",
]);
check("unused code", bin("knip"), []);
for (const part of ["core", "server", "scripts", "e2e"])
  check(`types of ${part}`, bin("tsc"), ["-p", part]);
check("types of web", bin("vue-tsc"), ["-p", "web"]);
check("first load", bin("size-limit"), []);

rmSync(unitReport, { force: true });
const unitOk = run("unit and component tests", bin("vitest"), [
  "run",
  "--reporter=dot",
  "--reporter=json",
  `--outputFile.json=${unitReport}`,
]);
addCounts(unitOk, () => {
  const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(unitReport, "utf8"));
  return { passed: numPassedTests, failed: numFailedTests };
});

rmSync(e2eReport, { force: true });
const e2eOk = run(
  "end-to-end tests",
  bin("playwright"),
  ["test", "--config", "e2e/playwright.config.ts"],
  { E2E_REPORT: e2eReport },
);
addCounts(e2eOk, () => {
  const { stats } = JSON.parse(readFileSync(e2eReport, "utf8"));
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
});

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
