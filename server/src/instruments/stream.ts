import {
  STREAM_VERSION,
  type Instrument,
  type Samples,
  type StreamMessage,
} from "@kettlos/core/instruments/messages";
import type { Response } from "express";

/** One client's open stream of server-sent events. */
export class Stream {
  constructor(private readonly response: Response) {
    // "no-transform" keeps compression from holding messages back.
    response.writeHead(200, {
      "Content-Type": "text/event-stream",
      "Cache-Control": "no-store, no-transform",
      Connection: "keep-alive",
    });
    response.write("retry: 2000\n\n");
  }

  hello(instruments: Instrument[]): void {
    this.send({ kind: "hello", version: STREAM_VERSION, instruments });
  }

  samples(samples: Samples): void {
    this.send({ kind: "samples", samples });
  }

  end(): void {
    this.response.end();
  }

  onClosed(run: () => void): void {
    this.response.on("close", run);
  }

  private send(message: StreamMessage): void {
    this.response.write(`event: ${message.kind}\ndata: ${JSON.stringify(message)}\n\n`);
  }
}
