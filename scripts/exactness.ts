// Cooks made-up pots twice, as the application does and in steps a hundred times as fine; writes docs/exactness.md.
import { resolve } from "@kettlos/core/simulate/set-pot";
import { simulate } from "@kettlos/core/simulate/simulate";
import type { Trace } from "@kettlos/core/simulate/trace";
import { outcomeOf } from "@kettlos/core/units/problem";
import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { randomPot } from "../core/test/random-pots";
import { seeded } from "./mutate";

const POTS = 500;
const FINER = 100;
const SEED = 1640;
const path = fileURLToPath(new URL("../docs/exactness.md", import.meta.url));

interface Figure {
  readonly name: string;
  readonly unit: string;
  readonly digits: number;
  readonly limit: number;
  /** How far off, in the unit; null where the pot has no such figure. */
  readonly off: (usual: Trace, fine: Trace) => number | null;
}
const from5To60 = (trace: Trace) => trace.items[0]?.from5To60Min ?? null;
const FIGURES: readonly Figure[] = [
  {
    name: "litres at the end, of all that was in it",
    ...{ unit: "%", digits: 4, limit: 0.02 },
    off: (a, { ledger: { added, juice, vegetables }, endLiquidL }) =>
      (100 * Math.abs(a.endLiquidL - endLiquidL)) / (added + juice + vegetables),
  },
  {
    name: "to the simmer",
    ...{ unit: "s", digits: 2, limit: 2 },
    off: (a, b) => 60 * Math.abs(a.toSimmerMin - b.toSimmerMin),
  },
  {
    name: "cook value",
    ...{ unit: "%", digits: 3, limit: 0.2 },
    off: (a, b) => (b.cookMin > 0.01 ? 100 * Math.abs(a.cookMin / b.cookMin - 1) : null),
  },
  {
    name: "centre from 5 to 60 °C",
    ...{ unit: "s", digits: 2, limit: 20 },
    off: (a, b) => {
      const [usual, fine] = [from5To60(a), from5To60(b)];
      return usual === null || fine === null ? null : 60 * Math.abs(usual - fine);
    },
  },
];

const random = seeded(SEED);
const offs = FIGURES.map((): number[] => []);
let [cooked, otherwise, usualMs, fineMs] = [0, 0, 0, 0];
for (let i = 0; i < POTS; i++) {
  const pot = randomPot(random);
  const { plan, kitchen, waterKg } = pot;
  const begun = performance.now();
  const usual = outcomeOf(() => simulate(resolve(plan, kitchen), { waterKg }));
  const between = performance.now();
  const fine = outcomeOf(() => simulate(resolve(plan, kitchen), { waterKg, fineness: FINER }));
  fineMs += performance.now() - between;
  usualMs += between - begun;
  if (!usual.ok && !fine.ok) continue;
  if (!usual.ok || !fine.ok || usual.value.problem?.code !== fine.value.problem?.code) {
    otherwise++;
    continue;
  }
  cooked++;
  for (const [k, figure] of FIGURES.entries()) {
    const off = figure.off(usual.value, fine.value);
    if (off !== null) offs[k]?.push(off);
  }
}

const rows = FIGURES.map(({ name, unit, digits, limit }, k) => {
  const sorted = (offs[k] ?? []).toSorted((a, b) => a - b);
  const at = (share: number) =>
    (sorted[Math.round(share * (sorted.length - 1))] ?? NaN).toFixed(digits);
  const isKept = (sorted.at(-1) ?? Infinity) <= limit;
  return `| ${name} | ${at(0.5)} ${unit} | ${at(0.9)} ${unit} | ${at(1)} ${unit} | ${limit} ${unit} | ${isKept ? "kept" : "BROKEN"} |`;
});
writeFileSync(
  path,
  [
    "# How exact the simulation is",
    "",
    `Written by \`npm run exactness\`. ${POTS} made-up pots on every heat, thawed and frozen, with things that go in late, one`,
    `stretch or two, at 0 to 2400 m, cooked as the application does and in steps ${FINER} times as fine; ${cooked} of them can be`,
    `cooked, ${otherwise} have another problem one way than the other. Off is what the long steps cost.`,
    "",
    "| figure | half of them off by less than | nine in ten | the worst | limit | |",
    "| --- | --: | --: | --: | --: | --- |",
    ...rows,
    "",
    "How long a step is, and why: [method.md](method.md), “Steps”.",
    "",
  ].join("\n"),
);
console.log(rows.join("\n"));
console.log(`${(fineMs / usualMs).toFixed(0)} times as long in fine steps`);
if (otherwise > 0 || rows.some((row) => row.includes("BROKEN"))) process.exit(1);
