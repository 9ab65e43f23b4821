/** Where kitchens differ on how long stock is at its best frozen. */
export const FREEZER_SCHOOLS = ["short", "long"] as const;
export type FreezerSchool = (typeof FREEZER_SCHOOLS)[number];
