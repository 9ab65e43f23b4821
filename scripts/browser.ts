import { chromium, type Browser } from "@playwright/test";
import type { Server } from "node:http";
import { fileURLToPath } from "node:url";
import { createApp } from "../server/src/app";
import { listen } from "../server/src/listen";

/** Flags without which Debian's Chromium does not run headless on a closed network. */
export const CHROMIUM_ARGS = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
];
export const CHROMIUM_PATH = "/usr/bin/chromium";

/** The built application on a free port and a browser to drive it; both closed afterwards. */
export async function withApplication(
  work: (browser: Browser, url: string) => Promise<void>,
): Promise<void> {
  const dist = fileURLToPath(new URL("../web/dist", import.meta.url));
  const { server, port } = await listen(createApp(dist), {
    host: "127.0.0.1",
    port: 0,
    usualPort: 0,
  });
  const browser = await chromium.launch({
    executablePath: CHROMIUM_PATH,
    args: CHROMIUM_ARGS,
  });
  try {
    await work(browser, `http://localhost:${port}`);
  } finally {
    await browser.close();
    await closed(server);
  }
}

const closed = (server: Server) =>
  new Promise<void>((resolve) => {
    server.close(() => resolve());
    server.closeAllConnections();
  });
