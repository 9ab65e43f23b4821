import { onMounted, onScopeDispose, shallowRef, type ShallowRef } from "vue";
import { pause } from "../data/pause";

/**
 * Counts from nothing to `steps`, one with each task, once a screen is drawn: what hangs on it is drawn part after part,
 * so that a slow device can be touched in between.
 */
export function useInTurn(steps: number): Readonly<ShallowRef<number>> {
  const turn = shallowRef(0);
  let isGone = false;
  onScopeDispose(() => (isGone = true));
  onMounted(async () => {
    while (turn.value < steps && !isGone) {
      await pause();
      turn.value++;
    }
  });
  return turn;
}
