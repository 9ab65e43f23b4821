/** In the order of the build's files of them (`vite.config.ts`). */
const PARTS = [
  () => import("../controls/TypedField.vue"),
  () => import("../controls/UnitField.vue"),
  () => import("@kettlos/core/because/answers"),
];

/**
 * Asks for what most screens are built of ahead of a screen, part after part: each is worked through by itself as it
 * comes, and all at once with the screen would hold a slow device up. What does not come, the screen itself says.
 */
export function askForFittings(): void {
  for (const part of PARTS) void part().catch(() => undefined);
}
