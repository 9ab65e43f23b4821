import { useEventListener } from "@vueuse/core";
import type { LaneBar } from "./lane-model";

const STEP_MIN = 5;

/** How far a bar's hand has gone; it is done once it is let go. */
interface Hand {
  readonly choose: (bar: LaneBar) => void;
  readonly drag: (bar: LaneBar, byMin: number, isDone: boolean) => void;
  readonly pxPerMin: () => number;
}

/**
 * A bar in the hand, wherever its element goes meanwhile: what follows is worked out while it is dragged, and
 * may take it to another lane under the pointer. Let go where it was taken up, it is chosen.
 */
export function useHeldBar({ choose, drag, pxPerMin }: Hand) {
  let held: { bar: LaneBar; pointerId: number; startPx: number; byMin: number } | null = null;

  useEventListener(window, "pointermove", (event: PointerEvent) => {
    if (held?.pointerId !== event.pointerId) return;
    const step = event.shiftKey ? 1 : STEP_MIN;
    const byMin = Math.round((event.clientX - held.startPx) / pxPerMin() / step) * step;
    if (byMin === held.byMin) return;
    held = { ...held, byMin };
    drag(held.bar, byMin, false);
  });
  useEventListener(window, "pointerup", (event: PointerEvent) => {
    if (held?.pointerId !== event.pointerId) return;
    const { bar, byMin } = held;
    held = null;
    if (byMin === 0) choose(bar);
    else drag(bar, byMin, true);
  });
  useEventListener(window, "pointercancel", (event: PointerEvent) => {
    if (held?.pointerId === event.pointerId) held = null;
  });

  return (event: PointerEvent, bar: LaneBar): void => {
    if (event.button !== 0) return;
    held = { bar, pointerId: event.pointerId, startPx: event.clientX, byMin: 0 };
  };
}
