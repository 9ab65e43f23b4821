import { cooked } from "../../../core/test/logged-pot";
import Papa from "papaparse";
import { expect, test } from "vitest";
import { logCsv } from "./log-out";

test("a log as a table: its columns, its rows, and nothing a table would take for a formula", () => {
  const pot = cooked({});
  const named = {
    ...pot,
    batch: { ...pot.batch, plan: { ...pot.batch.plan, name: '=HYPERLINK("x"), "broth"' } },
  };
  const csv = logCsv([named, pot], new Map([[pot.batch.id, null]]));
  const { data } = Papa.parse<Record<string, string>>(csv, { header: true });
  expect(data).toHaveLength(2);
  expect(data[0]?.["dish"]).toBe('\'=HYPERLINK("x"), "broth"');
  expect(Number(data[1]?.["got_l"])).toBeCloseTo(pot.cook.result?.strainedL ?? NaN, 2);
  expect(data[1]?.["lit"]).toBe("2026-03-18T08:00:00.000Z");
});
