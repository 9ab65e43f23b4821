/** How far a pot is covered. */
export const LIDS = ["off", "ajar", "on"] as const;
export type Lid = (typeof LIDS)[number];
