import { resolve } from "@kettlos/core/simulate/set-pot";
import { potNowMs } from "@kettlos/core/batch/pot-clock";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { fold, type Cook } from "@kettlos/core/batch/fold";
import { HiddenPot } from "@kettlos/core/instruments/hidden-pot";
import type { Instrument } from "@kettlos/core/instruments/messages";
import { CHANNELS } from "@kettlos/core/instruments/channels";
import { Sensors } from "@kettlos/core/instruments/sensors";
import { outcomeOf } from "@kettlos/core/units/problem";
import type { Trace } from "@kettlos/core/simulate/trace";
import type { Stream } from "./stream";

const SIMULATED: Instrument = {
  id: "simulated",
  name: "Simulated thermometer, scale and float",
  channels: [...CHANNELS],
  isSimulated: true,
};
/** Samples on the real clock: one a second, four when the pot's clock runs fast. */
const EVERY_MS = 1000;
const EVERY_FAST_MS = 250;
const FAST_FROM = 10;
/** A trace is used until the pot's clock is so far past the moment it was made for. */
const TRACE_GOOD_MS = 20 * 60_000;

/** A true pot with sensors on it, for as long as someone listens. */
export class SimulatedPot {
  private readonly streams = new Set<Stream>();
  private readonly sensors: Sensors;
  private hidden: HiddenPot;
  private cook: Cook;
  private made: { trace: Trace; atMs: number } | null = null;
  private lastMs: number | null = null;
  private silentUntilMs = 0;
  private timer: NodeJS.Timeout | null = null;

  constructor(
    private batch: Batch,
    events: readonly CookEvent[],
    seed: number,
    /** How far the cook's clock is ahead of this one. */
    private aheadMs = 0,
  ) {
    this.hidden = new HiddenPot(resolve(batch.plan, batch.kitchen), seed);
    this.sensors = new Sensors(seed);
    this.cook = fold(events);
  }

  /** Takes over what the cook has done, and the pace of its clock. */
  follow(batch: Batch, events: readonly CookEvent[], seed: number, aheadMs = 0): void {
    if (seed !== this.hidden.seed)
      this.hidden = new HiddenPot(resolve(batch.plan, batch.kitchen), seed);
    this.batch = batch;
    this.aheadMs = aheadMs;
    this.cook = fold(events);
    this.made = null;
    if (this.streams.size > 0) this.start();
  }

  /** No word from any instrument for so long on the real clock, as when a bridge loses its link. */
  silence(seconds: number): void {
    this.silentUntilMs = Date.now() + seconds * 1000;
  }

  get isHeard(): boolean {
    return this.streams.size > 0;
  }

  listen(stream: Stream): void {
    stream.hello([SIMULATED]);
    this.streams.add(stream);
    stream.onClosed(() => {
      this.streams.delete(stream);
      if (this.streams.size === 0) this.stop();
    });
    if (this.timer === null) this.start();
  }

  stop(): void {
    if (this.timer !== null) clearInterval(this.timer);
    this.timer = null;
  }

  private start(): void {
    this.stop();
    const speed = this.batch.practice?.speed ?? 1;
    this.timer = setInterval(
      () => this.tickOrRest(),
      speed >= FAST_FROM ? EVERY_FAST_MS : EVERY_MS,
    );
    this.timer.unref();
  }

  /** A pot that cannot be simulated falls silent, as an instrument does; it ends nothing else. */
  private tickOrRest(): void {
    const outcome = outcomeOf(() => this.tick());
    if (outcome.ok) return;
    this.stop();
    for (const stream of this.streams) stream.end();
    this.streams.clear();
  }

  private tick(): void {
    const atMs = Math.round(potNowMs(this.batch, Date.now() + this.aheadMs));
    // On hold no time passes, and a clock set slower may stand before what was sent last: the instruments
    // go on saying what they see.
    const dtS = this.lastMs === null ? 1 : Math.max(0, atMs - this.lastMs) / 1000;
    this.lastMs = atMs;
    if (this.made === null || atMs - this.made.atMs > TRACE_GOOD_MS)
      this.made = { trace: this.hidden.traceAt(this.cook, atMs), atMs };
    const truth = this.hidden.truthAt(this.made.trace, this.cook, atMs);
    const samples = this.sensors.read(atMs, truth, dtS);
    if (Date.now() < this.silentUntilMs) return;
    for (const stream of this.streams) stream.samples(samples);
  }
}
