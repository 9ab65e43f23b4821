import { CODES } from "@kettlos/core/cool/codes";
import { effectScope, ref } from "vue";
import { afterEach, beforeEach, describe, expect, test } from "vitest";
import { sample } from "../../../test/pot";
import { useChillHow } from "./use-chill-how";

let scope = effectScope();
beforeEach(() => (scope = effectScope()));
afterEach(() => scope.stop());

const potId = ref<string | null>("one");
const totalKg = ref(3.2);
const how = (gates = CODES.us.gates) =>
  scope.run(() =>
    useChillHow({
      potId: () => potId.value,
      kitchen: () => sample.kitchen,
      gates: () => gates,
      totalKg: () => totalKg.value,
      fromC: () => 80,
      isThick: () => false,
      before: () => null,
      usualId: () => "tall",
    }),
  )!;
const vesselId = sample.kitchen.vessels.find((v) => v.name === "Tall pot")?.id;

describe("what stands there first", () => {
  beforeEach(() => {
    potId.value = "one";
    totalKg.value = 3.2;
  });

  test("is in time, and the pot as it is, which is not, is told", () => {
    const { chosen, asItIs } = how();
    expect(chosen.value?.isSure).toBe(true);
    expect(chosen.value?.lacks).toBe(0);
    expect(vesselId).toBe("tall");
    expect(asItIs.value).toMatchObject({ isSure: false, container: { id: "tall" } });
  });

  test("is the pot as it is where that is fast enough", () => {
    totalKg.value = 0.15;
    const { chosen, asItIs } = how();
    expect(asItIs.value?.isSure).toBe(true);
    expect(chosen.value).toBe(asItIs.value);
  });

  test("is the quickest there is where nothing is surely in time", () => {
    totalKg.value = 9;
    const { chosen, best, asItIs } = how(CODES.uk.gates);
    expect(best.value).toBeNull();
    expect(chosen.value?.id).not.toBe(asItIs.value?.id);
    expect(chosen.value?.stages[0]?.way).not.toBe("fridge");
  });

  test("stays as the cook has it while the pot is the same, and begins anew with another", async () => {
    const { first, containerId, chosen } = how();
    const shown = chosen.value?.id;
    containerId.value = "tall";
    first.value = "room";
    totalKg.value = 3.1;
    await Promise.resolve();
    expect(chosen.value?.stages[0]?.way).toBe("room");
    potId.value = "two";
    await Promise.resolve();
    expect(chosen.value?.id).toBe(shown);
  });
});
