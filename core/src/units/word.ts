/**
 * Marks one word as said to somebody, where nothing else tells it from an id: languages give another for it.
 * @example word("fridge") // "fridge"
 */
export const word = <W extends string>(text: W): string => text;
