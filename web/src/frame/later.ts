import { onScopeDispose, shallowRef, watch, type ShallowRef } from "vue";
import { pause } from "../data/pause";

/** Follows a value in a task of its own, so that what else hangs on it is drawn before, and the page can be touched between. */
export function useLater<T>(value: Readonly<ShallowRef<T>>): Readonly<ShallowRef<T>> {
  const later = shallowRef(value.value);
  let isGone = false;
  onScopeDispose(() => (isGone = true));
  let isComing = false;
  watch(value, async () => {
    if (isComing) return;
    isComing = true;
    await pause();
    isComing = false;
    if (!isGone) later.value = value.value;
  });
  return later;
}
