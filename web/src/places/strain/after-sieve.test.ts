import { answersFor } from "@kettlos/core/because/answers";
import { inBowl } from "@kettlos/core/batch/in-bowl";
import type { InBowl } from "@kettlos/core/batch/bowl";
import { mount, RouterLinkStub, type DOMWrapper } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { NOW, planOf, potOf, sample } from "../../../test/pot";
import { useKitchenStore } from "../../data/kitchen-store";
import { importAll } from "../../data/take-in";
import { savePlan } from "../../data/repository";
import IceInto from "../chill/IceInto.vue";
import ContainerChoice from "../portion/ContainerChoice.vue";
import RestOfPot from "../portion/RestOfPot.vue";
import ColdJudgement from "./ColdJudgement.vue";
import FinishPanel from "./FinishPanel.vue";
import MeasureForm from "./MeasureForm.vue";
import SolidsFate from "./SolidsFate.vue";
import TooLittlePanel from "./TooLittlePanel.vue";
import { until } from "../../../test/until";

const global = { plugins: [ElementPlus], stubs: { RouterLink: RouterLinkStub, teleport: true } };
const pot = potOf("past-10");
const bowlOf = (): InBowl => {
  const bowl = inBowl(pot.batch, pot.cook);
  if (bowl === null) throw new Error("not strained");
  return bowl;
};
const bowl = bowlOf();
const answers = (() => {
  const outcome = answersFor(pot.setPot, () => 9);
  if (!outcome.ok) throw outcome.problem;
  return outcome.value;
})();
const press = async (buttons: readonly DOMWrapper<Element>[], words: RegExp) => {
  const found = buttons.find((b) => words.test(b.text()));
  if (found === undefined) throw new Error(`no button ${String(words)}`);
  await found.trigger("click");
};
const pick = async (labels: readonly DOMWrapper<Element>[], words: string) => {
  const found = labels.find((l) => l.text() === words);
  if (found === undefined) throw new Error(`no choice ${words}`);
  await found.find("input").setValue(true);
};

describe("what is done after the sieve", () => {
  const mounted = (over: Partial<InBowl> = {}) =>
    mount(FinishPanel, { props: { pot, bowl: { ...bowl, ...over }, units: "metric" }, global });

  test("a reduction says its time, its salt and its set before it is written down", async () => {
    const wrapper = mounted({ saltG: 12 });
    await press(wrapper.findAll("button"), /^demi-glace/);
    expect(wrapper.text()).toMatch(/lid off, about 1 h \d+/);
    expect(wrapper.text()).toMatch(/Then salt 7\.\d g\/L, and it is like rubber/);
    await press(wrapper.findAll("button"), /It is down there/);
    expect(wrapper.emitted("write")?.[0]?.[0]).toMatchObject({ kind: "reducedTo" });
  });

  test("a glace of salted stock is too salty by itself, and it says so", async () => {
    const wrapper = mounted({ saltG: 12 });
    await press(wrapper.findAll("button"), /^glace/);
    expect(wrapper.text()).toContain("Too salty by itself.");
  });

  test("thickening weighs the starch for what is wanted, flour more than corn starch", async () => {
    const wrapper = mounted();
    await pick(wrapper.findAll("label"), "thicken");
    const grams = () => Number(/(\d+) g\s+of/.exec(wrapper.text())?.[1]);
    const corn = grams();
    await pick(wrapper.findAll("label"), "flour");
    expect(grams()).toBeGreaterThan(1.8 * corn);
    await press(wrapper.findAll("button"), /Stirred in/);
    expect(wrapper.emitted("write")?.[0]?.[0]).toMatchObject({
      kind: "stirredIn",
      ingredientId: "flour",
    });
  });

  test("salt that is over the wanted already is thinned, not added", async () => {
    const wrapper = mounted({ saltG: 60 });
    await pick(wrapper.findAll("label"), "salt");
    expect(wrapper.text()).toContain("thin it with unsalted stock or water");
    // There is nothing to stir in, so no button offers it.
    expect(wrapper.findAll("button").some((b) => b.text() === "Stirred in")).toBe(false);
  });

  test("salt is weighed for what is wanted, says why, and asks where nothing is", async () => {
    const wrapper = mounted({ saltG: 0 });
    await pick(wrapper.findAll("label"), "salt");
    expect(wrapper.text()).toMatch(/\d+ g\s+fine salt, about \d(\.5)? level teaspoons/);
    expect(wrapper.find("[aria-label='Why: Grams of salt']").exists()).toBe(true);
    await wrapper.find("input[type=number]").setValue("");
    expect(wrapper.text()).toContain("Say how salty it shall be.");
    expect(wrapper.findAll("button").some((b) => b.text() === "Stirred in")).toBe(false);
  });

  test("gelatin goes to the next set, and nowhere past an edge", async () => {
    const wrapper = mounted({ gelatinG: 10 });
    await pick(wrapper.findAll("label"), "firmer set");
    expect(wrapper.text()).toMatch(/of gelatin powder.* then it quivers/);
    await wrapper.setProps({ bowl: { ...bowl, gelatinG: 100 } });
    expect(wrapper.text()).toContain("as firm as powder should make it");
  });
});

test("ice into a strong stock is reckoned before it is in", async () => {
  const wrapper = mount(IceInto, { props: { bowl, fromC: 80, units: "metric" }, global });
  const field = wrapper.find("input");
  await field.setValue("1 kg");
  await field.trigger("change");
  await field.trigger("keydown", { key: "Enter" });
  await field.trigger("blur");
  expect(wrapper.text()).toMatch(/At once 4\d\.\d °C, and 4\.3 L in all/);
  await wrapper.get("form").trigger("submit");
  const [iceKg, tempC] = wrapper.emitted("done")?.[0] as [number, number];
  expect(iceKg).toBe(1);
  expect(tempC).toBeCloseTo((bowl.massKg * 4.18 * 80 - 334) / ((bowl.massKg + 1) * 4.18), 6);
});

describe("measuring at the sieve", () => {
  const open = potOf("on-fire");
  const mounted = (plan = open.batch.plan) =>
    mount(MeasureForm, {
      props: { pot: open, plan, answers, stillIn: [], endL: null, units: "metric" },
      global,
    });
  const write = async (wrapper: ReturnType<typeof mounted>, label: RegExp, text: string) => {
    const field = wrapper
      .findAll("label, .field, div")
      .find((l) => label.test(l.text()) && l.findAll("input").length === 1);
    const input = field?.find("input");
    await input?.setValue(text);
    await input?.trigger("change");
    await input?.trigger("blur");
  };

  test("by depth in a pot of this kitchen it is turned into litres", async () => {
    const wrapper = mounted();
    await pick(wrapper.findAll("label"), "by depth in a pot");
    await write(wrapper, /^So deep/, "6 cm");
    // π·13²·6 cm³
    expect(wrapper.text()).toContain("That is 3.2 L");
    await wrapper.find("form").trigger("submit");
    const event = wrapper.emitted("write")?.[0]?.[0] as { measured: { volumeL: number } };
    expect(event.measured.volumeL).toBeCloseTo(Math.PI * 0.13 ** 2 * 0.06 * 1000, 6);
  });

  test("nothing measured is refused with what to measure", async () => {
    const wrapper = mounted();
    await wrapper.find("form").trigger("submit");
    expect(wrapper.find("[role=alert]").text()).toContain("litres in the jug, or the weight");
    expect(wrapper.emitted("write")).toBeUndefined();
  });

  test("marrow is asked for only where there is any", () => {
    expect(mounted().text()).not.toContain("Marrow");
    const item = { ...open.batch.plan.items[0]!, ingredientId: "beefMarrow" };
    const plan = { ...open.batch.plan, items: [item] };
    expect(mounted(plan).text()).toContain("Marrow");
  });
});

test("cold, its set, its clearness and its colour are each one tap", async () => {
  const wrapper = mount(ColdJudgement, { props: { pot, answers, units: "metric" }, global });
  await press(wrapper.findAll("button"), /quivers/);
  await press(wrapper.findAll("button"), /hazy/);
  await press(wrapper.findAll("button"), /brown/);
  expect(wrapper.emitted("write")?.map((e) => e[0])).toEqual([
    { kind: "setJudged", set: "quivers" },
    { kind: "looked", clarity: "hazy" },
    { kind: "looked", colour: "brown" },
  ]);
});

test("solids with bones and leek are not offered to animals; plain ones are, with the tenth", () => {
  const hut = mount(SolidsFate, { props: { plan: pot.batch.plan, fate: null } });
  expect(hut.text()).not.toContain("fed to animals");
  expect(hut.text()).toContain("cooked bones splinter");
  const plain = {
    ...pot.batch.plan,
    items: [{ ...pot.batch.plan.items[0]!, ingredientId: "goatShoulder" }],
  };
  const fed = mount(SolidsFate, { props: { plan: plain, fate: "fed" } });
  expect(fed.find("[aria-pressed=true]").text()).toBe("fed to animals");
  expect(fed.text()).toContain("at most a tenth");
});

describe("too little for its dish", () => {
  beforeEach(async () => {
    vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
    await importAll(sample, "replace");
  });

  test("is said with what can be done, until the dish has been put on", async () => {
    const store = useKitchenStore();
    const dish = planOf("plan-braise");
    const items = dish.items.map((i) =>
      i.ingredientId === "houseStock" ? { ...i, fromPlanId: "plan-trotter", massKg: 4 } : i,
    );
    await savePlan({ ...dish, id: "big", name: "Big braise", items });
    const wrapper = mount(TooLittlePanel, { props: { pot, bowl, units: "metric" } });
    await until(() => expect(wrapper.text()).toContain("too little for big braise"));
    expect(wrapper.text()).toMatch(/Stretch it with 6\d\d mL|Stretch it with 7\d\d mL/);
    expect(wrapper.text()).toMatch(/Boil the bones a second time/);
    await until(() => expect(store.isLoaded).toBe(true));
  });
});

describe("filling", () => {
  const { containers } = sample.kitchen;

  test("each container says how full, by which rule, and how many the rest fills", async () => {
    const wrapper = mount(ContainerChoice, {
      props: {
        containers,
        isFrozen: true,
        isLiquid: true,
        leftL: 2,
        units: "metric",
        modelValue: "mould",
      },
    });
    const rows = wrapper.findAll("button").map((b) => b.text());
    expect(rows[0]).toMatch(/Mould of six.*110 mL each, to nine tenths.*17 ×/s);
    expect(rows[2]).toMatch(/Litre jar.*820 mL each, below the shoulder.*2 ×/s);
    await wrapper.findAll("button")[2]?.trigger("click");
    expect(wrapper.emitted("update:modelValue")?.[0]).toEqual(["jarOne"]);
  });

  test("what is over goes somewhere, to animals only where it harms none", async () => {
    const wrapper = mount(RestOfPot, {
      props: { rest: "230 mL", hazards: [], canFillOneMore: true },
    });
    await press(wrapper.findAll("button"), /To the animals/);
    expect(wrapper.emitted("use")?.[0]).toEqual(["animals"]);
    await wrapper.setProps({ hazards: [{ name: "Onion", why: "harms cats and dogs" }] });
    expect(wrapper.text()).not.toContain("To the animals");
    expect(wrapper.text()).toContain("onion, harms cats and dogs");
  });
});
