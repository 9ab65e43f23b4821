import { mount } from "@vue/test-utils";
import { defineComponent, h, nextTick, ref } from "vue";
import { expect, test } from "vitest";
import { mishap } from "./errors";
import PieceBoundary from "./PieceBoundary.vue";

test("an error in one piece leaves the rest, says what cannot be shown, and is tried again on new data", async () => {
  const value = ref<number | null>(null);
  const Fragile = defineComponent({
    setup: () => () => h("p", (value.value as unknown as number).toFixed(1)),
  });
  const Screen = defineComponent({
    setup: () => () =>
      h("main", [
        h("h1", "The rest"),
        h(PieceBoundary, { what: "The pot", of: value.value }, () => h(Fragile)),
      ]),
  });
  const wrapper = mount(Screen);
  await nextTick();
  expect(wrapper.text()).toContain("The rest");
  expect(wrapper.text()).toContain("The pot cannot be shown.");
  expect(mishap.value?.message).toMatch(/toFixed/);
  value.value = 3;
  await nextTick();
  await nextTick();
  expect(wrapper.text()).toContain("3.0");
  mishap.value = null;
});
