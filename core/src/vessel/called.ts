/** Names that say whose it is, or bring an article of their own: "My pot", "Emma's", "The big one". */
const OWN = /^(?:my|our|your|his|her|their|the|an?)\s|^\S+['’]s?(?:\s|$)/i;

/**
 * A vessel's name within a sentence, with the article it wants.
 * @example called("Tall pot") // "the tall pot"
 * @example called("My pot") // "my pot"
 */
export const called = (name: string): string =>
  `${OWN.test(name) ? "" : "the "}${name.toLowerCase()}`;
