import { capacityL, depthForVolumeM, vesselVolumeL } from "@kettlos/core/vessel/volume";
import { mount } from "@vue/test-utils";
import { describe, expect, test } from "vitest";
import { sample } from "../../../../test/pot";
import { potFrame } from "../../../drawings/pot-frame";
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

  test("a pointer that only passes over pulls nothing", async () => {
    const wrapper = grip();
    await wrapper.find("[role=slider]").trigger("pointermove", { clientY: 120 });
    await wrapper.find("[role=slider]").trigger("pointerup");
    expect(wrapper.emitted("pull")).toBeUndefined();
    expect(wrapper.emitted("release")).toBeUndefined();
  });
});
