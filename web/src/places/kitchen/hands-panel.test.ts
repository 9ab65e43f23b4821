import { mount } from "@vue/test-utils";
import { createPinia, setActivePinia } from "pinia";
import { expect, test } from "vitest";
import { sample } from "../../../test/pot";
import { useKitchenStore } from "../../data/kitchen-store";
import { saveKitchen } from "../../data/repository";
import HandsPanel from "./HandsPanel.vue";
import { until } from "../../../test/until";

test("other nights are added for the weekend, changed by their hours, and taken out again", async () => {
  setActivePinia(createPinia());
  const store = useKitchenStore();
  await saveKitchen({ ...sample.kitchen, hands: [] });
  await until(() => expect(store.kitchen).not.toBeNull());
  const panel = mount(HandsPanel);
  const button = (words: string) => panel.findAll("button").find((b) => b.text() === words);
  const nightsAre = (nights: unknown) =>
    until(() => expect(store.kitchen?.hands[0]?.nights).toEqual(nights));

  await button("Other nights")?.trigger("click");
  await nightsAre([{ from: "00:00", to: "08:00", weekdays: [5, 6] }]);
  expect(panel.text()).toContain("Sleeps in the night of");
  await panel.find(".window input[type=time]").setValue("01:30");
  await nightsAre([{ from: "01:30", to: "08:00", weekdays: [5, 6] }]);
  await button("Take out")?.trigger("click");
  await nightsAre([]);
  // Who never sleeps has no nights to say.
  await panel.find("input[type=checkbox]").setValue(false);
  await until(() => expect(store.kitchen?.hands[0]?.sleep).toBeNull());
  await until(() => expect(button("Other nights")).toBeUndefined());
});
