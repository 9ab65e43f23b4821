import UnitField from "./UnitField.vue";
import { ElInput } from "element-plus";
import { mount } from "@vue/test-utils";
import { describe, expect, test } from "vitest";
import { showVolume } from "@kettlos/core/units/show";
import CountField from "./CountField.vue";
import QuantityField from "./QuantityField.vue";
import TickChoice from "./TickChoice.vue";

const field = (modelValue: number | null) =>
  mount(QuantityField, {
    global: { components: { ElInput } },
    props: {
      label: "Water",
      dimension: "volume",
      bareUnit: "L",
      show: (v: number) => showVolume(v, "metric"),
      min: 0.1,
      max: 20,
      densityKgL: 1,
      modelValue,
    },
  });
const type = async (wrapper: ReturnType<typeof field>, text: string) => {
  const input = wrapper.find("input");
  await input.setValue(text);
  await input.trigger("keydown", { key: "Enter" });
};

describe("a quantity typed as people type it", () => {
  test("shows what it holds and takes what is typed", async () => {
    const wrapper = field(4.4);
    expect(wrapper.find("input").element.value).toBe("4.4 L");
    await type(wrapper, "1 1/2 qt");
    expect(wrapper.emitted("update:modelValue")?.[0]?.[0]).toBeCloseTo(1.4195, 3);
  });

  test("what comes from elsewhere waits while something is typed, and shows once it is left", async () => {
    const wrapper = field(4.4);
    const input = wrapper.find("input");
    await input.setValue("2.");
    await wrapper.setProps({ modelValue: 5 });
    expect(input.element.value).toBe("2.");
    await input.trigger("keydown", { key: "Escape" });
    expect(input.element.value).toBe("5.0 L");
    await wrapper.setProps({ modelValue: 6 });
    expect(input.element.value).toBe("6.0 L");
  });

  test("in other measures it is written anew; what is being typed is not", async () => {
    const wrapper = field(2);
    const input = wrapper.get("input");
    await wrapper.setProps({ show: (v) => showVolume(v, "us") });
    expect(input.element.value).toBe("2 qt");
    await input.setValue("3.");
    await wrapper.setProps({ show: (v) => showVolume(v, "metric") });
    expect(input.element.value).toBe("3.");
  });

  test("what is not clear yet is not lost as the measures change", async () => {
    const wrapper = field(2);
    const input = wrapper.get("input");
    await type(wrapper, "two or so");
    await input.trigger("blur");
    await wrapper.setProps({ show: (v) => showVolume(v, "us") });
    expect(input.element.value).toBe("two or so");
    expect(wrapper.find("[role=alert]").exists()).toBe(true);
  });

  test("what cannot be read stays as typed, with what would be right", async () => {
    const wrapper = field(4.4);
    await type(wrapper, "plenty");
    expect(wrapper.emitted("update:modelValue")).toBeUndefined();
    expect(wrapper.find("input").element.value).toBe("plenty");
    expect(wrapper.find("[role=alert]").text()).toMatch(/4\.5 L/);
  });

  test("out of range names the range", async () => {
    const wrapper = field(4.4);
    await type(wrapper, "60 L");
    expect(wrapper.find("[role=alert]").text()).toMatch(/from 100 mL to 20 L/);
  });

  test("ounces are asked about; either answer is taken", async () => {
    const wrapper = field(null);
    await type(wrapper, "16 oz");
    const buttons = wrapper.findAll("button");
    expect(buttons.map((b) => b.text())).toEqual(["16 fl oz (volume)", "16 oz (weight)"]);
    await buttons[1]?.trigger("click");
    expect(wrapper.emitted("update:modelValue")?.[0]?.[0]).toBeCloseTo(0.4536, 3);
  });
});

test("a choice is a group of radios that says which is on", async () => {
  const wrapper = mount(TickChoice, {
    props: {
      label: "Lid",
      options: [
        { value: "off", label: "off" },
        { value: "on", label: "on" },
      ],
      modelValue: "off",
    },
  });
  const radios = wrapper.findAll("input[type=radio]");
  expect(radios.map((r) => (r.element as HTMLInputElement).checked)).toEqual([true, false]);
  await radios[1]?.setValue(true);
  expect(wrapper.emitted("update:modelValue")?.[0]).toEqual(["on"]);
});

test("a count that is solved elsewhere is not written over while another is typed", async () => {
  const wrapper = mount(CountField, { props: { label: "How many", modelValue: 10 } });
  const input = wrapper.get("input");
  await input.setValue("");
  // Nothing said: what is solved comes back from outside.
  expect(wrapper.emitted("update:modelValue")?.at(-1)).toEqual([null]);
  await wrapper.setProps({ modelValue: 10 });
  expect(input.element.value).toBe("");
  await input.setValue("7");
  expect(wrapper.emitted("update:modelValue")?.at(-1)).toEqual([7]);
  await wrapper.setProps({ modelValue: 7 });
  await input.trigger("blur");
  await wrapper.setProps({ modelValue: 12 });
  expect(input.element.value).toBe("12");
});

test("a count that is none, or too many, is no count, stays as it was typed, and is said", async () => {
  const props = { label: "How many", modelValue: 10 as number | null, min: 1, max: 100 };
  const wrapper = mount(CountField, { props });
  const input = wrapper.get("input");
  const last = () => wrapper.emitted("update:modelValue")?.at(-1)?.[0];
  for (const [text, said] of [
    ["3000", "3000 is out of range: from 1 to 100."],
    ["0", "0 is out of range: from 1 to 100."],
    ["2.5", '"2.5" is not a whole number.'],
    ["-5", '"-5" is not a number.'],
    ["lots", '"lots" is not a number.'],
  ] as const) {
    await input.setValue(text);
    await input.trigger("blur");
    expect(last()).toBeNull();
    expect(wrapper.get("[role=alert]").text()).toBe(said);
    expect(input.element.value).toBe(text);
  }
  await input.setValue("a dozen");
  expect(last()).toBe(12);
  expect(wrapper.find("[role=alert]").exists()).toBe(false);
  await wrapper.setProps({ modelValue: 100 });
  await input.trigger("keydown", { key: "ArrowUp" });
  expect(last()).toBe(100);
  await input.trigger("keydown", { key: "ArrowDown" });
  expect(last()).toBe(99);
});

test("what is written is told, also where it is what stood there", async () => {
  const wrapper = field(4.4);
  await type(wrapper, "4.4 L ");
  expect(wrapper.emitted("written")).toEqual([[4.4]]);
  expect(wrapper.emitted("update:modelValue")).toBeUndefined();
});

test("a bare number is what such an amount is measured by in this kitchen", async () => {
  const read = async (props: object, text: string) => {
    const wrapper = mount(UnitField, {
      global: { components: { ElInput } },
      props: { label: "Much", dimension: "mass", units: "metric", modelValue: null, ...props },
    });
    await wrapper.get("input").setValue(text);
    return Number(wrapper.emitted("update:modelValue")?.at(-1)?.[0]);
  };
  expect(await read({}, "2")).toBe(2);
  expect(await read({ little: true }, "200")).toBeCloseTo(0.2, 9);
  expect(await read({ units: "us" }, "2")).toBeCloseTo(0.907, 3);
  expect(await read({ units: "us", little: true }, "8")).toBeCloseTo(0.2268, 4);
  const volume = { dimension: "volume", little: true };
  expect(await read(volume, "250")).toBeCloseTo(0.25, 9);
  expect(await read({ ...volume, units: "us" }, "1")).toBeCloseTo(0.2366, 4);
  expect(await read({ dimension: "pressure", units: "us" }, "15")).toBeCloseTo(103.4, 1);
});
