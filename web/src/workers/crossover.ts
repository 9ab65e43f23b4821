import { wrap, type Remote } from "comlink";
import type { CrossoverWorker } from "./crossover.worker";

let remote: Remote<CrossoverWorker> | null = null;

/** The conversion off the main thread; started when first asked. */
export function crossoverWorker(): Remote<CrossoverWorker> {
  remote ??= wrap<CrossoverWorker>(
    new Worker(new URL("./crossover.worker.ts", import.meta.url), { type: "module" }),
  );
  return remote;
}
