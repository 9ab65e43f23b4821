import { MINUTE_MS } from "@kettlos/core/units/time";
import { jumpBetween } from "@kettlos/core/batch/one-clock";
import { showDuration } from "@kettlos/core/units/show";
import { useIntervalFn } from "@vueuse/core";
import { watch } from "vue";
import { say } from "../frame/notices";
import { usePotsStore } from "./pots-store";
import { appendEvent } from "./repository";

const EVERY_MS = 1000;
/** The last entry this far ahead of the clock: it was set back while no page was open, ms. */
const BEFORE_ENTRY_MS = 60_000;

/**
 * Follows the wall's clock beside one that only counts on. A clock set back is seen and every pot on the fire
 * moves along; one that jumps ahead is taken for the device having slept, which is said, with a way to say
 * that it was set.
 */
export function useClockWatch(): void {
  const pots = usePotsStore();
  const sample = () => ({ wallMs: Date.now(), monoMs: performance.now() });
  let before = sample();

  const lit = () => pots.inEarnest.filter((p) => p.cook.litMs !== null);
  async function move(shiftMs: number, isAssumed: boolean) {
    for (const { batch } of lit())
      await appendEvent(batch.id, { kind: "clockSet", shiftMs, isAssumed, atMs: Date.now() });
  }
  const long = (ms: number) => showDuration(Math.abs(ms) / MINUTE_MS);

  useIntervalFn(() => {
    const now = sample();
    const jump = jumpBetween(before, now);
    before = now;
    if (jump === null || lit().length === 0) return;
    const { byMs } = jump;
    if (jump.kind === "setBack") {
      void move(byMs, false);
      say({
        id: "clock",
        tone: "note",
        title: `The clock was set back by ${long(byMs)}.`,
        text: "What is on the fire moved along with it: how long it has been on stays as it was.",
        ways: [{ label: "Good", run: () => undefined }],
      });
      return;
    }
    say({
      id: "clock",
      tone: "note",
      title: `The clock went ahead ${long(byMs)} at once.`,
      text: "This is taken as the device having slept: the pots on the fire went on all that time.",
      ways: [
        { label: "It slept", run: () => undefined },
        { label: "The clock was set", run: () => move(byMs, false) },
      ],
    });
  }, EVERY_MS);

  // Set back while nobody was looking: the last entry then lies ahead of now.
  watch(
    () => pots.isReady,
    (isReady) => {
      if (!isReady) return;
      for (const { batch, cook, events } of lit()) {
        const lastMs = events.at(-1)?.atMs ?? 0;
        const byMs = Date.now() - lastMs;
        if (byMs > -BEFORE_ENTRY_MS || cook.finishedMs !== null) continue;
        void appendEvent(batch.id, {
          kind: "clockSet",
          shiftMs: Math.round(byMs),
          isAssumed: true,
          atMs: Date.now(),
        });
        say({
          id: `clock-${batch.id}`,
          tone: "note",
          title: `The clock stands ${long(byMs)} before the last entry of ${batch.plan.name}.`,
          text: "It was set back, so earlier times moved along as if no time had gone since. If time has gone, write down what you see now.",
          ways: [{ label: "Good", run: () => undefined }],
        });
      }
    },
    { immediate: true },
  );
}
