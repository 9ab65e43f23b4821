// Writes the table of twelve dishes on every heat into docs/method.md, between its marks.
import { resolve } from "@kettlos/core/simulate/set-pot";
import type { Heat } from "@kettlos/core/heats/heat-schema";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { inWords } from "@kettlos/core/units/said";
import { convertDish } from "@kettlos/core/because/converted";
import { kitchenRule } from "@kettlos/core/convert/kitchen-rule";
import { sayRange, sayTime } from "@kettlos/core/convert/say-time";
import { ruleHeatOf } from "@kettlos/core/convert/second-opinion";
import { showPiece, readPiece } from "@kettlos/core/heat/read-piece";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { PlanSchema, type Plan } from "@kettlos/core/simulate/plan-schema";
import { readFileSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { format, resolveConfig } from "prettier";
import { bramholtKitchen } from "../web/src/sample/kitchen";

/** The hut's pots at sea level, where the kitchen rule was made. */
const kitchen: Kitchen = { ...bramholtKitchen(), altitudeM: 0, waterC: 12, roomC: 22 };

const HEATS = {
  gentle: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null },
  bare: { method: "hob", vigour: "bare", lid: "ajar", boilFirstMin: 5 },
  oven: { method: "oven", ovenId: "oven", ovenC: 150, lid: "on", start: "hot" },
  low: {
    method: "slowCooker",
    setting: "low",
    start: "cold",
    highFirstMin: 0,
    lidLifts: 0,
    warmMin: 0,
  },
  pressure: { method: "pressure", setting: "high", release: "natural" },
} as const satisfies Record<string, Heat>;
const VESSELS = { hob: "braiser", oven: "braiser", slowCooker: "crock", pressure: "pressure" };

type Given = [
  name: string,
  ingredientId: string,
  massKg: number,
  piece: string | null,
  waterL: number,
  heat: keyof typeof HEATS,
  holdMin: number,
];
const DISHES: readonly Given[] = [
  ["Stewing beef", "beefChuck", 2, "4 cm", 1.2, "oven", 150],
  ["Shank slices", "beefShank", 2, "3 x 9 x 12 cm", 1.3, "gentle", 180],
  ["Brisket", "beefBrisket", 2.2, "6 x 12 x 20 cm", 1.2, "oven", 240],
  ["Mutton joint", "muttonShoulder", 2.4, "9 x 14 x 20 cm", 1.2, "oven", 210],
  ["Goat, diced", "goatShoulder", 2, "4 cm", 1, "low", 480],
  ["Pork shoulder, big dice", "porkShoulder", 2, "6 cm", 1, "pressure", 35],
  ["Chicken thighs", "chickenThigh", 1.8, "3 x 7 x 10 cm", 1.2, "gentle", 45],
  ["Hare in pieces", "harePieces", 1.8, "4 x 6 x 8 cm", 1.2, "oven", 120],
  ["Mince for chili", "mincedBeef", 1.8, "1 cm", 1.4, "gentle", 60],
  ["Chickpeas, soaked", "chickpea", 0.7, null, 2.4, "gentle", 90],
  ["Lentils", "brownLentil", 0.7, null, 2.2, "gentle", 30],
  ["Lamb neck broth", "lambNeck", 1.6, "3 cm", 2.6, "bare", 360],
];

const planOf = ([name, ingredientId, massKg, piece, volumeL, heat, holdMin]: Given): Plan =>
  PlanSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: ingredientId,
    name,
    vesselId: VESSELS[HEATS[heat].method],
    ringId: "ring1",
    items: [
      {
        id: "main",
        ingredientId,
        massKg,
        when: { at: "start" },
        ...(piece === null ? {} : { piece: readPiece(piece) }),
      },
    ],
    water: { by: "amount", volumeL },
    heat: HEATS[heat],
    stop: { by: "time", holdMin },
    strain: { when: "atOnce", pressed: false, clothPasses: 0 },
  });

function row(given: Given): readonly string[] {
  const plan = planOf(given);
  const { converted, ranges } = convertDish(resolve(plan, kitchen));
  if (converted.problem !== null)
    throw new Error(`${plan.name}: ${inWords(converted.problem, "metric")}`);
  const drawn = ranges();
  const piece = plan.items[0]?.piece;
  const cells = converted.answers.map((answer, i) => {
    if (!answer.ok) return "not there";
    const { column } = answer;
    const range = drawn[i];
    if (column.isWritten) return `**${sayTime(column.trace.holdMin)}** as written`;
    const refused = column.refusal === null ? "" : ", refused: too slow to 60 °C";
    const rule = kitchenRule(
      ruleHeatOf(plan.heat),
      plan.stop.by === "time" ? plan.stop.holdMin : 0,
      ruleHeatOf(column.plan.heat),
    );
    const said =
      range === null || range === undefined ? "" : sayRange(range.holdMin.low, range.holdMin.high);
    return `${sayTime(column.trace.holdMin)} (${said})${refused}<br>rule ${rule === null ? "–" : sayRange(rule.lowMin, rule.highMin)}`;
  });
  const size = piece === undefined ? "" : `, ${showPiece(piece, "metric")}`;
  return [`${plan.name}, ${ingredientById(given[1]).group}${size}`, ...cells];
}

const HEAD = ["dish", "hob, gentle, lid ajar", "oven 150 °C, covered", "LOW", "HIGH", "103 kPa"];
const lines = [HEAD, HEAD.map(() => "---"), ...DISHES.map(row)].map((c) => `| ${c.join(" | ")} |`);
const path = fileURLToPath(new URL("../docs/method.md", import.meta.url));
const text = readFileSync(path, "utf8");
const [before, , after] = text.split(/<!-- dishes -->|<!-- end of dishes -->/);
if (before === undefined || after === undefined) throw new Error("docs/method.md has no marks");
const whole = `${before}<!-- dishes -->\n\n${lines.join("\n")}\n\n<!-- end of dishes -->${after}`;
writeFileSync(path, await format(whole, { ...(await resolveConfig(path)), filepath: path }));
console.log(lines.join("\n"));
