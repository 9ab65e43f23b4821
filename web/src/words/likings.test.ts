import type { Liking } from "@kettlos/core/events/log/terms";
import { expect, test } from "vitest";
import { likedBest } from "./likings";

const pot = (id: string, liking: Liking | null, begunMs: number) => ({ id, liking, begunMs });

test("liked best is the best, of two as good the last; what was only all right is none", () => {
  const good = pot("good", "good", 3);
  const best = pot("best", "best", 1);
  expect(likedBest([good, best, pot("later", "good", 9)])?.id).toBe("best");
  expect(likedBest([good, pot("later", "good", 9)])?.id).toBe("later");
  expect(likedBest([pot("later", "good", 9), good])?.id).toBe("later");
  expect(likedBest([pot("right", "allRight", 1), pot("none", null, 2)])).toBeNull();
});
