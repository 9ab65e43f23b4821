import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { capacityL } from "@kettlos/core/vessel/volume";
import { mount, RouterLinkStub, type DOMWrapper } from "@vue/test-utils";
import { ElInput, ElPopover } from "element-plus";
import { describe, expect, test } from "vitest";
import { nextTick } from "vue";
import { sample } from "../../../test/pot";
import PotEditor from "./PotEditor.vue";

const vesselOf = (id: string): Vessel => {
  const found = sample.kitchen.vessels.find((v) => v.id === id);
  if (found === undefined) throw new Error(`no vessel ${id}`);
  return found;
};
const editor = (id: string, usedBy: readonly string[] = []) =>
  mount(PotEditor, {
    props: { vessel: vesselOf(id), units: "metric", altitudeM: 1640, usedBy },
    global: { components: { ElInput, ElPopover }, stubs: { RouterLink: RouterLinkStub } },
  });
type Editor = ReturnType<typeof editor>;
const last = (wrapper: Editor) => wrapper.emitted("change")?.at(-1)?.[0] as Vessel;
/** The field that a label names, as a cook would find it. */
function field(wrapper: Editor, words: RegExp): DOMWrapper<HTMLInputElement> {
  const label = wrapper.findAll("label").find((l) => words.test(l.text()));
  if (label === undefined) throw new Error(`no field ${String(words)}`);
  const id = label.attributes("for");
  return id === undefined ? label.find("input") : wrapper.find<HTMLInputElement>(`[id="${id}"]`);
}
async function type(wrapper: Editor, words: RegExp, text: string) {
  // The input gets the id its label names once it is mounted.
  await nextTick();
  const input = field(wrapper, words);
  await input.setValue(text);
  await input.trigger("keydown", { key: "Enter" });
  await input.trigger("blur");
}
const choose = (wrapper: Editor, text: string) =>
  wrapper
    .findAll("label")
    .find((l) => l.text() === text)
    ?.find("input")
    .setValue(true);

describe("a pot by its measures", () => {
  test("a round one is as wide as it is long, whichever was measured", async () => {
    const wrapper = editor("tall");
    await type(wrapper, /Across at the rim/, "30 cm");
    expect(last(wrapper).topM).toEqual([0.3, 0.3]);
    await type(wrapper, /Across at the floor/, "11 in");
    expect(last(wrapper).bottomM[0]).toBeCloseTo(0.2794, 6);
    expect(last(wrapper).bottomM[1]).toBeCloseTo(0.2794, 6);
  });

  test("an oval one keeps two sizes, each changed by itself", async () => {
    const wrapper = editor("casserole");
    const { topM } = vesselOf("casserole");
    await type(wrapper, /Width at the rim/, "24 cm");
    expect(last(wrapper).topM).toEqual([topM[0], 0.24]);
    await choose(wrapper, "round");
    expect(last(wrapper)).toMatchObject({ shape: "round", topM: [topM[0], topM[0]] });
  });

  test("by what it holds and how wide it is, its height follows", async () => {
    const wrapper = editor("tall");
    await choose(wrapper, "it holds … and is … across");
    await type(wrapper, /It holds, to the rim/, "10 L");
    expect(capacityL(last(wrapper))).toBeCloseTo(10, 6);
    await type(wrapper, /and is across/, "20 cm");
    expect(last(wrapper).topM[0]).toBeCloseTo(0.2, 9);
    // 12 L in a pot 20 cm across stands 38 cm high.
    expect(capacityL(last(wrapper))).toBeCloseTo(capacityL(vesselOf("tall")), 6);
    expect(last(wrapper).heightM).toBeCloseTo(
      capacityL(vesselOf("tall")) / 1000 / ((Math.PI / 4) * 0.04),
      6,
    );
  });

  test("what no pot can be is said, and the pot stays as it was", async () => {
    const wrapper = editor("tall");
    await type(wrapper, /Fill line/, "140");
    expect(wrapper.emitted("change")).toBeUndefined();
    expect(wrapper.find("[role=alert]").text()).toBe("140 is out of range: from 30 % to 100 %.");
    await type(wrapper, /Fill line/, "80");
    expect(last(wrapper).fillShare).toBe(0.8);
    expect(wrapper.find("[role=alert]").exists()).toBe(false);
  });

  test("weight, height, lid and what it is made of are changed by themselves", async () => {
    const wrapper = editor("tall");
    const asItWas = vesselOf("tall");
    await choose(wrapper, "none");
    expect(last(wrapper)).toEqual({ ...asItWas, lid: "none" });
    await choose(wrapper, "aluminium");
    expect(last(wrapper)).toEqual({ ...asItWas, body: "aluminium" });
    await type(wrapper, /Weight, empty/, "2 kg");
    expect(last(wrapper).massKg).toBe(2);
    await type(wrapper, /Height inside/, "21 cm");
    expect(last(wrapper).heightM).toBeCloseTo(0.21, 9);
  });

  test("a pot is never without a name", async () => {
    const wrapper = editor("tall");
    const name = wrapper.find("label.name input");
    await name.setValue("  ");
    await name.trigger("blur");
    expect(wrapper.emitted("change")).toBeUndefined();
    expect((name.element as HTMLInputElement).value).toBe("Tall pot");
    // A space at the end on the way to the next word is no slip.
    await name.setValue(" Big ");
    expect((name.element as HTMLInputElement).value).toBe(" Big ");
    await name.setValue(" Big pot ");
    expect(wrapper.emitted("change")).toBeUndefined();
    await name.trigger("blur");
    expect(last(wrapper).name).toBe("Big pot");
  });
});
