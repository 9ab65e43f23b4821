import { resolve } from "@kettlos/core/simulate/set-pot";
import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { liveFigures } from "@kettlos/core/because/live-figures";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { HiddenPot } from "@kettlos/core/instruments/hidden-pot";
import { vesselOf } from "@kettlos/core/simulate/references";
import { flushPromises, mount, type VueWrapper } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { describe, expect, test, vi } from "vitest";
import { NOW, potOf, sample } from "../../../test/pot";
import { callsOf } from "../../data/calls-of";
import { readingsCsv, readReadingsCsv } from "../../data/readings-csv";
import { NotWritten } from "../../data/writing";
import CounterList from "./CounterList.vue";
import ForkCheck from "./ForkCheck.vue";
import { goesOn } from "./goes-on";
import HeatSetter from "./HeatSetter.vue";
import LevelReader from "./LevelReader.vue";
import InstrumentStrip from "./InstrumentStrip.vue";
import MovedLine from "./MovedLine.vue";
import PauseDialog from "./PauseDialog.vue";
import PourDialog from "./PourDialog.vue";
import PracticeScore from "../../controls/PracticeScore.vue";
import StillOnCounter from "./StillOnCounter.vue";
import TasteDialog from "./TasteDialog.vue";

const global = { plugins: [ElementPlus], stubs: { teleport: true } };
const MIN = 60_000;
/** What a dialog hands its entry to; typed by what it is called with. */
const written = (_entry: unknown): Promise<void> => Promise.resolve();
const event = (part: object, n = 1): CookEvent =>
  ({
    id: `x${n}`,
    batchId: "on-fire",
    schemaVersion: SCHEMA_VERSION,
    atMs: NOW,
    ...part,
  }) as CookEvent;
type Found = Pick<VueWrapper, "findAll" | "find">;
const button = (wrapper: Found, text: string) => {
  const found = wrapper.findAll("button").find((b) => b.text().startsWith(text));
  if (found === undefined) throw new Error(`no button ${text}`);
  return found;
};

test("under pressure the heat is said to hold as the cooker does: by its ring, or by itself", async () => {
  const said = async (drive: "electric" | "stovetop") => {
    const pot = potOf("on-fire");
    const cooker = sample.kitchen.vessels.find((v) => v.kind === "pressureCooker")!;
    const vessel = { ...cooker, id: "c", pressure: { ...cooker.pressure!, drive } };
    const heat = { method: "pressure", setting: "high", release: "natural" } as const;
    const plan = { ...pot.batch.plan, heat, vesselId: "c", then: [] };
    const kitchen = { ...pot.batch.kitchen, vessels: [vessel] };
    const batch = { ...pot.batch, plan, kitchen };
    const props = { modelValue: true, pot: { ...pot, batch }, units: "metric" as const };
    const wrapper = mount(HeatSetter, { global, props: { ...props, write: written } });
    await flushPromises();
    return wrapper.text();
  };
  expect(await said("electric")).toContain("it holds there by itself");
  expect(await said("electric")).not.toContain("turn down");
  expect(await said("stovetop")).toContain("turn down until it only just stays there");
});

test("going on though something is left is named as what begins the pot", () => {
  expect(goesOn({ kind: "light", title: "Switch the cooker on" })).toBe("Switch the cooker on");
  expect(goesOn({ kind: "offHeat", title: "It has stood" })).toBe("Off the heat");
  expect(goesOn({ kind: "strain", title: "Strain it" })).toBe("Go on");
});

describe("the counter", () => {
  const at = (nowMs: number) =>
    mount(CounterList, { global, props: { pot: potOf("on-fire"), units: "metric", nowMs } });

  test("calls by degrees for what is due, in words and not by colour alone", () => {
    const due = potOf("on-fire").actions.find((a) => a.kind === "add")!.atMs;
    const first = (wrapper: Found) => wrapper.find("li");
    expect(first(at(due - 60 * MIN)).classes()).toContain("ahead");
    expect(first(at(due - 5 * MIN)).text()).toContain("soon");
    expect(first(at(due + MIN)).text()).toContain("now");
    expect(first(at(due + 7 * MIN)).text()).toContain("late");
    const forgotten = first(at(due + 20 * MIN));
    expect(forgotten.classes()).toContain("forgotten");
    expect(forgotten.text()).toContain("forgotten");
  });

  test("what is in the pot comes out and goes back by a tap", async () => {
    const wrapper = at(NOW);
    await wrapper.get("button[aria-label='Lift out Pork trotters']").trigger("click");
    const [written] = wrapper.emitted("write")?.[0] as [object];
    const [trotter] = potOf("on-fire").batch.plan.items;
    expect(written).toEqual({ kind: "takenOut", itemId: trotter?.id });
    const out = potOf("on-fire", [event(written)]);
    await wrapper.setProps({ pot: out });
    expect(wrapper.text()).toContain("lifted out");
    expect(wrapper.find("button[aria-label='Put back Pork trotters']").exists()).toBe(true);
  });
});

describe("nothing passes with something on the counter", () => {
  test("each is put in or left out, and only then it goes on", async () => {
    const items = potOf("on-fire").batch.plan.items.slice(1, 3);
    const wrapper = mount(StillOnCounter, {
      global,
      props: { items, waterL: 1.2, units: "metric", does: "Off the heat", modelValue: false },
    });
    await wrapper.setProps({ modelValue: true });
    expect(button(wrapper, "Off the heat").attributes("disabled")).toBeDefined();
    await button(wrapper, "Leave all of it out").trigger("click");
    expect(wrapper.emitted("write")).toEqual(items.map((i) => [{ kind: "leftOut", itemId: i.id }]));
    await wrapper.setProps({ items: [] });
    expect(button(wrapper, "Off the heat").attributes("disabled")).toBeDefined();
    await button(wrapper, "It is in").trigger("click");
    expect(wrapper.emitted("write")?.at(-1)).toEqual([{ kind: "waterIn" }]);
    await wrapper.setProps({ waterL: 0 });
    await button(wrapper, "Off the heat").trigger("click");
    expect(wrapper.emitted("goOn")).toHaveLength(1);
  });
});

describe("what is said of the pot", () => {
  test("a taste gives its dose, put in as an ingredient of its own; the round is kept", async () => {
    const pot = potOf("on-fire");
    const write = vi.fn(written);
    const putExtra = vi.fn(written);
    const wrapper = mount(TasteDialog, {
      global,
      props: { pot, trace: pot.forecast.planned, write, putExtra, modelValue: false },
    });
    await wrapper.setProps({ modelValue: true });
    await button(wrapper, "dull").trigger("click");
    expect(wrapper.text()).toMatch(/Salt, \d+ g/);
    await button(wrapper, "Put it in").trigger("click");
    await flushPromises();
    expect(putExtra.mock.calls[0]?.[0]).toMatchObject({ ingredientId: "tableSalt" });
    expect(button(wrapper, "It is in").attributes("disabled")).toBeDefined();
    await wrapper.get("form").trigger("submit");
    expect(write.mock.calls[0]?.[0]).toMatchObject({
      kind: "tasted",
      tastes: ["dull"],
      isAtEatingHeat: true,
    });
    // "Right" stands alone.
    await wrapper.setProps({ modelValue: true });
    await button(wrapper, "dull").trigger("click");
    await button(wrapper, "right").trigger("click");
    expect(button(wrapper, "right").attributes("aria-pressed")).toBe("true");
  });

  test("a dose tapped twice goes in once; not written it can be tapped again", async () => {
    const pot = potOf("on-fire");
    const putExtra = vi.fn(written);
    putExtra.mockRejectedValueOnce(new NotWritten("no room"));
    const wrapper = mount(TasteDialog, {
      global: { ...global, config: { errorHandler: () => undefined } },
      props: { pot, trace: pot.forecast.planned, write: written, putExtra, modelValue: false },
    });
    await wrapper.setProps({ modelValue: true });
    await button(wrapper, "dull").trigger("click");
    const tap = button(wrapper, "Put it in");
    await tap.trigger("click");
    await flushPromises();
    expect(button(wrapper, "Put it in").attributes("disabled")).toBeUndefined();
    void tap.trigger("click");
    await tap.trigger("click");
    await flushPromises();
    expect(putExtra).toHaveBeenCalledTimes(2);
  });

  test("a fork says one of four things of a piece that is judged by its bite", async () => {
    const pot = potOf("dish-02");
    const write = vi.fn(written);
    const wrapper = mount(ForkCheck, { global, props: { pot, write, modelValue: false } });
    await wrapper.setProps({ modelValue: true });
    await button(wrapper, "Nearly").trigger("click");
    expect(write.mock.calls[0]?.[0]).toMatchObject({ kind: "checked", how: "nearly" });
  });

  test("twenty minutes with the lid off, just past, are counted back from now", async () => {
    const write = vi.fn(written);
    const wrapper = mount(PauseDialog, {
      global,
      props: { pot: potOf("on-fire"), nowMs: NOW, write, modelValue: false },
    });
    await wrapper.setProps({ modelValue: true });
    await wrapper.get("input[value='lidOff']").setValue(true);
    await wrapper.get("input[value='past']").setValue(true);
    const field = wrapper.get("input:not([type=radio])");
    await field.setValue("20 min");
    await field.trigger("change");
    await wrapper.get("form").trigger("submit");
    expect(write.mock.calls[0]?.[0]).toEqual({
      kind: "interrupted",
      why: "lidOff",
      fromMs: NOW - 20 * MIN,
      untilMs: NOW,
    });
  });

  test("a level that is hardly possible is asked about, and kept when it is so", async () => {
    const pot = potOf("on-fire");
    const write = vi.fn(written);
    const wrapper = mount(LevelReader, {
      global,
      props: {
        pot,
        vessel: vesselOf(pot.setPot),
        units: "metric",
        write,
        modelValue: false,
      },
    });
    await wrapper.setProps({ modelValue: true });
    const field = wrapper.get("input:not([type=radio])");
    await field.setValue("1.5");
    await field.trigger("keydown", { key: "Enter" });
    await flushPromises();
    expect(write).not.toHaveBeenCalled();
    expect(wrapper.text()).toMatch(/That is \d.* of liquid, where about [\d.]+ L is expected/);
    await button(wrapper, "Yes, it is so").trigger("click");
    await flushPromises();
    expect(write.mock.calls[0]?.[0]).toMatchObject({ kind: "read", reading: { value: 0.015 } });
  });

  test("what the disk did not take stays in its dialog, and one tap writes one entry", async () => {
    const write = vi.fn(written);
    write.mockRejectedValueOnce(new NotWritten("Not written: no room."));
    const wrapper = mount(PourDialog, {
      global,
      props: { pot: potOf("on-fire"), units: "metric", write, modelValue: false },
    });
    await wrapper.setProps({ modelValue: true });
    const field = wrapper.get("input:not([type=radio])");
    await field.setValue("0.5 L");
    await field.trigger("change");
    await wrapper.get("form").trigger("submit");
    await flushPromises();
    expect(wrapper.get("[role=alert]").text()).toBe("Not written: no room.");
    expect(wrapper.emitted("update:modelValue")).toBeUndefined();
    // Twice in one moment is once.
    void wrapper.get("form").trigger("submit");
    await wrapper.get("form").trigger("submit");
    await flushPromises();
    expect(write.mock.calls.map(([event]) => event)).toEqual(
      Array(2).fill({ kind: "toppedUp", volumeL: 0.5 }),
    );
    expect(wrapper.emitted("update:modelValue")).toEqual([[false]]);
  });

  test("what moved is said with its reason; as planned is said too", async () => {
    const { forecast } = potOf("on-fire");
    const moved = (laterMin: number, because: typeof forecast.moved.because) => ({
      ...forecast,
      moved: { promisedMs: forecast.endMs.expected - laterMin * MIN, laterMin, because },
    });
    const { plan } = potOf("on-fire").batch;
    const why = liveFigures(
      resolve(plan, potOf("on-fire").batch.kitchen),
      potOf("on-fire").cook,
      forecast,
      NOW,
    ).endMin;
    const wrapper = mount(MovedLine, {
      global,
      props: { forecast: moved(0, []), isOff: false, nowMs: NOW, why },
    });
    expect(wrapper.text()).toContain("as planned");
    await wrapper.setProps({ forecast: moved(30, [{ what: "cameUp", min: 30 }]) });
    expect(wrapper.text()).toMatch(/instead of \d\d:\d\d: it came up 30 min later\./);
  });
});

describe("instruments", () => {
  test("their state stands in words with what they say; lost means by hand", async () => {
    const latest = { atMs: NOW, values: { liquidC: 92.4, potKg: 8.1 } };
    const wrapper = mount(InstrumentStrip, {
      props: { link: { source: "simulated", state: "connected", latest }, units: "metric" },
    });
    expect(wrapper.text()).toContain("connected");
    expect(wrapper.text()).toContain("92.4 °C");
    expect(wrapper.text()).not.toContain("level");
    await wrapper.setProps({ link: { source: "simulated", state: "lost", latest } });
    expect(wrapper.text()).toContain("lost: read by hand");
    await wrapper.setProps({ link: null });
    expect(wrapper.text()).toContain("read by hand");
  });

  test("readings go out as CSV and come back; a file of something else is refused with the columns", () => {
    const { cook } = potOf("on-fire");
    const csv = readingsCsv(cook.events);
    expect(csv.split("\n")[0]).toContain("time,liquid_c");
    const back = readReadingsCsv(csv, cook.litMs ?? 0);
    expect(back.ok && back.readings.length).toBe(cook.readings.length);
    const other = readReadingsCsv("a,b\n1,2", 0);
    expect(other.ok ? "" : other.problems[0]).toContain("depth_cm");
    const bad = readReadingsCsv("time,liquid_c\nnoon,90\n12:00,hot", cook.litMs ?? 0);
    expect(bad.ok ? [] : bad.problems.map((p) => p.slice(0, 6))).toEqual(["Line 2", "Line 3"]);
  });
});

describe("calls", () => {
  test("come for what is due and every danger, under a name that stays; late ones say how late", () => {
    const pot = potOf("on-fire");
    const add = pot.actions.find((a) => a.kind === "add")!;
    expect(callsOf(pot, add.atMs - MIN, "metric").map((c) => c.title)).not.toContain(add.title);
    const [due] = callsOf(pot, add.atMs, "metric");
    expect(due?.title).toBe(add.title);
    const late = callsOf(pot, add.atMs + 12 * MIN, "metric").find((c) => c.key === due?.key);
    expect(late?.title).toBe(`${add.title}, 12 min late`);
    const dangerous = {
      ...pot,
      cautions: [
        {
          id: "dry",
          severity: "danger" as const,
          places: ["cook" as const],
          title: "It may run dry",
          text: "Pour in water.",
          rule: "",
          whose: "",
          sinceMs: NOW,
        },
      ],
    };
    expect(callsOf(dangerous, NOW, "metric")[0]).toMatchObject({
      isDanger: true,
      title: "It may run dry",
    });
  });
});

test("a practice pot is scored with what was hidden in it, a real one is not", () => {
  const pot = potOf("past-01");
  const real = mount(PracticeScore, { props: { pot } });
  expect(real.text()).toBe("");
  const practice = { seed: 5, speed: 60, realMs: 0, potMs: 0 };
  const practised = { ...pot, stored: { ...pot.stored, practice } };
  const wrapper = mount(PracticeScore, { props: { pot: practised } });
  expect(wrapper.text()).toMatch(/Practice: \d+ of 100/);
  const hidden = new HiddenPot(resolve(pot.stored.plan, sample.kitchen), 5).constants;
  if (Math.abs(hidden.evaporation - 1) >= 0.05)
    expect(wrapper.text()).toContain(
      `${Math.abs(Math.round((hidden.evaporation - 1) * 100))} % ${hidden.evaporation > 1 ? "more" : "less"} steam`,
    );
});
