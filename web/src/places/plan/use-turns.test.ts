import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { effectScope, ref } from "vue";
import { useTurns } from "./use-turns";

/** Frames that come when the test says so. */
let frames: FrameRequestCallback[] = [];
const nextFrame = () => {
  const due = frames;
  frames = [];
  for (const frame of due) frame(performance.now());
};

beforeEach(() => {
  frames = [];
  vi.stubGlobal("requestAnimationFrame", (frame: FrameRequestCallback) => frames.push(frame));
  vi.stubGlobal("cancelAnimationFrame", () => (frames = []));
});
afterEach(() => vi.unstubAllGlobals());

function turns() {
  const source = ref(0);
  const isPulled = ref(false);
  const scope = effectScope();
  const [one, other] = scope.run(() => {
    const { follow } = useTurns(source, () => isPulled.value);
    return [follow(), follow()] as const;
  })!;
  return { source, isPulled, scope, seen: () => [one.value, other.value] };
}

describe("followers of a value that is pulled", () => {
  test("at rest all follow at once", () => {
    const { source, seen } = turns();
    source.value = 1;
    expect(seen()).toEqual([1, 1]);
    expect(frames).toHaveLength(0);
  });

  test("pulled, one follows a frame, in turn, and each gets the newest", () => {
    const { source, isPulled, seen } = turns();
    isPulled.value = true;
    source.value = 1;
    expect(seen()).toEqual([0, 0]);
    nextFrame();
    expect(seen()).toEqual([1, 0]);
    source.value = 2;
    nextFrame();
    expect(seen()).toEqual([1, 2]);
    source.value = 3;
    nextFrame();
    expect(seen()).toEqual([3, 2]);
  });

  test("held still, the last one catches up and then no frame is asked for", () => {
    const { source, isPulled, seen } = turns();
    isPulled.value = true;
    source.value = 5;
    nextFrame();
    nextFrame();
    nextFrame();
    expect(seen()).toEqual([5, 5]);
    nextFrame();
    nextFrame();
    expect(frames).toHaveLength(0);
  });

  test("pulled every other frame, the turn is in the one between", () => {
    const { source, isPulled, seen } = turns();
    isPulled.value = true;
    source.value = 1;
    nextFrame();
    const after = seen().filter((v) => v === 1).length;
    // The pull of this frame comes after the turn would have had its place.
    nextFrame();
    expect(seen().filter((v) => v === 1)).toHaveLength(after);
    source.value = 2;
    nextFrame();
    expect(seen()).toContain(2);
  });

  test("let go, nobody stays behind", () => {
    const { source, isPulled, seen } = turns();
    isPulled.value = true;
    source.value = 7;
    isPulled.value = false;
    source.value = 8;
    expect(seen()).toEqual([8, 8]);
    nextFrame();
    expect(seen()).toEqual([8, 8]);
  });
});
