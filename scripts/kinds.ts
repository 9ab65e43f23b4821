// Writes the table of every kind of pot, from its defaults in the sample kitchen, into docs/kinds.md.
import { resolve } from "@kettlos/core/simulate/set-pot";
import { inWords } from "@kettlos/core/units/said";
import { answersFor } from "@kettlos/core/because/answers";
import { KIND_FORMULAS } from "@kettlos/core/dish/kind-formulas";
import { planOfKind } from "@kettlos/core/dish/kinds";
import { sayTime } from "@kettlos/core/convert/say-time";
import { vesselOf } from "@kettlos/core/simulate/references";
import { KINDS, type KindId } from "@kettlos/core/simulate/dish-words";
import { showMass, showVolume } from "@kettlos/core/units/show";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { readFileSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { format, resolveConfig } from "prettier";
import { bramholtKitchen } from "../web/src/sample/kitchen";

const kitchen = bramholtKitchen();
const NOON = () => 12;

function row(kind: KindId): readonly string[] {
  const plan = planOfKind(kind, kitchen, kind);
  const outcome = answersFor(resolve(plan, kitchen), NOON);
  if (!outcome.ok) throw outcome.problem;
  const { trace, figures, dish, dishFigures, set, waterL, cautions } = outcome.value;
  const main = plan.items.find((i) => i.id === trace.mainItemId);
  const what =
    main === undefined
      ? ""
      : `${showMass(main.massKg, "metric")} ${ingredientById(main.ingredientId).name.toLowerCase()}`;
  const { strainedL } = figures;
  const range = (low: number, high: number) => `${low.toFixed(1)}–${high.toFixed(1)} L`;
  const portions = dishFigures.portions;
  const comesTo =
    plan.end === "strained"
      ? `${showVolume(strainedL.expected, "metric")} (${range(strainedL.low, strainedL.high)}), ${set.expected}`
      : portions === null
        ? showMass(dish.eaten.allKg, "metric")
        : `${Math.round(portions.expected)} portions of ${showMass(dish.eaten.eachKg ?? 0, "metric")}, ${dish.body.name}`;
  const told = cautions
    .filter((c) => c.places.includes("plan") && c.severity !== "note")
    .map((c) => inWords(c.title, "metric"));
  return [
    KIND_FORMULAS[kind].name,
    `${vesselOf(resolve(plan, kitchen)).name.toLowerCase()}, ${plan.heat.method}`,
    what,
    waterL < 0.005 ? "none" : showVolume(waterL, "metric"),
    sayTime(trace.holdMin),
    comesTo,
    `${Math.round(dish.work.handsMin)} min`,
    told.join("; ") || "–",
  ];
}

const HEAD = [
  "kind",
  "pot and heat",
  "mainly",
  "water",
  "time",
  "comes to",
  "work by hand",
  "to mind",
];
const lines = [HEAD, HEAD.map(() => "---"), ...KINDS.map(row)].map((c) => `| ${c.join(" | ")} |`);
const path = fileURLToPath(new URL("../docs/kinds.md", import.meta.url));
const [before, , after] = readFileSync(path, "utf8").split(/<!-- kinds -->|<!-- end of kinds -->/);
if (before === undefined || after === undefined) throw new Error("docs/kinds.md has no marks");
const whole = `${before}<!-- kinds -->\n\n${lines.join("\n")}\n\n<!-- end of kinds -->${after}`;
writeFileSync(path, await format(whole, { ...(await resolveConfig(path)), filepath: path }));
console.log(lines.join("\n"));
