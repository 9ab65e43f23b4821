import { PlanSchema, type Plan, type PlanItem } from "@kettlos/core/simulate/plan-schema";
import { mount } from "@vue/test-utils";
import ElementPlus from "element-plus";
import { describe, expect, test } from "vitest";
import WorkStrip from "../../../drawings/WorkStrip.vue";
import BodyPanel from "./BodyPanel.vue";
import EatersPanel from "./EatersPanel.vue";
import ItemEditor from "../ladder/ItemEditor.vue";
import LabelFields from "../../../controls/LabelFields.vue";
import WaysOut from "../WaysOut.vue";
import ScaleFields from "./ScaleFields.vue";
import StockLink from "../ladder/StockLink.vue";
import SwapList from "../../../controls/SwapList.vue";
import WaysPanel from "./WaysPanel.vue";
import WorkPanel from "./WorkPanel.vue";
import { answersOf, planned } from "../../../../test/planned";
import { planOf, sample } from "../../../../test/pot";
import { until } from "../../../../test/until";

const { kitchen } = sample;
const global = { plugins: [ElementPlus] };
const units = "metric" as const;
const braise = planOf("plan-braise");
const chili = planOf("plan-chili");
const lamb = planOf("plan-lamb");
const itemOf = (plan: Plan, ingredientId: string): PlanItem => {
  const found = plan.items.find((i) => i.ingredientId === ingredientId);
  if (found === undefined) throw new Error(`no ${ingredientId}`);
  return found;
};
/** Mounted on a screen that shows the plan. */
const on = (plan: Plan) => ({ global: { ...global, provide: planned(plan) } });

describe("the work before", () => {
  test("stands in order with its minutes; a soak says from when it begins", () => {
    const beans = { ...planOf("plan-beans"), readyAt: "2026-03-19T12:00:00+01:00" };
    const text = mount(WorkPanel, on(beans)).text();
    expect(text).toMatch(/Soak the runner beans, dry.*from .* \d\d:\d\d/);
    expect(text.indexOf("Soak")).toBeLessThan(text.indexOf("Cut the mutton"));
    expect(text).toMatch(/begin 10 h ahead/);
  });

  test("browning names its batches and the pan", () => {
    const text = mount(WorkPanel, on(braise)).text();
    expect(text).toMatch(/Brown the goat shoulder.*\d batches in the sauté pan/);
  });

  test("without any it teaches where to write it down", () => {
    const bare = {
      ...lamb,
      items: lamb.items.map((i) => ({ ...i, work: [], boneState: "raw" as const })),
    };
    expect(mount(WorkPanel, on(bare)).text()).toContain("No work is written down");
  });

  test("on the ribbon each piece is as wide as it takes", () => {
    const { tasks } = answersOf(braise).dish;
    const strip = mount(WorkStrip, { props: { tasks } });
    const widths = strip.findAll("rect").map((r) => Number(r.attributes("width")));
    const near = tasks.filter((t) => t.attention !== "leave");
    expect(widths).toHaveLength(near.length);
    const [first, second] = near;
    expect((widths[0] ?? 0) / (widths[1] ?? 1)).toBeCloseTo(
      (first?.min ?? 0) / (second?.min ?? 1),
      0,
    );
    expect(
      mount(WorkStrip, { props: { tasks: [] } })
        .find("svg")
        .exists(),
    ).toBe(false);
  });
});

describe("salt and body", () => {
  test("says what to add, and the target is chosen", async () => {
    const wrapper = mount(BodyPanel, on(chili));
    const { salt } = answersOf(chili).dish;
    expect(wrapper.text()).toMatch(new RegExp(`Add\\s*${Math.round(salt.addG)} g`));
    await wrapper.findAll("input[type=radio]")[1]?.setValue(true);
    expect(wrapper.emitted("change")?.[0]?.[0]).toEqual({ saltWantedGKg: 8 });
  });

  test("an oversalted pot says how much unsalted liquid mends it", () => {
    const salty = PlanSchema.parse({
      ...lamb,
      items: [
        ...lamb.items,
        { id: "s", ingredientId: "tableSalt", massKg: 0.06, when: { at: "start" } },
      ],
    });
    const text = mount(BodyPanel, on(salty)).text();
    expect(text).toContain("Too salty by then");
    expect(text).toContain("take less table salt");
  });

  test("too thin for what is wanted: boil down so far, or stir in so much of three", () => {
    const shown = (thickWantedGL: number) => mount(BodyPanel, on({ ...chili, thickWantedGL }));
    const wanted = (thickWantedGL: number) => shown(thickWantedGL).text();
    const text = wanted(60);
    expect(text).toMatch(
      /Boil down to .* m?L\s*, about .* more at this heat, lid off first:\s+plan it so\s*; or/,
    );
    // Planned so it is a stretch of its own, the lid off, down to what is wanted.
    const panelShown = shown(60);
    const planIt = panelShown.findAll("button").find((b) => b.text() === "plan it so");
    void planIt?.trigger("click");
    const [[part]] = panelShown.emitted("change") as [[{ then: Plan["then"] }]];
    expect(part.then).toMatchObject([
      { heat: { method: "hob", lid: "off" }, stop: { by: "liquid" } },
    ]);
    // Under a third it is not boiled down.
    expect(wanted(110)).not.toContain("Boil down");
    expect(text).toMatch(/g flour or .*g corn starch or .*g potato starch/);
    const thick = mount(BodyPanel, on({ ...chili, thickWantedGL: 25 })).text();
    expect(thick).toMatch(/Thin it with/);
  });

  test("animals get none of it", () => {
    const text = mount(BodyPanel, on(planOf("plan-hare"))).text();
    expect(text).toContain("No salt for animals");
    expect(text).not.toContain("If it tastes");
  });
});

describe("eaters", () => {
  test("a diet ticked, a conflict swapped for what it offers", async () => {
    const wrapper = mount(EatersPanel, on({ ...braise, diets: ["vegetarian"] }));
    expect(wrapper.text()).toContain("Goat shoulder is meat");
    const offer = wrapper.findAll(".instead button").find((b) => b.text() === "mushrooms");
    await offer?.trigger("click");
    const changed = wrapper.emitted("change")?.[0]?.[0] as { items: PlanItem[] };
    expect(changed.items[0]).toMatchObject({ ingredientId: "mushroom", massKg: 2.2 });
    const boxes = wrapper.findAll("input[type=checkbox]");
    await boxes[0]?.trigger("change");
    expect(wrapper.emitted("change")?.[1]?.[0]).toEqual({ diets: ["vegetarian", "vegan"] });
  });

  test("side dishes and the stock they draw; what a portion costs", () => {
    const text = mount(EatersPanel, on(braise)).text();
    expect(text).toMatch(/polenta.*480 g in all.*takes 2\.2 L of hot liquid/s);
    expect(text).toMatch(/Costs € \d+\.\d\d\s*, € \d+\.\d\d a portion\s*; \d without a price/);
  });

  test("a strained pot says how many days it lasts, and what to freeze", () => {
    const broth = { ...lamb, serves: { people: 2, eachKg: 0.25 } };
    expect(mount(EatersPanel, on(broth)).text()).toMatch(
      /Once a day for 2 it lasts 6 days: freeze what is not eaten in 3/,
    );
  });
});

describe("for how many", () => {
  const field = (plan: Plan) => mount(ScaleFields, { ...on(plan), props: { isSaidAbove: false } });
  test("more people scale the dish; nonsense is refused and nothing changes", async () => {
    const wrapper = field(chili);
    const input = wrapper.find("input");
    await input.setValue("18");
    expect((wrapper.emitted("change")?.[0]?.[0] as Plan).items[0]?.massKg).toBeCloseTo(0.9, 9);
    await input.setValue("many");
    expect(wrapper.find("[role=alert]").text()).toBe('"many" is not a number.');
    await input.setValue("2001");
    expect(wrapper.find("[role=alert]").text()).toContain("from 1 to 2000");
    expect(wrapper.emitted("change")).toHaveLength(1);
  });

  test("without a count the number only says how many it is for", async () => {
    const wrapper = field({ ...chili, serves: null });
    await wrapper.find("input").setValue("7");
    expect(wrapper.emitted("change")?.[0]?.[0]).toEqual({ serves: { people: 7, eachKg: 0.4 } });
  });

  test("too much for one pot names the pots that would take it", () => {
    const much = {
      ...chili,
      items: chili.items.map((i) => ({ ...i, massKg: i.massKg * 3 })),
      water: { by: "amount" as const, volumeL: 6.6 },
    };
    expect(field(much).text()).toMatch(/Too much for the wide braiser\..*in the tall pot/);
    expect(field(chili).text()).not.toContain("Too much");
  });
});

describe("ways", () => {
  test("every way says what it does; choosing one changes the pot", async () => {
    const wrapper = mount(WaysPanel, on(lamb));
    expect(wrapper.text()).toContain("Clear: the scum goes down the drain first.");
    const roasted = wrapper.findAll("label").find((l) => l.text() === "roasted");
    await roasted?.find("input").setValue(true);
    const changed = wrapper.emitted("change")?.[0]?.[0] as Plan;
    expect(changed.items[0]?.boneState).toBe("roasted");
    expect(changed.schools["bones"]).toBe("roasted");
  });

  test("a pot that is cooked as none of them says has none marked", () => {
    const wrapper = mount(WaysPanel, on(chili));
    const water = wrapper.findAll("li").find((l) => l.text().startsWith("How much water"));
    expect(water?.findAll("label.on")).toHaveLength(0);
  });
});

describe("one ingredient", () => {
  const editor = (item: PlanItem, plan: Plan = braise) =>
    mount(ItemEditor, { ...on(plan), props: { item, verdict: null } });
  const pick = async (wrapper: ReturnType<typeof editor>, label: string) =>
    wrapper
      .findAll("label")
      .find((l) => l.text() === label)
      ?.find("input")
      .setValue(true);

  test("its moment: once it boils, when another is tender, out when tender and back", async () => {
    const wrapper = editor(itemOf(braise, "carrot"));
    await pick(wrapper, "after");
    await pick(wrapper, "when tender");
    await pick(wrapper, "out when tender");
    expect(wrapper.emitted("change")?.map((e) => e[0])).toEqual([
      { when: { at: "after", min: 0 } },
      { when: { at: "whenTender", itemId: itemOf(braise, "goatShoulder").id } },
      { out: { when: { at: "tender" }, isBack: true } },
    ]);
  });

  test("its work is ticked on and off", async () => {
    const wrapper = editor(itemOf(braise, "goatShoulder"));
    await pick(wrapper, "work on it");
    const button = (name: string) =>
      wrapper.findAll(".works button").find((b) => b.text() === name);
    await button("brown")?.trigger("click");
    await button("tie")?.trigger("click");
    const works = wrapper.emitted("change")?.map((e) => (e[0] as PlanItem).work.map((w) => w.kind));
    expect(works).toEqual([
      ["trim", "cut"],
      ["trim", "cut", "brown", "tie"],
    ]);
    expect(button("roux")).toBeUndefined();
  });

  test("a label's salt replaces the catalogue's; what cannot be is refused", async () => {
    const item = itemOf(chili, "cannedTomato");
    const wrapper = mount(LabelFields, { global, props: { item } });
    const salt = wrapper.find("#label-saltGKg");
    await salt.setValue("1,2");
    expect(wrapper.emitted("change")?.[0]?.[0]).toEqual({ saltGKg: 12 });
    await salt.setValue("120");
    expect(wrapper.find("[role=alert]").text()).toContain("Salt of 120 g in 100 g is not possible");
    expect(wrapper.emitted("change")).toHaveLength(1);
    expect((salt.element as HTMLInputElement).value).toBe("120");
    await salt.setValue("");
    expect(wrapper.emitted("change")?.[1]?.[0]).toBeNull();
    expect(wrapper.find("[role=alert]").exists()).toBe(false);
  });

  test("what would do instead says what it changes, and is taken with its weight", async () => {
    const item = itemOf(braise, "goatShoulder");
    const wrapper = mount(SwapList, { global, props: { item, plan: braise, kitchen, units } });
    const rows = wrapper.findAll("button");
    expect(rows[0]?.text()).toMatch(/Lamb shoulder.*g fat/);
    await rows[0]?.trigger("click");
    expect(wrapper.emitted("change")?.[0]?.[0]).toMatchObject({
      ingredientId: "lambShoulder",
      massKg: 2.2,
    });
  });

  test("a stock of another pot says what it yields; unlinked its label goes", async () => {
    const item = itemOf(braise, "houseStock");
    const wrapper = mount(StockLink, { ...on(braise), props: { item } });
    expect(wrapper.text()).toMatch(/This dish needs 300 mL; pigeon frame stock yields \d/);
    await wrapper.find("select").setValue("");
    expect(wrapper.emitted("change")?.[0]?.[0]).toEqual({
      fromPlanId: undefined,
      label: undefined,
    });
    await wrapper.find("select").setValue("plan-trotter");
    expect(wrapper.emitted("change")?.[1]?.[0]).toMatchObject({ fromPlanId: "plan-trotter" });
  });
});

describe("a plan whose pot is not there any more", () => {
  test("offers what there is, worked out, and the one taken becomes the plan's", async () => {
    const wrapper = mount(WaysOut, {
      global,
      props: { plan: { ...chili, vesselId: "gone" }, kitchen },
    });
    await until(() => expect(wrapper.findAll("button").length).toBeGreaterThan(0));
    const names = wrapper.findAll("button").map((b) => b.text());
    expect(names).toContain("In the tall pot");
    expect(names.some((n) => n.includes("slow cooker"))).toBe(false);
    await wrapper.findAll("button")[0]?.trigger("click");
    expect(wrapper.emitted("take")?.[0]?.[0]).toMatchObject({ vesselId: kitchen.vessels[0]?.id });
  });
});
