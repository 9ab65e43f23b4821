import { emptyClock } from "@kettlos/core/simulate/clock";
import { mount } from "@vue/test-utils";
import { clockAnswer } from "@kettlos/core/clock/answer";
import { clockworkOf, type Clockwork } from "@kettlos/core/clock/clockwork";
import { minuteOf, wallClock } from "@kettlos/core/clock/wall-clock";
import { withReadyTimes } from "@kettlos/core/clock/wishes";
import { parse } from "papaparse";
import { describe, expect, test } from "vitest";
import { nextTick } from "vue";
import { NOW, sample } from "../../../test/pot";
import { clockCalls } from "../../data/clock-calls";
import { lanesOf, tickStepMin } from "./lane-model";
import { sheetCsv } from "./sheet-csv";
import LaneBars from "./LaneBars.vue";
import LanesView from "./LanesView.vue";
import SheetView from "./SheetView.vue";
import TaskPanel from "./TaskPanel.vue";
import TroublePanel from "./TroublePanel.vue";

const wall = wallClock();
const now = minuteOf(NOW);
const { kitchen, plans } = sample;
const clock = withReadyTimes(sample.clock ?? emptyClock(), plans, NOW);
const work: Clockwork = clockworkOf({ kitchen, plans, clock, now }, wall);
const answer = clockAnswer(work, wall);
const potName = (id: string) => plans.find((p) => p.id === id)?.name;
const volume = (volumeL: number) => `${volumeL.toFixed(2)} L`;
const lanes = lanesOf(answer, kitchen, potName, volume);
const laneOf = (id: string) => {
  const found = lanes.find((l) => l.id === id);
  if (found === undefined) throw new Error(`no lane ${id}`);
  return found;
};

describe("lanes", () => {
  test("show each thing of the kitchen with something on it, and every pair of hands", () => {
    expect(lanes.map((l) => l.kind)).toContain("oven");
    expect(laneOf("vessel crock").bars[0]?.label).toBe("Trotter stock overnight");
    expect(lanes.filter((l) => l.kind === "hand").map((l) => l.name)).toEqual(["You", "Helper"]);
    expect(lanes.every((l) => l.kind === "hand" || l.bars.length > 0)).toBe(true);
  });

  test("hold every row that needs a thing or a hand, none twice on one lane", () => {
    for (const lane of lanes) {
      const ids = lane.bars.flatMap((b) => b.parts.map((p) => p.taskId));
      expect(new Set(ids).size).toBe(ids.length);
    }
    const onRings = lanes.filter((l) => l.kind === "ring").flatMap((l) => l.bars);
    const rows = answer.rows.filter((r) => r.ringId !== null);
    expect(onRings.flatMap((b) => b.parts).length).toBe(rows.length);
  });

  test("what lies over another stands a row lower; of one lane and row nothing overlaps", () => {
    for (const lane of lanes)
      for (let row = 0; row < lane.rows; row++) {
        const bars = lane.bars.filter((b) => b.row === row).sort((a, b) => a.from - b.from);
        bars.forEach((b, i) => expect(b.from).toBeGreaterThanOrEqual(bars[i - 1]?.to ?? 0));
      }
  });

  test("a pot on its heat falls as its broth steams off, from lane to lane without a jump", () => {
    const bars = lanes.flatMap((l) => l.bars.map((bar) => ({ lane: l, bar })));
    const courses = bars.flatMap(({ lane, bar }) =>
      bar.course === null ? [] : [{ lane, bar, course: bar.course }],
    );
    expect(courses.length).toBeGreaterThan(2);
    for (const { lane, bar, course } of courses) {
      expect(["ring", "oven", "vessel"]).toContain(lane.kind);
      expect(course.points.map((p) => p.along)).toEqual(
        course.points.map((p) => p.along).toSorted((a, b) => a - b),
      );
      expect(course.points.every((p) => p.share >= 0 && p.share <= 1 + 1e-9)).toBe(true);
      expect(course.fromL).toBeGreaterThan(0);
      const before = courses.find((c) => c.bar.blockId === bar.blockId && c.bar.to === bar.from);
      if (before !== undefined) expect(course.fromL).toBeCloseTo(before.course.toL, 9);
    }
    const crock = laneOf("vessel crock").bars[0]?.course;
    expect(crock?.toL).toBeLessThan(crock?.fromL ?? 0);
    expect(crock?.toL).toBeGreaterThan(0.8 * (crock?.fromL ?? 0));
  });

  test("what stands in the fridge has a lane, with the room that there is", () => {
    const fridge = laneOf("fridge");
    expect(fridge.note).toBe("room for 14.00 L");
    const [stay] = fridge.bars;
    const portion = answer.rows.find(
      (r) => r.blockId === stay?.blockId && r.kind === "portion" && r.fridgeL === null,
    );
    expect(stay?.to).toBe(portion?.from);
    expect(
      laneOf("fridge")
        .bars.flatMap((b) => b.parts)
        .every((r) => r.fridgeL !== null),
    ).toBe(true);
  });

  test("ticks stand clear of one another whatever the scale", () => {
    for (const pxPerMin of [0.05, 0.2, 1, 3, 10, 18])
      expect(tickStepMin(pxPerMin) * pxPerMin).toBeGreaterThanOrEqual(48);
  });
});

describe("a bar", () => {
  const props = {
    lane: laneOf("hand you"),
    volume,
    xOf: (m: number) => m - now,
    pxPerMin: 1,
    chosen: null,
  };
  test("says what it is, when, and where", () => {
    const [bar] = mount(LaneBars, { props }).findAll(".bar");
    expect(bar?.attributes("aria-label")).toMatch(/, \w{3} \d\d:\d\d to \d\d:\d\d, You/);
  });
  test("of a pot says its litres, and draws what is gone over what is left", () => {
    const lane = laneOf("vessel crock");
    const wrapper = mount(LaneBars, { props: { ...props, lane } });
    expect(wrapper.find(".bar").attributes("aria-label")).toMatch(/, from [\d.]+ L to [\d.]+ L$/);
    expect(wrapper.find(".litres").text()).toMatch(/ L → /);
    expect(wrapper.find(".gone").attributes("style")).toContain("polygon(0 0, 100% 0, 100.00%");
  });
  test("is moved by the arrows: five minutes, one with Shift; pinned and opened by keys", async () => {
    const wrapper = mount(LaneBars, { props });
    const bar = wrapper.find(".bar");
    await bar.trigger("keydown", { key: "ArrowLeft" });
    await bar.trigger("keydown", { key: "ArrowRight", shiftKey: true });
    await bar.trigger("keydown", { key: "p" });
    await bar.trigger("keydown", { key: "Enter" });
    expect(wrapper.emitted("nudge")?.map(([, by]) => by)).toEqual([-5, 1]);
    expect(wrapper.emitted("pin")).toHaveLength(1);
    expect(wrapper.emitted("choose")).toHaveLength(1);
  });
});

describe("a bar in the hand", () => {
  const props = { answer, kitchen, nowMinute: now, zoom: "hour" as const, chosen: null, potName };
  const point = (kind: string, clientX: number) =>
    window.dispatchEvent(
      new PointerEvent(kind, { clientX, pointerId: 7, button: 0, bubbles: true }),
    );
  const grabbed = async () => {
    const lanes = mount(LanesView, { props, attachTo: document.body });
    const bar = lanes.find(".bar");
    const blockId = bar.attributes("data-block");
    await bar.trigger("pointerdown", { clientX: 100, pointerId: 7, button: 0 });
    return { lanes, blockId };
  };

  test("is moved until it is let go, also where what follows takes its element away", async () => {
    const { lanes, blockId } = await grabbed();
    point("pointermove", 160);
    // Worked out anew, it lies elsewhere: the element that was taken hold of is gone.
    const rows = answer.rows.filter((r) => r.blockId !== blockId);
    await lanes.setProps({ answer: { ...answer, rows } });
    expect(lanes.find(`[data-block="${blockId}"]`).exists()).toBe(false);
    point("pointermove", 220);
    point("pointerup", 220);
    const drags = lanes.emitted("drag") ?? [];
    expect(drags.map(([bar]) => (bar as { blockId: string }).blockId)).toEqual([
      blockId,
      blockId,
      blockId,
    ]);
    expect(drags.map(([, , isDone]) => isDone)).toEqual([false, false, true]);
    expect(Number(drags[2]?.[1])).toBeGreaterThan(Number(drags[0]?.[1]));
    expect(lanes.emitted("choose")).toBeUndefined();
    // Once it is let go it stays.
    point("pointermove", 400);
    expect(lanes.emitted("drag")).toHaveLength(3);
  });

  test("let go where it was taken up it is chosen; another finger moves nothing", async () => {
    const { lanes } = await grabbed();
    window.dispatchEvent(new PointerEvent("pointermove", { clientX: 300, pointerId: 8 }));
    point("pointerup", 100);
    expect(lanes.emitted("choose")).toHaveLength(1);
    expect(lanes.emitted("drag")).toBeUndefined();
    const { lanes: other } = await grabbed();
    point("pointercancel", 100);
    point("pointerup", 300);
    expect(other.emitted("drag")).toBeUndefined();
  });
});

describe("the run sheet", () => {
  const props = { answer, kitchen, nowMinute: now, chosen: null, potName };
  test("names the next thing, and shows one pair of hands alone", async () => {
    const sheet = mount(SheetView, { props });
    const first = answer.rows.find((r) => r.attention === "hands" || r.attention === "near");
    expect(sheet.find(".next").text()).toContain(first?.title);
    await sheet.findAll("input[type=radio]")[1]?.setValue(true);
    await nextTick();
    const mine = answer.rows.filter((r) => r.handId === "you" && r.to > now);
    expect(sheet.findAll("li")).toHaveLength(mine.length);
  });
  test("work before the pot is ticked off, what goes on by itself is not", async () => {
    const sheet = mount(SheetView, { props });
    const ticks = sheet.findAll(".tick");
    await ticks[0]?.trigger("change");
    expect(sheet.emitted("done")?.[0]?.[0]).toMatchObject({ blockIds: [expect.any(String)] });
    const alone = sheet.findAll("li.none");
    expect(alone.length).toBeGreaterThan(0);
    for (const row of alone) expect(row.find(".tick").exists()).toBe(false);
  });
  test("degrees are said in the kitchen's measures", () => {
    const us = mount(SheetView, { props: { ...props, kitchen: { ...kitchen, units: "us" } } });
    expect(us.text()).toContain("°F");
    expect(us.text()).not.toContain("°C");
  });
});

test("the CSV holds every row, in UTC", () => {
  const { data } = parse<Record<string, string>>(sheetCsv(answer, kitchen, potName), {
    header: true,
  });
  expect(data).toHaveLength(answer.rows.length);
  expect(data[0]?.["from"]).toMatch(/Z$/);
  expect(data.some((row) => row["ring"] === "Gas ring 2")).toBe(true);
});

test("what is due before a pot is on calls until it is ticked off, and what it does once it is on does not", () => {
  const later = (Math.max(...answer.rows.map((r) => r.to)) + 1) * 60_000;
  const calls = clockCalls(answer, later, "metric");
  expect(calls.some((c) => c.key.includes("/prep/"))).toBe(true);
  expect(calls.every((c) => !/\/(fire|portion|serve)$/.test(c.key))).toBe(true);
  expect(clockCalls(answer, NOW - 60_000, "metric")).toEqual([]);
  expect(clockCalls(null, later, "metric")).toEqual([]);
});

test("a length is given by hand, a pin let go, and a pot put on from its work", async () => {
  const rows = answer.rows.filter((r) => r.blockId === "plan-night/fill");
  const pot = { planId: "plan-night", name: "Trotter stock overnight" };
  const panel = mount(TaskPanel, {
    props: { rows: rows.map((r) => ({ ...r, isPinned: true })), pot, batches: [] },
    global: { stubs: { RouterLink: true } },
  });
  const buttons = panel.findAll("button");
  await buttons.find((b) => b.text() === "Let it move again")?.trigger("click");
  await buttons.find((b) => b.text() === "Put it on")?.trigger("click");
  expect(panel.emitted("pin")).toEqual([["plan-night/fill", null]]);
  expect(panel.emitted("start")).toEqual([["plan-night"]]);
});

test("a clash is said with its ways out, each with what it costs", async () => {
  const cost = { lateMin: 20, handsMin: -6, waitMin: 0, earlierMin: 0, litres: 0 };
  const remedy = { id: "r", title: "Supper at 18:50", cost, change: {} };
  const trouble = {
    goalId: "m",
    goal: "Supper",
    lateMin: 20,
    wishes: ["one pair of hands"],
    kinds: ["hands"],
    remedies: [remedy],
  };
  const panel = mount(TroublePanel, { props: { troubles: [trouble], broken: [] } });
  expect(panel.text()).toContain("Supper is 20 min late");
  expect(panel.text()).toContain("20 min later at the table, 6 min less by hand");
  await panel.find(".ways button").trigger("click");
  expect(panel.emitted("take")).toEqual([[remedy]]);
});
