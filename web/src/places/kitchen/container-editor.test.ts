import type { StoreContainer } from "@kettlos/core/vessel/store-container";
import { mount } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { beforeEach, expect, test } from "vitest";
import { sample } from "../../../test/pot";
import { until } from "../../../test/until";
import { importAll } from "../../data/take-in";
import { useKitchenStore } from "../../data/kitchen-store";
import ContainerEditor from "./ContainerEditor.vue";

const jar: StoreContainer = {
  ...{ id: "jar", name: "Half-litre jar", kind: "jar", capacityL: 0.5, heightM: 0.1 },
  ...{ cups: 1, have: null },
};
beforeEach(async () => {
  await importAll(sample, "replace");
});

test("how full it is frozen is said in words, in the measures of the kitchen", async () => {
  const store = useKitchenStore();
  const editorIn = async (units: "metric" | "us") => {
    await store.change({ units });
    await until(() => expect(store.units).toBe(units));
    const global = { plugins: [ElementPlus] };
    return mount(ContainerEditor, { props: { container: jar, units }, global }).text();
  };
  expect(await editorIn("metric")).toContain("filled with 440 mL, 1.3 cm under the rim.");
  expect(await editorIn("us")).toMatch(/filled with [^,]* cups?, ½ in under the rim\./);
});

test("a container without a name keeps the one it had, and what was written stays with its reason", async () => {
  const global = { plugins: [ElementPlus] };
  const wrapper = mount(ContainerEditor, { props: { container: jar, units: "metric" }, global });
  const name = wrapper.get("input");
  await name.setValue("  ");
  expect(wrapper.get("[role=alert]").text()).toBe("A container has a name.");
  expect([name.element.value, wrapper.emitted("change")]).toEqual(["  ", undefined]);
  await name.setValue("Large jar");
  expect(wrapper.find("[role=alert]").exists()).toBe(false);
  expect(wrapper.emitted("change")?.[0]?.[0]).toMatchObject({ name: "Large jar" });
});
