import { ref } from "vue";

/** Which line of a list the arrow keys stand on, round and round; -1 on none. */
export function usePicked(count: () => number) {
  const at = ref(-1);
  function move(by: 1 | -1): void {
    const n = count();
    if (n === 0) return;
    at.value = at.value < 0 ? (by > 0 ? 0 : n - 1) : (at.value + by + n) % n;
  }
  return { at, move };
}
