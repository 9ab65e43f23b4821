import { MINUTE_MS } from "@kettlos/core/units/time";
import { inWords } from "@kettlos/core/units/said";
import type { UnitSystem } from "@kettlos/core/units/show";
import type { FirePot } from "./pots-store";

/** Something to call the cook for. Its key is the same each time it is worked out. */
export interface PotCall {
  readonly key: string;
  readonly isDanger: boolean;
  readonly title: string;
  readonly text: string;
  readonly dueMs: number;
  readonly batchId: string;
}

/** Something is late by more than this when nobody was there to hear it, ms. */
const LATE_MS = 90_000;
/** What is not worth a call: it is done when the cook comes to it. */
const QUIET: ReadonlySet<string> = new Set(["light", "fill", "work"]);

/** What calls at nowMs on the pot's clock: what is due, and every danger. */
export function callsOf(pot: FirePot, nowMs: number, units: UnitSystem): readonly PotCall[] {
  const { id, plan } = pot.batch;
  const lateWords = (dueMs: number) =>
    nowMs - dueMs > LATE_MS ? `, ${Math.round((nowMs - dueMs) / MINUTE_MS)} min late` : "";
  const due = pot.actions
    .filter((a) => a.atMs <= nowMs && !QUIET.has(a.kind))
    .map((a) => ({
      key: `${id}|${a.id}|${a.kind === "stir" || a.kind === "look" || a.kind === "skim" ? a.atMs : ""}`,
      isDanger: false,
      title: `${a.title}${lateWords(a.atMs)}`,
      text: `${plan.name}. ${inWords(a.lookFor, units)}`,
      dueMs: a.atMs,
      batchId: id,
    }));
  const dangers = pot.cautions
    .filter((c) => c.severity === "danger")
    .map((c) => ({
      key: `${id}|${c.id}`,
      isDanger: true,
      title: inWords(c.title, units),
      text: `${plan.name}. ${inWords(c.text, units)}`,
      dueMs: c.sinceMs,
      batchId: id,
    }));
  return [...dangers, ...due];
}
