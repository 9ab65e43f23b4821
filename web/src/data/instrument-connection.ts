import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { Samples } from "@kettlos/core/instruments/messages";
import { Thinner, type Kept } from "@kettlos/core/instruments/thin";
import type { PotState } from "./pot-state";
import type { NewEvent } from "./repository";

/** Where a pot's readings come from: the simulated instruments, or a bridge by its id. */
export type Source = "simulated" | (string & {});

/** A reading is kept this often on the pot's clock, and not more often than this on the real one. */
const KEEP_EVERY_MS = 60_000;
const KEEP_EVERY_REAL_MS = 2_000;
const TRY_AGAIN_MS = 3_000;

interface Listener {
  /** The pot as it is now. */
  pot(): PotState | null;
  samples(samples: Samples): void;
  /** Only the tab that holds the pen keeps readings. */
  keep(events: readonly NewEvent[]): void;
}

/** Hotter than any pot, °C: a probe in the flame, or broken; shown, and not kept as a reading of the pot. */
const HOTTEST_C = 150;
const isKeepable = ({ channel, value }: Kept): boolean =>
  (channel !== "liquidC" && channel !== "pieceC") || value <= HOTTEST_C;

/** What a kept value is as an event. */
function eventOf({ channel, atMs, value }: Kept): NewEvent {
  const source = "instrument" as const;
  switch (channel) {
    case "liquidC":
      return { kind: "temperature", where: "liquid", tempC: value, source, atMs };
    case "pieceC":
      return { kind: "temperature", where: "piece", tempC: value, source, atMs };
    case "potKg":
      return { kind: "read", reading: { form: "potWeight", value }, source, atMs };
    case "depthM":
      return { kind: "read", reading: { form: "liquidDepth", value }, source, atMs };
  }
}

/** What the cook did, which a simulated pot follows; its own readings are no news to it. */
const byHand = (events: readonly CookEvent[]): readonly CookEvent[] =>
  events.filter((e) => !("source" in e && e.source === "instrument"));

/** Listens to one pot's instruments until it is closed; comes back by itself after a loss. */
export class InstrumentConnection {
  private stream: EventSource | null = null;
  private again: ReturnType<typeof setTimeout> | null = null;
  private isClosed = false;
  private hasPen = false;
  private dropPen: (() => void) | null = null;
  private told = "";
  private thinner: Thinner;

  constructor(
    readonly batchId: string,
    readonly source: Source,
    private readonly listener: Listener,
  ) {
    this.thinner = new Thinner(KEEP_EVERY_MS);
    this.askForPen();
    void this.open();
  }

  /** Tells a simulated pot what the cook has done since, and at which speed its clock runs. */
  async follow(): Promise<void> {
    const pot = this.listener.pot();
    if (this.source !== "simulated" || pot === null || this.isClosed) return;
    const events = byHand(pot.events);
    const { practice } = pot.batch;
    const news = `${events.length}|${events.at(-1)?.id ?? ""}|${practice?.realMs ?? 0}`;
    if (news === this.told) return;
    const speed = practice?.speed ?? 1;
    this.thinner = new Thinner(Math.max(KEEP_EVERY_MS, speed * KEEP_EVERY_REAL_MS));
    const response = await fetch(`/api/pots/${pot.batch.id}`, {
      method: "PUT",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({ batch: pot.stored, events, seed: seedOf(pot), nowMs: Date.now() }),
    });
    if (!response.ok) throw new Error(`The instruments answered ${response.status}.`);
    this.told = news;
  }

  close(): void {
    this.isClosed = true;
    this.stream?.close();
    if (this.again !== null) clearTimeout(this.again);
    this.dropPen?.();
  }

  private async open(): Promise<void> {
    if (this.isClosed) return;
    try {
      this.told = "";
      await this.follow();
      const { StreamMessageSchema } = await import("@kettlos/core/instruments/messages");
      if (this.isClosed) return;
      const path =
        this.source === "simulated" ? `pots/${this.batchId}` : `instruments/${this.source}`;
      const stream = new EventSource(`/api/${path}/stream`);
      this.stream = stream;
      stream.addEventListener("samples", (event: MessageEvent<string>) => {
        const message = StreamMessageSchema.safeParse(JSON.parse(event.data));
        if (message.data?.kind === "samples") this.take(message.data.samples);
      });
      stream.addEventListener("error", () => {
        // Once the server does not know the pot any more the browser gives up: begin anew.
        if (stream.readyState === EventSource.CLOSED) this.tryAgain();
      });
    } catch {
      this.tryAgain();
    }
  }

  private tryAgain(): void {
    this.stream?.close();
    if (!this.isClosed) this.again = setTimeout(() => void this.open(), TRY_AGAIN_MS);
  }

  private take(heard: Samples): void {
    const samples = this.onOurClock(heard);
    this.listener.samples(samples);
    const kept = this.thinner.take(samples).filter(isKeepable).map(eventOf);
    if (kept.length > 0 && this.hasPen) this.listener.keep(kept);
  }

  /** A bridge whose clock runs ahead of this one does not read the future. */
  private onOurClock(samples: Samples): Samples {
    return this.source === "simulated" || samples.atMs <= Date.now()
      ? samples
      : { ...samples, atMs: Date.now() };
  }

  private askForPen(): void {
    if (!("locks" in navigator)) {
      this.hasPen = true;
      return;
    }
    void navigator.locks.request(`kettlos-readings-${this.batchId}`, () => {
      if (this.isClosed) return undefined;
      this.hasPen = true;
      return new Promise<void>((resolve) => (this.dropPen = resolve));
    });
  }
}

/** A pot in earnest draws its simulated twin from its id, so that a reload finds the same one. */
function seedOf({ batch }: PotState): number {
  if (batch.practice !== undefined) return batch.practice.seed;
  let hash = 7;
  for (const letter of batch.id) hash = (Math.imul(hash, 31) + letter.charCodeAt(0)) >>> 0;
  return hash % 2 ** 31;
}
