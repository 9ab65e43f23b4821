import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { newId } from "./new-id";

/** Where what a page could not write before it went is held. */
const HELD_PREFIX = "kettlos-unwritten-";

/** Holds something in place of what was held before; its key, null where the browser holds nothing. */
export function hold(value: unknown, before: string | null): string | null {
  const key = before ?? `${HELD_PREFIX}${newId()}`;
  try {
    localStorage.setItem(key, JSON.stringify(value));
    return key;
  } catch {
    return null;
  }
}

/** Holds a change of a plan in place of one held before; its key, null where the browser holds nothing. */
export const holdUnwritten = (base: Plan, mine: Plan, before: string | null): string | null =>
  hold({ base, mine }, before);

export const letGoOfHeld = (key: string): void => localStorage.removeItem(key);

export const heldKeys = (): readonly string[] =>
  Object.keys(localStorage).filter((key) => key.startsWith(HELD_PREFIX));

/** Whether anything waits; a browser that keeps nothing holds nothing. */
export function isAnythingHeld(): boolean {
  try {
    return heldKeys().length > 0;
  } catch {
    return false;
  }
}
