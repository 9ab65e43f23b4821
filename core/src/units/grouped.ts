/** A list by what each of it belongs to: in the order in which these come first, each part in the order given. */
export function groupedBy<T, K>(list: readonly T[], keyOf: (one: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const one of list) {
    const key = keyOf(one);
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [one]);
    else group.push(one);
  }
  return groups;
}
