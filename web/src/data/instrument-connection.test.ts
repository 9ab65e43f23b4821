import type { Samples } from "@kettlos/core/instruments/messages";
import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { NOW, potOf } from "../../test/pot";
import { InstrumentConnection } from "./instrument-connection";
import type { PotState } from "./pot-state";
import type { NewEvent } from "./repository";

/** A stream that the test speaks through. */
class FakeStream extends EventTarget {
  static readonly CLOSED = 2;
  static opened: FakeStream[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    FakeStream.opened.push(this);
  }
  close() {
    this.readyState = FakeStream.CLOSED;
  }
  say(samples: Samples) {
    const data = JSON.stringify({ kind: "samples", samples });
    this.dispatchEvent(new MessageEvent("samples", { data }));
  }
}

const put =
  vi.fn<(url: string, init: { body: string }) => Promise<{ ok: boolean; status: number }>>();
let pot: PotState;
let kept: NewEvent[];
let seen: Samples[];
const listener = {
  pot: () => pot,
  samples: (s: Samples) => void seen.push(s),
  keep: (events: readonly NewEvent[]) => void kept.push(...events),
};
const opened = async (source = "simulated") => {
  const connection = new InstrumentConnection(pot.batch.id, source, listener);
  await vi.advanceTimersByTimeAsync(1);
  await vi.dynamicImportSettled();
  return { connection, stream: FakeStream.opened.at(-1) };
};

beforeEach(() => {
  vi.useFakeTimers({ now: NOW });
  vi.stubGlobal("EventSource", FakeStream);
  vi.stubGlobal("fetch", put);
  vi.stubGlobal("navigator", {});
  put.mockReset().mockResolvedValue({ ok: true, status: 204 });
  FakeStream.opened = [];
  pot = potOf("on-fire");
  kept = [];
  seen = [];
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("listening to instruments", () => {
  test("a simulated pot is told what was done by hand, and only when there is news", async () => {
    const { connection, stream } = await opened();
    expect(stream?.url).toBe("/api/pots/on-fire/stream");
    const body = JSON.parse(put.mock.calls[0]?.[1].body ?? "") as {
      events: { kind: string }[];
      nowMs: number;
    };
    expect(body.events.map((e) => e.kind)).toContain("lit");
    expect(body.nowMs).toBe(NOW);
    await connection.follow();
    expect(put).toHaveBeenCalledTimes(1);
    const more = { ...pot.events[0]!, id: "more" };
    pot = { ...pot, events: [...pot.events, { ...more, source: "instrument" } as never] };
    await connection.follow();
    expect(put).toHaveBeenCalledTimes(1);
    pot = { ...pot, events: [...pot.events, more] };
    await connection.follow();
    expect(put).toHaveBeenCalledTimes(2);
  });

  test("every value is shown, one a minute of each kind is kept, as an instrument's", async () => {
    const { stream } = await opened();
    for (let s = 0; s < 180; s++)
      stream?.say({ atMs: NOW + s * 1000, values: { liquidC: 93 + s / 1000, depthM: 0.1 } });
    expect(seen).toHaveLength(180);
    const temperatures = kept.filter((e) => e.kind === "temperature");
    expect(temperatures.length).toBeGreaterThanOrEqual(2);
    expect(temperatures.length).toBeLessThanOrEqual(4);
    expect(kept.every((e) => "source" in e && e.source === "instrument")).toBe(true);
    expect(kept.some((e) => e.kind === "read" && e.reading.form === "liquidDepth")).toBe(true);
  });

  test("a probe in the flame is shown, but no reading of the pot", async () => {
    const { stream } = await opened();
    for (let s = 0; s < 180; s++)
      stream?.say({ atMs: NOW + s * 1000, values: { liquidC: 190, depthM: 0.1 } });
    expect(seen).toHaveLength(180);
    expect(kept.some((e) => e.kind === "temperature")).toBe(false);
    expect(kept.some((e) => e.kind === "read")).toBe(true);
  });

  test("what is not a message of ours is passed over", async () => {
    const { stream } = await opened();
    stream?.say({ atMs: -5, values: {} });
    stream?.say({ atMs: NOW, values: { liquidC: 4000 } });
    expect(seen).toEqual([]);
  });

  test("a lost stream is opened anew, and the pot told again; closed, it stays closed", async () => {
    const { connection, stream } = await opened();
    if (stream !== undefined) stream.readyState = FakeStream.CLOSED;
    stream?.dispatchEvent(new Event("error"));
    await vi.advanceTimersByTimeAsync(3100);
    expect(FakeStream.opened).toHaveLength(2);
    expect(put).toHaveBeenCalledTimes(2);
    connection.close();
    FakeStream.opened.at(-1)?.dispatchEvent(new Event("error"));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(FakeStream.opened).toHaveLength(2);
  });

  test("a stumble that the browser mends by itself opens nothing", async () => {
    const { stream } = await opened();
    stream?.dispatchEvent(new Event("error"));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(FakeStream.opened).toHaveLength(1);
  });

  test("a server that refuses is asked again; a bridge is not told of the pot", async () => {
    put.mockResolvedValueOnce({ ok: false, status: 503 });
    await opened();
    expect(FakeStream.opened).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(3100);
    expect(FakeStream.opened).toHaveLength(1);
    put.mockClear();
    const bridge = await opened("cellar-probe");
    expect(bridge.stream?.url).toBe("/api/instruments/cellar-probe/stream");
    expect(put).not.toHaveBeenCalled();
    // Its clock is an hour ahead: read now all the same.
    bridge.stream?.say({ atMs: Date.now() + 3_600_000, values: { liquidC: 90 } });
    expect(seen.at(-1)?.atMs).toBe(Date.now());
  });
});
