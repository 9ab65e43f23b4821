/** Milliseconds of the lengths of time that moments are counted in. A day of the calendar may be an hour longer or shorter. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = 3_600_000;
export const DAY_MS = 86_400_000;
