import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { cooked } from "../../test/logged-pot";
import { testKitchen, testPlan } from "../../test/kitchen";
import { FileCheck } from "./file-check";
import type { FileEntry } from "./file-lists";
import { FilePieces } from "./file-pieces";
import { reportOf } from "./file-report";
import { writeKettlosFile } from "./kettlos-json";
import { potsFile } from "./pots-file";

const pot = cooked({ more: [], batch: { id: "b" } });
const file = {
  ...potsFile(
    [{ batch: pot.batch, events: pot.cook.events, pictures: [] }],
    testKitchen(),
    "2026-03-18T08:00:00Z",
  ),
  plans: [testPlan({ name: "Brühe mit 2 × Suppengrün" })],
};

/** A file read in pieces cut at these shares of it. */
function readIn(text: string, cuts: readonly number[]) {
  const bytes = new TextEncoder().encode(text);
  const check = new FileCheck();
  const pieces = new FilePieces(check);
  const entries: FileEntry[] = [];
  const at = [0, ...cuts.map((c) => Math.round(c * bytes.length)).sort((a, b) => a - b)];
  for (const [i, from] of at.entries()) {
    const got = pieces.next(bytes.subarray(from, at[i + 1] ?? bytes.length));
    if ("message" in got) return { problem: got, entries, checked: null };
    entries.push(...got);
  }
  const problem = pieces.end();
  return { problem, entries, checked: problem === null ? check.done() : null };
}
const cuts = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 12 });

describe("a file read in pieces", () => {
  test("comes to the same as read whole, wherever it is cut", () => {
    const damaged = {
      ...file,
      plans: [{ ...file.plans[0], pieceM: 9 }, { id: "none" }],
      events: [...file.events, file.events.at(-1), { ...file.events[0], id: "x", batchId: "gone" }],
      larder: "none",
      clock: { meals: 3 },
    };
    for (const data of [file, damaged]) {
      const text = JSON.stringify(data);
      const whole = reportOf(text);
      if (!whole.ok) throw new Error("refused");
      fc.assert(
        fc.property(cuts, (shares) => {
          const { checked, entries } = readIn(text, shares);
          expect(checked).toEqual({ ok: true, report: whole.report });
          const events = entries.flatMap((e) => (e.list === "events" ? e.value : []));
          expect(events.filter((e) => e.batchId === "b")).toEqual(whole.file.events);
        }),
        { numRuns: 25 },
      );
    }
    expect(reportOf(JSON.stringify(damaged))).toMatchObject({
      report: { leftOutCount: 5, counts: { events: file.events.length, larder: 0 } },
    });
  });

  test("pots may come after what was done to them", () => {
    const { batches, events, ...rest } = file;
    const { checked } = readIn(JSON.stringify({ events, ...rest, batches }), [0.5]);
    expect(checked).toMatchObject({ ok: true, report: { leftOutCount: 0 } });
  });

  test("cut off, no JSON, or of a newer version it is refused, and it is said why", () => {
    const text = writeKettlosFile(file);
    expect(readIn(text.slice(0, -20), [0.3]).problem?.message).toContain("not JSON");
    expect(readIn("[1, nope", []).problem?.message).toContain("not JSON");
    expect(readIn("", []).checked).toMatchObject({ ok: false });
    const newer = readIn('{"format":"kettlos","schemaVersion":99,"kitchen":{}}', [0.9]);
    expect(newer.problem?.message).toContain("Update Kettlos");
    expect(newer.entries).toEqual([]);
    expect(readIn('{"some":"thing"}', []).checked).toMatchObject({ ok: false });
    expect(readIn(`\uFEFF${text}`, [0.2]).checked).toMatchObject({ ok: true });
  });

  test("of thousands of faults the first are told, and how many there are", () => {
    const plans = Array.from({ length: 3000 }, () => ({ id: "none" }));
    const { checked } = readIn(JSON.stringify({ ...file, plans }), []);
    if (checked?.ok !== true) throw new Error("refused");
    expect(checked.report.leftOutCount).toBe(3000);
    expect(checked.report.leftOut).toHaveLength(200);
  });
});
