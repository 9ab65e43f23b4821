import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import { answersOf, planned } from "../../../test/planned";
import { planOf } from "../../../test/pot";
import PlanSheet from "./PlanSheet.vue";

const braise = planOf("plan-braise");
const sheet = (plan = braise, more: Parameters<typeof planned>[1] = {}) =>
  mount(PlanSheet, { global: { provide: planned(plan, more) } });
const rows = (wrapper: ReturnType<typeof sheet>, nth: number) =>
  (wrapper.findAll("table")[nth]?.findAll("tr") ?? []).map((tr) =>
    tr
      .findAll("td")
      .map((td) => td.text().replace(/\s+/gu, " "))
      .filter((t) => t !== "")
      .join(" | "),
  );

test("the paper holds all of it: what goes in and when, the work with its minutes, the hours of the pot", () => {
  const wrapper = sheet();
  const goesIn = rows(wrapper, 0);
  expect(goesIn).toHaveLength(braise.items.length + 1);
  expect(goesIn[0]).toBe("2.2 kg | Goat shoulder, trim, cut, brown | At start");
  expect(goesIn.at(-1)).toBe("900 mL | Water | At start");
  expect(rows(wrapper, 1)).toHaveLength(answersOf(braise).dish.tasks.length);
  expect(rows(wrapper, 1).join()).toMatch(/Brown the goat shoulder, 3 batches.* \| \d+ min/);
  expect(rows(wrapper, 2)[0]).toMatch(/^0 min \| Light the ring$/);
  expect(rows(wrapper, 2).at(-1)).toMatch(/serve$/);
  const text = wrapper.text();
  expect(text).toMatch(/Salt, about \d+ g: in three goes, tasting/);
  expect(text).toMatch(/Take out before serving: .*bay/i);
  expect(text).toMatch(/Beside it: 480 g polenta/);
});

test("by the clock where it is known when it is lit, in the measures of the kitchen, with what to mind", () => {
  const timed = { ...braise, readyAt: "2026-03-21T19:00:00+01:00" };
  const wrapper = sheet(timed, { units: "us" });
  expect(rows(wrapper, 2)[0]).toMatch(/^Sat \d\d:\d\d \| Light the ring$/);
  expect(rows(wrapper, 0)[0]).toMatch(/^4 lb 14 oz/);
  expect(wrapper.text()).toMatch(/To mind.*Chill what is left, fast and shallow/s);
  expect(wrapper.text()).toMatch(/your local food code rules/);
  expect(wrapper.text()).not.toMatch(/\d ?°C|\d ?(kg|mL)\b/);
});
