import { nextTick } from "vue";
import type { Router } from "vue-router";
import { helpOf } from "./screen-help";

/**
 * Arriving at another screen: it begins at its top, its heading is where the keyboard goes on, and the tab is
 * named after it. A field that is ready to type in keeps the focus, a dialog too.
 */
export function followArrivals(router: Router, main: HTMLElement): void {
  nameTab(router.currentRoute.value.name);
  router.afterEach(async (to, from, failure) => {
    if (failure !== undefined || to.name === from.name) return;
    nameTab(to.name);
    await nextTick();
    if (router.currentRoute.value.name !== to.name) return;
    main.scrollTop = 0;
    const { activeElement } = document;
    const isTaken =
      [...document.querySelectorAll("[role=dialog]")].some(isSeen) ||
      (activeElement !== main && main.contains(activeElement));
    if (!isTaken) focusOnHeading(main);
  });
}

const nameTab = (routeName: unknown): void => {
  document.title = `${helpOf(routeName).title} · Kettlos`;
};

/**
 * The screen before is still there for a moment, and a heading may come with what is read from disk: it is gone
 * on trying for a while, unless the cook has gone on meanwhile.
 */
const LATE_MS = 3000;
function focusOnHeading(main: HTMLElement): void {
  const toHeading = (): void => {
    // What is only there for paper takes no focus.
    const heading = [...main.querySelectorAll("h1")].find(isSeen);
    if (heading === undefined) return main.focus({ preventScroll: true });
    heading.tabIndex = -1;
    heading.focus({ preventScroll: true });
  };
  toHeading();
  const watcher = new MutationObserver(() => {
    const { activeElement } = document;
    if (activeElement === main || activeElement === document.body) toHeading();
    else if (activeElement?.tagName !== "H1") watcher.disconnect();
  });
  watcher.observe(main, { childList: true, subtree: true });
  setTimeout(() => watcher.disconnect(), LATE_MS);
}

const isSeen = (element: Element): boolean => element.getClientRects().length > 0;
