import { expect, test, vi } from "vitest";
import { loadedOnce } from "./forecasting";

test("is loaded once, for whoever asks, and not before", async () => {
  const load = vi.fn(() => Promise.resolve("it"));
  const use = loadedOnce(load);
  expect(load).not.toHaveBeenCalled();
  const [one, other] = [use(), use()];
  expect(one.value).toBeNull();
  await vi.waitFor(() => expect(one.value).toBe("it"));
  expect(other.value).toBe("it");
  expect(load).toHaveBeenCalledTimes(1);
});

test("what cannot be had is asked for again until it is there", async () => {
  vi.useFakeTimers();
  try {
    const load = vi
      .fn<() => Promise<string | undefined>>()
      .mockRejectedValueOnce(new Error("no way there"))
      .mockResolvedValueOnce(undefined)
      .mockResolvedValue("it");
    const it = loadedOnce(load)();
    await vi.advanceTimersByTimeAsync(2900);
    expect(load).toHaveBeenCalledTimes(1);
    await vi.advanceTimersByTimeAsync(200);
    expect(it.value).toBeNull();
    await vi.advanceTimersByTimeAsync(3000);
    expect(it.value).toBe("it");
    await vi.advanceTimersByTimeAsync(60_000);
    expect(load).toHaveBeenCalledTimes(3);
  } finally {
    vi.useRealTimers();
  }
});
