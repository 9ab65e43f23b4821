import { wrap, type Remote } from "comlink";
import type { Reckoner } from "./reckoner.worker";

let remote: Remote<Reckoner> | null = null;

/** What takes longer than a frame, off the main thread; started when first asked. */
export function reckoner(): Remote<Reckoner> {
  remote ??= wrap<Reckoner>(
    new Worker(new URL("./reckoner.worker.ts", import.meta.url), { type: "module" }),
  );
  return remote;
}
