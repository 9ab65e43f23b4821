import { mount } from "@vue/test-utils";
import { describe, expect, test } from "vitest";
import { planOf } from "../../../test/pot";
import DailyUseForm from "./DailyUseForm.vue";

const stocks = [planOf("plan-lamb"), planOf("plan-trotter")];
const form = () => mount(DailyUseForm, { props: { stocks, units: "metric" as const } });
type Form = ReturnType<typeof form>;
const send = (wrapper: Form) => wrapper.find("form").trigger("submit");
const said = (wrapper: Form) => wrapper.find("[role=alert]").text();
const field = (wrapper: Form, words: RegExp) => {
  const label = wrapper.findAll("label").find((l) => words.test(l.text()))!;
  const id = label.attributes("for");
  return id === undefined ? label.find("input") : wrapper.find(`[id="${id}"]`);
};

describe("who takes of a stock every day", () => {
  test("names, portions and how often become a use of one stock", async () => {
    const wrapper = form();
    await field(wrapper, /^Who/).setValue(" the two cats ");
    await field(wrapper, /How many/).setValue("2");
    const each = field(wrapper, /^Each/);
    await each.setValue("4 tbsp");
    await each.trigger("blur");
    await field(wrapper, /Times a day/).setValue("2");
    await wrapper.find("select").setValue("plan-trotter");
    await send(wrapper);
    const use = wrapper.emitted("add")?.[0]?.[0] as Record<string, unknown>;
    expect(use).toMatchObject({
      who: "the two cats",
      eaters: 2,
      timesADay: 2,
      planId: "plan-trotter",
    });
    // Four tablespoons of 15 mL.
    expect(use["eachL"]).toBeCloseTo(0.06, 2);
  });

  test("what is missing is said, one thing at a time, and nothing is kept", async () => {
    const wrapper = form();
    await send(wrapper);
    expect(said(wrapper)).toBe("Say who it is for.");
    await field(wrapper, /^Who/).setValue("the staff");
    await field(wrapper, /How many/).setValue("");
    await send(wrapper);
    expect(said(wrapper)).toBe("Say for how many, and how often a day.");
    expect(wrapper.emitted("add")).toBeUndefined();
  });
});
