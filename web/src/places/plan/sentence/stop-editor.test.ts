import { mount } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { expect, test } from "vitest";
import { answersOf, planned } from "../../../../test/planned";
import { planOf } from "../../../../test/pot";
import StopEditor from "./StopEditor.vue";

const lamb = planOf("plan-lamb");
const answers = answersOf(lamb);

test("a stop by level begins from where the plan would end now", async () => {
  const wrapper = mount(StopEditor, { global: { plugins: [ElementPlus], provide: planned(lamb) } });
  const choose = async (value: string) => {
    await wrapper.find(`input[value=${value}]`).setValue(true);
    return wrapper.emitted("change")?.at(-1)?.[0] as { stop: Record<string, number | string> };
  };
  expect((await choose("liquid")).stop["liquidL"]).toBeCloseTo(answers.trace.endLiquidL, 0);
  expect((await choose("depth")).stop["depthM"]).toBeCloseTo(answers.trace.endDepthM, 2);
  expect((await choose("share")).stop["share"]).toBe(0.6);
});
