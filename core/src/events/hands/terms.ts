/** What is said of a piece of work: done, begun (it runs by itself, or by a timer), one batch done, left out. */
export const WORK_SAID = ["done", "begun", "batch", "left"] as const;
export type WorkSaid = (typeof WORK_SAID)[number];
