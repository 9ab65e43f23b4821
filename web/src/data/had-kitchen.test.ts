import { effectScope } from "vue";
import { expect, test } from "vitest";
import { until } from "../../test/until";
import { bramholtSample } from "../sample/bramholt";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { useHasKitchen } from "./had-kitchen";
import { useKitchenStore } from "./kitchen-store";

test("whether there is a kitchen follows the store, and is remembered for the next opening", async () => {
  await forgetEverything();
  const scope = effectScope();
  const has = scope.run(() => useHasKitchen());
  const remembered = () => localStorage.getItem("kettlos-had-kitchen");
  await until(() => expect(useKitchenStore().isLoaded).toBe(true));
  expect(has?.value).toBe(false);
  await importAll(bramholtSample(Date.now()), "replace");
  await until(() => expect(has?.value).toBe(true));
  await until(() => expect(remembered()).toBe("true"));
  await forgetEverything();
  await until(() => expect(has?.value).toBe(false));
  await until(() => expect(remembered()).toBe("false"));
  scope.stop();
});
