import { findVessel, resolve } from "@kettlos/core/simulate/set-pot";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import type { Caution } from "@kettlos/core/safety/caution";
import { answersFor } from "@kettlos/core/because/answers";
import { flowOf } from "@kettlos/core/batch/flow";
import { vesselOf } from "@kettlos/core/simulate/references";
import { mount, RouterLinkStub } from "@vue/test-utils";
import { ElInput, ElPopover } from "element-plus";
import { describe, expect, test } from "vitest";
import { nextTick } from "vue";
import { NOW, planOf, potOf, shelvedPotOf, sample } from "../test/pot";
import AmountField from "./controls/AmountField.vue";
import CautionList from "./controls/CautionList.vue";
import SuggestInput from "./controls/SuggestInput.vue";
import WhyFigure from "./controls/WhyFigure.vue";
import PotOutflow from "./drawings/PotOutflow.vue";
import PotSection from "./drawings/PotSection.vue";
import SimmerRibbon from "./drawings/SimmerRibbon.vue";
import VolumeScale from "./drawings/VolumeScale.vue";
import { potFrame } from "./drawings/pot-frame";
import StageStrip from "./frame/StageStrip.vue";
import NextAction from "./places/cook/NextAction.vue";
import CounterList from "./places/cook/CounterList.vue";
import BatchPot from "./controls/BatchPot.vue";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";

const global = { components: { ElInput, ElPopover }, stubs: { RouterLink: RouterLinkStub } };
const lamb = planOf("plan-lamb");
const outcome = answersFor(resolve(lamb, sample.kitchen), () => 9);
if (!outcome.ok) throw outcome.problem;
const answers = outcome.value;

describe("cautions", () => {
  const caution: Caution = {
    id: "x",
    severity: "danger",
    places: ["plan"],
    title: "Over the fill line",
    text: "Take a bigger pot.",
    rule: "Keep the top free.",
    whose: "kitchen practice",
  };

  test("say how grave in a word, and open to the rule and whose it is", async () => {
    const wrapper = mount(CautionList, { props: { cautions: [caution] } });
    expect(wrapper.text()).toContain("Danger: Over the fill line");
    expect(wrapper.text()).not.toContain("Keep the top free.");
    await wrapper.find("button").trigger("click");
    expect(wrapper.text()).toContain("Keep the top free.");
    expect(wrapper.text()).toContain("Rule of: kitchen practice.");
    expect(wrapper.find("button").attributes("aria-expanded")).toBe("true");
    await wrapper.find("button").trigger("click");
    expect(wrapper.text()).not.toContain("Keep the top free.");
  });
});

describe("how much of an ingredient", () => {
  const field = (counted: boolean) =>
    mount(AmountField, {
      global,
      props: {
        label: "How much",
        ingredient: ingredientById("onion"),
        amount: counted
          ? { massKg: 0.3, counted: { count: 2, word: "medium", eachKg: 0.15 } }
          : { massKg: 0.3 },
        units: "metric" as const,
      },
    });

  test("a count shows its single weight, which can be changed", async () => {
    const wrapper = field(true);
    const [amount, each] = wrapper.findAll("input");
    expect(amount?.element.value).toBe("2 medium");
    expect(each?.element.value).toBe("150 g");
    await each?.setValue("200 g");
    expect(wrapper.emitted("change")?.at(-1)).toEqual([
      { massKg: 0.4, counted: { count: 2, word: "medium", eachKg: 0.2 } },
    ]);
  });

  test.each([
    ["60", /weight with its unit, not "60"/],
    ["3 large", /not "3 large"/],
    ["heavy", /heavy/],
    ["0 g", /2 × 0 g is out of range/],
    ["150 kg", /2 × 150 kg is out of range/],
  ])(
    "one of it does not weigh %s: that is said, and stays as it was written",
    async (text, says) => {
      const wrapper = field(true);
      const each = wrapper.findAll("input")[1];
      await each?.setValue(text);
      expect(wrapper.find("[role=alert]").text()).toMatch(says);
      expect(each?.element.value).toBe(text);
      expect(wrapper.emitted("change")).toBeUndefined();
    },
  );

  test("a little more or less is the next round weight, or the next whole one", async () => {
    const last = async (counted: boolean, name: string) => {
      const wrapper = field(counted);
      await wrapper.find(`button[aria-label="A little ${name}"]`).trigger("click");
      return wrapper.emitted("change")?.at(-1)?.[0];
    };
    expect(await last(false, "more")).toEqual({ massKg: 0.35 });
    expect(await last(false, "less")).toEqual({ massKg: 0.25 });
    expect(await last(true, "less")).toMatchObject({ massKg: 0.15, counted: { count: 1 } });
    expect(await last(true, "more")).toMatchObject({ counted: { count: 3, word: "medium" } });
  });

  test("a weight may become a count, nonsense stays with its reason", async () => {
    const wrapper = field(false);
    const input = wrapper.find("input");
    await input.setValue("3 large");
    await input.trigger("keydown", { key: "Enter" });
    expect(wrapper.emitted("change")?.at(-1)?.[0]).toMatchObject({
      counted: { count: 3, word: "large" },
    });
    await input.setValue("heaps");
    await input.trigger("keydown", { key: "Enter" });
    expect(wrapper.find("[role=alert]").text()).toMatch(/cannot be read|not a number/);
    expect(input.element.value).toBe("heaps");
  });
});

describe("a line that offers ways to go on", () => {
  const line = () =>
    mount(SuggestInput, {
      global,
      props: {
        label: "Put in",
        placeholder: "",
        modelValue: "2 kg la",
        suggest: () => ["2 kg lamb neck", "2 kg lamb shoulder"],
      },
    });

  test("arrows choose, Enter takes, the list shuts", async () => {
    const wrapper = line();
    const input = wrapper.find("input");
    expect(wrapper.find("[role=listbox]").exists()).toBe(false);
    await input.trigger("keydown", { key: "ArrowDown" });
    await input.trigger("keydown", { key: "ArrowDown" });
    expect(wrapper.findAll("[aria-selected=true]").map((o) => o.text())).toEqual([
      "2 kg lamb shoulder",
    ]);
    await input.trigger("keydown", { key: "Enter" });
    expect(wrapper.emitted("update:modelValue")?.at(-1)).toEqual(["2 kg lamb shoulder"]);
    expect(wrapper.emitted("enter")).toHaveLength(1);
    expect(wrapper.find("[role=listbox]").exists()).toBe(false);
  });

  test("Enter without a choice takes what is typed; Escape shuts", async () => {
    const wrapper = line();
    const input = wrapper.find("input");
    await input.trigger("input");
    expect(input.attributes("aria-expanded")).toBe("true");
    await input.trigger("keydown", { key: "Escape" });
    expect(input.attributes("aria-expanded")).toBe("false");
    await input.trigger("keydown", { key: "Enter" });
    expect(wrapper.emitted("update:modelValue")).toBeUndefined();
    expect(wrapper.emitted("enter")).toHaveLength(1);
  });
});

describe("why a figure", () => {
  test("opens to range, formula, inputs, constants with source, and what makes the range", async () => {
    const wrapper = mount(WhyFigure, {
      global,
      attachTo: document.body,
      props: { estimate: answers.figures.strainedL },
    });
    await wrapper.find("button").trigger("click");
    await nextTick();
    const text = document.body.textContent ?? "";
    expect(text).toContain(answers.figures.strainedL.because.formula);
    expect(text).toMatch(/Strained: 3\.\d\d L/);
    expect(text).toContain("steam from a gentle simmer, lid off");
    expect(text).toMatch(/The range comes from\s+how fast it steams/);
    wrapper.unmount();
  });
});

describe("drawings", () => {
  const vessel = vesselOf(resolve(lamb, sample.kitchen));
  const frame = potFrame(vessel, {
    width: 400,
    height: 300,
    left: 50,
    right: 50,
    top: 40,
    bottom: 30,
  });

  test("steam is hatched only between the first level and the last", () => {
    const section = (fromM: number, levelM: number) =>
      mount(PotSection, { props: { frame, fromM, levelM } });
    expect(section(0.12, 0.09).find("[data-part=steam]").exists()).toBe(true);
    expect(section(0.09, 0.09).find("[data-part=steam]").exists()).toBe(false);
    expect(section(0, 0).find("[data-part=liquid]").exists()).toBe(false);
  });

  test("both scales end at the rim, quarts on the right a little further than litres", () => {
    const last = (unit: "L" | "qt") =>
      Number(
        mount(VolumeScale, { props: { frame, unit, side: unit === "L" ? "left" : "right" } })
          .findAll("text.numeral")
          .at(-1)
          ?.text(),
      );
    expect(last("L")).toBeLessThanOrEqual(12);
    expect(last("qt")).toBeLessThanOrEqual(12.68);
    expect(last("qt")).toBeGreaterThanOrEqual(last("L"));
  });

  test("the ribbon says in words what it draws and shows each reading", async () => {
    const wrapper = mount(SimmerRibbon, {
      props: {
        trace: answers.trace,
        band: answers.spread.band,
        units: "metric" as const,
        labels: [{ tMin: 40, text: "boils" }],
        window: { from: 100, past: 900, word: "flavour" },
        readings: [
          { tMin: 100, litres: 4.1 },
          { tMin: 200, litres: 3.9 },
        ],
      },
    });
    expect(wrapper.find("svg").exists(), "before it is measured").toBe(false);
    await nextTick();
    expect(wrapper.find("svg").attributes("aria-label")).toMatch(
      /Over 7\.\d hours: liquid from 4\.\d L to 3\.\d L/,
    );
    expect(wrapper.findAll("circle.reading")).toHaveLength(2);
    expect(wrapper.text()).toContain("flavour from 100");
    expect(wrapper.html()).not.toContain("NaN");
  });

  test("a name at a mark stands on the side that has room for it, and none where neither has", async () => {
    const end = answers.trace.totalMin;
    const marked = async (...tMin: number[]) => {
      const wrapper = mount(SimmerRibbon, {
        props: {
          trace: answers.trace,
          band: answers.spread.band,
          units: "metric" as const,
          window: null,
          labels: tMin.map((t) => ({ tMin: t, text: "strained" })),
        },
      });
      await nextTick();
      return wrapper.findAll("g.mark text").map((t) => t.attributes("text-anchor"));
    };
    expect(await marked(10)).toEqual(["start"]);
    expect(await marked(end - 5)).toEqual(["end"]);
    // The next begins where this one is still being said: it stands by its line alone.
    expect(await marked(10, 12)).toEqual(["start"]);
  });

  test("what was planned stands beside what it came to where both fit, else under it", () => {
    const part = (name: string, plannedL: number) =>
      ({ id: name, side: "out", name, plannedL, gotL: 1.1, colour: "broth" }) as const;
    const drawn = (plannedL: number) =>
      mount(PotOutflow, {
        props: {
          vessel: undefined,
          flow: [{ ...part("water", 1), side: "in" }, part("strained", plannedL)],
          units: "metric",
        },
      });
    // As narrow as it is drawn at all, "1.1 L  planned 1.0 L" is a little too long.
    expect(drawn(1).findAll("tspan.planned")).toHaveLength(0);
    expect(drawn(1).text()).toContain("planned 1.0 L");
  });

  test("the flow names every part, planned and got", () => {
    const pot = potOf("past-11");
    const flow = flowOf(pot.setPot, pot.cook);
    const vessel = findVessel(pot.batch.plan, pot.batch.kitchen);
    const wrapper = mount(PotOutflow, { props: { flow, vessel, units: "metric" as const } });
    // A name may stand in two lines.
    const bare = (text: string) => text.replace(/\s/gu, "");
    for (const part of flow) expect(bare(wrapper.text())).toContain(bare(part.name));
    expect(wrapper.find("svg").attributes("aria-label")).toMatch(
      /strained: planned 3\.\d L, got 3\.\d L/,
    );
    expect(wrapper.html()).not.toContain("NaN");
  });

  test("a logged pot says planned and got", () => {
    const wrapper = mount(BatchPot, {
      props: { pot: shelvedPotOf("past-03"), pxPerM: 400, units: "metric" as const },
    });
    expect(wrapper.find("svg").attributes("aria-label")).toMatch(
      /Pork trotter stock: planned 3\.\d L, got 3\.\d L/,
    );
  });

  test("one that nobody measured says so, one whose pot is gone stands by its words", () => {
    const pot = { ...shelvedPotOf("past-03"), gap: null, isReckoned: true };
    const props = { pot, pxPerM: 400, units: "us" as const };
    const wrapper = mount(BatchPot, { props });
    expect(wrapper.text()).toContain("as estimated, not measured");
    expect(wrapper.find("svg").attributes("aria-label")).toMatch(/about 3 ?.? qt$/);
    const words = (over: object) =>
      mount(BatchPot, { props: { ...props, pot: { ...pot, isReckoned: false, ...over } } }).text();
    expect(words({})).toContain("what was planned cannot be worked out");
    expect(words({ strainedL: null })).toContain("nothing was measured");
    const gone = mount(BatchPot, { props: { ...props, pot: { ...pot, vessel: null } } });
    expect(gone.find("svg").exists()).toBe(false);
    expect(gone.text()).toContain("Pork trotter stock");
  });
});

describe("the stages of a pot", () => {
  const strip = (stage: "gather" | "simmer" | "done", batchId?: string) =>
    mount(StageStrip, {
      global,
      props: { name: "Broth", stage, planId: "p", ...(batchId === undefined ? {} : { batchId }) },
    });

  test("past stages are ticked, the present one is marked", () => {
    const wrapper = strip("simmer", "b");
    expect(wrapper.findAll("li.past")).toHaveLength(3);
    expect(wrapper.find("[aria-current=step]").text()).toBe("Simmer");
    expect(strip("done", "b").findAll("li.past")).toHaveLength(5);
  });

  test("a plan leads only to itself, a batch to its screens", () => {
    expect(
      strip("gather")
        .findAllComponents(RouterLinkStub)
        .map((l) => l.props("to")),
    ).toEqual(["/plan/p"]);
    expect(
      strip("simmer", "b")
        .findAllComponents(RouterLinkStub)
        .map((l) => l.props("to")),
    ).toEqual(["/plan/p", "/cook/b", "/cook/b", "/cook/b", "/strain/b"]);
  });
});

describe("cooking", () => {
  test("the next action counts down, and up with a plus once it is due", async () => {
    const pot = potOf("on-fire");
    const action = pot.actions[0]!;
    const wrapper = mount(NextAction, {
      props: {
        end: "strained" as const,
        action,
        later: pot.actions.slice(1),
        nowMs: action.atMs - 220_000,
      },
    });
    expect(wrapper.find(".count").text()).toBe("3:40");
    expect(wrapper.text()).toContain("Next, at");
    await wrapper.setProps({ nowMs: action.atMs + 61_000 });
    expect(wrapper.find(".count").text()).toBe("+1:01");
    expect(wrapper.text()).toContain("Now, since");
    await wrapper.find("button").trigger("click");
    expect(wrapper.emitted("done")).toHaveLength(1);
  });

  test("what is not in lies on the counter; a tap puts it in", async () => {
    const pot = potOf("on-fire");
    const wrapper = mount(CounterList, {
      global,
      props: { pot, units: "metric" as const, nowMs: NOW },
    });
    const taps = wrapper.findAll("button.tap");
    expect(taps.map((t) => t.attributes("aria-label"))).toEqual([
      "Leek is in now",
      "Peppercorns is in now",
    ]);
    await taps[0]?.trigger("click");
    expect(wrapper.emitted("write")?.[0]?.[0]).toMatchObject({ kind: "added", massKg: 0.2 });
    const leek = pot.batch.plan.items[1]!;
    const after = potOf("on-fire", [
      {
        kind: "added",
        id: "z",
        batchId: "on-fire",
        schemaVersion: SCHEMA_VERSION,
        atMs: NOW,
        itemId: leek.id,
        massKg: 0.25,
      },
    ]);
    await wrapper.setProps({ pot: after });
    expect(wrapper.findAll("button.tap")).toHaveLength(1);
    expect(wrapper.text()).toContain("250 g");
  });

  test("what nobody planned is typed and goes in; without an amount it is asked for", async () => {
    const wrapper = mount(CounterList, {
      global,
      props: { pot: potOf("on-fire"), units: "metric" as const, nowMs: NOW },
    });
    const line = wrapper.find("input");
    await line.setValue("100 g celery");
    await line.trigger("keydown", { key: "Enter" });
    expect(wrapper.emitted("extra")?.[0]?.[0]).toMatchObject({
      ingredientId: "celery",
      massKg: 0.1,
      when: { at: "after", min: 0 },
    });
    await line.setValue("celery");
    await line.trigger("keydown", { key: "Enter" });
    expect(wrapper.find("[role=alert]").text()).toMatch(/How much celery/);
    expect(wrapper.emitted("extra")).toHaveLength(1);
  });
});
