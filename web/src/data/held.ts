/** Where what a page could not write before it went is held. */
export const HELD_PREFIX = "kettlos-unwritten-";

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
