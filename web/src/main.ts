import "./theme/fonts/fonts.css";
import "@fontsource-variable/figtree/wght.css";
import "element-plus/theme-chalk/base.css";
import "./theme/tokens.css";
import "./theme/base.css";
import "./theme/element.css";
import { createPinia } from "pinia";
import { createApp } from "vue";
import { regionOf, setRegion } from "@kettlos/core/units/region";
import App from "./App.vue";
import CannotOpen from "./frame/CannotOpen.vue";
import { openDatabase } from "./data/db";
import { isAnythingHeld } from "./data/held";
import { pause } from "./data/pause";
import { sayNothingIsKept, watchOldPage } from "./frame/old-page";
import { watchErrors } from "./frame/errors";
import { router } from "./router";

/** Not at the top of the module: what is loaded here stands on it, and each would wait for the other for ever. */
async function start(): Promise<void> {
  const opening = openDatabase();
  // What takes long is done in tasks of its own.
  await pause();
  setRegion(regionOf(navigator.language));
  const storage = await opening;
  await pause();
  if (storage.kind !== "disk" && storage.kind !== "memory")
    createApp(CannotOpen, { kind: storage.kind }).mount("#app");
  else {
    if (storage.kind === "disk" && isAnythingHeld())
      await import("./data/unwritten").then((u) => u.writeHeld()).catch(() => undefined);
    const app = createApp(App);
    watchErrors(app);
    app.use(createPinia()).use(router).mount("#app");
    if (storage.kind === "memory") sayNothingIsKept();
    watchOldPage();
    // Newer versions are looked for once the screen stands; where that cannot be had, not this time.
    void import("./frame/versions").then((v) => v.watchVersions()).catch(() => undefined);
    void import("./data/install").then((i) => i.watchInstall()).catch(() => undefined);
  }
}

void start();
