import { enableAutoUnmount, mount } from "@vue/test-utils";
import { ElDialog } from "element-plus";
import { afterEach, expect, test } from "vitest";
import { h, type VNode } from "vue";
import OpenDialog from "./OpenDialog.vue";
import { until } from "../../test/until";

const body = () => document.body;
enableAutoUnmount(afterEach);
afterEach(() => (body().innerHTML = ""));

/** Opens a dialog with this inside; what has the focus then. */
async function focused(...inside: VNode[]): Promise<Element | null> {
  const wrapper = mount(OpenDialog, {
    props: { title: "Read it", width: "300px", modelValue: true },
    slots: { default: () => inside },
    global: { components: { ElDialog } },
    attachTo: body(),
  });
  await until(() => expect(body().querySelector(".el-dialog button")).not.toBeNull());
  wrapper.findComponent(ElDialog).vm.$emit("opened");
  return document.activeElement;
}
const radio = (isChecked: boolean) => h("input", { type: "radio", checked: isChecked });
const field = () => h("input", { id: "field" });
const primary = () => h("button", { class: "primary", id: "primary" }, "Keep");

test("it opens in its first field to type in, past the choices before it", async () => {
  expect((await focused(radio(true), h("button", "other"), field(), primary()))?.id).toBe("field");
});

test("with no field it opens on what goes on", async () => {
  expect((await focused(h("button", "other"), primary()))?.id).toBe("primary");
});

test("with nothing ready to go on it opens on the first button", async () => {
  const off = h("button", { class: "primary", disabled: true }, "Keep");
  expect((await focused(h("button", { id: "first" }, "In"), off))?.id).toBe("first");
});

test("who types already as it comes to stand goes on there", async () => {
  const wrapper = mount(OpenDialog, {
    props: { title: "Read it", width: "300px", modelValue: true },
    slots: { default: () => [field(), h("textarea", { id: "note" })] },
    global: { components: { ElDialog } },
    attachTo: body(),
  });
  const note = await until(() => {
    const found = body().querySelector<HTMLElement>("#note");
    expect(found).not.toBeNull();
    return found;
  });
  note?.focus();
  wrapper.findComponent(ElDialog).vm.$emit("opened");
  expect(document.activeElement?.id).toBe("note");
});
