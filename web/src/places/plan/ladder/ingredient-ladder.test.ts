import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { UnitSystem } from "@kettlos/core/units/show";
import { mount, RouterLinkStub } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { expect, test } from "vitest";
import { answersOf, planned } from "../../../../test/planned";
import { planOf } from "../../../../test/pot";
import IngredientLadder from "./IngredientLadder.vue";

const lamb = planOf("plan-lamb");
const answers = answersOf(lamb);
const on = (plan: Plan, units: UnitSystem) => ({
  global: {
    plugins: [ElementPlus],
    stubs: { RouterLink: RouterLinkStub },
    provide: planned(plan, { answers, units, plans: [] }),
  },
});

test("the ladder groups by time and takes a typed line", async () => {
  const wrapper = mount(IngredientLadder, on(lamb, "both"));
  expect(wrapper.findAll(".when strong").map((w) => w.text())).toEqual([
    "At start",
    "Last hour",
    "Strained",
  ]);
  const input = wrapper.find("input");
  await input.setValue("3 carrots");
  await input.trigger("keydown", { key: "Enter" });
  expect(wrapper.emitted("add")?.[0]?.[0]).toMatchObject({
    ingredientId: "carrot",
    massKg: 0.27,
    when: { at: "beforeEnd", min: 60 },
  });
  await input.setValue("3 dragons");
  await input.trigger("keydown", { key: "Enter" });
  expect(wrapper.find("[role=alert]").text()).toMatch(/does not know "dragons"/);
  expect(input.element.value).toBe("3 dragons");
  // What the catalogue does not know is kept as the kitchen's own, like something it does.
  const choose = (label: string) =>
    wrapper
      .findAll(".ask button")
      .find((b) => b.text() === label)
      ?.trigger("click");
  await choose('keep "dragons" as my own');
  await choose("poultry");
  await choose("500 g");
  expect(wrapper.emitted("add")?.[1]?.[0]).toMatchObject({
    ingredientId: "chickenThigh",
    called: "dragons",
    isOwn: true,
    massKg: 0.5,
  });
});

test("ounces of stock are asked about before they go in", async () => {
  const wrapper = mount(IngredientLadder, on({ ...lamb, items: [] }, "us"));
  await wrapper.find("input").setValue("8 oz stock");
  await wrapper.find("input").trigger("keydown", { key: "Enter" });
  expect(wrapper.emitted("add")).toBeUndefined();
  expect(wrapper.text()).toContain("Fluid ounces or ounces of weight?");
  await wrapper.findAll(".ask button")[0]?.trigger("click");
  expect(wrapper.emitted("add")?.[0]?.[0]).toMatchObject({ ingredientId: "boughtStock" });
});
