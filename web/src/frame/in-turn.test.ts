import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { defineComponent, h, nextTick, ref } from "vue";
import { until } from "../../test/until";
import { useInTurn } from "./in-turn";

const screen = (steps: number, isThere?: () => boolean) => {
  const drawn: number[] = [];
  const wrapper = mount(
    defineComponent({
      setup: () => {
        const turn = useInTurn(steps, isThere);
        return () => {
          drawn.push(turn.value);
          return h("p", turn.value);
        };
      },
    }),
  );
  return { drawn, wrapper };
};

test("part after part, each drawn by itself, up to the last", async () => {
  const { drawn } = screen(3);
  expect(drawn).toEqual([0]);
  await until(async () => expect(drawn.at(-1)).toBe(3));
  expect(drawn).toEqual([0, 1, 2, 3]);
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(drawn.at(-1)).toBe(3);
});

test("it waits for what is shown, and is not told back by what goes", async () => {
  const isThere = ref(false);
  const { drawn } = screen(2, () => isThere.value);
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(drawn).toEqual([0]);
  isThere.value = true;
  await nextTick();
  isThere.value = false;
  await until(async () => expect(drawn.at(-1)).toBe(2));
});

test("a screen that is left counts no further", async () => {
  const { drawn, wrapper } = screen(50);
  await until(async () => expect(drawn.at(-1)).toBeGreaterThan(0));
  wrapper.unmount();
  const last = drawn.at(-1);
  await new Promise((resolve) => setTimeout(resolve, 20));
  expect(drawn.at(-1)).toBe(last);
  expect(last).toBeLessThan(50);
});
