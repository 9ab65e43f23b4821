/** Lets the page draw and be touched before the work goes on. */
export const pause = (): Promise<void> =>
  "scheduler" in globalThis && "yield" in scheduler
    ? scheduler.yield()
    : new Promise((resolve) => setTimeout(resolve, 0));
