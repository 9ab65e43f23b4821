import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";

const RULES = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];

/**
 * What axe finds against WCAG 2.2 AA and its own good practice on the screen as it stands. No screen frames another site, so
 * axe need not open a second page to put frames together, which takes half of its time.
 */
export const violations = async (page: Page): Promise<readonly string[]> => {
  const found = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ runOnly: { type: "tag", values: RULES }, resultTypes: ["violations"] })
    .analyze();
  return found.violations.map(
    (v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join(" | ")}`,
  );
};
