/** A deep copy without reactive wrappers, as IndexedDB and workers want it. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
