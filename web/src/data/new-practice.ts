import type { Practice } from "@kettlos/core/batch/batch-schema";

/** Fast enough that an hour is a minute, slow enough to follow. */
const FIRST_SPEED = 60;

/** A pot nobody knows, its clock set to now. */
export const newPractice = (nowMs: number): Practice => ({
  seed: Math.floor(Math.random() * 2 ** 31),
  speed: FIRST_SPEED,
  realMs: nowMs,
  potMs: nowMs,
});
