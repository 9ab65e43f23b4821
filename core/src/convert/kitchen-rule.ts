/** A stretch of time a rule gives, min. */
export interface RuleRange {
  readonly lowMin: number;
  readonly highMin: number;
}

/** What a time is counted on: hob and oven count alike. */
export type RuleHeat = "hob" | "oven" | "low" | "high" | "pressure";

interface Row {
  readonly open: RuleRange;
  readonly low: RuleRange;
  readonly high: RuleRange;
}

const h = (from: number, to: number): RuleRange => ({ lowMin: from * 60, highMin: to * 60 });

/** The rule of thumb: docs/method.md, “From one heat to another”. Each row holds up to and without its end, the last with it. */
const ROWS: readonly Row[] = [
  { open: { lowMin: 15, highMin: 30 }, low: h(4, 6), high: h(1.5, 2) },
  { open: { lowMin: 30, highMin: 50 }, low: h(6, 8), high: h(3, 4) },
  { open: { lowMin: 50, highMin: 180 }, low: h(8, 10), high: h(4, 6) },
];

const isOpen = (heat: RuleHeat): boolean => heat === "hob" || heat === "oven";

/** The row a time falls in; for a crock's time the last whose range holds it. */
function rowFor(heat: RuleHeat, minutes: number): Row | null {
  if (heat === "low" || heat === "high") {
    const of = (row: Row) => row[heat];
    return ROWS.findLast((r) => minutes >= of(r).lowMin && minutes <= of(r).highMin) ?? null;
  }
  const openMin = heat === "pressure" ? minutes * 3 : minutes;
  if (openMin < 15 || openMin > 180) return null;
  return ROWS.find((r) => openMin < r.open.highMin) ?? ROWS[ROWS.length - 1] ?? null;
}

/**
 * What the kitchen rule makes of a time: hob and oven 15–30 min are LOW 4–6 h or HIGH 1½–2 h, and so on;
 * pressure is about a third. Null where the rule says nothing (under 15 or over 180 min on the hob, or
 * no change of heat).
 * @example kitchenRule("hob", 40, "low") // { lowMin: 360, highMin: 480 }
 */
export function kitchenRule(from: RuleHeat, minutes: number, to: RuleHeat): RuleRange | null {
  if (from === to) return null;
  const row = rowFor(from, minutes);
  if (row === null) return null;
  if (to === "low" || to === "high") return row[to];
  const exact = from === "pressure" ? minutes * 3 : isOpen(from) ? minutes : null;
  const open: RuleRange =
    exact === null ? row.open : { lowMin: exact * 0.85, highMin: exact * 1.15 };
  return to === "pressure" ? { lowMin: open.lowMin / 3, highMin: open.highMin / 3 } : open;
}
