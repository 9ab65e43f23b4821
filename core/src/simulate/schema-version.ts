/** Version of every stored or exported Kettlos document. */
export const SCHEMA_VERSION = 4 as const;
