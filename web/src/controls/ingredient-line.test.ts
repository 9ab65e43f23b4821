import { mount } from "@vue/test-utils";
import { describe, expect, test } from "vitest";
import IngredientLine from "./IngredientLine.vue";

function line() {
  const wrapper = mount(IngredientLine, { props: { label: "Put in", placeholder: "" } });
  const put = async (text: string) => {
    await wrapper.get("input").setValue(text);
    await wrapper.get("input").trigger("keydown", { key: "Enter" });
  };
  const choose = (label: string) =>
    wrapper
      .findAll("button")
      .find((b) => b.text() === label)
      ?.trigger("click");
  const given = () =>
    (wrapper.emitted("put") ?? []).map(([i, a]) => [
      (i as { id: string }).id,
      (a as { massKg: number }).massKg,
    ]);
  return { wrapper, put, choose, given };
}

describe("a line of what goes in", () => {
  test("is put in as it is said, and the line is free again", async () => {
    const { wrapper, put, given } = line();
    await put("two medium onions");
    await put("1 can (800 g) chopped tomatoes");
    expect(given()).toEqual([
      ["onion", 0.3],
      ["cannedTomato", 0.8],
    ]);
    expect(wrapper.get("input").element.value).toBe("");
  });

  test("what it leaves open is asked: how much, which of two, both after each other", async () => {
    const { wrapper, put, choose, given } = line();
    await put("onion");
    expect(wrapper.text()).toContain("How much onion?");
    expect(wrapper.findAll("button").map((b) => b.text())).not.toContain("leave it out");
    await choose("250 g");
    expect(given()).toEqual([["onion", 0.25]]);
    await put("3-4 carrots");
    await choose("4 (360 g)");
    expect(given().at(-1)).toEqual(["carrot", 0.36]);
    await put("2 tins (400 g) white beans");
    expect(wrapper.text()).toContain("drained, or with what is in the can?");
    await choose("drained, 480 g");
    expect(given().at(-1)).toEqual(["cannedBeans", 0.48]);
  });

  test("nothing is made of a minus, of nothing, or of what is not known", async () => {
    const { wrapper, put, given } = line();
    for (const [text, says] of [
      ["-3 kg onions", /How much onion/],
      ["0 kg carrots", /out of range/],
      ["999 kg lamb neck", /up to 200 kg/],
      ["2 kg unicorn", /names nothing/],
      ["water to cover", /its line on the pot/],
    ] as const) {
      await put(text);
      expect(wrapper.get("[role=alert]").text(), text).toMatch(says);
      expect(wrapper.get("input").element.value).toBe(text);
    }
    expect(given()).toEqual([]);
  });

  test("several things in one line go in together once all is settled, or not at all", async () => {
    const { put, choose, given } = line();
    await put("2 carrots and 3-4 onions");
    expect(given()).toEqual([]);
    await put("2 carrots and 3-4 onions");
    await choose("3 (450 g)");
    expect(given().map(([id]) => id)).toEqual(["carrot", "onion"]);
    expect(given()[1]?.[1]).toBeCloseTo(0.45, 9);
    await put("2 carrots and 999 kg onions");
    expect(given()).toHaveLength(2);
  });
});
