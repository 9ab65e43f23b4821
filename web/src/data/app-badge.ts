/** How many things call, on the installed application's icon; nothing where there is none, or no such icon. */
export function showBadge(count: number): void {
  const { setAppBadge, clearAppBadge } = navigator as Partial<Navigator>;
  const shown = count > 0 ? setAppBadge?.call(navigator, count) : clearAppBadge?.call(navigator);
  void shown?.catch(() => undefined);
}
