import { word } from "../units/word";

const BY_SIZE: readonly (readonly string[])[] = [
  [],
  [word("Small"), word("Big")],
  [word("Small"), word("Middle"), word("Big")],
];

/**
 * Names for several of one kind, small to big: by their size where they are up to three, else by number.
 * @example toldApart("Stockpot", 2) // ["Small stockpot", "Big stockpot"]
 */
export function toldApart(name: string, count: number): readonly string[] {
  if (count <= 1) return Array.from({ length: count }, () => name);
  const sizes = BY_SIZE[count - 1];
  return Array.from({ length: count }, (_, i) =>
    sizes === undefined ? `${name} ${i + 1}` : `${sizes[i] ?? ""} ${name.toLowerCase()}`,
  );
}
