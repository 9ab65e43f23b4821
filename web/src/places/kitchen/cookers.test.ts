import { PSI_KPA } from "@kettlos/core/units/us-measures";
import type { WarmUp } from "@kettlos/core/vessel/vessel-schema";
import { mount } from "@vue/test-utils";
import { ElInput } from "element-plus";
import { beforeEach, describe, expect, test } from "vitest";
import { sample } from "../../../test/pot";
import { useKitchenStore } from "../../data/kitchen-store";
import { importAll } from "../../data/take-in";
import OvenList from "./OvenList.vue";
import PotEditor from "./PotEditor.vue";
import PressureCookerFields from "./PressureCookerFields.vue";
import WarmUpLog from "./WarmUpLog.vue";
import { until } from "../../../test/until";

const global = { components: { ElInput } };
const vessel = (id: string) => {
  const found = sample.kitchen.vessels.find((v) => v.id === id);
  if (found === undefined) throw new Error(id);
  return found;
};

describe("what the maker says of a pressure cooker", () => {
  const mounted = () =>
    mount(PressureCookerFields, {
      props: {
        cooker: { drive: "stovetop", highKPa: 103, lowKPa: 60, minLiquidL: null, vents: false },
        altitudeM: 1640,
        units: "metric",
      },
      global,
    });

  test("shows at what it holds here", () => {
    expect(mounted().text()).toContain("It holds at 118.0 °C here");
  });

  test("is marked in psi where °F is read", async () => {
    const wrapper = mount(PressureCookerFields, {
      props: {
        cooker: { drive: "stovetop", highKPa: 103.4, lowKPa: null, minLiquidL: null, vents: false },
        altitudeM: 1640,
        units: "us",
      },
      global,
    });
    const [high] = wrapper.findAll("input.el-input__inner");
    expect((high?.element as HTMLInputElement).value).toBe("15 psi");
    await high?.setValue("11");
    expect(wrapper.emitted("change")?.at(-1)?.[0]).toMatchObject({ highKPa: 11 * PSI_KPA });
    await high?.setValue("80 kPa");
    expect(wrapper.emitted("change")?.at(-1)?.[0]).toMatchObject({ highKPa: 80 });
    const told = wrapper.emitted("change")?.length;
    await high?.setValue("60 psi");
    expect(wrapper.get("[role=alert]").text()).toBe(
      "60 psi is out of range: from 3 psi to 22 psi.",
    );
    expect(wrapper.emitted("change")).toHaveLength(told ?? 0);
  });

  test("electric ones have their own pressures; none is none", async () => {
    const wrapper = mounted();
    await wrapper.findAll("input[type=radio]")[1]?.setValue(true);
    expect(wrapper.emitted("change")?.at(-1)?.[0]).toMatchObject({
      drive: "electric",
      highKPa: 80,
      lowKPa: 40,
    });
    const low = wrapper.findAll("input.el-input__inner")[1];
    await low?.setValue("0");
    expect(wrapper.emitted("change")?.at(-1)?.[0]).toMatchObject({ lowKPa: null });
  });
});

describe("a slow cooker's own warm-up", () => {
  const log = (warmUps: WarmUp[] = []) =>
    mount(WarmUpLog, { props: { warmUps, units: "metric" }, global });
  const write = async (wrapper: ReturnType<typeof log>, text: string) => {
    await wrapper.find("textarea").setValue(text);
    await wrapper.find("textarea").trigger("change");
  };
  const lines = [0, 60, 120, 240, 360].map(
    (t) => `${t} ${(92 - 80 * Math.exp(-t / 130)).toFixed(1)}`,
  );

  test("is read a line a reading, fitted, and kept for its setting", async () => {
    const wrapper = log();
    await write(wrapper, lines.join("\n"));
    const [kept] = wrapper.emitted("change")?.at(-1)?.[0] as WarmUp[];
    expect(kept).toMatchObject({ setting: "low", fillShare: 0.67 });
    expect(kept?.readings).toHaveLength(5);
    await wrapper.setProps({ warmUps: [kept!] });
    expect(wrapper.text()).toMatch(/settles at 9[12]\.\d °C/);
  });

  test("where °F is read a bare figure is °F, and °C is what is written so", async () => {
    const wrapper = mount(WarmUpLog, { props: { warmUps: [], units: "us" }, global });
    expect(wrapper.text()).toContain("minutes and °F");
    await write(wrapper, "0 54\n60 41 C\n120 140\n240 176 °F\n360 190");
    const [kept] = wrapper.emitted("change")?.at(-1)?.[0] as WarmUp[];
    expect(kept?.readings.map((r) => r.tempC)).toEqual([12.2, 41, 60, 80, 87.8]);
    await wrapper.setProps({ warmUps: [kept!] });
    expect(wrapper.find("textarea").element.value).toBe("0 54\n60 106\n120 140\n240 176\n360 190");
  });

  test("a line that is no reading, or too few of them, says so and keeps what was typed", async () => {
    const wrapper = log();
    await write(wrapper, "0 12\nwarm");
    expect(wrapper.find("[role=alert]").text()).toContain('"warm" is not a reading');
    await write(wrapper, "0 12\n60 41");
    expect(wrapper.find("[role=alert]").text()).toContain("four readings");
    expect(wrapper.find("textarea").element.value).toBe("0 12\n60 41");
    expect(wrapper.emitted("change")).toBeUndefined();
  });

  test("emptied it is forgotten, the other setting's stays", async () => {
    const readings = [0, 60, 120, 240].map((tMin) => ({
      tMin,
      tempC: 90 - 80 * Math.exp(-tMin / 80),
    }));
    const wrapper = log([
      { setting: "low", fillShare: 0.6, readings },
      { setting: "high", fillShare: 0.6, readings },
    ]);
    await write(wrapper, "");
    const left = wrapper.emitted("change")?.at(-1)?.[0] as WarmUp[];
    expect(left.map((w) => w.setting)).toEqual(["high"]);
  });
});

describe("a pot that becomes another kind", () => {
  const editor = (id: string) =>
    mount(PotEditor, {
      props: { vessel: vessel(id), units: "metric", altitudeM: 1640, usedBy: [] },
      global,
    });
  const choose = (wrapper: ReturnType<typeof editor>, text: string) =>
    wrapper
      .findAll("label")
      .find((l) => l.text() === text)
      ?.find("input")
      .setValue(true);

  test("a pressure cooker says its pressure, and forgets it when it is a pot again", async () => {
    const pot = editor("tall");
    await choose(pot, "pressure cooker");
    expect(pot.emitted("change")?.at(-1)?.[0]).toMatchObject({
      kind: "pressureCooker",
      pressure: { drive: "stovetop", highKPa: 103 },
    });
    const cooker = editor("pressure");
    await choose(cooker, "casserole");
    expect(cooker.emitted("change")?.at(-1)?.[0]).not.toHaveProperty("pressure");
  });
});

describe("ovens", () => {
  beforeEach(async () => {
    await importAll(sample, "replace");
  });

  test("one in use stays, another can be added, changed and removed", async () => {
    const store = useKitchenStore();
    await until(() => expect(store.isLoaded).toBe(true));
    const wrapper = mount(OvenList, { global });
    expect(wrapper.find("button.link").text()).toBe("in use");
    await wrapper.find("button.button").trigger("click");
    await until(() => expect(wrapper.findAll("li")).toHaveLength(2));
    const hottest = wrapper.findAll(".hottest input")[1];
    await hottest?.setValue("900");
    expect(wrapper.find("[role=alert]").text()).toContain("from 120 °C to 350 °C");
    await hottest?.setValue("450F");
    await until(() => expect(store.kitchen?.ovens[1]?.maxC).toBeCloseTo(232.2, 1));
    await wrapper.findAll("input[type=checkbox]")[1]?.setValue(true);
    await until(() => expect(store.kitchen?.ovens[1]?.fan).toBe(true));
    await wrapper.findAll("button.link")[1]?.trigger("click");
    await until(() => expect(store.kitchen?.ovens).toHaveLength(1));
  });
});
