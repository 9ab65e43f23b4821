import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";

const TAGS = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];

/**
 * What axe finds against WCAG 2.2 AA and its own good practice on the screen as it stands, by day; by night
 * nothing but colours differs, so contrast alone is read again. No screen frames another site, so axe need
 * not open a second page to put frames together, which takes half of its time.
 */
export async function violations(page: Page): Promise<readonly string[]> {
  await page.emulateMedia({ colorScheme: "light" });
  const byDay = await found(page, { type: "tag", values: TAGS });
  await page.emulateMedia({ colorScheme: "dark" });
  const byNight = await found(page, { type: "rule", values: ["color-contrast"] });
  return [...byDay, ...byNight.map((text) => `by night, ${text}`)];
}

/** What is not seen well, by day and by night, where the cook's system asks for more contrast: 7 to 1 for text. */
export async function violationsInContrast(page: Page): Promise<readonly string[]> {
  const runOnly = { type: "rule" as const, values: ["color-contrast-enhanced"] };
  await page.emulateMedia({ colorScheme: "light", contrast: "more" });
  const byDay = await found(page, runOnly);
  await page.emulateMedia({ colorScheme: "dark", contrast: "more" });
  const byNight = await found(page, runOnly);
  await page.emulateMedia({ colorScheme: "light", contrast: null });
  return [...byDay, ...byNight.map((text) => `by night, ${text}`)];
}

/**
 * Lengths drawn to a scale of time are as wide as what they stand for; each is there in its full size on the
 * run sheet beside it (WCAG 2.5.8, equivalent and essential).
 */
const TO_SCALE = /data-block=.*class="bar|class="bar[^"]*"[^>]*data-block=/;

async function found(
  page: Page,
  runOnly: { type: "tag" | "rule"; values: string[] },
): Promise<readonly string[]> {
  const { violations: list } = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ runOnly, resultTypes: ["violations"] })
    .analyze();
  return list.flatMap((v) => {
    const nodes = v.nodes.filter((n) => !(v.id === "target-size" && TO_SCALE.test(n.html)));
    return nodes.length === 0
      ? []
      : [`${v.id}: ${nodes.map((n) => n.target.join(" ")).join(" | ")}`];
  });
}
