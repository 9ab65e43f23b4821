/**
 * Spreads labels that lead to levels: each as near to its level as it can stand, `gap` px apart and none
 * below `lowestY`, in the order of their levels from the top.
 */
export function placeLeaders<T extends { readonly lineY: number }>(
  leaders: readonly T[],
  gap: number,
  lowestY: number,
): readonly (T & { readonly y: number })[] {
  const sorted = [...leaders].sort((a, b) => a.lineY - b.lineY);
  const ys: number[] = [];
  for (const { lineY } of sorted) ys.push(Math.max(lineY, (ys.at(-1) ?? -Infinity) + gap));
  let limit = lowestY;
  for (let i = ys.length - 1; i >= 0; i--) {
    ys[i] = Math.min(ys[i] ?? 0, limit);
    limit = (ys[i] ?? 0) - gap;
  }
  return sorted.map((leader, i) => ({ ...leader, y: ys[i] ?? leader.lineY }));
}
