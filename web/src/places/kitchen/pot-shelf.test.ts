import { mount } from "@vue/test-utils";
import { expect, test, vi } from "vitest";
import { sample } from "../../../test/pot";
import PotMeasured from "../../drawings/PotMeasured.vue";
import PotShelf from "./PotShelf.vue";

const shelf = (widthPx: number) => {
  vi.spyOn(HTMLElement.prototype, "clientWidth", "get").mockReturnValue(widthPx);
  const { vessels } = sample.kitchen;
  return mount(PotShelf, { props: { vessels, chosenId: "tall", units: "metric" } });
};
/** Widths of the drawn pots, px. */
const drawn = (wrapper: ReturnType<typeof shelf>) =>
  wrapper.findAll("svg").map((svg) => Number(svg.attributes("width")));

test("pots stand at one scale, all in one row of a desk and three to a row of a phone", async () => {
  const desk = shelf(1232);
  await desk.vm.$nextTick();
  const wide = drawn(desk);
  expect(wide).toHaveLength(sample.kitchen.vessels.length);
  expect(wide.reduce((sum, px) => sum + px, 0)).toBeLessThan(1232);
  const phone = shelf(358);
  await phone.vm.$nextTick();
  const narrow = drawn(phone);
  expect(
    narrow
      .toSorted((a, b) => b - a)
      .slice(0, 3)
      .reduce((sum, px) => sum + px),
  ).toBeLessThan(358);
  // One scale: what is wider on the desk is wider on the phone.
  const order = (widths: readonly number[]) =>
    widths.map((_, i) => i).sort((a, b) => (widths[a] ?? 0) - (widths[b] ?? 0));
  expect(order(narrow)).toEqual(order(wide));
});

test("a tap takes a pot down, another puts it back", async () => {
  const wrapper = shelf(1232);
  const buttons = wrapper.findAll("button");
  await buttons[0]?.trigger("click");
  await buttons[1]?.trigger("click");
  expect(wrapper.emitted("choose")).toEqual([[null], [sample.kitchen.vessels[1]?.id]]);
  await buttons.at(-1)?.trigger("click");
  expect(wrapper.emitted("add")).toHaveLength(1);
});

test("the lines of measure are as long as what they measure, at one scale", () => {
  const vessel = sample.kitchen.vessels.find((v) => v.id === "casserole");
  if (vessel === undefined) throw new Error("no casserole");
  const path =
    mount(PotMeasured, { props: { vessel } }).find("path.measures").attributes("d") ?? "";
  const [rim, floor] = [...path.matchAll(/M([\d.]+) [\d.]+H([\d.]+)/gu)].map(
    ([, a, b]) => Number(b) - Number(a),
  );
  const [, top, bottom] = /M[\d.]+ ([\d.]+)V([\d.]+)/u.exec(path) ?? [];
  const perM = (rim ?? 0) / vessel.topM[0];
  expect((floor ?? 0) / perM).toBeCloseTo(vessel.bottomM[0], 3);
  expect((Number(bottom) - Number(top)) / perM).toBeCloseTo(vessel.heightM, 3);
});
