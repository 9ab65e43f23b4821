import { onMounted, onScopeDispose, shallowRef, watch, type ShallowRef } from "vue";
import { pause } from "../data/pause";

/**
 * Counts from nothing to `steps`, one with each task, once a screen is drawn and what it shows is there: what hangs on it
 * is drawn part after part, so that a slow device can be touched in between.
 */
export function useInTurn(
  steps: number,
  isThere: () => boolean = () => true,
): Readonly<ShallowRef<number>> {
  const turn = shallowRef(0);
  let isGone = false;
  onScopeDispose(() => (isGone = true));
  let isCounting = false;
  const count = async () => {
    isCounting = true;
    while (turn.value < steps && !isGone) {
      await pause();
      turn.value++;
    }
  };
  onMounted(() => {
    watch(isThere, (isNow) => void (isNow && !isCounting && count()), {
      immediate: true,
      flush: "post",
    });
  });
  return turn;
}
