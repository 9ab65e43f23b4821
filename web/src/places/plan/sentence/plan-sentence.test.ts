import { resolve } from "@kettlos/core/simulate/set-pot";
import { sentenceParts } from "@kettlos/core/because/sentence";
import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { answersOf, planned } from "../../../../test/planned";
import { planOf, sample } from "../../../../test/pot";
import PlanSentence from "./PlanSentence.vue";

const { kitchen } = sample;

test.each(["plan-gravy", "plan-lamb", "plan-braise"])(
  "%s is said whole, and what opens holds the stop after it, so that no line begins with one",
  (id) => {
    const plan = planOf(id);
    const answers = answersOf(plan);
    const wrapper = mount(PlanSentence, { global: { provide: planned(plan) } });
    const spans = wrapper.findAll("h1 > span");
    const bare = (text: string) => text.replace(/\s/gu, "");
    expect(bare(wrapper.get("h1").text())).toBe(
      bare(
        sentenceParts(resolve(plan, kitchen), answers, "metric")
          .map((p) => p.text)
          .join(""),
      ),
    );
    expect(spans.filter((s) => /^[,.:;]/u.test(s.element.textContent))).toEqual([]);
    expect(spans.some((s) => s.classes("held") && /[,:]$/u.test(s.text()))).toBe(true);
  },
);
