import { MINUTE_MS } from "../units/time";

/** A pot is for what is wanted within so long of it, ms. */
export const COOKED_FOR_MS = 3 * 24 * 60 * MINUTE_MS;
