// Reads a Kettlos JSON file (a kitchen and a plan) and prints the plan's answers.
import { resolve, type SetPot } from "@kettlos/core/simulate/set-pot";
import type { Limit } from "@kettlos/core/convert/remedies";
import type { Caution } from "@kettlos/core/safety/caution";
import { inWords, type Said } from "@kettlos/core/units/said";
import { answersFor, type Answers } from "@kettlos/core/because/answers";
import { convertDish } from "@kettlos/core/because/converted";
import { sentenceText } from "@kettlos/core/because/sentence";
import { readKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { withLog } from "@kettlos/core/learn/from-log";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { stretchesOf } from "@kettlos/core/simulate/stretches";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { showMass } from "@kettlos/core/units/show";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { parseArgs } from "node:util";
import { argumentsBy, refuse, textOf } from "./command-line";

const USAGE = "Usage: npm run --silent plan -- FILE.json [--plan ID] [--text | --convert]";

function readArguments() {
  const { values, positionals } = argumentsBy(
    () =>
      parseArgs({
        allowPositionals: true,
        options: {
          plan: { type: "string" },
          text: { type: "boolean", default: false },
          convert: { type: "boolean", default: false },
        },
      }),
    USAGE,
  );
  return { ...values, file: positionals[0], extra: positionals.slice(1) };
}

/** Every figure as low, expected, high with its because; the trace's own marks and ledger. */
function asJson(setPot: SetPot, answers: Answers) {
  const { plan, kitchen } = setPot;
  const { trace } = answers;
  return {
    plan: plan.id,
    sentence: sentenceText(setPot, answers, kitchen.units),
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
    ...dishAsJson(answers),
    start:
      answers.start === null
        ? null
        : Object.fromEntries(
            Object.entries(answers.start).map(([k, ms]: [string, number]) => [
              k.replace(/Ms$/, ""),
              new Date(ms).toISOString(),
            ]),
          ),
    cautions: answers.cautions.map(cautionAsJson),
    stretches: trace.stretches.map((went, i) => ({
      ...went,
      heat: stretchesOf(plan)[i]?.heat,
      until: stretchesOf(plan)[i]?.stop,
    })),
    ledgerKg: trace.ledger,
    marks: trace.marks,
    problem: trace.problem === null ? null : trace.problem.message,
  };
}

/** Files and lists are metric, whoever reads them. */
const metric = (said: Said): string => inWords(said, "metric");
const cautionAsJson = (c: Caution) => ({
  ...c,
  title: metric(c.title),
  text: metric(c.text),
  rule: metric(c.rule),
});
const limitAsJson = (limit: Limit) => ({
  ...limit,
  text: metric(limit.text),
  remedies: limit.remedies.map((r) => ({ ...r, text: metric(r.text) })),
});

/** What it comes to on the plate. */
function dishAsJson({ dish }: Answers) {
  const { eaten, salt, fat, alcohol, body } = dish;
  return {
    portions: eaten.portions,
    portion: { amount: eaten.eachKg, unit: eaten.unit },
    salt: { per: salt.per, unit: `g/${salt.unit}`, portionG: salt.portionG, allG: salt.saltG },
    fat: { eatenG: fat.eatenG, portionG: fat.portionG },
    alcohol:
      alcohol === null
        ? null
        : { leftG: alcohol.leftG, mostG: alcohol.mostG, portionMostG: alcohol.portionMostG },
    body: { flourGL: body.flourGL, name: body.name, wantedGL: body.wantedGL },
    allergens: dish.allergens,
    labelsToRead: dish.unread,
    conflicts: dish.conflicts,
    verdicts: dish.verdicts,
    tasks: dish.tasks,
  };
}

/** The cook's sentence, then all that goes in, and what is wrong with it. */
function asText(setPot: SetPot, answers: Answers): string {
  const { plan, kitchen } = setPot;
  const { units } = kitchen;
  const one = units === "us" ? "us" : "metric";
  const goesIn = plan.items.map(
    (i) => `${showMass(i.massKg, one)} ${nameOf(i).toLowerCase()}${WHEN[i.when.at]}`,
  );
  const dangers = answers.cautions.filter((c) => c.severity === "danger");
  return [
    sentenceText(setPot, answers, units),
    ...(goesIn.length > 0 ? [`In it: ${goesIn.join(", ")}.`] : []),
    ...dangers.map((c) => `Danger: ${metric(c.title)}. ${metric(c.text)}`),
    ...(answers.trace.problem !== null && !dangers.some((c) => c.id === "dry")
      ? [`Not possible: ${answers.trace.problem.message}`]
      : []),
  ].join("\n");
}
const WHEN: Record<Plan["items"][number]["when"]["at"], string> = {
  start: "",
  after: " once it is hot",
  beforeEnd: " before the end",
  whenTender: " later",
  stretch: " as the heat is turned",
  offHeat: " off the heat",
  afterStrain: " after the sieve",
  nextDay: " the next day",
};

/** The dish on every heat: times in min, liquid in L, low, expected, high; remedies and cautions. */
function asConversions(setPot: SetPot) {
  const { plan } = setPot;
  const { converted, ranges } = convertDish(setPot);
  if (converted.problem !== null) refuse([`plans: ${metric(converted.problem)}`]);
  const drawn = ranges();
  return {
    plan: plan.id,
    written: plan.heat.method,
    heats: converted.answers.map((answer, i) => {
      const { heat, vesselId } = answer.target;
      if (!answer.ok) return { heat, vesselId, problem: metric(answer.message) };
      const { column } = answer;
      const range = drawn[i];
      const { trace } = column;
      return {
        heat,
        vesselId,
        isWritten: column.isWritten,
        said: [range?.said, range?.after].filter(Boolean).join(" "),
        holdMin: { ...range?.holdMin, expected: trace.holdMin },
        comeUpMin: trace.toSimmerMin,
        releaseMin: trace.releaseMin,
        handsOnMin: column.handsOnMin,
        doorToDoorMin: column.doorToDoorMin,
        waterL: { ...range?.waterL, expected: column.waterL },
        startLiquidL: (trace.points[0]?.liquidKg ?? 0) / COLD_DENSITY_KG_L,
        endLiquidL: { ...range?.endLiquidL, expected: trace.endLiquidL },
        loads: column.loads,
        heldBackL: column.heldBackL,
        cookMin: trace.cookMin,
        hottestCentreC: trace.items.find((x) => x.itemId === trace.mainItemId)?.hottestCentreC,
        limits: column.limits.map(limitAsJson),
        restaged: column.restaged,
        refused:
          column.refusal === null ? null : { ...column.refusal, text: metric(column.refusal.text) },
        kitchenRule: range?.opinion ?? null,
        cautions: column.cautions.map(cautionAsJson),
      };
    }),
  };
}

const { file, plan: planId, text, convert, extra } = readArguments();
if (file === undefined || extra.length > 0) refuse([USAGE]);
const reading = readKettlosFile(textOf(file));
if (!reading.ok)
  refuse(reading.problems.map((p) => (p.path === "" ? p.message : `${p.path}: ${p.message}`)));
const { plans, batches, events } = reading.file;
const kitchen = withLog(reading.file.kitchen, batches, events);
const plan = planId === undefined ? plans[0] : plans.find((p) => p.id === planId);
if (plan === undefined)
  refuse([
    planId === undefined ? "plans: There is no plan in the file." : `plans: No plan "${planId}".`,
  ]);
if (planId === undefined && plans.length > 1)
  refuse([
    `plans: There are ${plans.length} plans; say which with --plan: ${plans.map((p) => p.id).join(", ")}.`,
  ]);
if (text && convert) refuse(["--text and --convert do not go together.", USAGE]);
if (convert) {
  console.log(JSON.stringify(asConversions(resolve(plan, kitchen)), null, 2));
  process.exit(0);
}
const outcome = answersFor(resolve(plan, kitchen), (ms) => {
  // A file is read at no certain time: only a set one is judged by the clock.
  if (ms === null) return null;
  const date = new Date(ms);
  return date.getHours() + date.getMinutes() / 60;
});
if (!outcome.ok)
  refuse([`plans[${plans.indexOf(plan)}].${outcome.problem.field}: ${outcome.problem.message}`]);
console.log(
  text
    ? asText(resolve(plan, kitchen), outcome.value)
    : JSON.stringify(asJson(resolve(plan, kitchen), outcome.value), null, 2),
);
