// Counts non-empty code lines and the share that are tests.
import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";

const files = execFileSync("git", ["ls-files", "-co", "--exclude-standard"], { encoding: "utf8" })
  .split("\n")
  .filter((f) => /\.(ts|vue|css|mjs)$/.test(f) && !f.endsWith(".d.ts"));
const isTest = (f) =>
  /\.(test|spec)\.ts$/.test(f) || f.startsWith("e2e/") || /^(core|web)\/test\//.test(f);
const lines = (f) =>
  readFileSync(f, "utf8")
    .split("\n")
    .filter((l) => l.trim() !== "").length;
const groups = new Map();
let code = 0;
let test = 0;
for (const file of files) {
  const n = lines(file);
  const group = file.split("/")[0];
  const row = groups.get(group) ?? { code: 0, test: 0 };
  if (isTest(file)) {
    row.test += n;
    test += n;
  } else {
    row.code += n;
    code += n;
  }
  groups.set(group, row);
}
for (const [group, row] of groups)
  console.log(`${group.padEnd(20)} ${row.code} code, ${row.test} test`);
console.log(`all                  ${code} code, ${test} test`);
console.log(`tests are ${Math.round((100 * test) / (code + test))} % of ${code + test} lines`);
