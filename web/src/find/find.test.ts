import { larderOf } from "@kettlos/core/larder/larder";
import { flushPromises, mount } from "@vue/test-utils";
import { ElDialog } from "element-plus";
import { describe, expect, test } from "vitest";
import { createRouter, createMemoryHistory } from "vue-router";
import { potOf, sample, shelvedPotOf } from "../../test/pot";
import { PAST, shelve } from "../../test/shelve";
import { db } from "../data/db";
import { useKitchenStore } from "../data/kitchen-store";
import { useLarderStore } from "../data/larder-store";
import { importAll } from "../data/take-in";
import { appendEvent } from "../data/repository";
import { router as appRouter } from "../router";
import FindDialog from "./FindDialog.vue";
import type { Findable } from "./findable";
import { findables } from "./findables";
import { finderOf } from "./finder";

const NOW_MS = Date.parse("2026-03-18T20:14:00");
const { holdings } = larderOf(sample.larder, [], "short");
const all = findables({
  kitchen: sample.kitchen,
  plans: sample.plans,
  open: [potOf("on-fire")],
  logged: sample.batches
    .filter((b) => b.id !== "on-fire")
    .toSorted((a, b) => b.createdMs - a.createdMs)
    .map((b) => shelvedPotOf(b.id)),
  holdings,
  units: "metric",
});
const find = finderOf(all, NOW_MS);
const titles = (text: string) => find(text).map((f) => f.title);

const thing = (title: string, more: Partial<Findable> = {}): Findable => ({
  id: title,
  to: "/",
  title,
  where: "Plan",
  says: "",
  parts: [],
  ...more,
});

describe("finding", () => {
  test("whatever there is goes by its own name, and leads to a screen there is", () => {
    expect(all.length).toBeGreaterThan(60);
    expect(new Set(all.map((f) => f.id)).size).toBe(all.length);
    for (const f of all) {
      expect(titles(f.title), f.title).toContain(f.title);
      const { matched, name } = appRouter.resolve(f.to);
      expect(matched.length, f.to).toBe(1);
      expect(name, f.to).toBeDefined();
    }
  });

  test("what was cooked at a time goes by it, the newest first, alone or with another word", () => {
    const months = (text: string) => find(text).map((f) => f.says);
    expect(months("last February").length).toBeGreaterThan(3);
    for (const says of months("last February")) expect(says).toMatch(/ Feb/u);
    const [newest, ...older] = find("february").map((f) => f.begunMs ?? 0);
    for (const ms of older) expect(ms).toBeLessThanOrEqual(newest ?? 0);
    expect(find("braise in february").map((f) => f.title)).toEqual(["Goat braise with apricots"]);
    expect(find("last march")).toEqual([]);
    expect(find("today")[0]?.where).toBe("On the fire");
  });

  test("what is on the fire stands first among its namesakes", () => {
    const [first, ...rest] = find("pork trotter");
    expect(first).toMatchObject({ where: "On the fire", to: "/cook/on-fire" });
    expect(rest.map((f) => f.where)).toEqual(expect.arrayContaining(["Plan", "Logbook"]));
  });

  test("among logged namesakes the newest stands first, and a plan before them", () => {
    const lamb = find("lamb neck");
    const days = lamb.filter((f) => f.where === "Logbook").map((f) => f.says.split(",")[0]);
    expect(lamb[0]?.where).toBe("Plan");
    expect(days.slice(0, 3)).toEqual(["Sun 8 Mar", "Sun 22 Feb", "Thu 5 Feb"]);
    // Its name says enough.
    expect(lamb.flatMap((f) => f.matched)).toEqual([]);
  });

  test("by what is in it, which is said; by beginnings, slips and without accents", () => {
    expect(titles("apric")[0]).toBe("Goat braise with apricots");
    const spelt = find("spelt").find((f) => f.where === "Plan");
    expect(spelt?.matched).toEqual(["Pearled spelt"]);
    expect(titles("lamb nekk")).toContain("Lamb neck broth");
    expect(titles("celeraic")).toContain("Celeriac and fennel stock");
    expect(finderOf([thing("Purée of celeriac")], NOW_MS)("puree")).toHaveLength(1);
    expect(finderOf([thing("Puree of celeriac")], NOW_MS)("PURÉE")).toHaveLength(1);
  });

  test("all that is written has to fit", () => {
    const some = finderOf(
      [thing("Lamb broth", { parts: ["Onion"] }), thing("Lamb stew", { parts: ["Leek"] })],
      NOW_MS,
    );
    expect(some("lamb leek").map((f) => f.title)).toEqual(["Lamb stew"]);
    expect(some("lamb quince")).toEqual([]);
    expect(some("  ")).toEqual([]);
  });

  test("screens go by what a cook would call them", () => {
    for (const [asked, to] of [
      ["altitude", "/kitchen"],
      ["freezer", "/larder"],
      ["butcher", "/shopping"],
      ["history", "/logbook"],
    ])
      expect(
        find(asked ?? "").map((f) => f.to.split("/").slice(0, 2).join("/")),
        asked,
      ).toContain(to);
  });
});

describe("the dialog", () => {
  const noKitchen = () => Promise.all(db.tables.map((t) => t.clear()));
  async function sampleKitchen() {
    await noKitchen();
    await importAll(sample, "replace");
    await shelve(...PAST);
    await expect
      .poll(() => useKitchenStore().isLoaded && useKitchenStore().log?.isWhole)
      .toBe(true);
  }
  async function opened() {
    const stub = { template: "<p />" };
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [{ path: "/:rest(.*)*", component: stub }],
    });
    const larder = useLarderStore();
    await expect.poll(() => larder.isLoaded).toBe(true);
    const wrapper = mount(FindDialog, {
      props: { modelValue: false },
      global: {
        plugins: [router],
        components: { ElDialog },
        stubs: { teleport: true, transition: false },
      },
      attachTo: document.body,
    });
    await wrapper.setProps({ modelValue: true });
    await flushPromises();
    return { wrapper, router };
  }

  test("asked before a kitchen is read, it shows what is on the fire as soon as it is", async () => {
    await noKitchen();
    const { wrapper } = await opened();
    expect(wrapper.findAll("[role=option]")).toEqual([]);
    await sampleKitchen();
    await expect.poll(() => wrapper.text()).toContain("Pork trotter stock");
    wrapper.unmount();
  });

  test("begins with what is on the fire, opens by arrows and Enter, and says when nothing fits", async () => {
    await sampleKitchen();
    const { wrapper, router } = await opened();
    const options = () => wrapper.findAll("[role=option]");
    expect(options().map((o) => o.text())).toEqual([expect.stringContaining("Pork trotter stock")]);
    const line = wrapper.get("input");
    await line.setValue("trout");
    expect(options().length).toBeGreaterThan(2);
    expect(options()[0]?.attributes("aria-selected")).toBe("true");
    await line.trigger("keydown", { key: "ArrowDown" });
    expect(line.attributes("aria-activedescendant")).toBe(options()[1]?.attributes("id"));
    const wanted = find("trout")[1]?.to ?? "";
    await line.trigger("keydown", { key: "Enter" });
    await flushPromises();
    expect(decodeURI(router.currentRoute.value.fullPath)).toBe(decodeURI(wanted));
    expect(wrapper.emitted("update:modelValue")?.at(-1)).toEqual([false]);
    await line.setValue("quince jelly");
    expect(options()).toEqual([]);
    expect(wrapper.get("[role=status]").text()).toContain("“quince jelly”");
    wrapper.unmount();
  });

  test("stays where it is while a pot goes on", async () => {
    await sampleKitchen();
    const { wrapper } = await opened();
    const line = wrapper.get("input");
    await line.setValue("trout");
    await line.trigger("keydown", { key: "ArrowDown" });
    const picked = line.attributes("aria-activedescendant");
    await appendEvent("on-fire", { kind: "noted", text: "A trout by the door." });
    await expect
      .poll(() =>
        useKitchenStore()
          .log?.open.get("on-fire")
          ?.events.some((e) => e.kind === "noted"),
      )
      .toBe(true);
    await flushPromises();
    expect(line.attributes("aria-activedescendant")).toBe(picked);
    wrapper.unmount();
  });
});

test("a word is found by what else it is called, and comes after the screen that has it", () => {
  expect(titles("doneness")[0]).toBe("Cook value");
  expect(titles("altitude")[0]).toBe("Kitchen");
  expect(titles("altitude")).toContain("Altitude");
});
