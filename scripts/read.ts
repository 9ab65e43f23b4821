/** Prints how a recipe is read: npm run --silent read -- FILE [--text]. */
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { RecipeDraft } from "@kettlos/core/formats/recipe/draft";
import { firstChoices } from "@kettlos/core/formats/recipe/first-choices";
import { looksLikeJson, readRecipeJsonLd } from "@kettlos/core/formats/recipe/json-ld";
import { planOfDraft } from "@kettlos/core/formats/recipe/plan-of-draft";
import { readRecipeText } from "@kettlos/core/formats/recipe/read-recipe";
import { outcomeOf } from "@kettlos/core/units/problem";
import { inWords, type Said } from "@kettlos/core/units/said";
import { showDuration, showMass } from "@kettlos/core/units/show";
import { refuse, textOf } from "./command-line";
import { bramholtKitchen } from "../web/src/sample/kitchen";

const [file, ...flags] = process.argv.slice(2);
const isText = flags.includes("--text");

if (file === undefined) refuse(["Which file? npm run --silent read -- FILE [--text]"]);
const given = textOf(file);
const read = outcomeOf(() =>
  looksLikeJson(given) ? readRecipeJsonLd(given) : readRecipeText(given),
);
const draft = read.ok
  ? read.value
  : refuse([`${file} is no recipe that can be read. ${read.problem.message}`]);
/** In the sample kitchen, every question answered with its first choice. */
const plan = outcomeOf(() => planOfDraft(firstChoices(draft), bramholtKitchen(), "read"));

process.stdout.write(isText ? asText(draft) : `${JSON.stringify(asJson(draft), null, 2)}\n`);

function asJson(d: RecipeDraft) {
  return {
    name: d.name,
    people: d.people,
    heat: {
      method: d.method,
      setting: d.method === "slowCooker" ? d.crockSetting : null,
      ovenC: d.ovenC,
      lid: d.lid,
      vigour: d.vigour,
      hold: d.hold,
      openMin: d.openMin,
      end: d.end,
    },
    lines: d.lines.map(({ parts: _parts, id: _id, doubts, ...line }) => ({
      ...line,
      name:
        line.ownName ??
        (line.ingredientId === null ? null : ingredientById(line.ingredientId).name),
      asks: doubts.map((q) => ({
        question: q.question,
        choices: q.choices.map((c) => inWords(c.label, "metric")),
      })),
    })),
    remarks: d.remarks,
    steps: d.steps.map(({ text, kinds }) => ({ text, readAs: kinds })),
    asks: d.doubts.map((q) => ({
      question: q.question,
      choices: q.choices.map((c) => inWords(c.label, "metric")),
    })),
    plan: plan.ok ? plan.value : null,
    noPlanBecause: plan.ok ? null : plan.problem.message,
  };
}

function asText(d: RecipeDraft): string {
  const asked = (doubts: readonly { question: string; choices: readonly { label: Said }[] }[]) =>
    doubts.map(
      (q) =>
        `    ? ${q.question}  [${q.choices.map((c) => inWords(c.label, "metric")).join(" | ")}]`,
    );
  const rows = d.lines.flatMap((l) => {
    const name =
      l.ownName ?? (l.ingredientId === null ? "not read" : ingredientById(l.ingredientId).name);
    const amount = l.toCover
      ? "to cover"
      : l.isToTaste
        ? "to taste"
        : l.massKg === null
          ? ""
          : showMass(l.massKg, "metric");
    const as = l.isLeftOut ? "left out" : `${name} ${amount}`.trim();
    return [`  ${l.text}  =>  ${as}`, ...asked(l.doubts)];
  });
  const hold = typeof d.hold === "number" ? showDuration(d.hold) : (d.hold ?? "time asked");
  return [
    `${d.name}${d.people === null ? "" : `, for ${d.people}`}`,
    `  ${[d.method ?? "heat asked", hold, d.lid === null ? "" : `lid ${d.lid}`, d.end].filter(Boolean).join(", ")}`,
    ...asked(d.doubts),
    "What goes in",
    ...rows,
    ...(d.remarks.length === 0 ? [] : ["Remarks", ...d.remarks.map((r) => `  ${r}`)]),
    "Steps",
    ...d.steps.map((s) => `  ${s.text}  =>  ${s.kinds.join(", ") || "NOT UNDERSTOOD"}`),
    "",
  ].join("\n");
}
