import type { FileProblem } from "@kettlos/core/formats/file-problem";
import { Problem } from "@kettlos/core/units/problem";
import { onScopeDispose, ref, shallowRef } from "vue";
import type { ReadFile } from "./file-in";
import type { ImportWay } from "./take-in";

/** Something long that goes on, with how much of it is done, and how it is stopped. */
export interface Underway {
  readonly what: string;
  /** 0 to 1. */
  readonly share: number;
  stop(): void;
}

/** One long thing at a time: what it is, how far it is; stopped, it comes to null. */
export function useUnderway() {
  const underway = shallowRef<Underway | null>(null);
  async function run<T>(
    what: string,
    work: (way: { onShare: (share: number) => void; signal: AbortSignal }) => Promise<T>,
  ): Promise<T | null> {
    const stopping = new AbortController();
    const tell = (share: number) =>
      (underway.value = { what, share, stop: () => stopping.abort() });
    tell(0);
    try {
      return await work({ onShare: tell, signal: stopping.signal });
    } catch (error) {
      if (stopping.signal.aborted) return null;
      throw error;
    } finally {
      underway.value = null;
    }
  }
  return { underway, run };
}

/** A file on its way in: read and checked, then taken in after a yes or let go of. Its reader comes when it is wanted. */
export function useFileReading(refuses?: (file: ReadFile) => FileProblem | null) {
  const waiting = shallowRef<ReadFile | null>(null);
  const problems = ref<readonly FileProblem[]>([]);
  const { underway, run } = useUnderway();
  let [isTaking, isGone] = [false, false];

  let turn = Promise.resolve();
  /** Read as far as it is whole; nothing happens before a yes. One that comes while another is read takes its place. */
  function read(blob: Blob): Promise<void> {
    // What was said yes to is not disturbed.
    if (!isTaking) underway.value?.stop();
    turn = turn.catch(() => undefined).then(() => readNext(blob));
    return turn;
  }
  async function readNext(blob: Blob): Promise<void> {
    await taking;
    await drop();
    problems.value = [];
    const { readFile } = await import("./file-in");
    const reading = await run("Reading the file", (way) => readFile(blob, way));
    if (reading === null) return;
    if (!reading.ok) return void (problems.value = reading.problems);
    const refusal = refuses?.(reading.file) ?? null;
    if (refusal === null && !isGone) return void (waiting.value = reading.file);
    await reading.file.drop();
    if (refusal !== null) problems.value = [refusal];
  }

  let taking: Promise<unknown> = Promise.resolve();
  /** @returns whether it is in */
  function take(how: ImportWay): Promise<boolean> {
    const taken = takeWaiting(how);
    taking = taken.catch(() => undefined);
    return taken;
  }
  async function takeWaiting(how: ImportWay): Promise<boolean> {
    const { value: file } = waiting;
    if (file === null) return false;
    isTaking = true;
    try {
      const { takeIn } = await import("./take-in");
      const isIn = await run("Taking it in", async (way) => {
        await takeIn(file.source, how, way);
        return true;
      });
      // Stopped, all is as it was, and the file still waits.
      if (isIn === null) return false;
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      problems.value = [{ path: error.field, message: error.message }];
      return false;
    } finally {
      isTaking = false;
      if (isGone) await drop();
    }
    await drop();
    return true;
  }

  async function drop(): Promise<void> {
    const { value: file } = waiting;
    waiting.value = null;
    await file?.drop();
  }

  // Whoever leaves while it is read wants none of it; what was said yes to goes on to its end.
  onScopeDispose(() => {
    isGone = true;
    if (isTaking) return;
    underway.value?.stop();
    void drop();
  });
  return { waiting, problems, underway, read, take, drop };
}
