import { chromium, expect, test, type Page } from "@playwright/test";
import { spawn, type ChildProcess } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { CHROMIUM_ARGS, CHROMIUM_PATH } from "../scripts/browser";
import { openSample, storedEvents } from "./kitchens";

/** How often the browser is killed: a few times here, more under attack. */
const KILLS = Number(process.env["KILLS"] ?? 4);
/** It lives for so long once the pot is on screen, ms. */
const LIVES_MS = [50, 1600] as const;

/** A browser of its own on a profile, to be killed without warning. */
async function start(profile: string): Promise<{ child: ChildProcess; endpoint: string }> {
  const child = spawn(
    CHROMIUM_PATH,
    [
      ...CHROMIUM_ARGS,
      "--headless=new",
      "--remote-debugging-port=0",
      `--user-data-dir=${profile}`,
      "about:blank",
    ],
    { detached: true, stdio: ["ignore", "ignore", "pipe"] },
  );
  const endpoint = await new Promise<string>((resolve, reject) => {
    let text = "";
    child.stderr?.on("data", (chunk: Buffer) => {
      text += chunk.toString();
      const found = /DevTools listening on (ws:\S+)/.exec(text)?.[1];
      if (found !== undefined) resolve(found);
    });
    child.once("exit", () => reject(new Error(`the browser did not start: ${text}`)));
  });
  return { child, endpoint };
}

/** The whole family of processes at once, as when the power fails. */
async function kill(child: ChildProcess): Promise<void> {
  const gone = new Promise((resolve) => child.once("exit", resolve));
  process.kill(-(child.pid ?? 0), "SIGKILL");
  await gone;
}

const notes = async (page: Page): Promise<readonly string[]> =>
  (await storedEvents(page)).flatMap((e) => {
    const { text } = e as { text?: string };
    return e.kind === "noted" && text?.startsWith("mark ") === true ? [text] : [];
  });

/** Writes one note after another, and keeps what was seen to stand on the screen. */
async function cookOn(page: Page, from: number, shown: string[]): Promise<void> {
  for (let n = from; ; n++) {
    const mark = `mark ${n}`;
    // By the button: it waits until the page has settled, where a key pressed too soon would say nothing.
    await page.getByRole("button", { name: /^Taste/ }).click();
    await page.getByLabel("What you taste or see").fill(mark);
    await page.getByRole("button", { name: "Keep this note" }).click();
    await page.getByText(`“${mark}”`).waitFor();
    shown.push(mark);
  }
}

test(`killed at ${KILLS} moments, nothing that was shown is missing`, async ({ baseURL }) => {
  test.setTimeout(60_000 + KILLS * 25_000);
  const profile = mkdtempSync(join(tmpdir(), "kettlos-killed-"));
  const shown: string[] = [];
  let isSetUp = false;
  let random = 1640;
  try {
    for (let round = 0; round <= KILLS; round++) {
      const { child, endpoint } = await start(profile);
      const browser = await chromium.connectOverCDP(endpoint);
      const context = browser.contexts()[0] ?? (await browser.newContext());
      const page = await context.newPage();
      if (!isSetUp) {
        await openSample(page, baseURL);
        isSetUp = true;
      }
      await page.goto(`${baseURL ?? ""}/cook/on-fire`);
      await page.getByRole("button", { name: /^Taste/ }).waitFor();
      const stored = await notes(page);
      for (const mark of shown) expect(stored).toContain(mark);
      expect(new Set(stored).size).toBe(stored.length);
      random = (random * 48_271) % 2_147_483_647;
      const livesMs = LIVES_MS[0] + (random / 2_147_483_647) * (LIVES_MS[1] - LIVES_MS[0]);
      const before = shown.length;
      const cooking = cookOn(page, round * 1000, shown).catch(() => undefined);
      // Every other time it lives until something was shown, so that much is at stake on a slow machine too.
      if (round % 2 === 1) await expect.poll(() => shown.length).toBeGreaterThan(before);
      await new Promise((resolve) => setTimeout(resolve, livesMs));
      await kill(child);
      await cooking;
      await browser.close().catch(() => undefined);
    }
  } finally {
    rmSync(profile, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 });
  }
  expect(shown.length).toBeGreaterThanOrEqual(KILLS / 2);
});
