import { NUMBER_NAMES } from "./number-words";
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

const TEENS = ["thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"];
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  ninety: 90,
};
const NAMED: ReadonlyMap<string, number> = new Map([
  ...[...NUMBER_NAMES, ...TEENS].map((name, i) => [name, i + 1] as const),
  ...Object.entries(TENS),
]);
const UNIT_MIN: Readonly<Record<string, number>> = {
  ...{ h: 60, hr: 60, hrs: 60, hour: 60, hours: 60 },
  ...{ min: 1, mins: 1, minute: 1, minutes: 1 },
  ...{ day: 1440, days: 1440 },
};
const MORE: ReadonlySet<string> = new Set(["more", "another", "further", "extra", "additional"]);
const TO: ReadonlySet<string> = new Set(["-", "–", "—", "to", "or", "until"]);
/** How long what is said without figures takes, min: kitchen usage. */
const SAID: Readonly<Record<string, readonly [number, number]>> = {
  overnight: [480, 720],
  "all night": [480, 600],
  "all day": [480, 600],
};
/** Nobody cooks for longer, min. */
const LONGEST_MIN = 30 * 1440;

interface Token {
  readonly text: string;
  readonly at: number;
  readonly end: number;
}
const TOKEN = /\d+(?:[.,]\d+)?|\p{L}+|\S/gu;
const VULGAR = /^[¼-¾⅐-⅞]$/u;
const isFigure = (text: string): boolean => /^\d/.test(text);

/** What is read at a place of the text, and the first token after it. */
interface Read {
  readonly value: number;
  readonly next: number;
}

/** Reads a text's tokens forward, each a fixed few at a time, so that no text takes long. */
class Reader {
  readonly tokens: readonly Token[];

  constructor(text: string) {
    this.tokens = [...text.matchAll(TOKEN)].map((m) => ({
      text: m[0].toLowerCase(),
      at: m.index,
      end: m.index + m[0].length,
    }));
  }

  word(i: number): string {
    return this.tokens[i]?.text ?? "";
  }

  /** The token after these words, where they stand at i; else i itself. */
  private skip(i: number, ...words: readonly string[]): number {
    return words.every((w, n) => this.word(i + n) === w) ? i + words.length : i;
  }

  /** "3/4", "½", "a half", "three quarters", "a quarter of an". */
  private part(i: number): Read | null {
    const [a, b, c] = [this.word(i), this.word(i + 1), this.word(i + 2)];
    if (VULGAR.test(a)) return { value: readNumber(a)?.value ?? 0, next: i + 1 };
    if (isFigure(a) && /^[/⁄]$/.test(b) && isFigure(c)) {
      const value = readNumber(`${a}/${c}`)?.value;
      return value === undefined ? null : { value, next: i + 3 };
    }
    const named = a === "a" && (b === "half" || b === "quarter") ? i + 1 : i;
    const word = this.word(named);
    if (word === "half") return { value: 0.5, next: named + 1 };
    if (word === "quarter") return { value: 0.25, next: named + 1 };
    if (word === "three") {
      const after = this.skip(this.skip(i + 1, "-"), "quarters");
      const isQuarters = this.word(after - 1) === "quarters";
      return isQuarters ? { value: 0.75, next: after } : null;
    }
    return null;
  }

  /** Over "of an", "an": "half an hour", "three quarters of an hour". */
  private ofOne(i: number): number {
    const of = this.skip(i, "of");
    return /^an?$/.test(this.word(of)) ? of + 1 : of;
  }

  number(i: number): Read | null {
    const part = this.part(i);
    if (part !== null) return { value: part.value, next: this.ofOne(part.next) };
    const word = this.word(i);
    if (isFigure(word)) {
      const whole = readNumber(word)?.value;
      if (whole === undefined) return null;
      const more = this.part(this.skip(i + 1, "-"));
      const isMixed = more !== null && more.value < 1 && !/^\p{L}/u.test(this.word(i + 1));
      return isMixed
        ? { value: whole + more.value, next: more.next }
        : { value: whole, next: i + 1 };
    }
    if (word === "a" && this.word(i + 1) === "couple")
      return { value: 2, next: this.skip(i + 2, "of") };
    const named = /^an?$/.test(word) ? 1 : NAMED.get(word);
    if (named === undefined) return null;
    const one = TENS[word] === undefined ? undefined : NAMED.get(this.word(this.skip(i + 1, "-")));
    const tens =
      one !== undefined && one < 10
        ? { value: named + one, next: this.skip(i + 1, "-") + 1 }
        : { value: named, next: i + 1 };
    const half = this.part(this.skip(tens.next, "and"));
    return this.word(tens.next) === "and" && half !== null
      ? { value: tens.value + half.value, next: half.next }
      : tens;
  }

  /** A number with its unit, and what is said of it in smaller ones. */
  length(i: number): (Read & { readonly unitMin: number; readonly isMore: boolean }) | null {
    const number = this.number(i);
    if (number === null) return null;
    const isMore = MORE.has(this.word(number.next));
    const at = this.skip(number.next + (isMore ? 1 : 0), "-");
    const unitMin = UNIT_MIN[this.word(at)];
    if (unitMin === undefined) return null;
    const value = number.value * unitMin;
    const rest = this.rest(at + 1, unitMin);
    return rest === null
      ? { value, next: at + 1, unitMin, isMore }
      : { value: value + rest.value, next: rest.next, unitMin, isMore };
  }

  /** "… and a half", "… 30", "… and 30 minutes". */
  private rest(i: number, unitMin: number): Read | null {
    const isJoined = this.word(i) === "and" || this.word(i) === ",";
    const at = isJoined ? i + 1 : i;
    const part = this.word(i) === "and" ? this.part(at) : null;
    if (part !== null && UNIT_MIN[this.word(this.ofOne(part.next))] === undefined)
      return { value: part.value * unitMin, next: part.next };
    if (unitMin !== 60) return null;
    const minutes = this.number(at);
    if (minutes === null) return null;
    const unit = this.skip(minutes.next, "-");
    if (UNIT_MIN[this.word(unit)] === 1) return { value: minutes.value, next: unit + 1 };
    const isBare = !isJoined && /^\d{2}$/.test(this.word(at)) && minutes.next === at + 1;
    const after = this.word(at + 1);
    return isBare && !/^[\p{L}\d°/⁄]/u.test(after) && !VULGAR.test(after) ? minutes : null;
  }

  /** The stretch that begins at a token. */
  span(i: number): { fromMin: number; toMin: number; next: number; isMore: boolean } | null {
    for (const words of [1, 2]) {
      const said = SAID[[this.word(i), this.word(i + 1)].slice(0, words).join(" ")];
      if (said !== undefined)
        return { fromMin: said[0], toMin: said[1], next: i + words, isMore: false };
    }
    const first = this.length(i);
    const bare = first ?? this.number(i);
    if (bare === null) return null;
    const to = TO.has(this.word(bare.next)) ? this.length(bare.next + 1) : null;
    if (to === null)
      return first === null
        ? null
        : { fromMin: first.value, toMin: first.value, next: first.next, isMore: first.isMore };
    const from = first?.value ?? bare.value * to.unitMin;
    return {
      fromMin: Math.min(from, to.value),
      toMin: Math.max(from, to.value),
      next: to.next,
      isMore: to.isMore || first?.isMore === true,
    };
  }
}

/**
 * Every stretch of time in a text, in figures, fractions or words, ranges in either order, in the order they
 * stand. What is no time ("300 F", "2 cm", "serves 4") is left alone.
 * @example readSpans("simmer 1 1/2 to 2 hours") // [{ fromMin: 90, toMin: 120, … }]
 */
export function readSpans(text: string): readonly Span[] {
  const reader = new Reader(text);
  const spans: Span[] = [];
  for (let i = 0; i < reader.tokens.length;) {
    const found = reader.span(i);
    const [first, last] = [reader.tokens[i], reader.tokens[(found?.next ?? 0) - 1]];
    if (found === null || first === undefined || last === undefined || found.toMin > LONGEST_MIN) {
      i++;
      continue;
    }
    const after = reader.word(found.next);
    spans.push({
      fromMin: found.fromMin,
      toMin: found.toMin,
      at: first.at,
      end: last.end,
      isMore: found.isMore || MORE.has(reader.word(i - 1)) || /^(more|longer)$/.test(after),
    });
    i = found.next;
  }
  return spans;
}
