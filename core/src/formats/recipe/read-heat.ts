import { onKnob } from "../../heats/slow-cooker";
import type { Method } from "../../heats/heat-schema";
import { HEATS, setByOf } from "../../heats/heat";
import type { Vigour } from "../../heat/constants";
import { boilDownOf } from "./read-boil-down";
import { outcomeOf } from "../../units/problem";
import { readNumber } from "../../units/read-number";
import { readQuantity } from "../../units/read-quantity";
import { readSpans, type Span } from "../../units/read-span";
import { ovenC as ovenAt, say } from "../../units/said";
import { showDuration } from "../../units/show";
import type { Lid } from "../../vessel/lid";
import type { Doubt, DoubtChoice, HeadFacts } from "./draft";
import { STRAINS } from "./step-words";
import { pickedAt, turnsOf, type Turns } from "./read-turns";
import { OVEN_SET, sentencesOf, stretchesIn, stretchesOf } from "./sentences";

/** The longest stretch, and with what is cooked on top of it ("1 more hour"). */
interface Hold {
  readonly main: Span;
  readonly fromMin: number;
  readonly toMin: number;
  /** Another stretch that stands by itself: whether it comes on top is the cook's to say. */
  readonly beside: readonly Span[];
}

function holdOf(text: string): Hold | null {
  const all = stretchesIn(text);
  const main = all.filter((x) => !x.isMore).toSorted((a, b) => b.toMin - a.toMin)[0] ?? all[0];
  if (main === undefined) return null;
  const more = all.filter((x) => x.isMore && x !== main);
  return {
    main,
    fromMin: main.fromMin + more.reduce((sum, x) => sum + x.fromMin, 0),
    toMin: main.toMin + more.reduce((sum, x) => sum + x.toMin, 0),
    beside: all.slice(all.indexOf(main) + 1).filter((x) => !x.isMore),
  };
}

/** "LOW 8 or HIGH 5": hours by the setting, with or without the word. */
const BY_SETTING =
  /\b(?<setting>low|high)\b(?:\s+(?:heat|setting))?[\s:,]*(?:for\s+)?(?<from>\d+(?:[.,]\d+)?|\d+\s*½)(?:\s*(?:-|–|to)\s*(?<to>\d+(?:[.,]\d+)?))?(?:\s*(?:hours?|hrs?|h)\b)?(?!\s*(?:min|°|\d))/gi;

interface BySetting {
  readonly setting: "low" | "high";
  readonly min: number;
}

const bySetting = (text: string): readonly BySetting[] =>
  [...text.matchAll(BY_SETTING)].flatMap(({ groups }): BySetting[] => {
    const from = readNumber(groups?.["from"] ?? "")?.value;
    const to = readNumber(groups?.["to"] ?? groups?.["from"] ?? "")?.value;
    const setting = groups?.["setting"]?.toLowerCase() === "high" ? "high" : "low";
    return from === undefined || to === undefined || to > 24
      ? []
      : [{ setting, min: ((from + to) / 2) * 60 }];
  });

/** The heat that a text names; null where it names none. Degrees alone are an oven's, of a simmer they are not. */
function methodOf(text: string): Method | null {
  if (/\b(slow[ -]?cooker|crock)/i.test(text)) return "slowCooker";
  if (/\bpressure\b/i.test(text)) return "pressure";
  if (/\b(oven|bake[ds]?|baking)\b/i.test(text)) return "oven";
  if (/\b(simmer|hob|stove|boil|bubbl|stew)/i.test(text)) return "hob";
  return OVEN_SET.test(text) ? "oven" : null;
}

/** An oven's degrees; both where the measure is not said and either could be meant. */
function ovenOf(text: string): readonly number[] | null {
  const found = /\b(\d{2,3}\s*(?:°\s*)?[CF]\b|\d{3}\s*degrees?\b|gas(?: mark)? \d)/i.exec(
    text,
  )?.[1];
  if (found === undefined) return null;
  const bare = /^(\d{3})\s*degrees?$/i.exec(found)?.[1];
  if (bare === undefined) return degreesOf(found.replace("mark ", ""));
  const [c, f] = [degreesOf(`${bare} C`), degreesOf(`${bare} F`)];
  if (Number(bare) > MOST_C) return f;
  return Number(bare) < LEAST_F ? c : [...(f ?? []), ...(c ?? [])];
}
/** Under so many °F nothing cooks, over so many °C nothing is braised. */
const LEAST_F = 170;
const MOST_C = 260;

function degreesOf(said: string): readonly number[] | null {
  const reading = outcomeOf(() => readQuantity(said, { dimension: "temperature" }));
  return reading.ok && reading.value.kind === "one" ? [reading.value.quantity.value] : null;
}

const UNTIL = /\buntil\b[^.]*\b(tender|soft|falls? apart|fall apart)/i;
/** Water that covers the bones is no lid. */
const WITH_LIQUID =
  /\b(?:barely\s+|just\s+)?cover(?:ed|ing|s)?\b[^.,;]{0,60}?\b(?:(?:with|in|by)\s+(?:[\w-]+\s+){0,4}(?:water|stock|wine|broth|liquid|beer|cider|milk|brine)|by\s+(?:about\s+)?(?:an?\s+inch|[\d½]))/gi;
const LID_OFF = /\b(uncovered|lid off|without (?:a |the )?lid|open pot|no lid)\b/i;
const LID_AJAR = /\b(ajar|(?:partly|partially|half)[ -]covered|lid tilted|half on)\b/i;
const LID_ON =
  /\b(covered|cover(?:ed)?(?: tightly)?|lid on|with (?:a|the) lid|under a lid|tight lid)\b/i;

function lidOf(said: string): Lid | null {
  const text = said.replace(WITH_LIQUID, " ");
  if (LID_OFF.test(text)) return "off";
  return LID_AJAR.test(text) ? "ajar" : LID_ON.test(text) ? "on" : null;
}

/** True where the steps cover what is in the pot with water. */
const isCoveredIn = (text: string): boolean =>
  /\bcover\w*\b[^.;]*\b(?:with|in)\s+(?:\w+\s+)?water\b|\bwater to cover\b/i.test(text);

function vigourOf(text: string): Vigour | null {
  if (/\bbare(?:ly)?(?:\s+a)?\s+(?:simmer|bubbl|mov|trembl)|\b(trembl\w*|shiver\w*)\b/i.test(text))
    return "bare";
  if (/\b(gentle|gently|low heat)\b/i.test(text)) return "gentle";
  if (/\b(rolling|hard boil)\b/i.test(text)) return "rolling";
  return /\b(steady|brisk\w*|lively)\b/i.test(text) ? "steady" : null;
}

/** Where the longest stretch is said; -1 where none is. */
const mainAt = (sentences: readonly string[], hold: Hold | null): number =>
  hold === null
    ? -1
    : sentences.findIndex((s) => stretchesOf(s).some((x) => x.toMin === hold.main.toMin));

/** The sentence of the longest stretch, and the one before it: what they say of the pot holds for it. */
function mainSentences(sentences: readonly string[], hold: Hold | null): readonly string[] {
  if (hold === null) return sentences;
  const at = mainAt(sentences, hold);
  return [sentences[at], sentences[at - 1]].filter((s) => s !== undefined);
}
const firstOf = <T>(texts: readonly string[], read: (text: string) => T | null): T | null => {
  for (const text of texts) {
    const found = read(text);
    if (found !== null) return found;
  }
  return null;
};

const UNCOVERS =
  /\b(uncover(?:ed)?|(?:take|lift) (?:off the lid|the lid off)|remove the (?:lid|cover)|(?:with the )?lid off|without the lid)\b/i;
const LAST_BEFORE = /\b(?:last|final)\s*$/i;

/** The end of the cooking with the lid off, and what is said of the lid before. */
interface OpenEnd {
  readonly min: number;
  readonly before: string;
}

/** "Uncover and simmer 30 minutes more", "uncovered for the last half hour": not what is boiled down strained. */
function openEndOf(sentences: readonly string[]): OpenEnd | null {
  for (const [i, sentence] of sentences.entries()) {
    if (STRAINS.test(sentence)) return null;
    const off = UNCOVERS.exec(sentence);
    if (off === null) continue;
    const span =
      readSpans(sentence).find(({ at }) => LAST_BEFORE.test(sentence.slice(0, at))) ??
      stretchesOf(sentence).find((x) => x.isMore);
    if (span !== undefined)
      return {
        min: Math.round((span.fromMin + span.toMin) / 2),
        before: [...sentences.slice(0, i), sentence.slice(0, off.index)].join(" "),
      };
  }
  return null;
}

const lidBefore = ({ before }: OpenEnd): Lid => (lidOf(before) === "ajar" ? "ajar" : "on");

const CLAUSES = { method: methodOf, lid: lidOf, vigour: vigourOf, oven: ovenOf };

/** The sentences that say a stretch beside the dish's own; HIGH before LOW is said with it. */
const saidIn = ({ boilFirst, before, after, strained }: Turns): ReadonlySet<number> =>
  new Set([boilFirst, before, strained, ...after].flatMap((t) => (t === null ? [] : [t.at])));

/** What the steps say of heat, lid and time, and what they leave open. */
export function readHeat(steps: readonly string[]): Omit<HeadFacts, "name" | "people" | "end"> & {
  doubts: readonly Doubt<HeadFacts>[];
  /** The sentences that are a stretch of their own, or the meat's way: the plan holds them. */
  held: readonly string[];
} {
  const text = steps.join(". ");
  const all = sentencesOf(text);
  const whole = holdOf(text);
  const at = mainAt(all, whole);
  const method = methodOf(all[at] ?? "") ?? methodOf(text);
  const turns = turnsOf(all, at, method, CLAUSES);
  // What has a stretch of its own is no time of the dish.
  const own = saidIn(turns);
  const sentences = all.map((s, i) => (own.has(i) ? "" : s));
  const down = whole === null ? null : boilDownOf(sentences.slice(at + 1));
  const isDown = (i: number) => down !== null && i === at + 1 + down.at;
  const hold = holdOf(sentences.filter((_, i) => !isDown(i)).join(" "));
  const main = mainSentences(sentences, hold);
  const pickAt = pickedAt(all, at);
  const degrees =
    setByOf(method) === "degrees" ? (firstOf(main, ovenOf) ?? ovenOf(text) ?? []) : [];
  const [ovenC = null] = degrees.length === 1 ? degrees : [];
  const crockSetting =
    turns.highFirst !== null
      ? "low"
      : /\bhigh\b/i.test(text)
        ? "high"
        : /\blow\b/i.test(text)
          ? "low"
          : null;
  const isUntil = UNTIL.test(hold === null ? text : (main[0] ?? text));
  const openEnd = method !== null && HEATS[method].hasLid ? openEndOf(sentences) : null;
  const doubts: Doubt<HeadFacts>[] = [];
  if (method === null) doubts.push(METHOD_DOUBT);
  const isOne = hold !== null && hold.fromMin === hold.toMin && hold.beside.length === 0;
  const settings = setByOf(method) === "setting" ? bySetting(text) : [];
  const isSet = new Set(settings.map((s) => s.setting)).size === 2;
  const firstMin = turns.highFirst?.said ?? 0;
  if (isSet && firstMin === 0) doubts.push(settingDoubt(settings));
  else if (!isOne || isUntil) doubts.push(timeDoubt(hold, isUntil));
  if (setByOf(method) === "degrees" && ovenC === null) doubts.push(degreesDoubt(degrees));
  if (setByOf(method) === "setting" && crockSetting === null) doubts.push(CROCK_DOUBT);
  return {
    method,
    crockSetting,
    isCovered: isCoveredIn(text),
    ovenC,
    // What is uncovered at the end was covered before.
    lid: openEnd === null ? (firstOf(main, lidOf) ?? lidOf(text)) : lidBefore(openEnd),
    openMin: openEnd?.min ?? null,
    boilDown: down?.said ?? null,
    vigour: firstOf(main, vigourOf) ?? vigourOf(text),
    boilFirstMin: turns.boilFirst?.said ?? null,
    highFirstMin: turns.highFirst?.said ?? null,
    before: turns.before?.said ?? null,
    after: turns.after.map((t) => t.said),
    strainedDown: turns.strained?.said ?? null,
    isPicked: pickAt >= 0,
    held: all.filter((_, i) => own.has(i) || isDown(i) || i === pickAt),
    hold: isOne && !isUntil && (!isSet || firstMin > 0) ? hold.fromMin + firstMin : null,
    doubts,
  };
}

const METHOD_DOUBT: Doubt<HeadFacts> = {
  id: "method",
  question: "It does not say on what it is cooked.",
  choices: [
    { label: "on the hob", set: { method: "hob" } },
    { label: "in the oven", set: { method: "oven", ovenC: 150 } },
    { label: "in the slow cooker", set: { method: "slowCooker" } },
    { label: "under pressure", set: { method: "pressure" } },
  ],
};

const degreesDoubt = (either: readonly number[]): Doubt<HeadFacts> => ({
  id: either.length === 0 ? "oven" : "degrees",
  question:
    either.length === 0 ? "It does not say how hot the oven is." : "Degrees Fahrenheit or Celsius?",
  choices: (either.length === 0 ? [120, 150, 170] : either).map((c) => ({
    label: say`${ovenAt(c)}`,
    set: { ovenC: c },
  })),
});

const CROCK_DOUBT: Doubt<HeadFacts> = {
  id: "setting",
  question: "It does not say whether the slow cooker stands on LOW or on HIGH.",
  choices: [
    { label: "LOW", set: { crockSetting: "low" } },
    { label: "HIGH", set: { crockSetting: "high" } },
  ],
};

const settingDoubt = (settings: readonly BySetting[]): Doubt<HeadFacts> => ({
  id: "hold",
  question: `It says ${settings.map((s) => `${onKnob(s)} ${showDuration(s.min)}`).join(" or ")}. Which?`,
  choices: settings.map((s) => ({
    label: `${onKnob(s)} ${showDuration(s.min)}`,
    set: { crockSetting: s.setting, hold: s.min },
  })),
  typed: "time",
});

function timeDoubt(hold: Hold | null, isUntil: boolean): Doubt<HeadFacts> {
  const tender: DoubtChoice<HeadFacts> = { label: "until tender", set: { hold: "tender" } };
  const at = (min: number): DoubtChoice<HeadFacts> => ({
    label: showDuration(min),
    set: { hold: min },
  });
  if (hold === null)
    return {
      id: "hold",
      question: "It does not say how long it simmers.",
      choices: [tender, at(60), at(180)],
      typed: "time",
    };
  const besideMin = hold.beside.reduce((sum, x) => sum + x.toMin, 0);
  const middle = (hold.fromMin + hold.toMin) / 2;
  const times = [...new Set([hold.fromMin, middle, hold.toMin, hold.toMin + besideMin])].map(at);
  const alone = showDuration(hold.toMin);
  return {
    id: "hold",
    question: isUntil
      ? "It says a time and until tender. Which rules?"
      : hold.beside.length > 0
        ? `It says ${alone}, and ${hold.beside.map((x) => showDuration(x.toMin)).join(" and ")}. How long in all?`
        : `It says ${showDuration(hold.fromMin)} to ${alone}. How long?`,
    choices:
      hold.beside.length > 0 && !isUntil ? [...times.toReversed(), tender] : [tender, ...times],
    typed: "time",
  };
}
