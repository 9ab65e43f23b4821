import { resolve, type SetPot } from "@kettlos/core/simulate/set-pot";
import { mount } from "@vue/test-utils";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { expect, test } from "vitest";
import { planned } from "../../../../test/planned";
import { planOf, sample } from "../../../../test/pot";
import BodyPanel from "./BodyPanel.vue";

const none = { things: {}, kitchen: { log: 0, sd: 0.7, pots: 0 } };
const of = (log: number) => ({
  things: { beanChili: { log, sd: 0.1, pots: 3 } },
  kitchen: { log, sd: 0.5, pots: 3 },
});
/** Chilis were wanted with a fifth more salt, and thinner than gravy. */
const taught: Kitchen = {
  ...sample.kitchen,
  learned: { steam: none, ring: none, salt: of(Math.log(1.2)), body: of(Math.log(0.72)) },
};
function panelOf(setPot: SetPot) {
  const { plan, kitchen } = setPot;
  return mount(BodyPanel, { global: { provide: planned(plan, { kitchen }) } });
}
type Panel = ReturnType<typeof panelOf>;
const labels = (panel: Panel) => panel.findAll("label").map((l) => l.text());
const chosen = (panel: Panel) => panel.findAll("label.on").map((l) => l.text());
const chili = planOf("plan-chili");

test("salt and body as they were wanted here stand among the usual ones, and salt goes by it", async () => {
  const panel = panelOf(resolve(chili, taught));
  expect(chosen(panel)[0]).toBe("10.8 g/kg, as liked here");
  expect(labels(panel)).toContain("coats a spoon, as liked here");
  await panel.findAll("input[type=radio]")[0]?.setValue(true);
  expect(panel.emitted("change")?.[0]).toEqual([{ saltWantedGKg: 5 }]);
  const told = panelOf(resolve({ ...chili, saltWantedGKg: 12.5 }, taught));
  // What the plan says stands, though it is none of the usual ones.
  expect(chosen(told)[0]).toBe("12.5 g/kg");
  expect(labels(told)).toContain("10.8 g/kg, as liked here");
});

test("where nothing was tasted, and for who must be sparing, the usual ones stand alone", () => {
  for (const panel of [
    panelOf(resolve(chili, sample.kitchen)),
    panelOf(resolve({ ...chili, diets: ["lowSalt"] }, taught)),
  ]) {
    expect(chosen(panel)[0]).toBe("9 g/kg");
    expect(labels(panel).filter((l) => /^\d.*liked here/.test(l))).toEqual([]);
  }
});

test("in a US kitchen salt is told by its share, what thickens by the spoon", () => {
  const provide = planned(chili, { kitchen: taught, units: "us" });
  const panel = mount(BodyPanel, { global: { provide } });
  expect(chosen(panel)[0]).toBe("1.08 %, as liked here");
  expect(labels(panel)).toContain("0.9 %");
  expect(panel.text()).toMatch(/like [\d¼½¾⅓⅔].* (tbsp|cup) flour a quart/);
  expect(panel.text()).not.toMatch(/kilogram|g\/kg/);
});
