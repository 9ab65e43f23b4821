import { ref, shallowRef } from "vue";

/** Which of several things is open, and the element it opens beside. */
export function useOpened() {
  const key = ref<string | null>(null);
  const anchor = shallowRef<HTMLElement | null>(null);

  function toggle(wanted: string, event: Event): void {
    if (key.value === wanted) return shut();
    key.value = wanted;
    anchor.value = event.currentTarget as HTMLElement;
  }
  function shut(): void {
    key.value = null;
    anchor.value = null;
  }
  return { key, anchor, toggle, shut };
}
