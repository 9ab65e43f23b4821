import { readSpans, type Span } from "../../units/read-span";

/** Words for being on the heat for the dish's own time, and for what comes before or after it. */
const COOKS =
  /\b(simmer|cook|brais|bak|stew|boil|roast|pressur|poach|bubbl|oven|stove|hob|slow[ -]?cooker|crock|low|high)\w*/gi;
const BESIDE =
  /\b(rest|soak|marinat|fry|fri|brown|sear|saut|sweat|soften|chill|cool|stand|freez|thaw|toast|whisk|infus|preheat|refrigerat|roux|reduc)\w*/gi;
export const OVEN_SET = /\b\d{2,3}\s*(?:°\s*)?[CF]\b|\b\d{3}\s*degrees?\b/i;
/** A full stop inside a number ends no sentence. */
const SENTENCES = /(?:[^.!?;]|[.!?;](?!\s|$))+[.!?;]*/g;

/** The sentences of a text, trimmed. */
export const sentencesOf = (text: string): readonly string[] =>
  (text.match(SENTENCES) ?? []).map((s) => s.trim()).filter((s) => /\p{L}|\d/u.test(s));

const lastAt = (words: RegExp, text: string): number =>
  Math.max(-1, ...[...text.matchAll(words)].map((m) => m.index));

/** Bones are roasted before, a pot is cooked: what is roasted is on the way to the pot. */
const ROASTS_BONES = /\broast\b[^.]*\bbones?\b/i;

/** The stretches of cooking that a sentence speaks of: what is rested, soaked or fried before is none. */
export const stretchesOf = (sentence: string): readonly Span[] =>
  ROASTS_BONES.test(sentence)
    ? []
    : readSpans(sentence)
        .filter(({ at }) => {
          const before = sentence.slice(0, at);
          const cooks = Math.max(lastAt(COOKS, before), OVEN_SET.exec(before)?.index ?? -1);
          return cooks >= 0 && cooks > lastAt(BESIDE, before);
        })
        .map((span, i, all) => {
          // "2 hours, then uncovered for 30 minutes": the shorter one goes on from the longer.
          const last = all[i - 1];
          const goesOn =
            last !== undefined &&
            span.toMin < last.toMin &&
            /\bthen\b/i.test(sentence.slice(last.end, span.at));
          return goesOn ? { ...span, isMore: true } : span;
        });

/** Of a text, over all its sentences. */
export const stretchesIn = (text: string): readonly Span[] =>
  sentencesOf(text).flatMap(stretchesOf);
