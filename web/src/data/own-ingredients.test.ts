import { flushPromises } from "@vue/test-utils";
import { beforeEach, expect, test } from "vitest";
import { sample } from "../../test/pot";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { useOwnIngredients } from "./own-ingredients";
import { until } from "../../test/until";

beforeEach(async () => {
  await forgetEverything();
  await importAll(sample, "replace");
});

test("several named at once are all kept, each once, and known by one and by many", async () => {
  const store = useKitchenStore();
  await until(() => expect(store.isLoaded).toBe(true));
  const own = useOwnIngredients();
  const root = own.keep("mountain root", "carrot");
  own.keep("snow pear", "apple");
  expect(own.keep("Mountain roots", "potato")).toBe(root);
  await until(async () => {
    const [kitchen] = await db.kitchens.toArray();
    expect(kitchen?.ownIngredients.map((o) => o.name)).toEqual(["mountain root", "snow pear"]);
  });
  await flushPromises();
  await own.save({ ...root, eachKg: 0.2 });
  const [kitchen] = await db.kitchens.toArray();
  expect(kitchen?.ownIngredients.find((o) => o.id === root.id)?.eachKg).toBe(0.2);
});
