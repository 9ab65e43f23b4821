import { expect, test, vi } from "vitest";
import { canInstall, install, watchInstall } from "./install";

test("the browser's offer waits until it is asked for, is good for once, and gone once it is installed", async () => {
  watchInstall();
  expect(canInstall()).toBe(false);
  const prompt = vi.fn(() => Promise.resolve());
  const offered = () =>
    Object.assign(new Event("beforeinstallprompt", { cancelable: true }), { prompt });
  const event = offered();
  window.dispatchEvent(event);
  expect(event.defaultPrevented).toBe(true);
  expect(canInstall()).toBe(true);
  expect(prompt).not.toHaveBeenCalled();
  await install();
  expect(prompt).toHaveBeenCalledTimes(1);
  expect(canInstall()).toBe(false);
  await install();
  expect(prompt).toHaveBeenCalledTimes(1);
  window.dispatchEvent(offered());
  window.dispatchEvent(new Event("appinstalled"));
  expect(canInstall()).toBe(false);
});
