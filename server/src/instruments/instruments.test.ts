import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { BatchSchema } from "@kettlos/core/batch/batch-schema";
import { readKettlosFile } from "@kettlos/core/formats/kettlos-json";
import { StreamMessageSchema, type StreamMessage } from "@kettlos/core/instruments/messages";
import { readFileSync } from "node:fs";
import type { AddressInfo } from "node:net";
import type { Server } from "node:http";
import request from "supertest";
import { afterEach, beforeEach, describe, expect, test } from "vitest";
import { createApp } from "../app";

const reading = readKettlosFile(
  readFileSync(new URL("../../../examples/lamb-neck-broth.json", import.meta.url), "utf8"),
);
if (!reading.ok) throw new Error("the example does not read");
const { kitchen, plans } = reading.file;

/** A practice pot lit an hour ago by its own clock, which runs 600 times as fast. */
const fastPot = (speed = 600) => {
  const now = Date.now();
  const batch = BatchSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: "pot",
    createdMs: now,
    plan: plans[0],
    kitchen,
    practice: { seed: 4, speed, realMs: now, potMs: now },
  });
  const event = (id: string, kind: string, minAgo: number) => ({
    id,
    batchId: "pot",
    schemaVersion: SCHEMA_VERSION,
    atMs: now - minAgo * 60_000,
    kind,
  });
  return { batch, events: [event("a", "lit", 60), event("b", "boils", 20)], seed: 4 };
};

let server: Server;
let base = "";
beforeEach(async () => {
  server = createApp("/nowhere").listen(0, "127.0.0.1");
  await new Promise((resolve) => server.once("listening", resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterEach(() => {
  server.closeAllConnections();
  server.close();
});

/** Messages of a stream until `enough` says so, or time is up. */
async function listen(
  path: string,
  enough: (messages: readonly StreamMessage[]) => boolean,
  limitMs = 4000,
): Promise<readonly StreamMessage[]> {
  const stop = new AbortController();
  const timer = setTimeout(() => stop.abort(), limitMs);
  const response = await fetch(`${base}${path}`, { signal: stop.signal });
  expect(response.headers.get("content-type")).toContain("text/event-stream");
  expect(response.headers.get("content-encoding")).toBeNull();
  const messages: StreamMessage[] = [];
  const decoder = new TextDecoder();
  let text = "";
  try {
    for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
      text += decoder.decode(chunk, { stream: true });
      const parts = text.split("\n\n");
      text = parts.pop() ?? "";
      for (const part of parts) {
        const data = /^data: (.*)$/m.exec(part)?.[1];
        if (data !== undefined) messages.push(StreamMessageSchema.parse(JSON.parse(data)));
      }
      if (enough(messages)) break;
    }
  } catch (error) {
    if (!stop.signal.aborted) throw error;
  }
  clearTimeout(timer);
  stop.abort();
  return messages;
}
const samplesOf = (messages: readonly StreamMessage[]) =>
  messages.flatMap((m) => (m.kind === "samples" ? [m.samples] : []));

describe("simulated instruments", () => {
  test("say who they are, then what the true pot is, at the speed of its clock", async () => {
    await request(server).put("/api/pots/pot").send(fastPot()).expect(204);
    const messages = await listen("/api/pots/pot/stream", (m) => m.length >= 5);
    expect(messages[0]).toMatchObject({ kind: "hello", version: 1 });
    const samples = samplesOf(messages);
    const passedMs = (samples.at(-1)?.atMs ?? 0) - (samples[0]?.atMs ?? 0);
    // Three quarters of a second and more are hours in the pot.
    expect(passedMs).toBeGreaterThan(300 * 600);
    const hot = samples.flatMap((s) => s.values.liquidC ?? []);
    expect(Math.max(...hot)).toBeGreaterThan(85);
    expect(samples.some((s) => (s.values.potKg ?? 0) > 4)).toBe(true);
  });

  test("go by the cook's clock, however this machine's own is set", async () => {
    const pot = fastPot();
    const hourMs = 3_600_000;
    const practice = {
      ...pot.batch.practice!,
      speed: 1,
      realMs: pot.batch.practice!.realMs - hourMs,
    };
    const earlier = { ...pot, batch: { ...pot.batch, practice }, nowMs: Date.now() - hourMs };
    await request(server).put("/api/pots/earlier").send(earlier).expect(204);
    const [first] = samplesOf(
      await listen("/api/pots/earlier/stream", (m) => samplesOf(m).length > 0),
    );
    expect(Math.abs((first?.atMs ?? 0) - practice.potMs)).toBeLessThan(60_000);
  });

  test("fall silent when told to, and speak again", async () => {
    const pot = fastPot();
    await request(server).put("/api/pots/pot").send(pot).expect(204);
    await request(server).post("/api/pots/pot/silence").send({ seconds: 1 }).expect(204);
    const messages = await listen("/api/pots/pot/stream", (m) => samplesOf(m).length > 0);
    // By the pot's own clock: a second of silence is ten minutes there.
    const firstMs = samplesOf(messages)[0]?.atMs ?? 0;
    expect(firstMs - pot.batch.practice!.potMs).toBeGreaterThan(600_000);
  });

  test("follow what the cook does: off the heat it cools", async () => {
    const pot = fastPot();
    await request(server).put("/api/pots/pot").send(pot).expect(204);
    const hot = samplesOf(await listen("/api/pots/pot/stream", (m) => samplesOf(m).length > 1));
    const off = { ...pot.events[0], id: "c", kind: "offHeat", atMs: pot.batch.createdMs - 1 };
    await request(server)
      .put("/api/pots/pot")
      .send({ ...pot, events: [...pot.events, off] })
      .expect(204);
    const cold = samplesOf(await listen("/api/pots/pot/stream", (m) => samplesOf(m).length > 6));
    const last = (list: typeof hot) => list.flatMap((s) => s.values.liquidC ?? []).at(-1) ?? NaN;
    expect(last(cold)).toBeLessThan(last(hot) - 2);
  });

  test("a pot that is no pot, an event that is none, and a pot nobody knows are refused with a path", async () => {
    const bad = await request(server)
      .put("/api/pots/pot")
      .send({ ...fastPot(), seed: "x" });
    expect(bad.status).toBe(400);
    expect((bad.body as { problems: { path: string }[] }).problems[0]?.path).toBe("seed");
    await request(server).get("/api/pots/none/stream").expect(404);
    await request(server).post("/api/pots/none/silence").send({ seconds: 1 }).expect(404);
    await request(server).put("/api/pots/pot").send(fastPot()).expect(204);
    await request(server).post("/api/pots/pot/silence").send({ seconds: -1 }).expect(400);
    await request(server).delete("/api/pots/pot").expect(204);
    await request(server).get("/api/pots/pot/stream").expect(404);
  });

  test("there is room for a kitchen's pots: the oldest that nobody listens to gives way", async () => {
    const pot = fastPot(1);
    const stop = new AbortController();
    await request(server).put("/api/pots/p0").send(pot).expect(204);
    const heard = await fetch(`${base}/api/pots/p0/stream`, { signal: stop.signal });
    expect(heard.status).toBe(200);
    for (let i = 1; i <= 24; i++)
      await request(server).put(`/api/pots/p${i}`).send(pot).expect(204);
    await request(server).post("/api/pots/p0/silence").send({ seconds: 0 }).expect(204);
    await request(server).post("/api/pots/p1/silence").send({ seconds: 0 }).expect(404);
    await request(server).post("/api/pots/p24/silence").send({ seconds: 0 }).expect(204);
    stop.abort();
  });
});

describe("a real instrument's bridge", () => {
  const probe = { name: "Oven-door probe", channels: ["liquidC"] };
  test("says what it is, is listed, and what it sends is passed on", async () => {
    await request(server).put("/api/instruments/probe-1").send(probe).expect(204);
    const list = await request(server).get("/api/instruments").expect(200);
    expect((list.body as { instruments: object[] }).instruments).toMatchObject([
      { id: "probe-1", ...probe, isSimulated: false },
    ]);
    const heard = listen("/api/instruments/probe-1/stream", (m) => samplesOf(m).length > 0);
    await new Promise((resolve) => setTimeout(resolve, 200));
    const samples = { atMs: Date.now(), values: { liquidC: 91.4 } };
    await request(server).post("/api/instruments/probe-1/samples").send(samples).expect(204);
    expect(samplesOf(await heard)).toEqual([samples]);
  });

  test("values that cannot be, and a bridge that has not said what it is, are refused", async () => {
    await request(server)
      .post("/api/instruments/probe-1/samples")
      .send({ atMs: 1, values: {} })
      .expect(404);
    await request(server).put("/api/instruments/probe-1").send(probe).expect(204);
    const hot = await request(server)
      .post("/api/instruments/probe-1/samples")
      .send({ atMs: 1, values: { liquidC: 900 } });
    expect(hot.status).toBe(400);
    expect((hot.body as { problems: { path: string }[] }).problems[0]?.path).toBe("values.liquidC");
    await request(server)
      .put("/api/instruments/probe-2")
      .send({ ...probe, channels: ["colour"] })
      .expect(400);
    await request(server)
      .put(`/api/instruments/${"x".repeat(80)}`)
      .send(probe)
      .expect(400);
  });
});

describe("what cannot be simulated, and what is given back", () => {
  test("a pot without its vessel is refused or falls silent; the server goes on", async () => {
    const pot = fastPot();
    const broken = [
      { ...pot, batch: { ...pot.batch, plan: { ...pot.batch.plan, vesselId: "gone" } } },
      { ...pot, batch: { ...pot.batch, plan: { ...pot.batch.plan, ringId: "gone" } } },
    ];
    for (const [i, body] of broken.entries()) {
      const put = await request(server).put(`/api/pots/broken${i}`).send(body);
      expect([204, 422]).toContain(put.status);
      if (put.status === 204) {
        const answer = await fetch(`${base}/api/pots/broken${i}/stream`);
        const text = await answer.text();
        expect(text).toContain("hello");
        expect(text).not.toContain("samples");
      }
    }
    await request(server).get("/api/instruments").expect(200);
  });

  test("a bridge gives its place back, and a value of another day is none", async () => {
    const probe = { name: "Probe", channels: ["liquidC"] };
    await request(server).put("/api/instruments/p").send(probe).expect(204);
    const post = (atMs: number) =>
      request(server)
        .post("/api/instruments/p/samples")
        .send({ atMs, values: { liquidC: 80 } });
    await post(Date.now()).expect(204);
    await post(Date.now() - 3 * 86_400_000).expect(400);
    await request(server).delete("/api/instruments/p").expect(204);
    await post(Date.now()).expect(404);
  });
});
