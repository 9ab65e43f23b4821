import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { litres } from "@kettlos/core/units/said";
import { flushPromises, mount } from "@vue/test-utils";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { shallowRef } from "vue";
import { planned } from "../../../../test/planned";
import { planOf, sample } from "../../../../test/pot";
import { workBack, type WorkedBack } from "../../../workers/work-back";
import WorkBack from "./WorkBack.vue";

/** Stands in for the other thread: answers when the test says so. */
const thread = vi.hoisted(() => ({
  answers: [] as (() => void)[],
  asked: [] as unknown[][],
  isBroken: false,
  problem: null as WorkedBack["problem"],
}));
vi.mock("../../../workers/reckoner", () => ({
  reckoner: () => ({
    workBack: (...question: Parameters<typeof workBack>) => {
      thread.asked.push(question);
      if (thread.isBroken) return Promise.reject(new Error("no thread"));
      const { problem } = thread;
      const worked = (): WorkedBack =>
        problem === null ? workBack(...question) : { options: [], problem };
      return new Promise((resolve) => thread.answers.push(() => resolve(worked())));
    },
  }),
}));
const answer = async () => {
  thread.answers.splice(0).forEach((give) => give());
  await flushPromises();
};

beforeEach(() => {
  thread.answers.length = 0;
  thread.asked.length = 0;
});

const lamb = planOf("plan-lamb");
const twoPots = { ...sample.kitchen, vessels: sample.kitchen.vessels.slice(0, 2) };
const shown = (plan: Plan | (() => Plan) = lamb, errorHandler?: () => void) =>
  mount(WorkBack, {
    global: {
      provide: planned(plan, { kitchen: twoPots }),
      ...(errorHandler === undefined ? {} : { config: { errorHandler } }),
    },
    props: { wanted: { by: "volume" as const, volumeL: 3 } },
  });

describe("from the wanted result back", () => {
  test("every pot is offered with its bones and water, and the one taken becomes the plan", async () => {
    const wrapper = shown();
    await wrapper.find("button.button").trigger("click");
    expect(wrapper.find("button.button").attributes("disabled")).toBeDefined();
    await answer();
    const offers = wrapper.findAll(".options li");
    expect(offers.length).toBeGreaterThan(1);
    expect(offers[0]?.text()).toMatch(/kg bones, .* L water/);
    await offers[0]?.find("button").trigger("click");
    const taken = wrapper.emitted("plan")?.[0]?.[0] as {
      vesselId: string;
      items: { massKg: number }[];
    };
    expect(twoPots.vessels.map((v) => v.id)).toContain(taken.vesselId);
    // All that goes in grows by the same share.
    const by = taken.items.map((item, i) => item.massKg / lamb.items[i]!.massKg);
    for (const share of by) expect(share).toBeCloseTo(by[0]!, 9);
    expect(by[0]).not.toBeCloseTo(1, 2);
    expect(wrapper.find(".options").exists()).toBe(false);
  });

  test("a richer ratio asks for more bones to as much broth", async () => {
    const bones = async (ratio: string) => {
      const wrapper = shown();
      await wrapper.find("input").setValue(ratio);
      await wrapper.find("input").trigger("change");
      await wrapper.find("button.button").trigger("click");
      const [, , , asked] = thread.asked.at(-1) as Parameters<typeof workBack>;
      expect(asked).toBe(Number(ratio));
      const { options } = workBack(lamb, twoPots, 3, asked);
      return options[0]!;
    };
    const [rich, light] = [await bones("1.5"), await bones("3")];
    expect(rich.bonesKg).toBeGreaterThan(light.bonesKg * 1.2);
    for (const [option, ratio] of [
      [rich, 1.5],
      [light, 3],
    ] as const)
      expect(option.waterL / option.bonesKg).toBeCloseTo(ratio, 6);
  });

  test("a ratio that cannot be stays as it was typed, is said, and is not gone by", async () => {
    const wrapper = shown();
    const field = wrapper.find<HTMLInputElement>("input");
    await field.setValue("0");
    expect(field.element.value).toBe("0");
    expect(wrapper.find("[role=alert]").text()).toContain("from 0.25 to 20");
    expect(wrapper.text()).toContain("parts water: standard");
  });

  test("left, or asked of a plan that has changed since, an answer is dropped", async () => {
    const plan = shallowRef(lamb);
    const wrapper = shown(() => plan.value);
    await wrapper.find("button.button").trigger("click");
    await wrapper.find("button.link").trigger("click");
    await answer();
    expect(wrapper.find(".options").exists()).toBe(false);
    await wrapper.find("button.button").trigger("click");
    plan.value = { ...lamb, prepareMin: lamb.prepareMin + 1 };
    await answer();
    expect(wrapper.find(".options").exists()).toBe(false);
    expect(wrapper.find("button.button").attributes("disabled")).toBeUndefined();
  });

  test("a thread that fails leaves the button to be tried again", async () => {
    const failed = vi.fn();
    const wrapper = shown(lamb, failed);
    thread.isBroken = true;
    await wrapper.find("button.button").trigger("click");
    await flushPromises();
    thread.isBroken = false;
    expect(failed).toHaveBeenCalledOnce();
    expect(wrapper.find("button.button").attributes("disabled")).toBeUndefined();
  });

  test("a problem with a quantity in it is said in the measures of the kitchen", async () => {
    thread.problem = ["No amount of water leaves ", litres(3), " here."];
    const wrapper = shown();
    await wrapper.find("button.button").trigger("click");
    thread.problem = null;
    await answer();
    expect(wrapper.find("[role=alert]").text()).toBe("No amount of water leaves 3 L here.");
  });

  test("without bones it says what is missing", async () => {
    const wrapper = shown({ ...lamb, items: [] });
    await wrapper.find("button.button").trigger("click");
    await answer();
    expect(wrapper.find("[role=alert]").text()).toContain("Say which bones or meat first");
  });
});
