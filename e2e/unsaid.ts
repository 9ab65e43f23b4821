import { SIGNS } from "../web/language/prose";
import type { Page } from "@playwright/test";

/** What is the same in every language; and hours, seconds and inches, of which a page has the letters alone. */
const SAME = String.raw`${SIGNS.source}|(?<!\p{L})(?:h|s|in)(?!\p{L})`;

/** Everything on a page, its labels and fields with it, that has letters of English in it. */
export const unsaid = (page: Page): Promise<string[]> =>
  page.evaluate((signs) => {
    const isEnglish = (text: string) =>
      /[A-Za-z]{2}/u.test(text.replace(new RegExp(signs, "gu"), ""));
    const found: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const { parentElement: on } = walker.currentNode;
      if (on !== null && !["SCRIPT", "STYLE"].includes(on.tagName))
        found.push(walker.currentNode.textContent ?? "");
    }
    for (const element of document.querySelectorAll("body *")) {
      for (const name of ["aria-label", "aria-valuetext", "title", "placeholder", "alt"])
        found.push(element.getAttribute(name) ?? "");
      if (element.matches("textarea, input:not([type=checkbox], [type=radio], [type=range])"))
        found.push((element as HTMLInputElement).value);
    }
    return [...new Set(found.filter(isEnglish).map((text) => text.trim()))];
  }, SAME);

/** What somebody cannot read to its end: cut by its box, by its field, or by the edge of the page. */
export const clipped = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = [];
    const edge = document.documentElement.clientWidth;
    const overPx = document.documentElement.scrollWidth - edge;
    if (overPx > 1) found.push(`the page is ${overPx} px too wide`);
    const { scrollHeight, clientHeight } = document.documentElement;
    const isOnScreen = getComputedStyle(document.querySelector("main")!).overflowY === "auto";
    // What opens over the page may be higher than it: then it is scrolled to.
    const lowest = [...document.querySelectorAll("body > :not(#app) *")].reduce(
      (low, over) => Math.max(low, over.getBoundingClientRect().bottom + window.scrollY),
      clientHeight,
    );
    if (isOnScreen && scrollHeight > lowest + 32)
      found.push(`the page scrolls ${Math.round(scrollHeight - lowest)} px into nothing`);
    for (const element of document.querySelectorAll<HTMLElement>("body *")) {
      const text = element.matches("input, textarea")
        ? (element as HTMLInputElement).value
        : (element.textContent ?? "").trim();
      const box = element.getBoundingClientRect();
      // What is there for those who hear the page alone has no room at all, or comes with the focus.
      if (text === "" || box.width < 2 || box.height < 2 || element.matches(".skip")) continue;
      const { overflowX, overflowY, textOverflow } = getComputedStyle(element);
      // Shortened with dots on purpose, where what it stands on says all of it.
      const whole = element.closest("[aria-label]")?.getAttribute("aria-label") ?? "";
      if (textOverflow === "ellipsis" && whole.includes(text)) continue;
      const said = `“${text.slice(0, 60)}” in ${element.tagName.toLowerCase()}.${element.classList.value}`;
      const hides = (overflow: string) => overflow === "hidden" || overflow === "clip";
      if (element.matches("input, textarea")) {
        if (element.scrollWidth > element.clientWidth + 1) found.push(`${said}: its field`);
      } else if (
        !(element instanceof SVGElement) &&
        ((hides(overflowX) && element.scrollWidth > element.clientWidth + 1) ||
          (hides(overflowY) && element.scrollHeight > element.clientHeight + 2))
      )
        found.push(`${said}: its box`);
      const isText =
        element.matches("text") || [...element.childNodes].some((n) => n instanceof Text);
      let scrolls = false;
      for (let up: Element | null = element; up !== null; up = up.parentElement)
        scrolls ||= ["auto", "scroll"].includes(getComputedStyle(up).overflowX);
      if (isText && !scrolls && (box.right > edge + 1 || box.left < -1))
        found.push(`${said}: the page`);
    }
    return [...new Set(found)];
  });
