import { flushPromises, mount } from "@vue/test-utils";
import { afterEach, describe, expect, test, vi } from "vitest";
import { createApp, h } from "vue";
import { mishap, watchErrors } from "./errors";

const still = () => h("p", "still here");

afterEach(() => {
  mishap.value = null;
  vi.restoreAllMocks();
});

describe("what nobody expected", () => {
  test("an error in a component is shown with its words and where it came from", () => {
    vi.spyOn(console, "error").mockImplementation(() => undefined);
    const app = createApp(() => {
      throw new Error("the pot has no floor");
    });
    watchErrors(app);
    app.mount(document.createElement("div"));
    expect(mishap.value?.message).toBe("the pot has no floor");
    expect(mishap.value?.details).toContain("errors.test.ts");
    app.unmount();
  });

  test("a promise that nobody waited for is shown, whatever it was refused with", async () => {
    watchErrors(createApp(still));
    const refused = (reason: unknown) =>
      window.dispatchEvent(Object.assign(new Event("unhandledrejection"), { reason }));
    refused(new Error("the disk is full"));
    expect(mishap.value?.message).toBe("the disk is full");
    refused("no room");
    expect(mishap.value).toMatchObject({ message: "no room" });
    await flushPromises();
  });

  test("what the browser reports without an error in it stays quiet", () => {
    watchErrors(createApp(still));
    window.dispatchEvent(Object.assign(new Event("error"), { error: null }));
    expect(mishap.value).toBeNull();
    expect(mount(still).text()).toBe("still here");
  });
});
