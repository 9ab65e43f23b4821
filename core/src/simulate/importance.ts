/** How firmly a meal has its time. */
export const IMPORTANCE = ["any", "usual", "firm"] as const;
