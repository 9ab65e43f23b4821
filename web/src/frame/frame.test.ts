import { mount } from "@vue/test-utils";
import { afterEach, describe, expect, test, vi } from "vitest";
import { defineComponent, h, nextTick } from "vue";
import { createMemoryHistory, createRouter } from "vue-router";
import ErrorSurface from "./ErrorSurface.vue";
import NoticeStrip from "./NoticeStrip.vue";
import { say, unsay } from "./notices";
import { mishap } from "./errors";
import { allShortcuts, areKeysOn, keyName, useShortcuts, type Shortcut } from "./shortcuts";

const screen = (list: () => readonly Shortcut[]) =>
  mount(
    defineComponent({
      setup() {
        useShortcuts(list);
        return () => h("div", [h("input"), h("button", "act"), h("p", "text")]);
      },
    }),
    { attachTo: document.body },
  );
const press = (key: string, target: EventTarget = document.body, init: KeyboardEventInit = {}) =>
  target.dispatchEvent(
    new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true, ...init }),
  );

afterEach(() => (document.body.innerHTML = ""));

describe("single keys", () => {
  test("act wherever the cook is, whatever the case", () => {
    const run = vi.fn();
    const wrapper = screen(() => [{ keys: "l", does: "Read the level", run }]);
    press("l");
    press("L", wrapper.find("p").element);
    expect(run).toHaveBeenCalledTimes(2);
    wrapper.unmount();
  });

  test("never while typing, with a modifier, or behind a dialog", () => {
    const run = vi.fn();
    const wrapper = screen(() => [{ keys: "l", does: "", run }]);
    press("l", wrapper.find("input").element);
    press("l", document.body, { ctrlKey: true });
    press("l", document.body, { metaKey: true });
    const overlay = document.createElement("div");
    overlay.className = "el-overlay";
    document.body.append(overlay);
    press("l");
    overlay.style.display = "none";
    expect(run).not.toHaveBeenCalled();
    wrapper.unmount();
  });

  test("can be switched off, for who is helped to type, and on again", () => {
    const run = vi.fn();
    const wrapper = screen(() => [{ keys: "l", does: "", run }]);
    areKeysOn.value = false;
    press("l");
    expect(run).not.toHaveBeenCalled();
    areKeysOn.value = true;
    press("l");
    expect(run).toHaveBeenCalledTimes(1);
    wrapper.unmount();
  });

  test("Space on a button is the button's own", () => {
    const run = vi.fn();
    const wrapper = screen(() => [{ keys: " ", does: "", run }]);
    press(" ", wrapper.find("button").element);
    expect(run).not.toHaveBeenCalled();
    press(" ", wrapper.find("p").element);
    expect(run).toHaveBeenCalledTimes(1);
    wrapper.unmount();
  });

  test("the sheet lists what is in force, and forgets a screen that is gone", () => {
    const wrapper = screen(() => [{ keys: "u", does: "Undo", run: () => undefined }]);
    expect(allShortcuts().map((s) => s.does)).toContain("Undo");
    wrapper.unmount();
    expect(allShortcuts().map((s) => s.does)).not.toContain("Undo");
    expect([keyName(" "), keyName("l"), keyName("?")]).toEqual(["Space", "L", "?"]);
  });
});

describe("the error surface", () => {
  test("is silent until something goes wrong, says what, and can be waved away", async () => {
    const wrapper = mount(ErrorSurface);
    expect(wrapper.find("[role=alert]").exists()).toBe(false);
    mishap.value = { message: "The disk is full", details: "stack" };
    await nextTick();
    expect(wrapper.find("[role=alert]").text()).toContain("The disk is full");
    expect(wrapper.text()).toContain("shown as done is on the disk");
    await wrapper.findAll("button").at(-1)?.trigger("click");
    expect(mishap.value).toBeNull();
    expect(wrapper.find("[role=alert]").exists()).toBe(false);
  });
});

describe("what is said across every screen", () => {
  test("dangers stand over the work and all else under it; a way ends it", async () => {
    const run = vi.fn();
    say({ id: "removed", tone: "note", title: "It is removed.", ways: [{ label: "Good", run }] });
    say({ id: "dry", tone: "danger", title: "It may run dry.", ways: [] });
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [{ path: "/", component: { template: "<p />" } }],
    });
    const strip = (isDanger: boolean) =>
      mount(NoticeStrip, { props: { isDanger }, global: { plugins: [router] } });
    const [over, under] = [strip(true), strip(false)];
    expect(over.text()).toBe("It may run dry.");
    expect(over.get("section").attributes("role")).toBe("alert");
    expect(under.text()).toContain("It is removed.");
    expect(under.text()).not.toContain("dry");
    await under.get("button").trigger("click");
    expect(run).toHaveBeenCalledOnce();
    expect(under.text()).toBe("");
    unsay("dry");
  });
});
