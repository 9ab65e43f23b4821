/** Names that say whose it is, or bring an article of their own: "My pot", "Emma's", "The big one". */
const OWN = /^(?:my|our|your|his|her|their|the|an?)\s|^\S+['’]s?(?:\s|$)/i;

/** The article a vessel's name wants before it within a sentence, with the space after it. */
export const articleFor = (name: string): "the " | "" => (OWN.test(name) ? "" : "the ");

/**
 * A vessel's name within a sentence.
 * @example called("Tall pot") // "the tall pot"
 * @example called("My pot") // "my pot"
 */
export const called = (name: string): string => `${articleFor(name)}${name.toLowerCase()}`;
