/** Where each block stood when this browser filled the clock last: after a reload it stands there again. */
const STOOD_KEY = "kettlos-clock-stood";

export function stoodAt(): ReadonlyMap<string, number> | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(STOOD_KEY) ?? "null");
    return Array.isArray(kept) ? new Map(kept as [string, number][]) : null;
  } catch {
    return null;
  }
}

export function keepStanding(at: ReadonlyMap<string, number>): void {
  try {
    localStorage.setItem(STOOD_KEY, JSON.stringify([...at]));
  } catch {
    // A browser that keeps nothing fills it anew.
  }
}
