import { capacityL, depthForVolumeM, vesselVolumeL } from "@kettlos/core/vessel/volume";
import { mount } from "@vue/test-utils";
import { describe, expect, test, vi } from "vitest";
import { nextTick } from "vue";
import { sample } from "../../../../test/pot";
import { depthAtY, potFrame, yAt } from "../../../drawings/pot-frame";
import { usePlanStore } from "../plan-store";
import WaterGrip from "./WaterGrip.vue";

const vessel =
  sample.kitchen.vessels.find((v) => v.id === "tall-pot") ?? sample.kitchen.vessels[0]!;
const frame = potFrame(vessel, {
  width: 400,
  height: 356,
  left: 56,
  right: 56,
  top: 44,
  bottom: 46,
});
const depthM = depthForVolumeM(vessel, 6);
const grip = () =>
  mount(WaterGrip, {
    props: { frame, depthM, litres: vesselVolumeL(vessel, depthM), text: "4.4 L water" },
  });

describe("the water line's grip", () => {
  test.each([
    ["ArrowUp", false, 0.1],
    ["ArrowLeft", false, -0.1],
    ["ArrowDown", true, -0.5],
    ["PageUp", false, 0.5],
    ["PageDown", true, -2.5],
  ])("%s (shift: %s) steps by %s L", async (key, shiftKey, litres) => {
    const wrapper = grip();
    await wrapper.find("[role=slider]").trigger("keydown", { key, shiftKey });
    expect(wrapper.emitted("step")).toHaveLength(1);
    expect(wrapper.emitted("step")?.[0]?.[0]).toBeCloseTo(litres, 9);
  });

  test("other keys are left to the page", async () => {
    const wrapper = grip();
    await wrapper.find("[role=slider]").trigger("keydown", { key: "p" });
    await wrapper.find("[role=slider]").trigger("keydown", { key: "Tab" });
    expect(wrapper.emitted("step")).toBeUndefined();
  });

  test("it says where it stands between the floor and the rim", () => {
    const slider = grip().find("[role=slider]");
    expect(Number(slider.attributes("aria-valuenow"))).toBeCloseTo(6, 2);
    expect(Number(slider.attributes("aria-valuemax"))).toBeCloseTo(capacityL(vessel), 1);
    expect(slider.attributes("aria-valuetext")).toBe("4.4 L water");
  });

  test("it follows every frame, however many moves come in; let go, it is where it was pulled to", async () => {
    let frames: FrameRequestCallback[] = [];
    vi.spyOn(window, "requestAnimationFrame").mockImplementation((call) => frames.push(call));
    const wrapper = grip();
    const pulled = () => wrapper.emitted<[number]>("pull") ?? [];
    const slider = wrapper.find("[role=slider]");
    Object.defineProperties(slider.element, {
      ownerSVGElement: {
        value: {
          getBoundingClientRect: () => ({ top: 0, height: 356 }),
          viewBox: { baseVal: { height: 356 } },
        },
      },
      setPointerCapture: { value: () => undefined },
    });
    await slider.trigger("pointerdown", { clientY: 150 });
    const counts: number[] = [];
    for (const clientY of [151, 152, 153]) {
      await slider.trigger("pointermove", { clientY: clientY + 7 });
      await slider.trigger("pointermove", { clientY });
      const due = frames;
      frames = [];
      for (const call of due) call(0);
      counts.push(pulled().length);
    }
    expect(counts).toEqual([1, 2, 3]);
    await slider.trigger("pointermove", { clientY: 154 });
    await slider.trigger("pointerup");
    expect(pulled().at(-1)?.[0]).toBeCloseTo(depthAtY(frame, 154), 9);
    expect(wrapper.emitted("release")).toHaveLength(1);
    vi.restoreAllMocks();
  });

  test("pulled, it stands there at once, before the pot is drawn for it", async () => {
    const wrapper = grip();
    const store = usePlanStore();
    store.pulledTo = { volumeL: 2, depthM: 0.05 };
    await nextTick();
    expect(Number(wrapper.get("line").attributes("y1"))).toBeCloseTo(yAt(frame, 0.05), 6);
    store.pulledTo = null;
    await nextTick();
    expect(Number(wrapper.get("line").attributes("y1"))).toBeCloseTo(yAt(frame, depthM), 6);
  });

  test("a pointer that only passes over pulls nothing", async () => {
    const wrapper = grip();
    await wrapper.find("[role=slider]").trigger("pointermove", { clientY: 120 });
    await wrapper.find("[role=slider]").trigger("pointerup");
    expect(wrapper.emitted("pull")).toBeUndefined();
    expect(wrapper.emitted("release")).toBeUndefined();
  });
});
