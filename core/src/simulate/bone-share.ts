/** However bony, a little of it goes back. */
export const MOST_BONE_SHARE = 0.95;
