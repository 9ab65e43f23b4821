import { afterEach, expect, test, vi } from "vitest";
import { showBadge } from "./app-badge";

afterEach(() => {
  Reflect.deleteProperty(navigator, "setAppBadge");
  Reflect.deleteProperty(navigator, "clearAppBadge");
});

test("the icon has the number of what calls, and none where nothing does", () => {
  // A browser that knows no such icon.
  expect(() => showBadge(2)).not.toThrow();
  const set = vi.fn(() => Promise.resolve());
  const clear = vi.fn(() => Promise.reject(new Error("not installed")));
  Object.assign(navigator, { setAppBadge: set, clearAppBadge: clear });
  showBadge(3);
  expect(set).toHaveBeenCalledWith(3);
  showBadge(0);
  expect(clear).toHaveBeenCalledTimes(1);
  expect(set).toHaveBeenCalledTimes(1);
});
