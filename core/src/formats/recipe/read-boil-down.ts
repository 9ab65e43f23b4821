import { readQuantity } from "../../units/read-quantity";
import { readSpans } from "../../units/read-span";
import { MEAT, STRAINS } from "./step-words";
import { outcomeOf } from "../../units/problem";

/** The sauce boiled down by itself at the end of a dish. */
export interface BoilDown {
  /** Left of it, as a share; null where litres or minutes are said. */
  readonly share: number | null;
  readonly volumeL: number | null;
  /** How long, where nothing says how far, min. */
  readonly min: number | null;
  /** The meat is lifted out for it, and goes back after. */
  readonly isMeatOut: boolean;
}

/** "Reduce the heat" and "reduce to a simmer" boil nothing down. */
const BOILS =
  /\breduc(?:e|ed|es|ing)\b(?!\s+(?:the\s+)?(?:heat|temperature|flame|oven)|\s+to\s+(?:a\s+|low|medium|simmer))|\b(?:boil|simmer|cook)\w*\s+(?:[\w-]+\s+){0,5}?down\b/i;
/** Wine boils down before the dish; its own liquid after. */
const OF_THE_POT =
  /\b(?:sauce|gravy|juices|(?:cooking|braising|simmering|remaining|pan) liquid|the liquid)\b/i;
const OUT = new RegExp(
  `\\b(?:remove|transfer|lift|take|set aside|fish out)\\b[^.]*\\b${MEAT}\\b|\\b${MEAT}\\b[^.]*\\bout\\b`,
  "i",
);
const BACK = new RegExp(`\\b(?:return|put|add)\\b[^.]*\\b${MEAT}\\b`, "i");

const SHARES: readonly (readonly [RegExp, number])[] = [
  [/\bby (?:about |around )?(?:one )?half\b|\bto (?:about )?half\b/i, 1 / 2],
  [/\bby (?:about )?two[ -]thirds\b|\bto (?:about )?(?:a|one)[ -]third\b/i, 1 / 3],
  [/\bby (?:about )?(?:a|one)[ -]third\b|\bto (?:about )?two[ -]thirds\b/i, 2 / 3],
  [/\bby (?:about )?(?:a|one)[ -]quarter\b|\bto (?:about )?three[ -]quarters\b/i, 3 / 4],
];
const PERCENT = /\bto (?:about )?(\d{1,2})\s*%/i;
const VOLUME =
  /\bto (?:about )?([\d½¼¾][\d\s.,/½¼¾-]*\s*(?:ml|millilit\w+|l|lit\w+|cups?|quarts?|qt))\b/i;

function shareOf(sentence: string): number | null {
  const percent = Number(PERCENT.exec(sentence)?.[1] ?? NaN);
  if (percent > 0) return percent / 100;
  return SHARES.find(([words]) => words.test(sentence))?.[1] ?? null;
}

function volumeOf(sentence: string): number | null {
  const said = VOLUME.exec(sentence)?.[1];
  if (said === undefined) return null;
  const outcome = outcomeOf(() => readQuantity(said, { dimension: "volume" }));
  return outcome.ok && outcome.value.kind === "one" ? outcome.value.quantity.value : null;
}

/**
 * The sauce boiled down once the dish is done, from the sentences after it: how far or how long, and whether
 * the meat is out for it, with where it says so. Null where nothing is, nothing says how far, or it has been strained by then.
 */
export function boilDownOf(
  after: readonly string[],
): { readonly at: number; readonly said: BoilDown } | null {
  for (const [i, sentence] of after.entries()) {
    if (STRAINS.test(sentence)) return null;
    if (!BOILS.test(sentence) || !OF_THE_POT.test(sentence)) continue;
    const share = shareOf(sentence);
    const volumeL = share === null ? volumeOf(sentence) : null;
    const span = readSpans(sentence)[0];
    const min = span === undefined ? null : Math.round((span.fromMin + span.toMin) / 2);
    if (share === null && volumeL === null && min === null) continue;
    const isMeatOut =
      after.slice(0, i + 1).some((s) => OUT.test(s)) && after.slice(i).some((s) => BACK.test(s));
    return { at: i, said: { share, volumeL, min, isMeatOut } };
  }
  return null;
}
