import type { SolidIn } from "./solid-in";

/** What goes in late does not lead because the bones are out. */
export function leading(solidsIn: readonly SolidIn[], everIn: readonly SolidIn[]): SolidIn | null {
  const now = heaviest(solidsIn);
  return now?.ingredient.role === "body" ? now : heaviest(everIn);
}

const heaviest = (solids: readonly SolidIn[]): SolidIn | null =>
  solids.reduce<SolidIn | null>(
    (main, s) => (main === null || weightAs(s) > weightAs(main) ? s : main),
    null,
  );

/** Bones and meat lead before vegetables, whatever they weigh. */
const weightAs = (s: SolidIn): number => s.item.massKg + (s.ingredient.role === "body" ? 1000 : 0);
