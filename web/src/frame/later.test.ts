import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { computed, defineComponent, h, nextTick, ref } from "vue";
import { until } from "../../test/until";
import { useLater } from "./later";

test("what changes with it is drawn first; then it follows, with the last of what it was meanwhile", async () => {
  const count = ref(1);
  const drawn: string[] = [];
  const wrapper = mount(
    defineComponent({
      setup: () => {
        const later = useLater(computed(() => count.value));
        return () => {
          drawn.push(`${count.value} ${later.value}`);
          return h("p");
        };
      },
    }),
  );
  count.value = 2;
  await nextTick();
  count.value = 3;
  await nextTick();
  expect(drawn).toEqual(["1 1", "2 1", "3 1"]);
  await until(() => expect(drawn.at(-1)).toBe("3 3"));
  expect(drawn).toHaveLength(4);
  count.value = 4;
  await until(() => expect(drawn.at(-1)).toBe("4 4"));
  wrapper.unmount();
});
