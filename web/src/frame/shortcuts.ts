import { onKeyStroke, useStorage } from "@vueuse/core";
import { onScopeDispose, shallowReactive, type ShallowReactive } from "vue";

/** One key and what it does here. `keys` is as KeyboardEvent.key gives it; " " is Space. */
export interface Shortcut {
  readonly keys: string;
  readonly does: string;
  readonly run: () => void;
}

const active: ShallowReactive<Set<() => readonly Shortcut[]>> = shallowReactive(new Set());

/** Every shortcut in force now, the screen's own last. */
export const allShortcuts = (): readonly Shortcut[] => [...active].flatMap((list) => list());

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Space and Enter on a button, link or slider belong to that control. */
const belongsToControl = (event: KeyboardEvent): boolean =>
  (event.key === " " || event.key === "Enter") &&
  event.target instanceof HTMLElement &&
  event.target.closest("button, a, [role='slider'], [role='radio'], summary") !== null;

/** A dialog that is open; one that fades away is shut, and takes no key. */
export const OPEN_DIALOG =
  ".el-overlay:not([style*='display: none']):not(.dialog-fade-leave-active)";

/** Whether single keys act at all: who speaks or is helped to type may have them switched off. */
export const areKeysOn = useStorage("kettlos-keys", true);

/** Gives a component its single-key shortcuts for as long as it is on screen. */
export function useShortcuts(list: () => readonly Shortcut[]): void {
  active.add(list);
  onScopeDispose(() => active.delete(list));
  onKeyStroke(true, (event) => {
    if (
      !areKeysOn.value ||
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      event.defaultPrevented
    )
      return;
    if (isTyping(event.target) || belongsToControl(event)) return;
    if (document.querySelector(OPEN_DIALOG) !== null) return;
    const found = list().find((s) => s.keys.toLowerCase() === event.key.toLowerCase());
    if (found === undefined) return;
    event.preventDefault();
    found.run();
  });
}

/** How a key is written on screen. */
export const keyName = (keys: string): string => (keys === " " ? "Space" : keys.toUpperCase());
