import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { effectScope, ref } from "vue";
import { useTurns } from "./use-turns";

/** Frames that come when the test says so, on a clock that goes as it says. */
let frames: FrameRequestCallback[] = [];
let [frameMs, nowMs] = [0, 0];
async function nextFrame(afterMs = 16.7) {
  frameMs += afterMs;
  nowMs = frameMs;
  const due = frames;
  frames = [];
  for (const frame of due) frame(frameMs);
  for (let i = 0; i < 12; i++) await Promise.resolve();
}

beforeEach(() => {
  frames = [];
  [frameMs, nowMs] = [1000, 1000];
  vi.stubGlobal("requestAnimationFrame", (frame: FrameRequestCallback) => frames.push(frame));
  vi.stubGlobal("cancelAnimationFrame", () => (frames = []));
  vi.spyOn(performance, "now").mockImplementation(() => nowMs);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

/** Working out takes so long, ms. */
function turns(takesMs: number) {
  const pulled = ref(0);
  const worked = ref(0);
  const isPulled = ref(false);
  const follow = effectScope().run(
    () =>
      useTurns(
        pulled,
        () => {
          nowMs += takesMs;
          worked.value = pulled.value;
        },
        worked,
        () => isPulled.value,
      ).follow,
  )!;
  const shown = [follow(), follow()] as const;
  const pull = (to: number) => {
    isPulled.value = true;
    pulled.value = to;
  };
  const seen = () => [worked.value, ...shown.map((s) => s.value)];
  return { pull, isPulled, worked, seen };
}

describe("what follows something that is pulled", () => {
  test("at rest all that show it follow at once", () => {
    const { worked, seen } = turns(1);
    worked.value = 1;
    expect(seen()).toEqual([1, 1, 1]);
    expect(frames).toHaveLength(0);
  });

  test("where there is room, all of it is brought up to date in the same frame", async () => {
    const { pull, seen } = turns(1);
    pull(1);
    expect(seen()).toEqual([0, 0, 0]);
    await nextFrame();
    expect(seen()).toEqual([1, 1, 1]);
  });

  test("where working out takes the room, each has a frame of its own, and gets the newest there is", async () => {
    const { pull, seen } = turns(5);
    pull(1);
    await nextFrame();
    expect(seen()).toEqual([1, 0, 0]);
    pull(2);
    await nextFrame();
    expect(seen()).toEqual([2, 1, 1]);
    pull(3);
    await nextFrame();
    expect(seen()).toEqual([3, 2, 2]);
  });

  test("after a frame that came late three are left to what is pulled, and then one turn is in each", async () => {
    const { pull, seen } = turns(1);
    pull(1);
    await nextFrame();
    expect(seen()).toEqual([1, 1, 1]);
    pull(2);
    await nextFrame(33.3);
    for (let i = 0; i < 2; i++) await nextFrame();
    expect(seen()).toEqual([1, 1, 1]);
    await nextFrame();
    expect(seen()).toEqual([2, 1, 1]);
    await nextFrame();
    expect(seen()).toEqual([2, 2, 1]);
    await nextFrame();
    expect(seen()).toEqual([2, 2, 2]);
  });

  test("held still, the last one catches up and then no frame is asked for", async () => {
    const { pull, seen } = turns(5);
    pull(5);
    for (let i = 0; i < 3; i++) await nextFrame();
    expect(seen()).toEqual([5, 5, 5]);
    await nextFrame();
    expect(frames).toHaveLength(0);
  });

  test("let go, nobody stays behind, and nothing more is worked out", async () => {
    const { pull, isPulled, worked, seen } = turns(5);
    pull(7);
    isPulled.value = false;
    worked.value = 8;
    expect(seen()).toEqual([8, 8, 8]);
    await nextFrame();
    expect(seen()).toEqual([8, 8, 8]);
  });
});
