import { mount } from "@vue/test-utils";
import { describe, expect, test } from "vitest";
import { NOW, potOf } from "../../../test/pot";
import type { LivePot } from "../../data/pots-store";
import BenchPot from "./BenchPot.vue";

const shown = (pot: LivePot) =>
  mount(BenchPot, {
    props: { pot, units: "metric", nowMs: NOW },
    global: { stubs: { RouterLink: { template: "<a><slot /></a>" } } },
  });

describe("a pot on the bench", () => {
  test("of a stock says what it will give strained, of a dish what liquid is left", () => {
    expect(shown(potOf("on-fire")).text()).toMatch(/Strained about 3\.\d L \(/);
    const dish = shown(potOf("dish-04")).text();
    expect(dish).toMatch(/Liquid left about 1\.\d L \(/);
    expect(dish).not.toContain("Strained");
  });

  test("claims no litres where it reckons with none", () => {
    const pot = potOf("on-fire");
    expect(shown(pot).text()).toMatch(/3\.\d L in the pot/);
    const dry = { ...pot, forecast: { ...pot.forecast, isDry: true } };
    expect(shown(dry).text()).toContain("By the estimate it is dry");
    expect(shown(dry).text()).not.toContain("in the pot");
  });
});
