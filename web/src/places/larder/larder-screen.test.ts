import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { flushPromises, mount, RouterLinkStub, type DOMWrapper } from "@vue/test-utils";
import { larderOf, leftOf, lotsOf } from "@kettlos/core/larder/larder";
import { rawLot } from "@kettlos/core/larder/raw-lot";
import ElementPlus from "element-plus";
import { createPinia, setActivePinia } from "pinia";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { createMemoryHistory, createRouter } from "vue-router";
import { NOW, planOf, sample } from "../../../test/pot";
import { db } from "../../data/db";
import { useKitchenStore } from "../../data/kitchen-store";
import { appendLarder, storeLot, undoLarder } from "../../data/larder-log";
import { useLarderStore } from "../../data/larder-store";
import { importAll } from "../../data/take-in";
import { savePlan } from "../../data/repository";
import FieldForm from "../../controls/FieldForm.vue";
import SuggestInput from "../../controls/SuggestInput.vue";
import UnitField from "../../controls/UnitField.vue";
import FreezerRoom from "../../controls/FreezerRoom.vue";
import LabelsPlace from "../labels/LabelsPlace.vue";
import ShoppingPlace from "../shopping/ShoppingPlace.vue";
import LotLink from "../plan/ladder/LotLink.vue";
import FilledShelf from "../portion/FilledShelf.vue";
import DailyUses from "./DailyUses.vue";
import HeldActions from "./HeldActions.vue";
import HeldPanel from "./HeldPanel.vue";
import LarderPlace from "./LarderPlace.vue";
import PutInDialog from "./PutInDialog.vue";
import TakenLately from "./TakenLately.vue";
import UseFirst from "../../controls/UseFirst.vue";
import { countWords, keyOf, saltWords } from "../../words/held-words";
import { planned } from "../../../test/planned";
import { until } from "../../../test/until";

const router = createRouter({
  history: createMemoryHistory(),
  routes: [{ path: "/:rest(.*)*", component: { template: "<i />" } }],
});
const global = { plugins: [ElementPlus, router], stubs: { RouterLink: RouterLinkStub } };
const larder = larderOf(sample.larder, [], "short");
const held = (name: string, container?: string) => {
  const found = larder.holdings.find(
    (h) => h.lot.name === name && (container === undefined || h.lot.container.name === container),
  );
  if (found === undefined) throw new Error(`no ${name}`);
  return found;
};
const press = async (buttons: readonly DOMWrapper<Element>[], words: RegExp) => {
  const found = buttons.find((b) => words.test(b.text()));
  if (found === undefined) throw new Error(`no button ${String(words)}`);
  await found.trigger("click");
};
const written = async () => (await db.larder.orderBy("seq").toArray()).map((s) => s.event);

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await importAll(sample, "replace");
});
async function loaded() {
  const store = useLarderStore();
  await until(() => expect(store.isLoaded).toBe(true));
  return store;
}

describe("the larder's log", () => {
  test("is written and taken back, and a clock set back changes no order", async () => {
    const jar = held("Lamb neck broth", "Litre jar");
    const out = { kind: "taken", lotId: jar.lot.id, place: "freezer", count: 1 } as const;
    await appendLarder({ ...out, out: "table" });
    vi.setSystemTime(NOW - 3_600_000);
    await appendLarder({ ...out, out: "thrown", why: "freezerBurn" });
    const events = await written();
    expect(events.at(-1)?.atMs).toBe(events.at(-2)?.atMs);
    await undoLarder();
    const left = larderOf(await written(), [], "short");
    expect(left.gone.at(-1)).toMatchObject({ how: "table", count: 1 });
  });

  test("goes out to a file and comes back once, not twice", async () => {
    await importAll(sample, "merge");
    expect(await db.larder.count()).toBe(sample.larder.length);
  });
});

describe("taken out lately", () => {
  test("holds what was taken for thirty days; one of it goes back, whatever came after", async () => {
    const store = await loaded();
    const jar = store.larder.holdings.find((h) => h.count >= 3);
    if (jar === undefined) throw new Error("nothing to take three of");
    const name = jar.lot.name.toLowerCase();
    const now = () => leftOf(store.larder, jar.lot.id);
    const before = now();
    const out = { kind: "taken", lotId: jar.lot.id, place: jar.place } as const;
    await appendLarder({ ...out, count: 1, out: "thrown", why: "smell" });
    await appendLarder({ ...out, count: 2, out: "table" });
    await until(() => expect(now()).toBe(before - 3));
    const panel = mount(TakenLately, { global });
    const ones = () => panel.findAll("li").filter((li) => li.text().includes(`1 ${name} taken`));
    const many = ones().length;
    await ones()[0]?.find("button").trigger("click");
    await until(() => expect(now()).toBe(before - 2));
    await until(() => expect(ones()).toHaveLength(many - 1));
    expect(panel.text()).toContain(`2 ${name} taken`);
  });
});

describe("what a plan has spoken for", () => {
  test("stands on the shelf until the pot is put on, then it is gone, and back when it is left out", async () => {
    const store = await loaded();
    const { lot } = held("Pigeon frame stock");
    const braise = planOf("plan-braise");
    const items = braise.items.map((i) =>
      i.ingredientId === "houseStock" ? { ...i, fromLotId: lot.id } : i,
    );
    await savePlan({ ...braise, id: "new-braise", items });
    await until(() =>
      expect(store.spoken).toMatchObject([{ lotId: lot.id, count: 1, planId: "new-braise" }]),
    );
    const before = store.larder.holdings.find((h) => h.lot.id === lot.id)?.count ?? 0;
    const batch = {
      ...sample.batches[0]!,
      id: "b",
      createdMs: NOW,
      plan: { ...braise, id: "new-braise", items },
    };
    await db.batches.add(batch);
    await until(() => {
      expect(store.spoken).toEqual([]);
      expect(store.larder.holdings.find((h) => h.lot.id === lot.id)?.count).toBe(before - 1);
    });
    const stock = items.find((i) => i.fromLotId === lot.id);
    await db.events.add({
      id: "left",
      batchId: "b",
      event: {
        kind: "leftOut",
        id: "left",
        batchId: "b",
        atMs: NOW,
        schemaVersion: SCHEMA_VERSION,
        itemId: stock?.id ?? "",
      },
    } as never);
    await until(() =>
      expect(store.larder.holdings.find((h) => h.lot.id === lot.id)?.count).toBe(before),
    );
  });
});

describe("a lot on its shelf", () => {
  test("says what it is enough for, how salty it is, what it cost against bought", async () => {
    await loaded();
    const wrapper = mount(HeldPanel, {
      props: { holding: held("Pork trotter stock", "Mould of six"), units: "metric" },
      global,
    });
    await flushPromises();
    const text = wrapper.text();
    expect(text).toContain("14 blocks of 110 mL in the freezer");
    expect(text).toContain("unsalted");
    expect(text).toMatch(/€ 1\.\d\d a litre\s*bought, € 3\.40/);
    expect(text).toMatch(/Goat braise with apricots: \d pots/);
    expect(text).toContain("4 to the table");
  });

  test("past its days in the fridge it is a danger, frozen only past its best", async () => {
    await loaded();
    const braise = held("Goat braise with apricots");
    const old = { ...braise, bestBeforeMs: NOW - 1000 };
    const inFridge = mount(HeldPanel, { props: { holding: old, units: "metric" }, global });
    expect(inFridge.find("[role=alert]").text()).toContain("Throw it away");
    for (const offer of ["To the table", "To the animals", "Into the freezer", "Enough for"])
      expect(inFridge.text()).not.toContain(offer);
    expect(inFridge.text()).toContain("Throw away");
    const frozen = mount(HeldPanel, {
      props: { holding: { ...old, place: "freezer" }, units: "metric" },
      global,
    });
    expect(frozen.find("[role=alert]").exists()).toBe(false);
    expect(frozen.text()).toContain("past its best");
  });

  test("is moved, thrown away with why, and counted; animals only get what harms none", async () => {
    const fumet = held("Smoked trout fumet");
    const wrapper = mount(HeldActions, {
      props: { holding: fumet, isUsable: true, units: "metric" },
      global,
    });
    expect(wrapper.text()).not.toContain("To the animals");
    expect(wrapper.text()).toContain("not for animals");
    await wrapper.find("input").setValue(2);
    await press(wrapper.findAll("button"), /Thaw/);
    await press(wrapper.findAll("button"), /Throw away/);
    await press(wrapper.findAll("button"), /too old/);
    await until(async () =>
      expect((await written()).slice(-2)).toMatchObject([
        { kind: "moved", from: "freezer", count: 2 },
        { kind: "taken", out: "thrown", why: "tooOld", count: 2 },
      ]),
    );
    const hare = mount(HeldActions, {
      props: { holding: held("Plain hare broth"), isUsable: true, units: "metric" },
      global,
    });
    await press(hare.findAll("button"), /To the animals/);
    await until(async () =>
      expect((await written()).at(-1)).toMatchObject({ kind: "taken", out: "animals", count: 1 }),
    );
  });
});

test("what is due stands apart from what is not to be eaten any more", async () => {
  await loaded();
  const wrapper = mount(UseFirst);
  await until(() => expect(wrapper.text()).toContain("Use first: Goat braise with apricots."));
  expect(wrapper.text()).not.toContain("throw away");
});

test("every day: until when it lasts, and by when the next pot is put on", async () => {
  await loaded();
  const wrapper = mount(DailyUses, { props: { units: "metric" }, global });
  await flushPromises();
  // 10 cups of 112 mL at 60 mL a day.
  expect(wrapper.text()).toMatch(/The two cats: 60 mL a day of plain hare broth/);
  expect(wrapper.text()).toMatch(/1\.1 L last 18 days/);
  await press(wrapper.findAll("button"), /Someone takes/);
  await wrapper.find("form").trigger("submit");
  expect(wrapper.find("[role=alert]").text()).toBe("Say who it is for.");
});

test("an ingredient of a plan is taken out of the larder with its salt, and given back", async () => {
  await loaded();
  const plan = planOf("plan-braise");
  const item = plan.items.find((i) => i.ingredientId === "houseStock");
  if (item === undefined) throw new Error("no stock");
  const wrapper = mount(LotLink, {
    props: { item },
    global: { ...global, provide: planned(plan) },
  });
  // What suits a braise best stands first; what would salt it over last.
  const offered = wrapper.findAll("option").map((o) => o.text());
  expect(offered[1]).toMatch(/^Pork trotter stock, .*suits best$/);
  expect(offered.at(-1)).toMatch(/^Smoked trout fumet, .*as salty as the dish shall be$/);
  const fumet = held("Smoked trout fumet");
  await wrapper.find("select").setValue(fumet.lot.id);
  const change = wrapper.emitted("change")?.[0]?.[0] as Partial<typeof item>;
  expect(change).toMatchObject({ fromLotId: fumet.lot.id, frozen: true, fromPlanId: undefined });
  expect(change.label?.saltGKg).toBeGreaterThan(10);
  await wrapper.setProps({ item: { ...item, ...change } });
  expect(wrapper.text()).toMatch(/Takes 1 of 2, 480 mL each; 180 mL of what is opened stay over/);
  await wrapper.find("select").setValue("");
  expect(wrapper.emitted("change")?.[1]?.[0]).toMatchObject({
    fromLotId: undefined,
    frozen: false,
  });
});

test("shelves are drawn as they stand", () => {
  const cups = held("Pork trotter stock", "Mould of six");
  const wrapper = mount(FilledShelf, { props: { holdings: [cups], units: "us" } });
  expect(wrapper.findAll("svg")).toHaveLength(14);
  expect(wrapper.text()).toContain("14 blocks");
  expect(countWords("bag", 1)).toBe("1 bag");
  expect(saltWords(cups.lot, "metric")).toBe("unsalted");
  expect(keyOf(cups)).not.toBe(keyOf({ ...cups, place: "fridge" }));
});

test("the kitchen keeps whose school of freezing it follows", async () => {
  await loaded();
  const kitchen = useKitchenStore();
  await kitchen.change({ freezerSchool: "long" });
  const store = useLarderStore();
  const before = held("Lamb neck broth", "Litre jar").bestBeforeMs;
  await until(() => {
    const now = store.larder.holdings.find((h) => h.lot.container.name === "Litre jar");
    expect(now?.bestBeforeMs).toBe(before + 90 * 86_400_000);
  });
});

test("a larder that is still being read says so and not that it is empty; then all of it stands there", async () => {
  const wrapper = mount(LarderPlace, { global });
  expect(useLarderStore().isLoaded).toBe(false);
  expect(wrapper.text()).toContain("Reading the larder");
  expect(wrapper.text()).not.toContain("Nothing on the shelves");
  await until(() => expect(useLarderStore().isLoaded).toBe(true));
  await until(() =>
    expect(wrapper.findAll(".shelf > li")).toHaveLength(useLarderStore().larder.holdings.length),
  );
  // What stands below the shelves comes last.
  await until(() => expect(wrapper.findComponent(DailyUses).exists()).toBe(true));
  expect(wrapper.text()).not.toContain("Reading the larder");
  wrapper.unmount();
});

test("what goes by the larder says that it is being read: nothing is short, gone, free or left meanwhile", async () => {
  const braise = planOf("plan-braise");
  const stock = braise.items.find((i) => i.ingredientId === "houseStock");
  if (stock === undefined) throw new Error("no stock");
  const fumet = held("Smoked trout fumet").lot;
  const rows = await db.larder.orderBy("seq").toArray();
  let isRead: (stored: typeof rows) => void = () => undefined;
  const reading = new Promise<typeof rows>((resolve) => (isRead = resolve));
  const asked = vi.spyOn(db.larder, "orderBy").mockReturnValue({ toArray: () => reading } as never);
  const link = mount(LotLink, {
    props: { item: { ...stock, fromLotId: fumet.id } },
    global: { ...global, provide: planned(braise) },
  });
  const labels = mount(LabelsPlace, { global });
  const room = mount(FreezerRoom, { props: { units: "metric" }, global });
  const kitchen = useKitchenStore();
  await until(() => expect(kitchen.isLoaded).toBe(true));
  const list = mount(ShoppingPlace, { global });
  await flushPromises();
  expect(useLarderStore().isLoaded).toBe(false);
  for (const screen of [link, labels, room, list])
    expect(screen.text()).toContain("Reading the larder");
  expect(link.text()).not.toMatch(/not there any more|not in the larder any more/);
  expect(labels.text()).not.toMatch(/nothing on the shelves|0 labels/);
  expect(room.text()).not.toMatch(/taken/);
  const carried = () =>
    list.findAll("button").filter((b) => /^(Send it|Copy|Text|CSV|Print)$/.test(b.text()));
  expect(carried().length).toBeGreaterThan(2);
  expect(carried().every((b) => "disabled" in b.attributes())).toBe(true);

  // What a label is set in is no matter here.
  labels.unmount();
  asked.mockRestore();
  isRead(rows);
  await until(() => expect(link.text()).toContain("Takes"));
  for (const screen of [link, room, list]) {
    expect(screen.text()).not.toContain("Reading the larder");
    screen.unmount();
  }
});

test("what is put in while the larder is still being read gets a code of its own", async () => {
  const codes = async () => [...lotsOf(await written()).values()].map((lot) => lot.code);
  const before = await codes();
  for (const nth of [1, 2]) {
    setActivePinia(createPinia());
    const asked = vi
      .spyOn(db.larder, "orderBy")
      .mockReturnValueOnce({ toArray: () => new Promise(() => undefined) } as never);
    const store = useLarderStore();
    await until(() => expect(asked).toHaveBeenCalled());
    asked.mockRestore();
    const dialog = mount(PutInDialog, { props: { modelValue: true, units: "metric" }, global });
    await until(() => expect(dialog.findComponent(FieldForm).exists()).toBe(true));
    expect(store.lots.size, "not read yet").toBe(0);
    dialog.findComponent(SuggestInput).vm.$emit("update:modelValue", "pigeon frames");
    dialog.findComponent(UnitField).vm.$emit("update:modelValue", 0.5);
    dialog.findComponent(FieldForm).vm.$emit("keep");
    await until(async () => expect(await codes()).toHaveLength(before.length + nth));
    dialog.unmount();
  }
  expect(new Set(await codes()).size).toBe(new Set(before).size + 2);
});

test("lots that are put in at the same moment, from two tabs, get two codes", async () => {
  const facts = {
    name: "Pigeon frames",
    kind: "rawBones",
    ingredientId: null,
    eachKg: 0.5,
  } as const;
  const putIn = (id: string) =>
    storeLot((usedCodes) => ({
      kind: "stored",
      count: 1,
      place: "freezer",
      lot: rawLot({ ...facts, id, madeMs: NOW, day: "0101", usedCodes }),
    }));
  await Promise.all([putIn("one"), putIn("other")]);
  const lots = lotsOf(await written());
  expect(["one", "other"].map((id) => lots.get(id)?.code).toSorted()).toEqual(["0101A", "0101B"]);
});
