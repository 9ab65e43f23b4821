/** What leaves a pot in two: its liquid, and what is eaten of its solids. */
export const PRODUCTS = ["liquid", "solids"] as const;
export type Product = (typeof PRODUCTS)[number];
