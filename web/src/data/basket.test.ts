import { beforeEach, expect, test } from "vitest";
import { until } from "../../test/until";
import { forgetEverything } from "./safety-copies";
import { useBasket } from "./basket";
import { db } from "./db";

beforeEach(forgetEverything);

test("what is put in and taken out in one breath is all there, and in another tab as well", async () => {
  const { basket, put, takeOut } = useBasket();
  await Promise.all([put("carrot", 0.5), put("leek", 0.2), put("onion", 1), takeOut("leek")]);
  const other = useBasket();
  for (const { value } of [basket, other.basket]) expect(value.size).toBeLessThanOrEqual(2);
  await until(() =>
    expect([...other.basket.value]).toEqual([
      ["carrot", 0.5],
      ["onion", 1],
    ]),
  );
  await other.takeOut("carrot", "onion");
  await until(() => expect(basket.value.size).toBe(0));
});

test("one that cannot be read is empty, and can be filled again", async () => {
  for (const value of ["{", "7", '[["carrot","much"],3,null]']) {
    await db.settings.put({ key: "basket", value });
    const { basket, put } = useBasket();
    await put("leek", 0.3);
    await until(() => expect([...basket.value]).toEqual([["leek", 0.3]]));
  }
});
