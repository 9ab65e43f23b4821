import { useRafFn } from "@vueuse/core";
import { shallowRef, watch, type Ref, type ShallowRef } from "vue";

/**
 * Followers of a value that changes with every frame while something is pulled: then one of them is
 * brought up to date a frame, in turn, so that no frame draws them all. At rest all follow at once.
 */
export function useTurns<T>(
  source: Ref<T>,
  isPulled: () => boolean,
): { readonly follow: () => ShallowRef<T> } {
  const followers: ShallowRef<T>[] = [];
  let behind: ShallowRef<T>[] = [];
  /** A frame in which nothing was pulled is followed by one in which something is: the turn waits for the one after. */
  let [hasChanged, hasWaited] = [false, false];
  const { pause, resume } = useRafFn(
    () => {
      if (!hasChanged && !hasWaited) {
        hasWaited = true;
        return;
      }
      [hasChanged, hasWaited] = [false, false];
      const next = behind.shift();
      if (next !== undefined) next.value = source.value;
      if (behind.length === 0) pause();
    },
    { immediate: false },
  );
  watch(
    source,
    (value) => {
      if (isPulled()) {
        behind.push(...followers.filter((one) => !behind.includes(one)));
        hasChanged = true;
        resume();
        return;
      }
      behind = [];
      pause();
      for (const one of followers) one.value = value;
    },
    { flush: "sync" },
  );
  return {
    follow: () => {
      const follower = shallowRef(source.value) as ShallowRef<T>;
      followers.push(follower);
      return follower;
    },
  };
}
