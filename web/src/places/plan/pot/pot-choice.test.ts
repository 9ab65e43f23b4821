import { mount } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { expect, test } from "vitest";
import { planned } from "../../../../test/planned";
import { planOf } from "../../../../test/pot";
import PotChoice from "./PotChoice.vue";

test("pots say whether this plan fits before anything is in", async () => {
  const wrapper = mount(PotChoice, {
    global: { plugins: [ElementPlus], provide: planned(planOf("plan-lamb")) },
  });
  const rows = wrapper.findAll("li").map((li) => li.text());
  expect(rows.find((r) => r.startsWith("Tall pot"))).toContain("fits");
  expect(rows.find((r) => r.startsWith("Sauté pan"))).toMatch(/runs over|over the rim/);
  expect(rows.some((r) => r.startsWith("Slow cooker"))).toBe(false);
  await wrapper.findAll("li button")[1]?.trigger("click");
  expect(wrapper.emitted("change")?.[0]).toEqual([{ vesselId: "braiser" }]);
});
