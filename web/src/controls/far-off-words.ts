/** Asked of what was written where quite another figure is reckoned. */
export const farOffWords = (written: string, reckoned: string): string =>
  `${written}, where about ${reckoned} is expected: is it really so?`;

/** The same against what was planned. */
export const notAsPlannedWords = (written: string, planned: string): string =>
  `${written}, where ${planned} is planned: is it really so?`;
