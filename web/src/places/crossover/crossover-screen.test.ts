import { resolve } from "@kettlos/core/simulate/set-pot";
import type { Heat } from "@kettlos/core/heats/heat-schema";
import { convertDish, type HeatAnswer } from "@kettlos/core/because/converted";
import { mount } from "@vue/test-utils";
import { ElInput, ElPopover } from "element-plus";
import { describe, expect, test } from "vitest";
import { planOf, sample } from "../../../test/pot";
import HeatCourses from "../../drawings/HeatCourses.vue";
import LevelledPot from "../../drawings/LevelledPot.vue";
import HeatColumn from "./HeatColumn.vue";
import PotsRow from "./PotsRow.vue";
import { heatWords } from "../../words/heat-words";

const global = { components: { ElInput, ElPopover } };
const braise = planOf("plan-braise");
const { converted, ranges } = convertDish(resolve(braise, sample.kitchen));
const drawn = ranges();

function columnWith(
  method: string,
  change: (answer: HeatAnswer) => HeatAnswer = (a) => a,
  units: "metric" | "us" = "metric",
) {
  const i = converted.answers.findIndex((a) => a.target.heat.method === method);
  const answer = converted.answers[i];
  if (answer === undefined) throw new Error(`no ${method}`);
  return mount(HeatColumn, {
    props: {
      answer: change(answer),
      range: drawn[i] ?? null,
      kitchen: sample.kitchen,
      units,
      crockSetting: "low",
    },
    global,
  });
}

test("pots share one scale, and keep one where there is hardly room for their words", () => {
  const all = converted.answers.map((answer, i) => ({ answer, range: drawn[i] ?? null }));
  const scales = (width: number) =>
    all.map((column) => {
      const row = mount(PotsRow, {
        props: { column, all, kitchen: sample.kitchen, units: "metric", width },
        global,
      });
      return row.findComponent(LevelledPot).props("pxPerM");
    });
  const [wide, narrow] = [scales(400), scales(100)];
  expect(new Set(wide).size).toBe(1);
  expect(new Set(narrow).size).toBe(1);
  expect(wide[0]).toBeGreaterThan(400);
  expect(narrow[0]).toBeGreaterThan(0);
});

describe("a heat's column", () => {
  test("says time, liquid in and out, work, and the rule", () => {
    const text = columnWith("slowCooker").text();
    expect(text).toMatch(/LOW \d+½?–\d+½? h/);
    expect(text).toMatch(/1\.\d L \(1\.\d–1\.\d L\)/);
    expect(text).toMatch(/(\d+ min|\d+ h( \d+)?) of \d+ h/);
    expect(text).toContain("Kitchen rule: 8–10 h.");
    expect(text).toMatch(/Carrot: last \d+ min instead of 45/);
  });

  test("the written one is marked and is not offered as the plan", () => {
    const oven = columnWith("oven");
    expect(oven.text()).toContain("as written");
    expect(oven.text()).not.toContain("Make it the plan");
    expect(columnWith("hob").text()).toContain("Make it the plan");
  });

  test("a time typed makes this heat the written one; so does water", async () => {
    const wrapper = columnWith("pressure");
    const [time, water] = wrapper.findAll("input");
    await time?.setValue("25 min");
    await time?.trigger("change");
    const [plan] = (wrapper.emitted("write")?.[0] ?? []) as [typeof braise];
    expect(plan.stop).toEqual({ by: "time", holdMin: 25 });
    expect(plan.heat.method).toBe("pressure");
    expect(plan.id).toBe(braise.id);
    await water?.setValue("1.5 L");
    await water?.trigger("change");
    const [wet] = (wrapper.emitted("write")?.[1] ?? []) as [typeof braise];
    expect(wet.water).toEqual({ by: "amount", volumeL: 1.5 });
  });

  test("a refused crock cannot be made the plan, and its remedies can be taken", async () => {
    const remedy = { text: "Start with boiling liquid", change: {}, from5To60Min: 200 };
    const wrapper = columnWith("slowCooker", (a) =>
      a.ok
        ? {
            ...a,
            column: {
              ...a.column,
              refusal: { why: "tooSlow", text: "It takes 5 h 10.", remedies: [remedy] },
            },
          }
        : a,
    );
    expect(wrapper.find("[role=alert]").text()).toContain("Danger: not like this");
    expect(wrapper.find("[role=alert]").text()).toContain("within 4 h");
    const accept = wrapper.findAll("button").find((b) => b.text() === "Make it the plan");
    expect(accept?.attributes("disabled")).toBeDefined();
    await wrapper
      .findAll("button")
      .find((b) => b.text().startsWith("Start with"))
      ?.trigger("click");
    expect(wrapper.emitted("remedy")?.[0]).toEqual([remedy]);
  });

  test("what cannot be had says why", () => {
    const wrapper = columnWith("hob", (a) => ({
      ok: false,
      target: a.target,
      message: "It is not done within a day.",
    }));
    expect(wrapper.text()).toContain("Not on this heat");
    expect(wrapper.text()).toContain("It is not done within a day.");
    expect(wrapper.text()).not.toContain("Make it the plan");
  });

  test("in US units the figures are in quarts and °F", () => {
    expect(columnWith("oven", (a) => a, "us").text()).toContain("300 °F, covered");
    expect(columnWith("oven", (a) => a, "us").text()).toMatch(/1 ½ qt/);
  });
});

describe("how a heat is set, in words", () => {
  test.each<[Heat, string]>([
    [
      { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
      "rolling boil, uncovered",
    ],
    [
      { method: "oven", ovenId: "o", ovenC: 150, lid: "on", start: "cold" },
      "150 °C, covered, in cold",
    ],
    [
      {
        method: "slowCooker",
        setting: "low",
        start: "hot",
        highFirstMin: 60,
        lidLifts: 0,
        warmMin: 0,
      },
      "LOW, boiling liquid, HIGH first 60 min",
    ],
    [{ method: "pressure", setting: "low", release: "quick" }, "low pressure, quick release"],
  ])("%o", (heat, words) => {
    expect(heatWords(heat, "metric")).toBe(words);
  });
});

describe("the drawings", () => {
  test("every pot's finished level lies on the common line, whatever its size", () => {
    const level = (vesselId: string, endM: number) => {
      const vessel = sample.kitchen.vessels.find((v) => v.id === vesselId);
      if (vessel === undefined) throw new Error(vesselId);
      const wrapper = mount(LevelledPot, {
        props: {
          vessel,
          width: 300,
          height: 260,
          pxPerM: 400,
          levelY: 100,
          startM: endM + 0.02,
          endM,
          heapTopM: 0.03,
          lid: "on",
          flames: false,
          label: "pot",
          pieces: "dice",
          startText: "1 L",
        },
      });
      const [, shift] = /translate\(0 ([\d.]+)\)/.exec(wrapper.html()) ?? [];
      const end = wrapper.find("line.end");
      return Number(shift) + Number(end.attributes("y1"));
    };
    expect(level("tall", 0.05)).toBeCloseTo(100, 6);
    expect(level("braiser", 0.03)).toBeCloseTo(100, 6);
  });

  test("the clock says work and door to door of each heat, in bars that are its stretches", () => {
    const rows = converted.answers.flatMap((a) =>
      a.ok
        ? [
            {
              key:
                a.target.heat.method +
                a.target.vesselId +
                ("setting" in a.target.heat ? a.target.heat.setting : ""),
              name: a.target.heat.method,
              trace: a.column.trace,
              stretches: a.column.line,
              handsOn: "50 min",
              all: "4 h",
            },
          ]
        : [],
    );
    const wrapper = mount(HeatCourses, { props: { rows } });
    const label = wrapper.find("svg[role=img]").attributes("aria-label") ?? "";
    expect(label.match(/50 min of work, 4 h from door to door/g)).toHaveLength(rows.length);
    const bars = wrapper.findAll("g > rect").filter((r) => r.attributes("stroke-width") === "0.8");
    expect(bars).toHaveLength(rows.reduce((sum, r) => sum + r.stretches.length, 0));
    const widths = bars.map((b) => Number(b.attributes("width")));
    expect(Math.min(...widths)).toBeGreaterThan(0);
  });
});
