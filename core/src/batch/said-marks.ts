/** Says that something was lifted out, or put back. */
export const liftedOut = (itemId: string): string => `out:${itemId}`;
export const putBack = (itemId: string): string => `back:${itemId}`;
