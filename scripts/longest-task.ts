import type { Browser, Page } from "@playwright/test";

export interface LongestTask {
  /** As the clock on the wall has it: with what the machine did for others meanwhile. */
  readonly wallMs: number;
  /** As long as a processor worked at it. */
  readonly workedMs: number;
}

interface Traced {
  readonly name: string;
  readonly pid: number;
  readonly tid: number;
  readonly dur?: number;
  readonly tdur?: number;
  readonly args?: { readonly name?: string };
}

/** The longest tasks of the pages' main threads while something is done. @throws Error where none was measured */
export async function longestTaskWhile(
  browser: Browser,
  page: Page,
  act: () => Promise<void>,
): Promise<LongestTask> {
  await browser.startTracing(page, { categories: ["toplevel"] });
  await act();
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString()) as {
    traceEvents: readonly Traced[];
  };
  const thread = ({ pid, tid }: Traced) => `${pid}/${tid}`;
  const mains = new Set(
    traceEvents
      .filter((e) => e.name === "thread_name" && e.args?.name === "CrRendererMain")
      .map(thread),
  );
  const tasks = traceEvents.filter((e) => e.name.endsWith("RunTask") && mains.has(thread(e)));
  if (!tasks.some((t) => t.tdur !== undefined))
    throw new Error("no task of a page was traced with the processor's time");
  return {
    wallMs: Math.max(...tasks.map((t) => (t.dur ?? 0) / 1000)),
    workedMs: Math.max(...tasks.map((t) => (t.tdur ?? 0) / 1000)),
  };
}
