// Reads a Kettlos JSON file (a kitchen and a plan) and prints the plan's answers.
import { answersFor, type Answers } from "@kettlos/core/because/answers";
import { sentenceText } from "@kettlos/core/because/sentence";
import { readKettlosFile } from "@kettlos/core/formats/kettlos-json";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";

const USAGE = "Usage: npm run --silent plan -- FILE.json [--plan ID] [--text]";

/** Bad input: each problem on a line of its own, with its path; nothing else is printed. */
function refuse(lines: readonly string[]): never {
  console.error(lines.join("\n"));
  process.exit(2);
}

function readArguments() {
  try {
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { plan: { type: "string" }, text: { type: "boolean", default: false } },
    });
    return { ...values, file: positionals[0], extra: positionals.slice(1) };
  } catch (error) {
    return refuse([error instanceof Error ? error.message : String(error), USAGE]);
  }
}

function readText(path: string): string {
  try {
    return readFileSync(path, "utf8");
  } catch {
    return refuse([`${path}: the file cannot be read.`]);
  }
}

/** Every figure as low, expected, high with its because; the trace's own marks and ledger. */
function asJson(plan: Plan, kitchen: Kitchen, answers: Answers) {
  const { trace } = answers;
  return {
    plan: plan.id,
    sentence: sentenceText(plan, kitchen, answers, kitchen.units),
    waterL: answers.waterL,
    ways: answers.ways.map((way) => ({
      ...way.statement,
      ...(way.outcome.ok ? way.outcome.value : { problem: way.outcome.problem.message }),
      overFillLine: way.overFillLine,
    })),
    fit: answers.fit,
    otherPots: answers.otherPots,
    figures: answers.figures,
    set: answers.set,
    flavour: answers.flavour,
    allergens: answers.allergens,
    start:
      answers.start === null
        ? null
        : Object.fromEntries(
            Object.entries(answers.start).map(([k, ms]: [string, number]) => [
              k.replace(/Ms$/, ""),
              new Date(ms).toISOString(),
            ]),
          ),
    cautions: answers.cautions,
    ledgerKg: trace.ledger,
    marks: trace.marks,
    problem: trace.problem === null ? null : trace.problem.message,
  };
}

const { file, plan: planId, text, extra } = readArguments();
if (file === undefined || extra.length > 0) refuse([USAGE]);
const reading = readKettlosFile(readText(file));
if (!reading.ok)
  refuse(reading.problems.map((p) => (p.path === "" ? p.message : `${p.path}: ${p.message}`)));
const { kitchen, plans } = reading.file;
const plan = planId === undefined ? plans[0] : plans.find((p) => p.id === planId);
if (plan === undefined)
  refuse([
    planId === undefined ? "plans: There is no plan in the file." : `plans: No plan "${planId}".`,
  ]);
if (planId === undefined && plans.length > 1)
  refuse([
    `plans: There are ${plans.length} plans; say which with --plan: ${plans.map((p) => p.id).join(", ")}.`,
  ]);
const outcome = answersFor(plan, kitchen, (ms) => {
  const date = new Date(ms);
  return date.getHours() + date.getMinutes() / 60;
});
if (!outcome.ok)
  refuse([`plans[${plans.indexOf(plan)}].${outcome.problem.field}: ${outcome.problem.message}`]);
console.log(
  text
    ? sentenceText(plan, kitchen, outcome.value, kitchen.units)
    : JSON.stringify(asJson(plan, kitchen, outcome.value), null, 2),
);
