import { expect, test } from "vitest";
import { CODES } from "@kettlos/core/cool/codes";
import { potOf } from "../../../test/pot";
import { chillRecord } from "./chill-record";

const pot = potOf("past-11");
const record = (units: "metric" | "us") => {
  const { chilling } = pot.cook;
  const code = Object.values(CODES)[0];
  if (chilling === null || code === undefined) throw new Error("the pot was not chilled");
  return chillRecord(
    pot,
    chilling,
    code,
    {
      gates: code.gates.map((gate) => ({ gate, state: "met" as const, leftMin: null, metMin: 5 })),
      allReadings: [{ tMin: -20, tempC: 61 }],
    },
    units,
  );
};

test("a record of a chilling is in the kitchen's measures, its gates and readings too", () => {
  expect(record("us")).not.toMatch(/°C|\d kg/u);
  expect(record("us")).toMatch(/^gate,.*,met,from 1\d\d °F to \d+ °F within 120 min/mu);
  expect(record("metric")).not.toMatch(/°F|\d lb/u);
  expect(record("metric")).toMatch(/^reading,.*,\d+\.\d °C/mu);
});
