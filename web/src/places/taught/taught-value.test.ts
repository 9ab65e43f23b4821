import { shownOf, SHOWN_FROM } from "@kettlos/core/learn/taught-shown";
import { whatTaught, type Taught } from "@kettlos/core/learn/taught";
import { mount } from "@vue/test-utils";
import { expect, test } from "vitest";
import FactorScale from "./FactorScale.vue";
import TaughtValue from "./TaughtValue.vue";

const POTS = 100;
const from = Array.from({ length: POTS }, (_, n) => ({
  ...{ potId: `pot ${n}`, factor: 1.1, weight: 1, isWild: false },
}));
const value: Taught = {
  ...{ kind: "steam", thing: "tall|ajar|gentle", before: 1, factor: 1.1 },
  ...{ plusMinusPct: 5, beforePlusMinusPct: 30, isFrozen: false, from },
};
const [shown] = shownOf({ ...whatTaught([]), values: [value] }).values;
if (shown === undefined) throw new Error("nothing is shown");

test("of a hundred pots the latest are drawn and told, and all of them once they were asked for", async () => {
  const screen = mount(TaughtValue, {
    props: { value: shown, all: null, name: "Tall pot", potName: (id: string) => id },
    global: { stubs: { RouterLink: { template: "<a><slot /></a>" } } },
  });
  expect(screen.findComponent(FactorScale).findAll("circle")).toHaveLength(SHOWN_FROM);
  expect(screen.text()).toContain("100");
  const told = () => screen.findAll(".pots > ul > li a").map((a) => a.text());
  await screen.get("button").trigger("click");
  expect(told()).toEqual(from.slice(-30).map((p) => p.potId));
  const more = () => screen.findAll("button").find((b) => b.text().includes("all 100"));
  await more()?.trigger("click");
  expect(screen.emitted("wantAll")).toHaveLength(1);
  // Until they are there, what is known; and it says that it is not all.
  expect([told().length, more() === undefined]).toEqual([SHOWN_FROM, false]);
  await screen.setProps({ all: from });
  expect([told().length, more() === undefined]).toEqual([POTS, true]);
});
