import type { ShoppingLine, ShoppingList } from "@kettlos/core/dish/shopping";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import Papa from "papaparse";

const amount = ({ isLiquid, buyKg }: ShoppingLine, units: UnitSystem) =>
  isLiquid ? showVolume(buyKg, units) : showMass(buyKg, units);

const toBuy = (list: ShoppingList) => list.lines.filter((l) => l.buyKg > 1e-9);

/** The list as plain text, a counter after the other. */
export function listText(list: ShoppingList, units: UnitSystem): string {
  const out: string[] = [];
  let counter = "";
  for (const line of toBuy(list)) {
    if (line.counter !== counter) {
      counter = line.counter;
      out.push(out.length > 0 ? `\n${counter}` : counter);
    }
    const packs =
      line.packs === null
        ? ""
        : ` (${line.packs.count} ${line.packs.count === 1 ? "pack" : "packs"})`;
    const how = line.how.length === 0 ? "" : `, ${line.how.join("; ")}`;
    out.push(`- ${amount(line, units)} ${line.name.toLowerCase()}${packs}${how}`);
  }
  return `${out.join("\n")}\n`;
}

/** The list as CSV with a header; weights in kg. A cell that a table program would run is defused. */
export const listCsv = (list: ShoppingList): string =>
  `${Papa.unparse(
    toBuy(list).map((l) => ({
      counter: l.counter,
      name: l.name,
      buyKg: Number(l.buyKg.toFixed(4)),
      packs: l.packs?.count ?? "",
      packKg: l.packs?.packKg ?? "",
      cost: l.cost === null ? "" : l.cost.toFixed(2),
      for: l.plans.join("; "),
    })),
    { newline: "\n", escapeFormulae: true },
  )}\n`;
