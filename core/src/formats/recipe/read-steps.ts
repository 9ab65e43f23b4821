import type { Method } from "../../heat/method";
import { ingredientById } from "../../ingredient/catalogue";
import { readQuantity } from "../../units/read-quantity";
import { Problem } from "../../units/problem";
import { showDuration } from "../../units/show";
import type { Doubt, DoubtChoice, DraftLine, HeadFacts, LineFacts } from "./draft";

const SPAN = String.raw`(\d+(?:[.,]\d+)?(?:\s*½)?|½|an?|one|two|three|four|five|six|eight|ten|twelve)(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?(?:\s*½)?))?\s*(hours?|hrs?|h|minutes?|mins?)\b`;
const COOKING = new RegExp(
  String.raw`\b(simmer|cook|braise|bake|stew|boil|roast|pressure)\w*\b[^.;]*?${SPAN}`,
  "gi",
);
const WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  "½": 0.5,
};

const numberOf = (text: string): number => {
  const word = WORDS[text.toLowerCase()];
  if (word !== undefined) return word;
  const half = text.includes("½");
  return Number(text.replace("½", "").replace(",", ".").trim()) + (half ? 0.5 : 0);
};
const minutes = (n: string, unit: string) => numberOf(n) * (/^h/i.test(unit) ? 60 : 1);

/** A stretch of cooking that a step speaks of, min. */
interface Stretch {
  readonly fromMin: number;
  readonly toMin: number;
}

const stretches = (text: string): readonly Stretch[] =>
  [...text.matchAll(COOKING)].map((m) => {
    const unit = m[4] ?? "min";
    const fromMin = minutes(m[2] ?? "0", unit);
    return { fromMin, toMin: m[3] === undefined ? fromMin : minutes(m[3], unit) };
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
  const method = methodOf(text);
  const longest = [...stretches(text)].sort((a, b) => b.toMin - a.toMin)[0];
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
  if (!isOne || isUntil) doubts.push(timeDoubt(longest, isUntil));
  const ovenC = ovenOf(text);
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

function timeDoubt(found: Stretch | undefined, isUntil: boolean): Doubt<HeadFacts> {
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

const SENTENCE = /[^.!?;]+[.!?;]?/g;
const ADDS = /\b(add|stir in|put in|throw in|tip in|fold in|pour in|return)\b/i;
const AT_END = /\b(off the heat|before serving|to serve|just before|garnish|sprinkle)\b/i;
const LAST = /\blast\s+(\d+)\s*(hours?|minutes?|mins?)/i;

/** The word of a name that steps use: "Beef chuck" is "beef" or "chuck". */
const mentions = (sentence: string, line: DraftLine): boolean => {
  if (line.ingredientId === null) return false;
  const words = `${ingredientById(line.ingredientId).name} ${line.nameText}`
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((w) => w.length > 3)
    .map((w) => w.replace(/s$/, ""));
  const lower = sentence.toLowerCase();
  return words.some((w) => lower.includes(w));
};

/** When the steps put something in, if they say so: asked before it is taken over. */
export function stageLine(
  line: DraftLine,
  steps: readonly string[],
  holdMin: number | null,
): DraftLine {
  const sentences = steps.join(" ").match(SENTENCE) ?? [];
  // What is fried before the pot simmers is in it from the start.
  const mainAt = sentences.findIndex((s) => stretches(s).some((x) => x.toMin === holdMin));
  let found: { min: number | "off"; said: string } | null = null;
  for (const [i, sentence] of sentences.entries()) {
    if (!mentions(sentence, line)) continue;
    const last = LAST.exec(sentence);
    if (last !== null) found = { min: minutes(last[1] ?? "0", last[2] ?? "min"), said: sentence };
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
