import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { defineComponent, h, nextTick, ref, type ComputedRef } from "vue";
import { useRows } from "./use-rows";

test("some of a long list stand on the screen, on paper all of it does, and then as before", async () => {
  const by = ref("name");
  let rows: ComputedRef<number> | null = null;
  const wrapper = mount(
    defineComponent(() => {
      rows = useRows(ref(null), { atOnce: 20, all: () => 500, anew: [by] });
      return () => h("p", rows?.value);
    }),
  );
  expect(wrapper.text()).toBe("20");
  window.dispatchEvent(new Event("beforeprint"));
  await nextTick();
  expect(wrapper.text()).toBe("Infinity");
  window.dispatchEvent(new Event("afterprint"));
  await nextTick();
  expect(wrapper.text()).toBe("20");
});
