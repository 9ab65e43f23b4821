import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { defineComponent, h, withDirectives } from "vue";
import { vTyped } from "./v-typed";

const Field = defineComponent({
  props: { value: { type: String, required: true }, tick: { type: Number, required: true } },
  setup: (props) => () =>
    h("div", [withDirectives(h("input"), [[vTyped, props.value]]), String(props.tick)]),
});

test("what is being typed is not written over by what ticks around it; Esc brings back what was there", async () => {
  const wrapper = mount(Field, { props: { value: "12", tick: 0 } });
  const input = wrapper.get("input");
  expect(input.element.value).toBe("12");
  input.element.value = "3.5";
  await input.trigger("input");
  await wrapper.setProps({ tick: 1 });
  await wrapper.setProps({ tick: 2, value: "12" });
  expect(input.element.value).toBe("3.5");
  await input.trigger("keydown", { key: "Escape" });
  expect(input.element.value).toBe("12");
  await input.setValue("4");
  await input.trigger("change");
  await wrapper.setProps({ value: "4.00" });
  expect(input.element.value).toBe("4.00");
});

test("what was refused stays in its field until there is another value; Esc still brings back what was there", async () => {
  const wrapper = mount(Field, { props: { value: "12", tick: 0 } });
  const input = wrapper.get("input");
  await input.setValue("dear");
  await input.trigger("change");
  await wrapper.setProps({ tick: 1 });
  expect(input.element.value).toBe("dear");
  await input.trigger("keydown", { key: "Escape" });
  expect(input.element.value).toBe("12");
  await input.setValue("dear");
  await input.trigger("change");
  await wrapper.setProps({ value: "13" });
  expect(input.element.value).toBe("13");
});
