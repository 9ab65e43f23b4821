import { createPinia } from "pinia";
import { createApp } from "vue";
import App from "./App.vue";
import CannotOpen from "./frame/CannotOpen.vue";
import { useClockStore } from "./data/clock-store";
import type { Storage } from "./data/db";
import { isAnythingHeld } from "./data/held";
import { asksAgain } from "./data/kept-region";
import { useKitchenStore } from "./data/kitchen-store";
import { pause } from "./data/pause";
import { usePotsStore } from "./data/pots-store";
import { sayNothingIsKept, watchOldPage } from "./frame/old-page";
import { watchErrors } from "./frame/errors";
import { router } from "./router";

/** By then what is on the screen is worked out. */
const ONCE_QUIET_MS = 10_000;

/** Draws the application over what is stored, once that is open. What takes long is done in tasks of its own. */
export async function start(opening: Promise<Storage>): Promise<void> {
  await pause();
  const storage = await opening;
  if (storage.kind !== "disk" && storage.kind !== "memory") {
    createApp(CannotOpen, { kind: storage.kind }).mount("#app");
    return;
  }
  if (storage.kind === "disk" && isAnythingHeld())
    await import("./data/unwritten").then((u) => u.writeHeld()).catch(() => undefined);
  const app = createApp(App);
  watchErrors(app);
  const pinia = createPinia();
  app.use(pinia);
  // They begin to read before the frame is drawn.
  for (const use of [useKitchenStore, usePotsStore, useClockStore]) {
    await pause();
    use(pinia);
  }
  await pause();
  app.use(router);
  await pause();
  app.mount("#app");
  if (storage.kind === "memory") sayNothingIsKept();
  watchOldPage();
  // Newer versions are looked for once the screen stands; where that cannot be had, not this time.
  void import("./frame/versions").then((v) => v.watchVersions()).catch(() => undefined);
  void import("./data/install").then((i) => i.watchInstall()).catch(() => undefined);
  setTimeout(() => asksAgain(navigator.language), ONCE_QUIET_MS);
}
