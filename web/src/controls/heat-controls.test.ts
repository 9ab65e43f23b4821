import { HeatSchema, type Heat } from "@kettlos/core/heats/heat-schema";
import { mount } from "@vue/test-utils";
import { ElInput } from "element-plus";
import { describe, expect, test } from "vitest";
import { sample } from "../../test/pot";
import HeatFields from "./heat/HeatFields.vue";
import PieceField from "./PieceField.vue";

const global = { components: { ElInput } };
const fieldsOf = (heat: object) =>
  mount(HeatFields, {
    props: {
      heat: HeatSchema.parse(heat),
      kitchen: sample.kitchen,
      units: "metric",
      vesselId: "pressure",
    },
    global,
  });
const chosen = (wrapper: ReturnType<typeof fieldsOf>, text: string) =>
  wrapper
    .findAll("label")
    .find((l) => l.text() === text)
    ?.find("input")
    .setValue(true);
const last = (wrapper: ReturnType<typeof fieldsOf>) =>
  wrapper.emitted("change")?.at(-1)?.[0] as Heat;

describe("the fields of a heat", () => {
  test("the hob's say what each simmer reads here, at the hut's height", async () => {
    const wrapper = fieldsOf({ method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 });
    expect(wrapper.text()).toContain("gentle 89.5 °C");
    await chosen(wrapper, "steady 92.5 °C");
    expect(last(wrapper)).toEqual({
      method: "hob",
      vigour: "steady",
      lid: "ajar",
      boilFirstMin: 5,
    });
  });

  test("the oven's take a temperature as typed and refuse one it cannot do", async () => {
    const wrapper = fieldsOf({ method: "oven", ovenId: "oven", ovenC: 150, lid: "on" });
    const input = wrapper.find("input[inputmode]");
    await input.setValue("320F");
    await input.trigger("change");
    expect(last(wrapper)).toMatchObject({ ovenC: 160 });
    await input.setValue("400 °C");
    await input.trigger("change");
    expect(wrapper.find("[role=alert]").text()).toContain("80 °C to 250 °C");
    await chosen(wrapper, "in cold");
    expect(last(wrapper)).toMatchObject({ start: "cold" });
  });

  test("the crock's offer HIGH first only on LOW", async () => {
    const low = fieldsOf({ method: "slowCooker", setting: "low" });
    expect(low.text()).toContain("HIGH first for");
    await chosen(low, "boiling liquid");
    expect(last(low)).toMatchObject({ start: "hot", setting: "low" });
    expect(fieldsOf({ method: "slowCooker", setting: "high" }).text()).not.toContain("HIGH first");
  });

  test("the pressure cooker's offer the pressures it has", async () => {
    const wrapper = fieldsOf({ method: "pressure", setting: "high" });
    expect(wrapper.text()).toContain("high 103 kPa");
    expect(wrapper.text()).toContain("low 60 kPa");
    await chosen(wrapper, "quick release");
    expect(last(wrapper)).toMatchObject({ release: "quick" });
  });
});

describe("a piece's size", () => {
  const field = (units: "metric" | "us" = "metric") =>
    mount(PieceField, {
      props: { label: "Pieces", units, modelValue: null, placeholder: "4 cm dice" },
      global,
    });
  const type = async (wrapper: ReturnType<typeof field>, text: string) => {
    await wrapper.find("input").setValue(text);
    await wrapper.find("input").trigger("change");
  };
  const value = (wrapper: ReturnType<typeof field>) =>
    wrapper.emitted("update:modelValue")?.at(-1)?.[0];

  test("is taken as typed, words and all", async () => {
    const wrapper = field();
    await type(wrapper, "3 cm dice");
    expect(value(wrapper)).toEqual({ kind: "brick", sizeM: [0.03, 0.03, 0.03] });
    await type(wrapper, "9 x 14 x 20");
    expect(value(wrapper)).toEqual({ kind: "brick", sizeM: [0.09, 0.14, 0.2] });
  });

  test("in inches for those who think so", async () => {
    const wrapper = field("us");
    await type(wrapper, "2");
    const got = value(wrapper) as { sizeM: number[] };
    expect(got.sizeM[0]).toBeCloseTo(0.0508, 6);
  });

  test("what cannot be read stays as typed, with what would be right", async () => {
    const wrapper = field();
    await type(wrapper, "chunky");
    expect(wrapper.find("[role=alert]").text()).toContain("Try 4 cm for dice");
    expect(wrapper.find("input").element.value).toBe("chunky");
    expect(value(wrapper)).toBeUndefined();
    await wrapper.find("input").trigger("keydown", { key: "Escape" });
    expect(wrapper.find("[role=alert]").exists()).toBe(false);
  });

  test("emptied it is the usual size again", async () => {
    const wrapper = field();
    await wrapper.setProps({ modelValue: { kind: "ball", diameterM: 0.05 } });
    expect(wrapper.find("input").element.value).toBe("5 cm across");
    await type(wrapper, "");
    expect(value(wrapper)).toBeNull();
  });
});
