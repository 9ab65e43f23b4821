import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import MonthRuler from "./MonthRuler.vue";

const at = (day: string) => Date.parse(`${day}T12:00:00`);
const ruler = (days: readonly string[], modelValue: string | null = null) =>
  mount(MonthRuler, { props: { begunMs: days.map(at), modelValue } });

test("each month is one tap, that of nothing is none, a second tap lets go", async () => {
  const wrapper = ruler(["2025-12-02", "2026-02-01", "2026-02-20"]);
  const buttons = wrapper.findAll("button");
  expect(buttons.map((b) => b.attributes("aria-label"))).toEqual([
    "February 2026: 2 pots",
    "January 2026: 0 pots",
    "December 2025: 1 pot",
  ]);
  expect(buttons[1]?.attributes("disabled")).toBeDefined();
  expect(wrapper.findAll(".year").map((y) => y.text())).toEqual(["2026", "2025"]);
  await buttons[0]?.trigger("click");
  expect(wrapper.emitted("update:modelValue")?.at(-1)).toEqual(["2026-02"]);
  await wrapper.setProps({ modelValue: "2026-02" });
  expect(buttons[0]?.attributes("aria-pressed")).toBe("true");
  await buttons[0]?.trigger("click");
  expect(wrapper.emitted("update:modelValue")?.at(-1)).toEqual([null]);
});

test("a log of one month has no ruler", () => {
  expect(ruler(["2026-02-01", "2026-02-20"]).find(".ruler").exists()).toBe(false);
});
