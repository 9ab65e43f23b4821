import { readNumber } from "./read-number";

/** A stretch of time that a text speaks of, min, and where it stands in the text. */
export interface Span {
  readonly fromMin: number;
  readonly toMin: number;
  /** First character of it, and the one after its last. */
  readonly at: number;
  readonly end: number;
  /** "1 more hour", "another 20 minutes": on top of what went before. */
  readonly isMore: boolean;
}

const ONES = [
  "zero",
  "one",
  "two",
  "three",
  "four",
  "five",
  "six",
  "seven",
  "eight",
  "nine",
  "ten",
  "eleven",
  "twelve",
  "thirteen",
  "fourteen",
  "fifteen",
  "sixteen",
  "seventeen",
  "eighteen",
  "nineteen",
];
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  ninety: 90,
};

const WORD = `(?:(?:${Object.keys(TENS).join("|")})(?:[- ](?:${ONES.slice(1, 10).join("|")}))?|${ONES.slice(1).join("|")}|a couple(?: of)?|an?)`;
const FIGURE = String.raw`(?:\d+\s*-?\s*\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d+(?:[.,]\d+)?\s*[¼-¾⅐-⅞]?|[¼-¾⅐-⅞])`;
const PART_OF = "(?:three[- ]quarters?|a quarter|quarter|half|a half)(?: of)?(?: an?)?";
const NUMBER = `(?:${PART_OF}|(?:${WORD}) and (?:a half|three[- ]quarters|a quarter)|${FIGURE}|${WORD})`;
const HOUR = String.raw`(?:hours?|hrs?\.?|h)(?![a-z])`;
const MINUTE = String.raw`(?:minutes?|mins?\.?|min)(?![a-z])`;
const DAY = "days?(?![a-z])";
const UNIT = `(?:${HOUR}|${MINUTE}|${DAY})`;
const MORE = "(?:more|another|further|extra|additional)";
const TO = String.raw`\s*(?:-|–|—|to|or|until|and up to)\s*`;
/** "1 h 30", "1 hour and 30 minutes", "2 hours", "an hour and a half". */
const ONE = `(?:${NUMBER})\\s*(?:${MORE}\\s*)?-?\\s*${UNIT}(?:\\s*(?:and\\s+|,\\s*)?(?:a half(?! an)|three[- ]quarters(?! of)|(?:${NUMBER})\\s*-?\\s*${MINUTE})|\\s*\\d{2}(?!\\s*[\\d°]|[.,]\\d|\\s*[a-z]))?`;
/** "1-1/2" and "forty-five" are one number, not from one to another. */
const NOT_ONE_NUMBER = `(?!\\s*-\\s*(?:\\d+\\s*[/⁄]|(?:${ONES.slice(1, 10).join("|")})\\b))`;
const SPAN = new RegExp(
  `(?:(?<from>${ONE}|(?:${NUMBER})${NOT_ONE_NUMBER})(?:${TO})(?<to>${ONE}))|(?<one>${ONE})|(?<word>overnight|all day|all night)`,
  "giu",
);
/** How long what is said without figures takes, min: kitchen usage. */
const SAID: Readonly<Record<string, readonly [number, number]>> = {
  overnight: [480, 720],
  "all night": [480, 600],
  "all day": [480, 600],
};

const PARTS: Readonly<Record<string, number>> = { three: 0.75, quarter: 0.25, half: 0.5 };

/** A number in figures or in words; null where it is none. */
function numberOf(said: string): number | null {
  const text = said.trim().toLowerCase();
  const part = new RegExp(`^${PART_OF}$`).exec(text);
  if (part !== null)
    return PARTS[/three/.test(text) ? "three" : /quarter/.test(text) ? "quarter" : "half"] ?? null;
  const withPart = /^(.+) and (a half|three[- ]quarters|a quarter)$/.exec(text);
  if (withPart !== null) {
    const whole = numberOf(withPart[1] ?? "");
    return whole === null ? null : whole + (numberOf(withPart[2] ?? "") ?? 0);
  }
  if (/^an?$/.test(text)) return 1;
  if (/^a couple/.test(text)) return 2;
  const [ten, one] = text.split(/[- ]/);
  if (ten !== undefined && TENS[ten] !== undefined)
    return TENS[ten] + (one === undefined ? 0 : Math.max(0, ONES.indexOf(one)));
  const word = ONES.indexOf(text);
  if (word > 0) return word;
  return readNumber(text.replace(/^(\d+)\s*-\s*(\d+\s*[/⁄])/, "$1 $2"))?.value ?? null;
}

const unitMin = (unit: string): number => (/^h/i.test(unit) ? 60 : /^d/i.test(unit) ? 1440 : 1);

/** One length of time, min; where it names no unit, in that of what follows. */
function minutesOf(said: string, otherUnit: string | null): { min: number; unit: string } | null {
  const text = said.trim().replace(new RegExp(`\\b${MORE}\\b`, "i"), " ");
  const found = new RegExp(`^(?<n>${NUMBER})\\s*-?\\s*(?<unit>${UNIT})?(?<rest>.*)$`, "isu").exec(
    text,
  );
  const { n, unit = otherUnit, rest = "" } = found?.groups ?? {};
  const value = n === undefined ? null : numberOf(n);
  if (value === null || unit === undefined || unit === null) return null;
  const tail = rest.trim().replace(/^(?:and\s+|,\s*)/i, "");
  if (tail === "") return { min: value * unitMin(unit), unit };
  const half = numberOf(tail.replace(/^a half$/i, "half"));
  if (half !== null && half < 1) return { min: (value + half) * unitMin(unit), unit };
  const bare = /^\d{2}$/.exec(tail);
  const minutes = bare === null ? minutesOf(tail, "min") : { min: Number(bare[0]), unit: "min" };
  return minutes === null ? null : { min: value * unitMin(unit) + minutes.min, unit };
}

/**
 * Every stretch of time in a text, in figures, fractions or words, ranges in either order, in the order they
 * stand. What is no time ("300 F", "2 cm", "serves 4") is left alone.
 * @example readSpans("simmer 1 1/2 to 2 hours") // [{ fromMin: 90, toMin: 120, … }]
 */
export function readSpans(text: string): readonly Span[] {
  return [...text.matchAll(SPAN)].flatMap((m): Span[] => {
    const { from, to, one, word } = m.groups ?? {};
    const at = m.index;
    const end = at + m[0].length;
    const before = text.slice(Math.max(0, at - 12), at);
    const isMore =
      new RegExp(`\\b${MORE}\\b`, "i").test(m[0]) ||
      new RegExp(`\\b${MORE}\\s*$`, "i").test(before) ||
      /^\s*(?:more|longer)\b/i.test(text.slice(end));
    if (word !== undefined) {
      const [fromMin, toMin] = SAID[word.toLowerCase()] ?? [480, 480];
      return [{ fromMin, toMin, at, end, isMore }];
    }
    const last = minutesOf(to ?? one ?? "", null);
    if (last === null) return [];
    if (from === undefined) return [{ fromMin: last.min, toMin: last.min, at, end, isMore }];
    const first = minutesOf(from, last.unit);
    if (first === null) return [{ fromMin: last.min, toMin: last.min, at, end, isMore }];
    return [
      {
        fromMin: Math.min(first.min, last.min),
        toMin: Math.max(first.min, last.min),
        at,
        end,
        isMore,
      },
    ];
  });
}
