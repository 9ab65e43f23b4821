import { readKettlosFile, writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { Problem } from "@kettlos/core/units/problem";
import fc from "fast-check";
import { beforeEach, expect, test } from "vitest";
import { bramholtSample } from "../sample/bramholt";
import { exportAll } from "../../test/whole-export";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { removeBatch } from "./bin";
import { db } from "./db";
import { appendLarder, undoLarder } from "./larder-log";
import {
  appendEvent,
  appendEvents,
  beginBatch,
  changeKitchen,
  removePlan,
  savePlan,
  savePlanChange,
  undoLast,
} from "./repository";

const sample = bramholtSample(Date.parse("2026-03-18T20:14:00+01:00"));
/** Steps of one walk, and walks: more of them in `npm run proofs`. */
const STEPS = Number(process.env["WALK_STEPS"] ?? 200);
const WALKS = Number(process.env["WALKS"] ?? 2);

beforeEach(forgetEverything);

const pick = <T>(list: readonly T[], n: number): T | undefined =>
  list[n % Math.max(1, list.length)];
const someName = (n: number) =>
  ["Broth", " spaced ", "x".repeat(300), "ü".repeat(79), "😀 pot", "\u0000odd"][n % 6] ?? "Pot";

/** What a cook, or a slip of the hand, may do to the data; what is refused by a Problem changes nothing. */
const ACTIONS: readonly ((n: number) => Promise<unknown>)[] = [
  async (n) => {
    const plan = pick(sample.plans, n)!;
    return savePlan({ ...plan, id: `p${n % 40}`, name: someName(n), note: "n".repeat(n % 4000) });
  },
  async (n) => {
    const stored = pick(await db.plans.toArray(), n);
    if (stored !== undefined)
      await savePlanChange(stored.plan, { ...stored.plan, name: `${stored.plan.name} again` });
  },
  async (n) => {
    const stored = pick(await db.plans.toArray(), n);
    if (stored !== undefined) await removePlan(stored.id);
  },
  async (n) => {
    const kitchen = await db.kitchens.toCollection().first();
    const stored = pick(await db.plans.toArray(), n);
    if (kitchen !== undefined && stored !== undefined) await beginBatch(stored.plan, kitchen);
  },
  async (n) => {
    const batch = pick(await db.batches.toArray(), n);
    if (batch === undefined) return;
    await appendEvents(batch.id, [
      { kind: "temperature", where: "liquid", tempC: (n % 300) - 60, source: "instrument" },
      { kind: "noted", text: someName(n) },
    ]);
  },
  async (n) => {
    const batch = pick(await db.batches.toArray(), n);
    if (batch !== undefined)
      await appendEvent(batch.id, { kind: "toppedUp", volumeL: [1, NaN, -1, 1e-9, 99][n % 5]! });
  },
  async (n) => {
    const batch = pick(await db.batches.toArray(), n);
    if (batch !== undefined) await undoLast(batch.id);
  },
  async (n) => {
    const batch = pick(await db.batches.toArray(), n);
    if (batch !== undefined && n % 3 === 0) await removeBatch(batch.id);
  },
  async (n) => {
    const kitchen = await db.kitchens.toCollection().first();
    if (kitchen === undefined) return;
    // A pot is taken out though plans ask for it.
    await changeKitchen({ vessels: kitchen.vessels.slice(0, Math.max(1, n % 8)) });
  },
  (n) => changeKitchen({ name: someName(n), altitudeM: (n * 37) % 6000 }),
  async (n) => {
    const event = pick(
      sample.larder.filter((e) => e.kind === "stored"),
      n,
    );
    if (event?.kind === "stored")
      await appendLarder({
        ...event,
        lot: { ...event.lot, id: `lot${n}` },
        count: (n % 12_000) + 1,
      });
  },
  () => undoLarder(),
  (n) => db.settings.put({ key: `k${n % 5}`, value: someName(n).slice(0, 100) }),
  () => importAll(sample, "merge"),
  (n) =>
    importAll(
      {
        ...sample,
        kitchen: {
          ...sample.kitchen,
          rings: sample.kitchen.rings.map((r) => ({ ...r, powerW: 1000 + (n % 50) * 10 })),
        },
      },
      "merge",
    ),
];

test(`${WALKS} walks of ${STEPS} actions: whatever was written reads back the same`, async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.nat(ACTIONS.length - 1), fc.nat(100_000)), {
        minLength: STEPS,
        maxLength: STEPS,
      }),
      async (steps) => {
        await forgetEverything();
        await importAll(sample, "replace");
        for (const [action, n] of steps)
          try {
            await ACTIONS[action]!(n);
          } catch (error) {
            // Refused with a word, and nothing half done.
            if (!(error instanceof Problem)) throw error;
          }
        const out = (await exportAll())!;
        const reading = readKettlosFile(writeKettlosFile(out));
        if (!reading.ok) throw new Error(JSON.stringify(reading.problems.slice(0, 3)));
        expect(reading.file).toEqual(JSON.parse(JSON.stringify(out)));
        await forgetEverything();
        await importAll(reading.file, "replace");
        const again = (await exportAll())!;
        expect({ ...again, exportedAt: 0, settings: [] }).toEqual({
          ...reading.file,
          exportedAt: 0,
          settings: [],
        });
      },
    ),
    { numRuns: WALKS, seed: 1640 },
  );
}, 900_000);
