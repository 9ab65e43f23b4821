// Breaks the rules of safety one small change at a time and sees whether the tests notice; writes docs/mutants.md.
import { spawn } from "node:child_process";
import {
  cpSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from "node:fs";
import { availableParallelism, tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import ts from "typescript";
import { seeded } from "./mutate";

const MANY = Number(process.env["MUTANTS"] ?? 420);
const SEED = 4711;
const LONGEST_MS = 90_000;
const WANTED = 0.85;
const root = fileURLToPath(new URL("..", import.meta.url));

/**
 * What is broken, and which tests are asked: first the quick ones, then all that are about it. Where limits
 * are rules ("within 2 h") a comparison is moved by its edge; where what is compared is reckoned, and never
 * falls on the edge, it is turned round.
 */
const SUBJECTS = [
  {
    dir: "safety",
    isRule: true,
    files: inDir("safety"),
    first: ["src/safety/safety-worked.test.ts"],
    tests: ["src/safety", "src/batch"],
  },
  {
    dir: "convert",
    isRule: false,
    files: inDir("convert"),
    first: ["src/convert/convert-worked.test.ts"],
    tests: ["src/convert", "src/safety", "src/because"],
  },
  {
    dir: "cool",
    isRule: false,
    files: inDir("cool"),
    first: ["src/cool/cool-worked.test.ts"],
    tests: ["src/cool", "src/batch/chill-of.test.ts", "src/batch/standing.test.ts"],
  },
  {
    dir: "larder",
    isRule: true,
    files: ["core/src/larder/keeping.ts"],
    first: ["src/larder/keeping-worked.test.ts"],
    tests: ["src/larder"],
  },
] as const;
type Subject = (typeof SUBJECTS)[number];
function inDir(dir: string): string[] {
  return readdirSync(join(root, "core/src", dir))
    .filter((f) => f.endsWith(".ts") && !f.endsWith(".test.ts"))
    .map((f) => `core/src/${dir}/${f}`);
}

interface Mutant {
  readonly file: string;
  readonly of: Subject;
  readonly start: number;
  readonly end: number;
  readonly text: string;
  readonly line: number;
  readonly what: string;
}

const LEAST_CONSTANT = 1e-6;
const SHOWS = /(toFixed|toPrecision|slice|at|fill|round)$/;
const K = ts.SyntaxKind;
const EDGES = new Map<ts.SyntaxKind, string>([
  [K.LessThanToken, "<="],
  [K.LessThanEqualsToken, "<"],
  [K.GreaterThanToken, ">="],
  [K.GreaterThanEqualsToken, ">"],
]);
const TURNS = new Map<ts.SyntaxKind, string>([
  [K.LessThanToken, ">="],
  [K.LessThanEqualsToken, ">"],
  [K.GreaterThanToken, "<="],
  [K.GreaterThanEqualsToken, "<"],
]);
const SWAPS = new Map<ts.SyntaxKind, string>([
  [K.EqualsEqualsEqualsToken, "!=="],
  [K.ExclamationEqualsEqualsToken, "==="],
  [K.PlusToken, "-"],
  [K.MinusToken, "+"],
  [K.AsteriskToken, "/"],
  [K.SlashToken, "*"],
  [K.AmpersandAmpersandToken, "||"],
  [K.BarBarToken, "&&"],
]);

/** Every small change that can be made to a file. */
function mutantsOf(file: string, of: Subject): Mutant[] {
  const text = readFileSync(join(root, file), "utf8");
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const all: Mutant[] = [];
  const add = (node: ts.Node, to: string, what: string) =>
    all.push({
      file,
      of,
      start: node.getStart(source),
      end: node.getEnd(),
      text: to,
      line: source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1,
      what: `${what}: \`${node.getText(source).replace(/\s+/g, " ").slice(0, 50)}\` → \`${to}\``,
    });
  const isText = (node: ts.Node): boolean =>
    ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);
  /** Nought, one and two count and index; how many places are shown is no rule of safety. */
  const isPlace = (node: ts.NumericLiteral): boolean =>
    Number(node.text) <= 2 && Number.isInteger(Number(node.text)) && !isNamed(node)
      ? true
      : ts.isElementAccessExpression(node.parent) ||
        (ts.isCallExpression(node.parent) && SHOWS.test(node.parent.expression.getText(source)));
  /** A constant with a name of its own. */
  const isNamed = (node: ts.Node): boolean =>
    ts.isVariableDeclaration(node.parent) || ts.isPropertyAssignment(node.parent);
  const walk = (node: ts.Node): void => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node))
      return;
    if (ts.isBinaryExpression(node)) {
      const { kind } = node.operatorToken;
      const to = SWAPS.get(kind) ?? (of.isRule ? EDGES : TURNS).get(kind);
      if (to !== undefined && !isText(node.left) && !isText(node.right))
        add(node.operatorToken, to, "operator");
    }
    if (ts.isNumericLiteral(node) && !isPlace(node)) {
      const value = Number(node.text.replaceAll("_", ""));
      // A tolerance of the arithmetic, not of the kitchen.
      if (value === 0 || value <= LEAST_CONSTANT) return;
      for (const by of [1.1, 0.9])
        add(node, String(Number((value * by).toPrecision(6))), "constant");
    }
    if (ts.isIfStatement(node)) add(node.expression, "false", "guard removed");
    ts.forEachChild(node, walk);
  };
  walk(source);
  return all;
}

const random = seeded(SEED);
const every = SUBJECTS.flatMap((of) => of.files.flatMap((f) => mutantsOf(f, of)));
const sample = every
  .map((mutant) => ({ mutant, at: random() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, MANY)
  .map(({ mutant }) => mutant);

/** A copy of core to break, with the tests and nothing else. */
function bench(): string {
  const dir = mkdtempSync(join(tmpdir(), "mutants-"));
  cpSync(join(root, "core"), join(dir, "core"), { recursive: true });
  cpSync(join(root, "tsconfig.base.json"), join(dir, "tsconfig.base.json"));
  symlinkSync(join(root, "node_modules"), join(dir, "node_modules"));
  writeFileSync(
    join(dir, "vitest.config.ts"),
    `export default { test: { root: "core", isolate: false, include: ["src/**/*.test.ts"], setupFiles: ["./test/setup.ts"], testTimeout: 30000 } };\n`,
  );
  return dir;
}

/** True where a test fails, or never ends. */
function isNoticed(dir: string, tests: readonly string[]): Promise<boolean> {
  return new Promise((resolve) => {
    const child = spawn(
      process.execPath,
      [
        join(root, "node_modules/vitest/vitest.mjs"),
        "run",
        "--bail",
        "1",
        "--reporter",
        "agent",
        ...tests,
      ],
      {
        cwd: dir,
        detached: true,
        stdio: "ignore",
        env: { ...process.env, NO_COLOR: "1", FC_RUNS: "20" },
      },
    );
    // What never ends is ended with everything it started.
    const timer = setTimeout(() => process.kill(-(child.pid ?? 0), "SIGKILL"), LONGEST_MS);
    child.on("close", (code) => {
      clearTimeout(timer);
      resolve(code !== 0);
    });
  });
}

const survivors: Mutant[] = [];
let done = 0;
const began = Date.now();
async function lane(queue: Mutant[]) {
  const dir = bench();
  if (await isNoticed(dir, ["src/safety", "src/convert", "src/cool", "src/larder", "src/batch"]))
    throw new Error("The tests fail before anything is broken.");
  for (let m = queue.shift(); m !== undefined; m = queue.shift()) {
    const path = join(dir, m.file);
    const whole = readFileSync(path, "utf8");
    writeFileSync(path, whole.slice(0, m.start) + m.text + whole.slice(m.end));
    if (!(await isNoticed(dir, m.of.first)) && !(await isNoticed(dir, m.of.tests))) {
      survivors.push(m);
      console.log(`${m.file}:${m.line} ${m.what}`);
    }
    writeFileSync(path, whole);
    if (++done % 20 === 0)
      console.log(
        `${done} of ${sample.length}, ${survivors.length} not noticed, ${Math.round((Date.now() - began) / 1000)} s`,
      );
  }
  rmSync(dir, { recursive: true, force: true });
}
const queue = [...sample];
await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, () => lane(queue)));

const rows = SUBJECTS.map(({ dir, files }) => {
  const tried = sample.filter((m) => (files as readonly string[]).includes(m.file)).length;
  const left = survivors.filter((m) => (files as readonly string[]).includes(m.file)).length;
  return `| ${dir} | ${every.filter((m) => (files as readonly string[]).includes(m.file)).length} | ${tried} | ${tried - left} | ${tried === 0 ? "" : `${((100 * (tried - left)) / tried).toFixed(0)} %`} |`;
});
const share = (sample.length - survivors.length) / Math.max(1, sample.length);
const list = survivors
  .toSorted((a, b) => a.file.localeCompare(b.file) || a.line - b.line)
  .map((m) => `- ${m.file.replace("core/src/", "")}:${m.line}, ${m.what}`);
writeFileSync(
  join(root, "docs/mutants.md"),
  [
    "# Do the tests notice?",
    "",
    `Written by \`npm run mutants\`: ${sample.length} of ${every.length} small changes, seeded, made one at a time: a comparison turned,`,
    "or its edge moved where it is the limit of a rule, an operator swapped, a constant moved by a tenth, a",
    "guard removed. The tests of the subject are then run.",
    "",
    "| subject | possible | tried | noticed | |",
    "| --- | ---: | ---: | ---: | ---: |",
    ...rows,
    `| **all** | ${every.length} | ${sample.length} | ${sample.length - survivors.length} | ${(100 * share).toFixed(1)} % |`,
    "",
    "## Not noticed",
    "",
    ...list,
    "",
  ].join("\n"),
);
console.log(`${(100 * share).toFixed(1)} % of ${sample.length} noticed`);
process.exit(share >= WANTED ? 0 : 1);
