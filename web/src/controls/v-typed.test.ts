import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { defineComponent, h, nextTick, ref, withDirectives } from "vue";
import { useRefused } from "./use-refused";
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

test("what was refused stays in its field until there is another value; Esc takes it back and says so", async () => {
  const wrapper = mount(
    defineComponent({
      setup() {
        const { refuse, clear, standsIn, refused } = useRefused<"one" | "other">();
        const kept = { one: ref("12"), other: ref("7") };
        const set = (field: "one" | "other", text: string) => {
          clear();
          if (text === "dear") return refuse(field, text, `${text} is no price`);
          kept[field].value = text;
        };
        const input = (field: "one" | "other") =>
          withDirectives(
            h("input", {
              onChange: (event: Event) => set(field, (event.target as HTMLInputElement).value),
            }),
            [[vTyped, standsIn(field, kept[field].value)]],
          );
        return () => h("div", [input("one"), input("other"), h("p", refused.value?.why ?? "")]);
      },
    }),
  );
  const [one, other] = wrapper.findAll("input");
  const seen = () => [one?.element.value, other?.element.value, wrapper.get("p").text()];
  await one?.setValue("dear");
  expect(seen()).toEqual(["dear", "7", "dear is no price"]);
  await one?.trigger("keydown", { key: "Escape" });
  await nextTick();
  expect(seen()).toEqual(["12", "7", ""]);
  await one?.setValue("dear");
  // Somewhere else something is written and kept: nothing stands there that is not kept and not said.
  await other?.setValue("8");
  expect(seen()).toEqual(["12", "8", ""]);
});
