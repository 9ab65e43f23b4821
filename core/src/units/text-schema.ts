import type { Limits } from "./limits";
import { z } from "./zod";

/** Latest moment that is believed: the end of the year 2199, ms since 1970. */
const LATEST_MS = Date.UTC(2200, 0, 1) - 1;

/** A name: trimmed, never empty, and cut to most characters rather than refused for its length. */
export const nameUpTo = (most: number) =>
  z
    .string()
    .trim()
    .overwrite((text) => text.slice(0, most).trimEnd())
    .min(1)
    .max(most);

/** A moment, ms since 1970. */
export const AtMs = z.number().int().min(0).max(LATEST_MS);

/** A text: cut to most characters rather than refused for its length. */
export const textUpTo = (most: number) =>
  z
    .string()
    .overwrite((text) => text.slice(0, most))
    .max(most);

/** A number within its limits. */
export const numberIn = ({ least, most }: Limits) => z.number().min(least).max(most);
