import { mount } from "@vue/test-utils";
import { ElInput } from "element-plus";
import { describe, expect, test } from "vitest";
import { nextTick } from "vue";
import { potOf } from "../../../test/pot";
import CounterItem from "./CounterItem.vue";

const pot = potOf("on-fire");
const item = pot.batch.plan.items[0]!;
const shown = () =>
  mount(CounterItem, {
    props: { item, pot, units: "metric" as const },
    global: { components: { ElInput } },
  });
type Shown = ReturnType<typeof shown>;
const press = (wrapper: Shown, words: string) =>
  wrapper
    .findAll("button")
    .find((b) => b.text() === words)!
    .trigger("click");
async function keep(wrapper: Shown, amount: string) {
  // The input gets the id its label names once it is mounted.
  await nextTick();
  const label = wrapper.findAll("label").find((l) => /Keep part of it/.test(l.text()))!;
  const field = wrapper.find(`[id="${label.attributes("for") ?? ""}"]`);
  await field.setValue(amount);
  await field.trigger("blur");
}
const written = (wrapper: Shown) => wrapper.emitted("write")?.at(-1)?.[0];

describe("something on the counter, other than as planned", () => {
  test("part of it is kept for later, by the weight that is said", async () => {
    const wrapper = shown();
    await press(wrapper, "Split it");
    expect(wrapper.emitted("write")).toBeUndefined();
    expect(wrapper.find("[role=alert]").text()).toContain("how much is kept apart");
    // Typed and left, nothing is kept: its button says so.
    await keep(wrapper, "300 g");
    expect(wrapper.emitted("write")).toBeUndefined();
    await press(wrapper, "Split it");
    expect(written(wrapper)).toMatchObject({ kind: "split", itemId: item.id, massKg: 0.3 });
    expect(wrapper.find("[role=alert]").exists()).toBe(false);
  });

  test("all of it is not a part", async () => {
    const wrapper = shown();
    await keep(wrapper, `${item.massKg} kg`);
    expect(wrapper.emitted("write")).toBeUndefined();
    expect(wrapper.text()).toContain("out of range");
  });

  test("it can be left out", async () => {
    const wrapper = shown();
    await press(wrapper, "Leave it out");
    expect(written(wrapper)).toEqual({ kind: "leftOut", itemId: item.id });
  });
});
