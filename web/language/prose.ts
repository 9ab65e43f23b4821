/** Values of stored documents that look like words: the same in every language. */
export const STORED: ReadonlySet<string> = new Set(["holds an edge"]);

/** Signs of measures and what has no other name: the same in every language, and read back from fields. */
export const SIGNS =
  /(?<!\p{L})(?:°[CF]|[mk]?[gWJmL]|[cm]m|kPa|Pa|psi|bar|min|qt|cups?|tbsp|tsp|oz|lb|ft|gal|pt|[GMk]B|PT|Kettlos|CSV|JSON|iCalendar|FDA|USDA|FSIS|UK|US|FSA)(?!\p{L})/gu;

/** Whether anything is left to say once signs are taken away. */
export const hasLetters = (text: string): boolean => /\p{L}{2}/u.test(text.replace(SIGNS, ""));

/** What a style sheet, a selector or a drawing reads. */
export const isCode = (text: string): boolean =>
  /[{}<>=$\\]|::|\d(px|rem|ch)\b|^[\w.]+\[/u.test(text) ||
  /\b(?:rgba?|hsla?|translate|rotate|scale|matrix|calc|url|repeat|minmax|clamp|var)\(/u.test(
    text,
  ) ||
  /^(?:[a-z]+(?:-[a-z]+)+\s*)+$/u.test(text);

/** Part of a sentence, by the space at its end or beginning. */
const HAS_OPEN_END = /^\s+\p{L}|\p{L}\s+$/u;
/** One word that begins as a sentence does. */
const ONE_WORD = /^\s*\p{Lu}[\p{Ll}’'-]+[.:?!…]?\s*$/u;
/** A word, and something after it or before it. */
const SEVERAL = /(?:^|\s)[\p{L}’'“”(-]+[,;:.)”]*\s+\S|\S\s+[\p{L}’'“”(-]+[,;:.)”?!…]*\s*$/u;

/**
 * Whether a text is written for somebody to read: several words, or one that begins as a sentence does.
 * @example isProse("lid ajar") // true
 * @example isProse("ajar") // false: it may be an id
 */
export const isProse = (text: string): boolean =>
  hasLetters(text) &&
  !isCode(text) &&
  [HAS_OPEN_END, ONE_WORD, SEVERAL].some((pattern) => pattern.test(text));

/** A word that stands by itself, or beside a hole: no end of a class or an id. */
const WORD_ALONE = /(?<![\p{L}\d_/#.-])\p{L}[\p{L}’'-]*\p{L}(?![\p{L}\d_/#=-])/u;

/** The same of the texts round a template's holes. */
export const isProseAround = (texts: readonly string[]): boolean =>
  texts.some((text) => hasLetters(text) && WORD_ALONE.test(text)) &&
  /[\s,;:.!?…]/u.test(texts.join("")) &&
  !isCode(texts.join("0"));
