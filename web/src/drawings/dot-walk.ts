import { computed, ref, useId } from "vue";

/** Dots of a drawing walked by keyboard: it is one stop, arrows go from dot to dot, Enter opens. */
export function useDotWalk(ids: () => readonly string[], open: (id: string) => void) {
  const name = useId();
  const at = ref<string | null>(null);
  const isIn = ref(false);
  const places = computed(() => new Map(ids().map((id, i) => [id, i])));
  const current = computed(() =>
    at.value !== null && places.value.has(at.value) ? at.value : (ids().at(-1) ?? null),
  );
  const idOf = (id: string) => `${name}-${places.value.get(id) ?? 0}`;
  function onKeydown(event: KeyboardEvent): void {
    const all = ids();
    const here = places.value.get(current.value ?? "") ?? 0;
    const to: Readonly<Record<string, number>> = {
      ArrowLeft: here - 1,
      ArrowUp: here - 1,
      ArrowRight: here + 1,
      ArrowDown: here + 1,
      Home: 0,
      End: all.length - 1,
    };
    const next = to[event.key];
    if (next !== undefined) at.value = all[Math.min(all.length - 1, Math.max(0, next))] ?? null;
    else if ((event.key === "Enter" || event.key === " ") && current.value !== null)
      open(current.value);
    else return;
    event.preventDefault();
  }
  /** What the element that holds the dots is given. */
  const walk = computed(() => ({
    role: "listbox",
    tabindex: 0,
    "aria-activedescendant": current.value === null ? undefined : idOf(current.value),
    onKeydown,
    onFocus: () => (isIn.value = true),
    onBlur: () => (isIn.value = false),
  }));
  /** What each dot is given, with what it says. */
  const dot = (id: string, says: string) => ({
    id: idOf(id),
    role: "option",
    "aria-selected": current.value === id,
    "aria-label": says,
    class: { current: isIn.value && current.value === id },
    onClick: () => open(id),
  });
  /** The dot that one stands on, while one does. */
  const standsOn = computed(() => (isIn.value ? current.value : null));
  return { walk, dot, standsOn };
}
