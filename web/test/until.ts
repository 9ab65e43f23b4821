import { vi } from "vitest";

/** Waits for what a busy machine may take long over; gives what `check` gives once it holds. */
export function until<T>(check: () => T | Promise<T>): Promise<T> {
  return vi.waitFor(check, { timeout: 90_000 });
}
