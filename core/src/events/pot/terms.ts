/** The two rounds in which a pot that is served is salted. */
export const SALT_ROUNDS = ["first", "last"] as const;
export type SaltRound = (typeof SALT_ROUNDS)[number];
