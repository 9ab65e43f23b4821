import type { Instrument, Samples } from "@kettlos/core/instruments/messages";
import type { Stream } from "./stream";

/** A real instrument that sends its values here; whoever listens gets them passed on. */
export class Bridge {
  private readonly streams = new Set<Stream>();
  lastMs: number;

  constructor(
    public instrument: Instrument,
    nowMs: number,
  ) {
    this.lastMs = nowMs;
  }

  take(samples: Samples, nowMs: number): void {
    this.lastMs = nowMs;
    for (const stream of this.streams) stream.samples(samples);
  }

  /** It speaks no more: its place is free, and who listened is told. */
  end(): void {
    for (const stream of this.streams) stream.end();
    this.streams.clear();
  }

  listen(stream: Stream): void {
    stream.hello([this.instrument]);
    this.streams.add(stream);
    stream.onClosed(() => this.streams.delete(stream));
  }
}
