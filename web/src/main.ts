import "./theme/fonts/fonts.css";
import "@fontsource-variable/figtree/wght.css";
import "element-plus/theme-chalk/base.css";
import "./theme/tokens.css";
import "./theme/base.css";
import "./theme/element.css";
import { setRegion } from "@kettlos/core/units/region";
import { openDatabase } from "./data/db";
import { keptRegion } from "./data/kept-region";
import { pause } from "./data/pause";

/**
 * What is stored is opened while the rest is read in, in a task of its own (`start.ts`; the page asks for both at once).
 * Not at the top of the module: what is loaded here stands on it, and each would wait for the other for ever.
 */
async function begin(): Promise<void> {
  setRegion(keptRegion(navigator.language));
  const opening = openDatabase();
  await pause();
  const { start } = await import("./start");
  await start(opening);
}

void begin();
