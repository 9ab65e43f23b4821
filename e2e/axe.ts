import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";

/** What axe finds against WCAG 2.2 AA on the screen as it stands. */
export const violations = async (page: Page): Promise<readonly string[]> => {
  const found = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
    .analyze();
  return found.violations.map(
    (v) => `${v.id}: ${v.nodes.map((n) => n.target.join(" ")).join(" | ")}`,
  );
};
