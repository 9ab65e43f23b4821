import type { Method } from "../../heat/method";
import { ingredientById } from "../../ingredient/catalogue";
import { readQuantity } from "../../units/read-quantity";
import { readNumber } from "../../units/read-number";
import { readSpans, type Span } from "../../units/read-span";
import { Problem } from "../../units/problem";
import { showDuration } from "../../units/show";
import type { Doubt, DoubtChoice, DraftLine, HeadFacts, LineFacts } from "./draft";

/** Words for being on the heat for the dish's own time, and for what comes before or after it. */
const COOKS =
  /\b(simmer|cook|brais|bak|stew|boil|roast|pressur|poach|bubbl|oven|slow[ -]?cooker|crock|low|high)\w*/gi;
const BESIDE =
  /\b(rest|soak|marinat|fry|fri|brown|sear|saut|sweat|soften|chill|cool|stand|freez|thaw|toast|whisk|infus|preheat|refrigerat)\w*/gi;
const OVEN_SET = /\b\d{2,3}\s*(?:°\s*)?[CF]\b/i;
/** A full stop inside a number ends no sentence. */
const SENTENCES = /(?:[^.!?;]|[.!?;](?!\s|$))+[.!?;]*/g;
const sentencesOf = (text: string): readonly string[] => text.match(SENTENCES) ?? [];

const lastAt = (words: RegExp, text: string): number =>
  Math.max(-1, ...[...text.matchAll(words)].map((m) => m.index));

/** The stretches of cooking that a text speaks of: what is rested, soaked or fried before is none. */
const stretches = (text: string): readonly Span[] =>
  sentencesOf(text).flatMap((sentence) =>
    readSpans(sentence).filter(({ at }) => {
      const before = sentence.slice(0, at);
      const cooks = Math.max(lastAt(COOKS, before), OVEN_SET.exec(before)?.index ?? -1);
      return cooks >= 0 && cooks > lastAt(BESIDE, before);
    }),
  );

/** The longest stretch, and with what is cooked on top of it ("1 more hour"). */
function holdOf(
  text: string,
): { readonly main: Span; readonly fromMin: number; readonly toMin: number } | null {
  const all = stretches(text);
  const main = all.filter((x) => !x.isMore).toSorted((a, b) => b.toMin - a.toMin)[0] ?? all[0];
  if (main === undefined) return null;
  const more = all.filter((x) => x.isMore && x !== main);
  return {
    main,
    fromMin: main.fromMin + more.reduce((sum, x) => sum + x.fromMin, 0),
    toMin: main.toMin + more.reduce((sum, x) => sum + x.toMin, 0),
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

/** The heat that the steps name; null where they name none. */
function methodOf(text: string): Method | null {
  if (/\b(slow[ -]?cooker|crock)/i.test(text)) return "slowCooker";
  if (/\bpressure\b/i.test(text)) return "pressure";
  if (/\boven\b/i.test(text)) return "oven";
  return /\b(simmer|hob|stove|boil)/i.test(text) ? "hob" : null;
}

function ovenOf(text: string): number | null {
  const found = /\b(\d{2,3}\s*(?:°\s*)?[CF]\b|gas(?: mark)? \d)/i.exec(text)?.[1];
  if (found === undefined) return null;
  try {
    const reading = readQuantity(found.replace("mark ", ""), { dimension: "temperature" });
    return reading.kind === "one" ? reading.quantity.value : null;
  } catch (error) {
    if (error instanceof Problem) return null;
    throw error;
  }
}

/** What the steps say of heat and time, and what they leave open. */
export function readHeat(
  steps: readonly string[],
): Omit<HeadFacts, "name" | "people"> & { doubts: readonly Doubt<HeadFacts>[] } {
  const text = steps.join(". ");
  const ovenC = ovenOf(text);
  const method = methodOf(text) ?? (ovenC === null ? null : "oven");
  const longest = holdOf(text) ?? undefined;
  const isUntil = /\buntil\b[^.]*\b(tender|soft|falls? apart)/i.test(text);
  const doubts: Doubt<HeadFacts>[] = [];
  if (method === null)
    doubts.push({
      id: "method",
      question: "It does not say on what it is cooked.",
      choices: [
        { label: "on the hob", set: { method: "hob" } },
        { label: "in the oven", set: { method: "oven", ovenC: 150 } },
        { label: "in the slow cooker", set: { method: "slowCooker" } },
        { label: "under pressure", set: { method: "pressure" } },
      ],
    });
  const isOne = longest !== undefined && longest.fromMin === longest.toMin;
  const settings = method === "slowCooker" ? bySetting(text) : [];
  if (new Set(settings.map((s) => s.setting)).size === 2) doubts.push(settingDoubt(settings));
  else if (!isOne || isUntil) doubts.push(timeDoubt(longest, isUntil));
  if (method === "oven" && ovenC === null)
    doubts.push({
      id: "oven",
      question: "It does not say how hot the oven is.",
      choices: [120, 150, 170].map((c) => ({ label: `${c} °C`, set: { ovenC: c } })),
    });
  return {
    method,
    crockSetting: /\bhigh\b/i.test(text) ? "high" : "low",
    ovenC,
    hold: isOne && !isUntil ? longest.fromMin : null,
    doubts,
  };
}

const settingDoubt = (settings: readonly BySetting[]): Doubt<HeadFacts> => ({
  id: "hold",
  question: `It says ${settings.map((s) => `${s.setting.toUpperCase()} ${showDuration(s.min)}`).join(" or ")}. Which?`,
  choices: settings.map((s) => ({
    label: `${s.setting.toUpperCase()} ${showDuration(s.min)}`,
    set: { crockSetting: s.setting, hold: s.min },
  })),
  typed: "time",
});

function timeDoubt(
  found: { readonly fromMin: number; readonly toMin: number } | undefined,
  isUntil: boolean,
): Doubt<HeadFacts> {
  const tender: DoubtChoice<HeadFacts> = { label: "until tender", set: { hold: "tender" } };
  const at = (min: number): DoubtChoice<HeadFacts> => ({
    label: showDuration(min),
    set: { hold: min },
  });
  if (found === undefined)
    return {
      id: "hold",
      question: "It does not say how long it simmers.",
      choices: [tender, at(60), at(180)],
      typed: "time",
    };
  const middle = (found.fromMin + found.toMin) / 2;
  const times = [...new Set([found.fromMin, middle, found.toMin])].map(at);
  return {
    id: "hold",
    question: isUntil
      ? "It says a time and until tender. Which rules?"
      : `It says ${showDuration(found.fromMin)} to ${showDuration(found.toMin)}. How long?`,
    choices: [tender, ...times],
    typed: "time",
  };
}

const ADDS = /\b(add|stir in|put in|throw in|tip in|fold in|pour in|return)\b/i;
const AT_END = /\b(off the heat|before serving|to serve|just before|garnish|sprinkle)\b/i;
const LAST = /\b(?:the\s+)?(?:last|final)\s+/i;

/** The word of a name that steps use: "Beef chuck" is "beef" or "chuck". */
const mentions = (sentence: string, line: DraftLine): boolean => {
  if (line.ingredientId === null) return false;
  const words = `${ingredientById(line.ingredientId).name} ${line.nameText}`
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((w) => w.length > 3)
    .map((w) => w.replace(/s$/, ""));
  return words.some((w) => new RegExp(`\\b${w}`, "i").test(sentence));
};

/** When the steps put something in, if they say so: asked before it is taken over. */
export function stageLine(
  line: DraftLine,
  steps: readonly string[],
  holdMin: number | null,
): DraftLine {
  const sentences = sentencesOf(steps.join(" "));
  const mainMin = holdOf(steps.join(". "))?.main.toMin;
  // What is fried before the pot simmers is in it from the start.
  const mainAt = sentences.findIndex((s) => stretches(s).some((x) => x.toMin === mainMin));
  let found: { min: number | "off"; said: string } | null = null;
  for (const [i, sentence] of sentences.entries()) {
    if (!mentions(sentence, line)) continue;
    const last = LAST.exec(sentence);
    const lasts = last === null ? undefined : readSpans(sentence.slice(last.index))[0];
    if (lasts !== undefined) found = { min: lasts.toMin, said: sentence };
    else if (AT_END.test(sentence)) found = { min: "off", said: sentence };
    else if (ADDS.test(sentence) && mainAt >= 0 && i > mainAt) {
      const said = `${sentence} ${sentences[i + 1] ?? ""}`;
      const span = stretches(said).at(-1);
      if (span !== undefined && holdMin !== null && span.toMin < holdMin * 0.9)
        found = { min: span.toMin, said: sentence };
    }
  }
  if (found === null) return line;
  const when: LineFacts["when"] =
    found.min === "off"
      ? { at: "offHeat" }
      : { at: "beforeEnd", min: Math.max(1, Math.round(found.min)) };
  const label = found.min === "off" ? "off the heat" : `for the last ${showDuration(found.min)}`;
  return {
    ...line,
    doubts: [
      ...line.doubts,
      {
        id: "when",
        question: `When does it go in? "${found.said.trim().slice(0, 100)}"`,
        choices: [
          { label, set: { when } },
          { label: "at the start", set: { when: { at: "start" } } },
        ],
      },
    ],
  };
}
