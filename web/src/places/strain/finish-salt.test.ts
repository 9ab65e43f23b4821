import { mount } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { expect, test } from "vitest";
import FinishSalt from "./FinishSalt.vue";
import StirIn from "./StirIn.vue";

/** Two litres of broth with 4 g of salt in it: 2 g/L. */
const bowl = {
  ...{ massKg: 2, solidsKg: 0, saltG: 4, gelatinG: 0, alcoholG: 0, fatG: 0, flourG: 0 },
  ...{ allergens: [], madeOf: [], unread: [] },
};
const finish = (units: "metric" | "us", wantedPer = 7) =>
  mount(FinishSalt, {
    props: { bowl, units, isServed: false, wantedPer, here: undefined },
    global: { plugins: [ElementPlus] },
  });
const saltG = (wrapper: ReturnType<typeof finish>) =>
  wrapper.findComponent(StirIn).props("grams").expected;

test("the salt that is wanted is typed in the measure of the kitchen, and is the same salt", async () => {
  const metric = finish("metric");
  const us = finish("us");
  expect(metric.text()).toContain("Salt wanted, g/L");
  expect(us.text()).toContain("Salt wanted, %");
  expect((us.get("input").element as HTMLInputElement).value).toBe("0.7");
  expect(saltG(us)).toBeCloseTo(saltG(metric), 9);
  await metric.get("input").setValue("10");
  await us.get("input").setValue("1");
  expect(saltG(us)).toBeGreaterThan(15);
  expect(saltG(us)).toBeCloseTo(saltG(metric), 9);
  expect(us.text()).toMatch(/for (1|0\.99|1\.0\d) %\. Half of it first/);
});

test("too salty already is said in the same measure; emptied it asks", async () => {
  const us = finish("us", 1);
  expect(us.text()).toContain("It holds 0.2 % already");
  await us.get("input").setValue("");
  expect(us.text()).toContain("Say how salty it shall be.");
});

test("what is wanted stands as a cook writes it, and what is typed is left as it is", async () => {
  const us = finish("us", 8.1);
  const field = us.get("input").element as HTMLInputElement;
  expect(field.value).toBe("0.81");
  await us.get("input").setValue("0.57");
  expect(field.value).toBe("0.57");
  await us.setProps({ units: "metric" });
  expect(field.value).toBe("5.7");
});
