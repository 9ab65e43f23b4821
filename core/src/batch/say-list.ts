/** "Onion", "Onion and herb bundle", "Onion, leek and herb bundle". */
export function sayList(names: readonly string[]): string {
  const said = names.map((name, i) => (i === 0 ? name : name.toLowerCase()));
  const last = said.at(-1) ?? "";
  return said.length < 2 ? last : `${said.slice(0, -1).join(", ")} and ${last}`;
}
