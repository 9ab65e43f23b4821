import { mount, RouterLinkStub } from "@vue/test-utils";
import { createPinia } from "pinia";
import { expect, test } from "vitest";
import { sample } from "../../test/pot";
import StageStrip from "./StageStrip.vue";

const vessel = sample.kitchen.vessels.find((v) => v.id === "tall");
if (vessel === undefined) throw new Error("no tall pot");
const strip = (props: object) =>
  mount(StageStrip, {
    props: { name: "Broth", stage: "simmer", vessel, ...props },
    global: { plugins: [createPinia()], stubs: { RouterLink: RouterLinkStub } },
  });
/** Top of the liquid that is drawn, px from the top; null where there is none. */
const levelY = (wrapper: ReturnType<typeof strip>) => {
  const liquid = wrapper.find("[data-part=liquid]");
  return liquid.exists()
    ? Number(/L[\d.]+ ([\d.]+)H/u.exec(liquid.attributes("d") ?? "")?.[1])
    : null;
};

test("the pot of the strip stands as it does: empty, at its level on the heat, under the sieve, in the bath, in jars", () => {
  expect(levelY(strip({ stage: "gather" }))).toBeNull();
  expect(levelY(strip({ stage: "fill", levelM: 0 }))).toBeNull();
  const high = levelY(strip({ levelM: 0.2 }));
  const low = levelY(strip({ levelM: 0.05 }));
  expect(high).not.toBeNull();
  expect(high ?? 0).toBeLessThan(low ?? 0);
  // Nothing has come through the sieve yet; what has stands in it.
  expect(levelY(strip({ stage: "strain", strainedL: 0 }))).toBeNull();
  expect(levelY(strip({ stage: "strain", strainedL: 6 })) ?? 0).toBeLessThan(
    levelY(strip({ stage: "chill", strainedL: 3 })) ?? 0,
  );
  expect(levelY(strip({ stage: "chill", strainedL: 90 }))).not.toBeNull();
  const parts = (stage: string) => {
    const wrapper = strip({ stage });
    return ["flames", "sieve", "bath", "jar"].filter((part) =>
      wrapper.find(`path.${part}`).exists(),
    );
  };
  expect(parts("simmer")).toEqual(["flames"]);
  expect(parts("strain")).toEqual(["sieve"]);
  expect(parts("chill")).toEqual(["bath"]);
  expect(parts("portion")).toEqual(["jar"]);
});

test("a pot that its kitchen has not got any more is not drawn, and is there all the same", () => {
  const wrapper = strip({ vessel: null });
  expect(wrapper.find("svg.pot").exists()).toBe(false);
  expect(wrapper.text()).toContain("Broth");
});
