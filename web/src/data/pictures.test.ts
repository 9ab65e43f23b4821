import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import type { Picture } from "@kettlos/core/batch/picture-schema";
import { MOST_PICTURES } from "@kettlos/core/units/limits";
import { readKettlosFile, writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { beforeEach, expect, test, vi } from "vitest";
import { NOW, sample } from "../../test/pot";
import { exportAll, textOf } from "../../test/whole-export";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { binBatch, binPicture, binned, bringBack } from "./bin";
import { db } from "./db";
import { everything, writeFile } from "./file-out";
import { savePots } from "./log-out";
import { addPicture, fitted, keepPicture, picturesOf, takenMs } from "./pictures";
import * as files from "./save-file";

const picture = (id: string, over: Partial<Picture> = {}): Picture => ({
  schemaVersion: SCHEMA_VERSION,
  id,
  batchId: "past-01",
  atMs: NOW,
  widthPx: 640,
  heightPx: 480,
  jpegBase64: `/9j/${id}AA`.padEnd(16, "A"),
  ...over,
});
const idsOf = async (batchId = "past-01") => (await picturesOf(batchId)).map((p) => p.id);

beforeEach(async () => {
  vi.restoreAllMocks();
  await forgetEverything();
  await importAll(sample, "replace");
});

test("a picture gets smaller until it fits, and never larger", () => {
  expect(fitted(4000, 3000)).toEqual({ widthPx: 1280, heightPx: 960 });
  expect(fitted(1000, 4000)).toEqual({ widthPx: 320, heightPx: 1280 });
  expect(fitted(640, 480)).toEqual({ widthPx: 640, heightPx: 480 });
  expect(fitted(100_000, 3)).toEqual({ widthPx: 1280, heightPx: 1 });
});

test("taken while the pot was there: then; else when it is put there", () => {
  expect(takenMs(150, 100, 200)).toBe(150);
  expect(takenMs(50, 100, 200)).toBe(200);
  expect(takenMs(250, 100, 200)).toBe(200);
});

test("what the browser cannot read is no picture, and nothing is kept", async () => {
  vi.stubGlobal("createImageBitmap", () => Promise.reject(new Error("no image")));
  const file = new File(["words"], "notes.txt");
  await expect(addPicture(file, { batchId: "past-01", begunMs: 0 }, NOW)).rejects.toThrow(
    /^notes\.txt cannot be read as a picture/,
  );
  vi.unstubAllGlobals();
  expect(await idsOf()).toEqual([]);
});

test("a pot's pictures go out in its file and in everything's, and come back the same", async () => {
  await keepPicture(picture("late", { atMs: NOW + 5 }));
  await keepPicture(picture("early"));
  await keepPicture(picture("other", { batchId: "past-02" }));
  expect(await idsOf()).toEqual(["early", "late"]);
  const all = await exportAll();
  if (all === null) throw new Error("nothing to export");
  const read = readKettlosFile(writeKettlosFile(all));
  if (!read.ok) throw new Error("cannot be read back");
  const saved = vi.spyOn(files, "saveBlob").mockImplementation(() => undefined);
  await savePots(["past-01"], sample.kitchen, NOW);
  const [[name = "", blob = new Blob()] = []] = saved.mock.calls;
  expect(name).toMatch(/^kettlos-.*-\d{4}-\d\d-\d\d\.json$/u);
  const one = readKettlosFile(await textOf(blob, "json"));
  expect(one.ok && one.file.pictures.map((p) => p.id)).toEqual(["early", "late"]);
  await forgetEverything();
  expect(await db.pictures.count()).toBe(0);
  await importAll(read.file, "replace");
  expect((await exportAll())?.pictures).toEqual(all.pictures);
  if (one.ok) await importAll(one.file, "merge");
  expect(await db.pictures.count()).toBe(3);
});

test("in a file they lie pot after pot as they were taken, whatever their ids are", async () => {
  await keepPicture(picture("a", { atMs: NOW + 9 }));
  await keepPicture(picture("b", { batchId: "past-02" }));
  await keepPicture(picture("c", { atMs: NOW + 3 }));
  await keepPicture(picture("d", { batchId: "past-02", atMs: NOW - 3 }));
  expect((await exportAll())?.pictures.map((p) => p.id)).toEqual(["c", "a", "d", "b"]);
  const saved = vi.spyOn(files, "saveBlob").mockImplementation(() => undefined);
  await savePots(["past-02", "past-01"], sample.kitchen, NOW);
  const read = readKettlosFile(await textOf(saved.mock.calls[0]?.[1] ?? new Blob(), "json"));
  expect(read.ok && read.file.pictures.map((p) => p.id)).toEqual(["c", "a", "d", "b"]);
});

test("of a pot that is removed while a file is written nothing is in it", async () => {
  await keepPicture(picture("of none"));
  const all = await everything();
  if (all === null) throw new Error("nothing to write");
  await db.batches.delete("past-01");
  const { blob, ending } = await writeFile(all);
  const file = readKettlosFile(await textOf(blob, ending));
  expect(file).toMatchObject({ ok: true, file: { pictures: [] } });
});

test("a pot that is removed takes its pictures along, and brings them back", async () => {
  await keepPicture(picture("a"));
  await binBatch("past-01");
  expect(await idsOf()).toEqual([]);
  const [pot] = await binned();
  if (pot === undefined) throw new Error("nothing in the bin");
  await bringBack(pot);
  expect(await idsOf()).toEqual(["a"]);
});

test("a picture taken away lies in the bin; before its pot is back it does not come, and is not lost", async () => {
  const [a, b] = [picture("a"), picture("b")];
  await keepPicture(a);
  await keepPicture(b);
  const binnedA = await binPicture(a, "Broth");
  expect(await idsOf()).toEqual(["b"]);
  expect(await binned()).toEqual([binnedA]);
  expect(binnedA.name).toBe("Picture of Broth");
  await bringBack(binnedA);
  expect(await idsOf()).toEqual(["a", "b"]);
  await binPicture(a, "Broth");
  await binBatch("past-01");
  const later = (await binned()).find((one) => one.what.kind === "picture");
  if (later === undefined) throw new Error("nothing in the bin");
  // It waits in the bin for its pot.
  await expect(bringBack(later)).rejects.toThrow(/bring that back first/);
  const pot = (await binned()).find((one) => one.what.kind === "batch");
  if (pot === undefined) throw new Error("the pot is not in the bin");
  await bringBack(pot);
  await bringBack(later);
  expect(await idsOf()).toEqual(["a", "b"]);
});

test("a pot keeps so many; one more is refused with what to do", async () => {
  for (let n = 0; n < MOST_PICTURES; n++) await keepPicture(picture(`p${n}`));
  await expect(keepPicture(picture("more"))).rejects.toThrow(/take one away first/);
  expect(await db.pictures.count()).toBe(MOST_PICTURES);
});
