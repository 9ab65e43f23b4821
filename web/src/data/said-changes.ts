/** Whether two documents say the same. */
export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
const MOST_SAID = 2;
/** The first few of what was changed, in a row. */
export const joined = (said: readonly string[], otherwise: string): string =>
  said.length === 0
    ? otherwise
    : said.length > MOST_SAID
      ? `${said.slice(0, MOST_SAID).join(", ")} and more`
      : said.join(", ");
