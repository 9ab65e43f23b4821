import { MINUTE_MS } from "@kettlos/core/units/time";
import type { Chilling } from "@kettlos/core/batch/fold";
import type { GateNow } from "@kettlos/core/cool/chill-live";
import type { CodeOfCooling } from "@kettlos/core/cool/codes";
import { inWords } from "@kettlos/core/units/said";
import { WAYS } from "@kettlos/core/cool/ways";
import Papa from "papaparse";
import type { PotState } from "../../data/pot-state";

const iso = (ms: number) => new Date(ms).toISOString();

/** A chilling as a record to be kept: what, how, every reading, every gate with its verdict. */
export function chillRecord(
  pot: PotState,
  { chill, beganMs, readings, endedMs }: Chilling,
  code: CodeOfCooling,
  gates: readonly GateNow[],
): string {
  const at = (min: number) => iso(beganMs + min * MINUTE_MS);
  return Papa.unparse([
    ["what", "when", "value", "remark"],
    ["batch", iso(pot.batch.createdMs), pot.batch.plan.name, pot.batch.id],
    ["amount", iso(beganMs), `${chill.massKg.toFixed(2)} kg`, `in ${chill.count}`],
    ["code", iso(beganMs), code.name, inWords(code.text, "metric")],
    [
      "begun",
      iso(beganMs),
      `${chill.fromC} °C`,
      chill.stages.map((s) => WAYS[s.way].name).join(", then "),
    ],
    ...readings.map((r) => ["reading", iso(r.atMs), `${r.tempC.toFixed(1)} °C`, ""]),
    ...gates.map((g) => [
      "gate",
      g.metMin === null ? "" : at(g.metMin),
      g.state,
      `${g.gate.fromC} to ${g.gate.toC} °C within ${g.gate.withinMin} min`,
    ]),
    ...(endedMs === null ? [] : [["cold through", iso(endedMs), "", ""]]),
  ]);
}
