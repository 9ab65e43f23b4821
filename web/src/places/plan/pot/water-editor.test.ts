import type { WaterStatement } from "@kettlos/core/simulate/plan-schema";
import { mount } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { describe, expect, test, vi } from "vitest";
import { nextTick } from "vue";
import { answersOf, planned } from "../../../../test/planned";
import { planOf } from "../../../../test/pot";
import WaterEditor from "./WaterEditor.vue";

vi.mock("../../../workers/reckoner", () => ({ reckoner: () => ({}) }));

const lamb = planOf("plan-lamb");
const answers = { ...answersOf(lamb), waterL: 4.4 };
const editor = (water: WaterStatement) =>
  mount(WaterEditor, {
    global: { plugins: [ElementPlus], provide: planned({ ...lamb, water }, { answers }) },
  });
type Editor = ReturnType<typeof editor>;
const stated = (wrapper: Editor) => wrapper.emitted("state")?.at(-1)?.[0] as WaterStatement;
const choose = (wrapper: Editor, value: string) =>
  wrapper.find(`input[type=radio][value=${value}]`).setValue(true);
/** In a field, by the words on it. */
const fieldOf = (wrapper: Editor, label: string) => {
  const name = wrapper.findAll("label").find((l) => l.text() === label);
  return wrapper.find<HTMLInputElement>(`[id="${name?.attributes("for") ?? ""}"]`);
};
async function put(wrapper: Editor, label: string, text: string): Promise<void> {
  // The input gets the id its label names once it is mounted.
  await nextTick();
  await fieldOf(wrapper, label).setValue(text);
}

describe("how the water is stated", () => {
  test("by weight begins at about what is in, and only what can be is taken", async () => {
    const wrapper = editor({ by: "amount", volumeL: 4.4 });
    await choose(wrapper, "ratio");
    // 4.4 L to 2.2 kg of lamb neck.
    expect(stated(wrapper)).toEqual({ by: "ratio", waterPerBone: 2 });
    const byWeight = editor({ by: "ratio", waterPerBone: 2 });
    const label = "Parts water to one of bones";
    await put(byWeight, label, "1,5");
    expect(stated(byWeight)).toEqual({ by: "ratio", waterPerBone: 1.5 });
    for (const nonsense of ["90", "0", "", "much"]) {
      await put(byWeight, label, nonsense);
      expect(byWeight.find("[role=alert]").exists()).toBe(true);
      expect(fieldOf(byWeight, label).element.value).toBe(nonsense);
    }
    expect(byWeight.emitted("state")).toHaveLength(1);
    expect(byWeight.text()).toContain("standard");
  });

  test("over the bones begins two and a half centimetres over", async () => {
    const wrapper = editor({ by: "amount", volumeL: 4.4 });
    await choose(wrapper, "over");
    expect(stated(wrapper)).toEqual({ by: "over", overM: 0.025 });
  });

  test("what shall be left is said in litres, moulds or rations, each starting from the other", async () => {
    const litres = editor({ by: "left", wanted: { by: "volume", volumeL: 4.5 } });
    await choose(litres, "moulds");
    // Moulds of 250 mL filled to nine tenths.
    expect(stated(litres)).toEqual({
      by: "left",
      wanted: { by: "moulds", count: 20, mouldL: 0.25 },
    });
    const moulds = editor({ by: "left", wanted: { by: "moulds", count: 20, mouldL: 0.25 } });
    await put(moulds, "How many moulds", "12");
    expect(stated(moulds)).toMatchObject({ wanted: { count: 12, mouldL: 0.25 } });
    await put(moulds, "How many moulds", "0");
    expect(moulds.emitted("state")).toHaveLength(1);
    await choose(moulds, "volume");
    expect(stated(moulds)).toMatchObject({ wanted: { by: "volume" } });
    expect((stated(moulds) as { wanted: { volumeL: number } }).wanted.volumeL).toBeCloseTo(4.5, 6);
    const rations = editor({
      by: "left",
      wanted: { by: "rations", eaters: 4, rationL: 0.3, days: 2 },
    });
    await put(rations, "How many eat", "38");
    expect(stated(rations)).toMatchObject({ wanted: { eaters: 38, rationL: 0.3, days: 2 } });
    await put(rations, "Days", "3");
    expect(stated(rations)).toMatchObject({ wanted: { eaters: 4, days: 3 } });
    await put(rations, "Days", "61");
    expect(rations.emitted("state")).toHaveLength(2);
  });

  test("it says what that takes here", () => {
    const wrapper = editor({ by: "left", wanted: { by: "volume", volumeL: 3 } });
    expect(wrapper.text()).toContain("3.0 L strained take 4.4 L water here.");
  });

  test("stated as so much it stays about where it is", async () => {
    const wrapper = editor({ by: "ratio", waterPerBone: 2 });
    await choose(wrapper, "amount");
    expect(stated(wrapper)).toEqual({ by: "amount", volumeL: 4.4 });
  });
});
