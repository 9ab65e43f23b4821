import { mount, RouterLinkStub } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { expect, test, vi } from "vitest";
import { shallowRef } from "vue";
import { createMemoryHistory, createRouter } from "vue-router";
import { NOW, sample } from "../../../test/pot";
import { until } from "../../../test/until";
import { importAll } from "../../data/take-in";
import MomentField from "../../controls/MomentField.vue";
import CookPlace from "./CookPlace.vue";
import NextAction from "./NextAction.vue";
import SinceDialog from "./SinceDialog.vue";

// As it is drawn first, before any of the rest has its turn.
vi.mock("../../frame/in-turn", () => ({ useInTurn: () => shallowRef(0) }));

test("what is tapped with the first drawing is asked about, not lost", async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await importAll(sample, "replace");
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: "/cook/:batchId?", name: "cook", component: CookPlace }],
  });
  await router.push("/cook/on-fire");
  const wrapper = mount(CookPlace, {
    global: { plugins: [ElementPlus, router], stubs: { RouterLink: RouterLinkStub } },
  });
  await until(() => expect(wrapper.text()).toContain("Leek and peppercorns in"));
  const since = () => wrapper.findComponent(SinceDialog);
  expect(since().props("modelValue")).toBe(false);
  wrapper.findComponent(NextAction).vm.$emit("since");
  await until(() => expect(since().props("modelValue")).toBe(true));
  await until(() => expect(since().findComponent(MomentField).props("modelValue")).not.toBeNull());
  wrapper.unmount();
});
