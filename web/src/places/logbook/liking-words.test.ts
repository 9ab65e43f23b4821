import type { Liking } from "@kettlos/core/batch/batch-schema";
import { expect, test } from "vitest";
import { cooked } from "../../../../core/test/logged-pot";
import { likedBest } from "./liking-words";

const made = cooked({});
const pot = (id: string, liking: Liking | null, day: number) => ({
  batch: { ...made.batch, id },
  cook: { ...made.cook, liking, litMs: day },
});

test("liked best is the best, of two as good the last; what was only all right is none", () => {
  const good = pot("good", "good", 3);
  const best = pot("best", "best", 1);
  expect(likedBest([good, best, pot("later", "good", 9)])?.batch.id).toBe("best");
  expect(likedBest([good, pot("later", "good", 9)])?.batch.id).toBe("later");
  expect(likedBest([pot("later", "good", 9), good])?.batch.id).toBe("later");
  expect(likedBest([pot("right", "allRight", 1), pot("none", null, 2)])).toBeNull();
});
