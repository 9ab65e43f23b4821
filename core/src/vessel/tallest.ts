/** No vessel of a kitchen is higher, m, or more times as high as it is wide. */
export const TALLEST_M = 1.5;
export const TALLEST_FOR_WIDTH = 4;
