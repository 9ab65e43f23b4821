import { showMass, showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { MINUTE_MS } from "@kettlos/core/units/time";
import type { Chilling } from "@kettlos/core/events/chill/effects";
import type { GateNow } from "@kettlos/core/cool/chill-live";
import type { CodeOfCooling } from "@kettlos/core/cool/codes";
import { inWords, ruleC, say } from "@kettlos/core/units/said";
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
  units: UnitSystem,
): string {
  const at = (min: number) => iso(beganMs + min * MINUTE_MS);
  return Papa.unparse([
    ["what", "when", "value", "remark"],
    ["batch", iso(pot.batch.createdMs), pot.batch.plan.name, pot.batch.id],
    ["amount", iso(beganMs), showMass(chill.massKg, units), `in ${chill.count}`],
    ["code", iso(beganMs), code.name, inWords(code.text, units)],
    [
      "begun",
      iso(beganMs),
      showTemperature(chill.fromC, units),
      chill.stages.map((s) => WAYS[s.way].name).join(", then "),
    ],
    ...readings.map((r) => ["reading", iso(r.atMs), showTemperature(r.tempC, units), ""]),
    ...gates.map((g) => [
      "gate",
      g.metMin === null ? "" : at(g.metMin),
      g.state,
      inWords(
        say`from ${ruleC(g.gate.fromC)} to ${ruleC(g.gate.toC)} within ${g.gate.withinMin} min`,
        units,
      ),
    ]),
    ...(endedMs === null ? [] : [["cold through", iso(endedMs), "", ""]]),
  ]);
}
