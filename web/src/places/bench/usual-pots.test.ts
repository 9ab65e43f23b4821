import { capacityL } from "@kettlos/core/vessel/volume";
import { mount } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { expect, test } from "vitest";
import { h } from "vue";
import FieldForm from "../../controls/FieldForm.vue";
import UsualPots from "./UsualPots.vue";
import { asVessels, type HadPot } from "./usual-pots";

const pot = (id: string, form: HadPot["form"], markedL: number): HadPot => ({ id, form, markedL });

test("pots of one form are told apart by size; a single plain one is its cook's own", () => {
  const vessels = asVessels([
    pot("a", "stockpot", 12),
    pot("b", "slowCooker", 6.5),
    pot("c", "stockpot", 8),
  ]);
  expect(vessels.map((v) => [v.name, Number(capacityL(v).toFixed(3))])).toEqual([
    ["Small stockpot", 8],
    ["Big stockpot", 12],
    ["Slow cooker", 6.5],
  ]);
  expect(asVessels([pot("a", "pot", 12)])[0]?.name).toBe("My pot");
  expect(asVessels([pot("a", "pot", 12), pot("b", "pan", 3)])[0]?.name).toBe("Pot");
});

test("a tap on a size puts that pot there, another takes it away; what is there is marked", async () => {
  const wrapper = mount(UsualPots, {
    global: { plugins: [ElementPlus] },
    props: { pots: [pot("a", "stockpot", 12)], measures: "metric" as const },
  });
  const sizes = () =>
    wrapper.findAll("[aria-labelledby=form-stockpot] button").map((b) => ({
      text: b.text(),
      on: b.attributes("aria-pressed") === "true",
      tap: () => b.trigger("click"),
    }));
  expect(sizes().map((s) => s.text)).toEqual(["8 L", "10 L", "12 L", "16 L", "20 L"]);
  expect(sizes().filter((s) => s.on)).toMatchObject([{ text: "12 L" }]);
  await sizes()[0]?.tap();
  await sizes()[2]?.tap();
  expect(wrapper.emitted("add")?.[0]?.[0]).toMatchObject({ form: "stockpot", markedL: 8 });
  expect(wrapper.emitted("remove")).toEqual([["a"]]);
  await wrapper.setProps({ measures: "us" });
  expect(sizes().map((s) => s.text)).toEqual(["8 qt", "12 qt", "16 qt", "20 qt"]);
  // 12 L is not 12 qt.
  expect(sizes().some((s) => s.on)).toBe(false);
});

test("a size that was typed and not put with the others is not left behind", async () => {
  const form = mount(FieldForm, {
    global: { plugins: [ElementPlus] },
    slots: { default: () => h(UsualPots, { pots: [], measures: "metric" }) },
  });
  await form.find("button.link").trigger("click");
  const holds = form.find("input");
  await holds.setValue("7 L");
  await form.find("form").trigger("submit");
  expect(form.emitted("keep")).toBeUndefined();
  expect(form.text()).toContain("Put the other pot with the others first");
  await holds.setValue("");
  await form.find("form").trigger("submit");
  expect(form.emitted("keep")).toHaveLength(1);
});

test("a pot is put with the others by one click, and what is missing is said", async () => {
  const wrapper = mount(UsualPots, {
    global: { plugins: [ElementPlus] },
    props: { pots: [], measures: "us" as const },
  });
  await wrapper.find("button.link").trigger("click");
  const put = wrapper.find(".other button.button");
  expect(put.attributes("disabled")).toBeUndefined();
  await put.trigger("click");
  expect(wrapper.emitted("add")).toBeUndefined();
  expect(wrapper.find("[role=alert]").text()).toBe("First say what it holds.");
  await wrapper.find(".other input").setValue("10 qt");
  expect(wrapper.find("[role=alert]").exists()).toBe(false);
  await put.trigger("click");
  expect(wrapper.emitted("add")?.[0]?.[0]).toMatchObject({ form: "pot" });
});
