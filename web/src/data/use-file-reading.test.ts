import { writeKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { beforeEach, expect, test, vi } from "vitest";
import { effectScope, watch } from "vue";
import { NOW, sample } from "../../test/pot";
import { until } from "../../test/until";
import { db } from "./db";
import { forgetEverything } from "./safety-copies";
import { useFileReading, useUnderway } from "./use-file-reading";

const blob = new Blob([writeKettlosFile(sample)]);

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await forgetEverything();
});

function screen(refuses?: Parameters<typeof useFileReading>[0]) {
  const scope = effectScope();
  const reading = scope.run(() => useFileReading(refuses));
  if (reading === undefined) throw new Error("no screen");
  return { ...reading, leave: () => scope.stop() };
}

test("a file is read, waits, and is taken in after a yes; let go of, nothing of it is left", async () => {
  const { read, take, drop, waiting, problems } = screen();
  await read(blob);
  expect(waiting.value?.report.counts.batches).toBe(sample.batches.length);
  await drop();
  expect([waiting.value, await db.incoming.count(), await take("merge")]).toEqual([null, 0, false]);
  await read(blob);
  expect(await take("replace")).toBe(true);
  expect([await db.batches.count(), await db.incoming.count()]).toEqual([sample.batches.length, 0]);
  await read(new Blob(["{"]));
  expect(problems.value[0]?.message).toContain("not JSON");
});

test("one that comes while another is read takes its place", async () => {
  const { read, drop, waiting, problems } = screen();
  const two = [read(blob), read(new Blob([writeKettlosFile({ ...sample, plans: [] })]))];
  await Promise.all(two);
  expect([waiting.value?.report.counts.plans, problems.value]).toEqual([0, []]);
  await drop();
});

test("what this screen does not take is refused with its reason, and lies nowhere", async () => {
  const { read, waiting, problems } = screen(() => ({ path: "", message: "Not here." }));
  await read(blob);
  expect([waiting.value, problems.value]).toEqual([null, [{ path: "", message: "Not here." }]]);
  expect(await db.incoming.count()).toBe(0);
});

test("whoever leaves while it is read wants none of it; what was said yes to goes on", async () => {
  const first = screen();
  const isRead = first.read(blob);
  // At once: on a busy machine it would be read by the time that anybody looks.
  await new Promise((resolve) =>
    watch(first.underway, resolve, {
      flush: "sync",
      once: true,
      immediate: first.underway.value !== null,
    }),
  );
  first.leave();
  await isRead;
  await until(async () => expect(await db.incoming.count()).toBe(0));
  expect(first.waiting.value).toBeNull();
  const second = screen();
  await second.read(blob);
  const isIn = second.take("replace");
  second.leave();
  expect(await isIn).toBe(true);
  expect(await db.batches.count()).toBe(sample.batches.length);
  expect(await db.incoming.count()).toBe(0);
});

test("stopped, it comes to nothing and says no more; any other trouble is not hidden", async () => {
  const { underway, run } = useUnderway();
  const stopped = run("Writing", async ({ signal, onShare }) => {
    onShare(0.5);
    await new Promise((resolve) => signal.addEventListener("abort", resolve));
    signal.throwIfAborted();
  });
  expect(underway.value).toMatchObject({ what: "Writing", share: 0.5 });
  underway.value?.stop();
  expect([await stopped, underway.value]).toEqual([null, null]);
  await expect(run("Writing", () => Promise.reject(new Error("full")))).rejects.toThrow("full");
  expect(underway.value).toBeNull();
});
