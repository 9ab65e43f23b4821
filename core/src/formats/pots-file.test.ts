import { SCHEMA_VERSION } from "../simulate/schema-version";
import { expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import type { Picture } from "../batch/picture-schema";
import { cooked } from "../../test/logged-pot";
import { reportOf } from "./file-report";
import { readKettlosFile, writeKettlosFile } from "./kettlos-json";
import { LOG_COLUMNS, logRow } from "./log-rows";
import { potsFile } from "./pots-file";

const pot = cooked({
  more: [],
  batch: { id: "b" },
});
const picture: Picture = {
  schemaVersion: SCHEMA_VERSION,
  id: "p1",
  batchId: "b",
  atMs: pot.batch.createdMs,
  widthPx: 640,
  heightPx: 480,
  jpegBase64: "/9j/4AAQSkZJRg==",
};
const logged = { batch: pot.batch, events: pot.cook.events, pictures: [picture] };
const timeOf = (ms: number) => `t${ms}`;

test("a pot goes out as a file and comes back as it was, and as no more than a pot", () => {
  const learned = {
    steam: { things: {}, kitchen: { log: 0.1, sd: 0.2, pots: 3 } },
    ring: { things: {}, kitchen: { log: 0, sd: 0.2, pots: 0 } },
  };
  const file = potsFile([logged], { ...testKitchen(), learned }, "2026-03-18T08:00:00Z");
  expect(file.kitchen.learned).toBeUndefined();
  const read = readKettlosFile(writeKettlosFile(file));
  expect(read).toEqual({ ok: true, file });
  // Also where something else in it has to be left out.
  const torn = { ...file, events: [...file.events, { kind: "none" }] };
  const report = reportOf(JSON.stringify(torn));
  expect(report.ok && report.file.part).toBe("pots");
  expect(report.ok && report.report.leftOut).toHaveLength(1);
});

test("a picture that is none, is too large, or of no pot of the file is left out, and said", () => {
  const file = potsFile([logged], testKitchen(), "2026-03-18T08:00:00Z");
  const bad = [
    { ...picture, id: "svg", jpegBase64: "PHN2Zz4=" },
    { ...picture, id: "text", jpegBase64: "/9j/ no base64" },
    { ...picture, id: "large", jpegBase64: `/9j/${"AAAA".repeat(200_000)}` },
    { ...picture, id: "of none", batchId: "gone" },
  ];
  const report = reportOf(JSON.stringify({ ...file, pictures: [picture, ...bad] }));
  expect(report.ok && report.file.pictures).toEqual([picture]);
  expect(report.ok && report.report.leftOut).toHaveLength(bad.length);
  const said = report.ok ? report.report.leftOut.map((l) => l.message).join(" ") : "";
  expect(said).toMatch(/no JPEG picture.*too large.*No batch "gone"/s);
  expect(readKettlosFile(JSON.stringify({ ...file, pictures: bad })).ok).toBe(false);
});

test("a pot as a row: what was measured by its unit, what was not is empty", () => {
  const row = logRow(pot, null, timeOf);
  expect(Object.keys(row)).toEqual([...LOG_COLUMNS]);
  expect(row.got_l).toBeCloseTo(pot.cook.result?.strainedL ?? NaN, 2);
  expect(row.water_l).toBe(5);
  expect(row.on_heat_min).toBeGreaterThan(300);
  expect(row.planned_l).toBe("");
  const unmeasured = logRow(cooked({ isMeasured: false }), null, timeOf);
  expect(unmeasured.got_l).toBe("");
  const gone = { ...pot, batch: { ...pot.batch, kitchen: { ...pot.batch.kitchen, vessels: [] } } };
  expect(logRow(gone, null, timeOf).pot).toBe("");
});
