import type { Method } from "../../heats/heat-schema";
import { setByOf } from "../../heats/heat";
import type { Vigour } from "../../heat/constants";
import { readSpans } from "../../units/read-span";
import type { Lid } from "../../vessel/lid";
import { boilDownOf, type BoilDown } from "./read-boil-down";
import { MEAT, STRAINS } from "./step-words";

/** A stretch of the heat beside the dish's own, as the steps say it. */
export interface SaidTurn {
  readonly on: Exclude<Method, "slowCooker"> | "rest";
  readonly min: number;
  readonly lid: Lid | null;
  readonly vigour: Vigour | null;
  readonly ovenC: number | null;
  /** The sentence that says it. */
  readonly text: string;
}

/** What follows on the dish's own heat, or goes before it; each with the sentence that says it. */
export interface Turns {
  /** Boiled hard before it is turned down, min; null where it is not. */
  readonly boilFirst: Found<number> | null;
  /** On HIGH before LOW, min. */
  readonly highFirst: Found<number> | null;
  /** On the ring before it goes into the oven. */
  readonly before: Found<SaidTurn> | null;
  readonly after: readonly Found<SaidTurn>[];
  /** Strained, and the liquid boiled down. */
  readonly strained: Found<BoilDown> | null;
}
interface Found<T> {
  readonly at: number;
  readonly said: T;
}

/** What the reading of a text gives, for one clause of it. */
export interface ReadsClause {
  readonly method: (text: string) => Method | null;
  readonly lid: (text: string) => Lid | null;
  readonly vigour: (text: string) => Vigour | null;
  readonly oven: (text: string) => readonly number[] | null;
}

const HARD_BOIL =
  /\bboil(?:ing)?\s+(?:(?:it|them|all|the\s+\w+)\s+)?(?:hard|fast|rapidly|vigorously)\b|\b(?:hard|fast|rapid|rolling|vigorous|full)\s+boil\b/i;
/** That water is thrown away: it is no boil of the pot. */
const DRAINS = /\b(?:drain|throw|discard|rinse|fresh water)\w*\b/i;
/** The pot itself, or what it is called by. */
const POT =
  "(?:pot|casserole|pan|braiser|dish|stew|braise|chili|soup|broth|stock|sauce|gravy|curry|mixture|liquid|lot|beans|peas|lentils|pulses)";
const INTO_OVEN = new RegExp(
  `\\b(?:transfer|move|put|set|slide|place|return)\\s+(?:(?:it|everything|(?:the\\s+)?(?:covered\\s+)?${POT})\\s+)?(?:all\\s+|back\\s+)?(?:to|into|in)\\s+(?:the|a|an)\\b[^.]{0,25}?\\boven\\b|^\\W*(?:into the oven\\b|then\\b[^.]*\\bin the oven\\b)`,
  "i",
);
const STARTS =
  /\b(?:bring|brought|heat)\b[^.]*\b(?:boil|simmer)\b|\bon the (?:hob|stove(?:top)?)\b/i;
/** A part of the dish by itself is no stretch of the pot. */
const A_PART =
  /\b(?:onions?|shallots?|garlic|wine|spices?|flour|vegetables|carrots?|celery|leeks?|bacon|lardons?|potato(?:es)?|rice|pasta|noodles?|dumplings?|bones?)\b/i;
const RELEASED = /\b(?:release|vent|open|lid off|remove the lid|uncover|depressuri)\w*\b/i;
const SIMMERS = /\b(?:simmer|boil|cook|bubble)\w*\b/i;
const RESTS = /\b(?:let|leave|allow)\b[^.]*\b(?:rest|stand|sit)\b|^\W*(?:rest|stand)\b/i;
const NOT_OFF = /\b(?:reduce the heat|low(?:est)? heat|keep (?:it )?warm|simmering)\b/i;
const IN_THE_POT = /\bin(?:to)? the (?:pot|pan|casserole)\b|\beverything\b|\bit all\b/i;
/** "Roast the squash", "boil the corn"; or done beside it. */
const ONE_OF_IT = new RegExp(
  `\\b(?:simmer|boil|cook|bake|roast|fry|steam)\\w*\\s+the\\s+(?!${POT}\\b)\\p{L}+|\\bmeanwhile\\b`,
  "iu",
);
const isPart = (sentence: string): boolean =>
  (A_PART.test(sentence) || ONE_OF_IT.test(sentence)) && !IN_THE_POT.test(sentence);
/** A piece that rests is no pot that stands. */
const PIECES = new RegExp(`\\b(?:${MEAT}|ham|steak|dough|batter|carv\\w*|slic\\w*)\\b`, "i");
const LONGEST_BOIL_MIN = 60;
const LONGEST_REST_MIN = 120;

/** Minutes that a clause says, where it says one time and no range. */
function oneMin(text: string): number | null {
  const spans = readSpans(text);
  const [span] = spans;
  return spans.length !== 1 || span === undefined || span.fromMin !== span.toMin || span.toMin < 1
    ? null
    : span.toMin;
}

/**
 * What the sentences of a recipe say of its heat beside the dish's own stretch, which stands in sentence
 * `mainAt` and is on `method`. Only what is said with its own heat and one time is one; all else stays what
 * it was: a question, or nothing.
 */
export function turnsOf(
  sentences: readonly string[],
  mainAt: number,
  method: Method | null,
  reads: ReadsClause,
): Turns {
  const nothing: Turns = {
    boilFirst: null,
    highFirst: null,
    before: null,
    after: [],
    strained: null,
  };
  if (mainAt < 0 || method === null) return nothing;
  const strained = strainedOf(sentences, mainAt);
  const setBy = setByOf(method);
  return {
    boilFirst: setBy === "vigour" ? boilFirstOf(sentences, mainAt) : null,
    highFirst: setBy === "setting" ? highFirstOf(sentences) : null,
    before: setBy === "degrees" ? onRingOf(sentences, mainAt, reads) : null,
    after: strained === null ? afterOf(sentences, mainAt, method, reads) : [],
    strained,
  };
}

/** "Boil hard for 10 minutes", in a sentence of its own before the simmer. */
function boilFirstOf(sentences: readonly string[], mainAt: number): Found<number> | null {
  for (const [at, sentence] of sentences.slice(0, mainAt).entries()) {
    const min = oneMin(sentence);
    const isDrained = [sentence, sentences[at + 1] ?? ""].some((s) => DRAINS.test(s));
    const isHard = HARD_BOIL.test(sentence) && !isDrained && !isPart(sentence);
    if (isHard && min !== null && min <= LONGEST_BOIL_MIN) return { at, said: min };
  }
  return null;
}

const HIGH_THEN_LOW =
  /\bhigh\b(?:\s+(?:heat|setting))?[\s,:]*(?:for\s+)?(?<first>[^.;]*?)[,.;]?\s*(?:then|turn\w*|reduce\w*|switch\w*|lower\w*)\b[^.;]*?\blow\b/i;
/** "HIGH for 1 hour, then LOW for 6": not either of the two. */
function highFirstOf(sentences: readonly string[]): Found<number> | null {
  for (const [at, sentence] of sentences.entries()) {
    const both = `${sentence} ${sentences[at + 1] ?? ""}`;
    const found = HIGH_THEN_LOW.exec(both);
    const first = found?.groups?.["first"] ?? "";
    const min = found === null || /\bor\b/i.test(both) ? null : oneMin(first);
    if (min !== null) return { at, said: min };
  }
  return null;
}

/** All of it brought up and simmered on the ring, then into the oven. */
function onRingOf(
  sentences: readonly string[],
  mainAt: number,
  reads: ReadsClause,
): Found<SaidTurn> | null {
  const goesIn = [sentences[mainAt - 1], sentences[mainAt]].some(
    (s) => s !== undefined && INTO_OVEN.test(s),
  );
  for (const [at, sentence] of sentences.slice(0, mainAt).entries()) {
    const min = oneMin(sentence);
    if (!goesIn || min === null || !STARTS.test(sentence) || isPart(sentence)) continue;
    return { at, said: turn("hob", min, sentence, reads) };
  }
  return null;
}

const turn = (on: SaidTurn["on"], min: number, sentence: string, reads: ReadsClause): SaidTurn => {
  const degrees = setByOf(on) === "degrees" ? (reads.oven(sentence) ?? []) : [];
  return {
    on,
    min,
    text: sentence,
    lid: reads.lid(sentence),
    vigour: setByOf(on) === "vigour" ? reads.vigour(sentence) : null,
    ovenC: degrees.length === 1 ? (degrees[0] ?? null) : null,
  };
};

/** What comes after the dish's own time, on another heat or off it. */
function afterOf(
  sentences: readonly string[],
  mainAt: number,
  method: Method,
  reads: ReadsClause,
): readonly Found<SaidTurn>[] {
  const found: Found<SaidTurn>[] = [];
  let isReleased = false;
  for (const [i, sentence] of sentences.slice(mainAt + 1).entries()) {
    if (STRAINS.test(sentence)) break;
    isReleased ||= RELEASED.test(sentence);
    const min = oneMin(sentence);
    const on = min === null ? null : onOf(sentence, method, isReleased, reads);
    if (min === null || on === null) continue;
    if (on === "rest" && min > LONGEST_REST_MIN) continue;
    const said = turn(on, min, sentence, reads);
    if (setByOf(on) === "degrees" && said.ovenC === null) continue;
    found.push({ at: mainAt + 1 + i, said });
    // Off the heat it stands, and is eaten.
    if (on === "rest") break;
  }
  return found;
}

function onOf(
  sentence: string,
  method: Method,
  isReleased: boolean,
  reads: ReadsClause,
): SaidTurn["on"] | null {
  if (RESTS.test(sentence) && !SIMMERS.test(sentence))
    return PIECES.test(sentence) || NOT_OFF.test(sentence) ? null : "rest";
  if (isPart(sentence)) return null;
  const said = reads.method(sentence);
  if (method === "pressure") return said === "hob" && isReleased ? "hob" : null;
  if (method === "hob") return said === "oven" && INTO_OVEN.test(sentence) ? "oven" : null;
  const isOnRing = /\bon the (?:hob|stove(?:top)?|ring|burner)\b/i.test(sentence);
  return method === "oven" && isOnRing && SIMMERS.test(sentence) ? "hob" : null;
}

const PICKED = new RegExp(
  `\\b(?:${MEAT}|flesh)\\b[^.]*\\b(?:off|from)\\s+(?:the|its|their)\\s+bones?\\b|\\b(?:debone|bone)\\s+(?:the|it|them)\\b|\\bdiscard\\w*\\s+(?:the\\s+)?(?:skin and\\s+)?bones\\b`,
  "i",
);
const GOES_BACK = new RegExp(
  `\\b(?:return|put|add|stir)\\b[^.]*\\b(?:${MEAT}|flesh|it|shreds?)\\b[^.]*(?:\\bback\\b|\\bto the\\b|\\binto\\b|[.;]?$)`,
  "i",
);

/** The sentence that takes what was on the bones off them, once it is done and where it goes back; -1 where none does. */
export function pickedAt(sentences: readonly string[], mainAt: number): number {
  const at = sentences.findIndex((s, i) => i >= mainAt && PICKED.test(s));
  const isBack = at >= 0 && sentences.slice(at).some((s) => GOES_BACK.test(s));
  return mainAt >= 0 && isBack ? at : -1;
}

/** The stock itself goes through, not the pasta beside it. */
const STRAINS_IT =
  /\bstrain\w*\b(?:\s*[,;.]|\s+(?:it|the\s+(?:stock|broth|liquid)|through|well|and)\b|\s*$)|\bpour\b[^.]*\bthrough\b[^.]*\bsieve\b/i;
/** What goes in after the sieve makes a dish of it. */
const ADDED_AFTER = new RegExp(
  `\\b(?:add|stir in|serve)\\b|\\b(?:return|put|place)\\b[^.]*\\b(?:${MEAT}|vegetables)\\b`,
  "i",
);

/** A stock that is strained and boiled down, with nothing put in after. */
function strainedOf(sentences: readonly string[], mainAt: number): Found<BoilDown> | null {
  const sieve = sentences.findIndex((s, i) => i >= mainAt && STRAINS.test(s));
  if (sieve < 0 || !STRAINS_IT.test(sentences[sieve] ?? "")) return null;
  const after = sentences.slice(sieve);
  const down = boilDownOf(after.map((s) => s.replace(STRAINS, " ").replace(OF_IT, "the liquid")));
  return down === null || after.some((s) => ADDED_AFTER.test(s))
    ? null
    : { at: sieve + down.at, said: down.said };
}
const OF_IT = /\b(?:the (?:stock|broth)|the strained (?:stock|broth|liquid)|it)\b/gi;
