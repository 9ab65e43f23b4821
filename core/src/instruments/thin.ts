import type { Samples } from "./messages";
import { CHANNELS, type Channel } from "./channels";

/** A value worth keeping: the middle one of a window, at the window's end. */
export interface Kept {
  readonly channel: Channel;
  readonly atMs: number;
  readonly value: number;
}

/** Fewer than this in a window say nothing. */
const LEAST_SAMPLES = 3;

/**
 * Turns a stream of samples into readings worth keeping: the median of each channel over a window of
 * everyMs. A day at 1 Hz becomes 1,440 readings a channel with the usual minute.
 */
export class Thinner {
  private fromMs: number | null = null;
  private readonly held = new Map<Channel, number[]>();

  constructor(private readonly everyMs: number) {}

  /** Takes samples in; hands out what is worth keeping once a window is full. */
  take(samples: Samples): readonly Kept[] {
    this.fromMs ??= samples.atMs;
    const isFull = samples.atMs - this.fromMs >= this.everyMs;
    for (const channel of CHANNELS) {
      const value = samples.values[channel];
      if (value === undefined) continue;
      const list = this.held.get(channel);
      if (list === undefined) this.held.set(channel, [value]);
      else list.push(value);
    }
    return isFull ? this.empty(samples.atMs) : [];
  }

  private empty(atMs: number): readonly Kept[] {
    const kept: Kept[] = [];
    for (const [channel, values] of this.held) {
      if (values.length < LEAST_SAMPLES) continue;
      values.sort((a, b) => a - b);
      kept.push({ channel, atMs, value: values[values.length >> 1] ?? 0 });
    }
    this.held.clear();
    this.fromMs = atMs;
    return kept;
  }
}
