import { showMass, showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { waysOf, type Chilling } from "@kettlos/core/events/chill/effects";
import type { ChillingNow } from "@kettlos/core/batch/chill-of";
import type { CodeOfCooling } from "@kettlos/core/cool/codes";
import { inWords, ruleC, say } from "@kettlos/core/units/said";
import { WAYS } from "@kettlos/core/cool/ways";
import Papa from "papaparse";
import type { PotState } from "../../data/pot-state";

const iso = (ms: number) => new Date(ms).toISOString();

/** A chilling as a record to be kept: what, how, every reading, every gate with its verdict. */
export function chillRecord(
  pot: PotState,
  chilling: Chilling,
  code: CodeOfCooling,
  { gates, allReadings }: Pick<ChillingNow, "gates" | "allReadings">,
  units: UnitSystem,
): string {
  const { beganMs, endedMs } = chilling;
  const at = (min: number) => iso(beganMs + min * MINUTE_MS);
  return Papa.unparse([
    ["what", "when", "value", "remark"],
    ["batch", iso(pot.batch.createdMs), pot.batch.plan.name, pot.batch.id],
    ["code", iso(beganMs), code.name, inWords(code.text, units)],
    ...waysOf(chilling).flatMap(({ chill, beganMs: fromMs, moved }) => [
      ["amount", iso(fromMs), showMass(chill.massKg, units), `in ${chill.count}`],
      [
        moved === null ? "begun" : "chilled another way",
        iso(fromMs),
        showTemperature(chill.fromC, units),
        chill.stages.map((s) => WAYS[s.way].name).join(", then "),
      ],
    ]),
    ...allReadings.map((r) => ["reading", at(r.tMin), showTemperature(r.tempC, units), ""]),
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
