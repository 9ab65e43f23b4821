import { resolve } from "@kettlos/core/simulate/set-pot";
import { answersFor } from "@kettlos/core/because/answers";
import { sentenceParts } from "@kettlos/core/because/sentence";
import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { planOf, sample } from "../../../../test/pot";
import PlanSentence from "./PlanSentence.vue";

const { kitchen, plans } = sample;

test.each(["plan-gravy", "plan-lamb", "plan-braise"])(
  "%s is said whole, and what opens holds the stop after it, so that no line begins with one",
  (id) => {
    const plan = planOf(id);
    const outcome = answersFor(resolve(plan, kitchen), () => 9);
    if (!outcome.ok) throw outcome.problem;
    const answers = outcome.value;
    const wrapper = mount(PlanSentence, {
      props: { plan, plans, kitchen, answers, units: "metric" },
    });
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
