import { pieceEdgeM } from "../../heat/piece-sides";
import { readPiece } from "../../heat/read-piece";
import { ingredientById } from "../../ingredient/catalogue";
import { TOOLS } from "../../ingredient/how-words";
import type { Ingredient } from "../../ingredient/ingredient";
import { linePartsOf, splitLine, type LineParts } from "../../ingredient/line-parts";
import { matchIngredient } from "../../ingredient/match-ingredient";
import type { OwnIngredient } from "../../ingredient/own-ingredient";
import { likenessOf, ownNamed } from "../../ingredient/own-named";
import type { Amount, AmountReading } from "../../ingredient/read-amount";
import { outcomeOf } from "../../units/problem";
import { readQuantity } from "../../units/read-quantity";
import { amountOfParts } from "./amount-of-parts";
import { canDoubt, LEAVE_OUT, noAmount, rangeDoubt, vagueDoubt } from "./amount-doubts";
import type { DraftLine, LineFacts } from "./draft";
import { likeDoubt, ownChoice } from "./own-ingredient";

const EMPTY: LineFacts = {
  ingredientId: null,
  massKg: null,
  when: { at: "start" },
  isLeftOut: false,
  isToTaste: false,
  toCover: false,
  work: [],
  boneState: "raw",
  edgeM: null,
  isFrozen: false,
  ownName: null,
};
/** What is seasoned with at the end where a line gives no amount of it. */
const SEASONINGS: ReadonlySet<string> = new Set([
  "tableSalt",
  "flakedSalt",
  "peppercorn",
  "whitePepper",
]);
const SPOONS = /\b(?:tsps?|teaspoons?|tbsps?|tablespoons?|pinch|dash|taste)\b/iu;

/** The lines that one line of a recipe is: one for each thing it speaks of, each with every doubt it leaves. */
export function draftLines(
  text: string,
  id: string,
  own: readonly OwnIngredient[] = [],
): readonly DraftLine[] {
  const pieces = splitLine(text);
  const lines = pieces.map((piece, i) =>
    draftOne(piece, text, i === 0 ? id : `${id}-${i + 1}`, own),
  );
  if (lines.length === 1) return lines;
  if (lines.every((l) => l.ingredientId !== null)) return lines;
  // Not every piece names something: it is one thing, and how much of it is asked.
  const whole = draftOne(text, text, id, own);
  const named = lines.filter((l) => l.ingredientId !== null).length;
  return [
    named < 2 && pieces.length === 2 && whole.ingredientId !== null && !/\d/.test(whole.nameText)
      ? whole
      : unsure(whole),
  ];
}

/** Two amounts in one line are not added up by guess. */
const unsure = (line: DraftLine): DraftLine => {
  if (line.ingredientId === null) return line;
  const doubts = line.doubts.filter((d) => d.id !== "amount");
  return {
    ...line,
    massKg: null,
    doubts: [...doubts, noAmount(line, ingredientById(line.ingredientId))],
  };
};

/** One line of a recipe as one thing. */
export const draftLine = (text: string, id: string): DraftLine => draftOne(text, text, id, []);

function draftOne(
  piece: string,
  text: string,
  id: string,
  own: readonly OwnIngredient[],
): DraftLine {
  const parts = linePartsOf(piece);
  const base: DraftLine = {
    ...EMPTY,
    id,
    text,
    amountText: parts.amount,
    nameText: parts.name,
    preparation: parts.preparation.slice(0, 200),
    parts,
    edgeM: edgeOf(`${parts.preparation} ${parts.name} ${parts.beside}`),
    isFrozen: /\bfrozen\b/iu.test(piece),
    doubts: [],
  };
  if (TOOLS.test(parts.name)) return { ...base, isLeftOut: true };
  // What the cook named goes before what the catalogue says of the same words.
  const mine = ownNamed(parts.name, own);
  if (mine !== undefined) return withIngredient({ ...base, ownName: mine.name }, likenessOf(mine));
  const found = matchIngredient(nameFor(parts), parts.beside);
  const { sure } = found;
  if (sure !== null && !isOnlyByCount(sure, parts)) return withIngredient(base, sure);
  // Of a bird by weight any part may be meant.
  const others = sure === null ? found.others : matchIngredient(`${parts.name} part`).others;
  const shown = parts.name.slice(0, 60);
  return {
    ...base,
    doubts: [
      {
        id: "ingredient",
        question:
          others.length === 0 ? `Kettlos does not know "${shown}".` : `Which is "${shown}"?`,
        choices: [
          ...others.map((i) => ({ label: i.name, set: { ingredientId: i.id } })),
          ...(parts.name === "" ? [] : [ownChoice(parts.name)]),
          LEAVE_OUT,
        ],
      },
    ],
  };
}

const EDGE =
  /(\d+(?:\.\d+)?|\d+\s*[/⁄]\s*\d+|[¼-¾])\s*-?\s*(cm|mm|inch(?:es)?|in|")\s*(?:square\s+)?(?:cubes?|dice|chunks?|pieces?|lumps?)/iu;

/** The edge of its pieces, m, as "2 cm cubes" or "1-inch chunks" say it. */
function edgeOf(text: string): number | null {
  const found = EDGE.exec(text);
  if (found === null) return null;
  const size = outcomeOf(() => readPiece(`${found[1] ?? ""} ${found[2] ?? ""}`));
  return size.ok ? pieceEdgeM(size.value) : null;
}

/** "Chicken" is a whole one where it is counted; a weight of it may be any part. */
const WHOLE: Readonly<Record<string, RegExp>> = {
  wholeChicken: /^chickens?$/iu,
  wholeDuck: /^ducks?$/iu,
};
const isOnlyByCount = ({ id }: Ingredient, { name, amount, range, weighed }: LineParts): boolean =>
  WHOLE[id]?.test(name) === true &&
  weighed === null &&
  (range !== null || /[a-z]/iu.test(amount.replace(/\b(?:small|medium|large)\b/giu, ""))) &&
  lightest(amount);
/** From so much on it is a bird, kg. */
const lightest = (amount: string): boolean => {
  const found = outcomeOf(() => readQuantity(amount, { dimension: "mass" }));
  return !found.ok || found.value.kind !== "one" || found.value.quantity.value < WHOLE_BIRD_KG;
};
const WHOLE_BIRD_KG = 1;

/** "Pepper" by the spoon or to taste is the ground one. */
const nameFor = ({ name, amount, isToTaste }: LineParts): string =>
  /^(?:freshly\s+)?(?:ground\s+)?pepper$/iu.test(name) && (isToTaste || SPOONS.test(amount))
    ? "black pepper"
    : name;

/** The line with its ingredient known: now its amount can be read. */
export function withIngredient(line: DraftLine, ingredient: Ingredient): DraftLine {
  const known = { ...line, ingredientId: ingredient.id };
  const doubts = line.doubts.filter((d) => d.id !== "ingredient" && d.id !== "amount");
  const { parts } = line;
  if (ingredient.id === "water" && parts.isToCover)
    return { ...known, massKg: 0, toCover: true, doubts };
  const isSeasoning = SEASONINGS.has(ingredient.id);
  if (parts.amount === "" && (parts.isToTaste || isSeasoning) && parts.weighed === null)
    return isSeasoning
      ? { ...known, isToTaste: true, doubts }
      : { ...known, doubts: [...doubts, noAmount(line, ingredient)] };
  if (parts.range !== null)
    return { ...known, doubts: [...doubts, rangeDoubt(line, ingredient, parts.range)] };
  const reading = readingOf(parts, ingredient);
  if (reading === null) return { ...known, doubts: [...doubts, noAmount(line, ingredient)] };
  if (reading.kind === "ask")
    return {
      ...known,
      doubts: [
        ...doubts,
        {
          id: "amount",
          question: `${ingredient.name}: ${reading.question}`,
          choices: reading.choices.map((c) => ({ label: c.label, set: setOf(c.amount) })),
          typed: "amount",
        },
      ],
    };
  if (parts.isVague)
    return { ...known, doubts: [...doubts, vagueDoubt(line, ingredient, reading.amount)] };
  if (isCan(line, ingredient)) return drained(known, ingredient, reading.amount, doubts);
  return { ...known, ...setOf(reading.amount), doubts };
}

function readingOf(parts: LineParts, ingredient: Ingredient): AmountReading | null {
  // A number left in the name is an amount that was not understood.
  return /\d/.test(parts.name) ? null : amountOfParts(parts, ingredient);
}

const setOf = ({ massKg, counted }: Amount): Partial<LineFacts> & { massKg: number } => ({
  massKg,
  ...(counted === undefined ? {} : { counted }),
});

const DRAINED_SHARE = 0.6;

/** What comes out of a can in liquor, of which the line or the cook says whether what they stand in goes in too. */
export const isCan = ({ parts }: Pick<DraftLine, "parts">, { isLiquid, id }: Ingredient): boolean =>
  parts.isPacked && !isLiquid && id.startsWith("canned");

function drained(
  known: DraftLine,
  ingredient: Ingredient,
  { massKg, counted }: Amount,
  doubts: DraftLine["doubts"],
): DraftLine {
  // A counted can already stands for what is in it drained.
  const allKg = counted === undefined ? massKg : massKg / DRAINED_SHARE;
  const says = known.text;
  if (/\bundrained\b|\bwith (?:their|its|the) liquid\b/iu.test(says))
    return { ...known, massKg: allKg, doubts };
  if (/\b(?:drained|rinsed)\b/iu.test(says))
    return { ...known, massKg: allKg * DRAINED_SHARE, doubts };
  return { ...known, doubts: [...doubts, canDoubt(ingredient, allKg, DRAINED_SHARE)] };
}

/** The line with a doubt settled; naming the ingredient may raise the doubt about its amount. */
export function settleLine(line: DraftLine, doubtId: string, set: Partial<LineFacts>): DraftLine {
  const doubts = line.doubts.filter((d) => d.id !== doubtId);
  const next = { ...line, ...set, doubts };
  if (set.ownName !== undefined && set.ownName !== null && next.ingredientId === null)
    return { ...next, doubts: [...doubts, likeDoubt(set.ownName)] };
  if (set.ingredientId === undefined || set.ingredientId === null || next.massKg !== null)
    return next;
  const { ownName } = next;
  return withIngredient(
    next,
    ownName === null
      ? ingredientById(set.ingredientId)
      : likenessOf({ id: "", name: ownName, likeId: set.ingredientId }),
  );
}

/** The line named anew by the cook: another name typed where it stood. */
export function renamedLine(
  line: DraftLine,
  name: string,
  own: readonly OwnIngredient[] = [],
): DraftLine {
  const mine = ownNamed(name, own);
  const { sure, others } = matchIngredient(name, "");
  const parts = { ...line.parts, name };
  const { when, edgeM, isFrozen } = line;
  const fresh: DraftLine = {
    ...line,
    ...EMPTY,
    when,
    edgeM,
    isFrozen,
    nameText: name,
    parts,
    doubts: line.doubts.filter((d) => d.id === "when"),
  };
  if (mine !== undefined) return withIngredient({ ...fresh, ownName: mine.name }, likenessOf(mine));
  if (sure !== null) return withIngredient(fresh, sure);
  return {
    ...fresh,
    doubts: [
      {
        id: "ingredient",
        question: `Which is "${name.slice(0, 60)}"?`,
        choices: [
          ...others.map((i) => ({ label: i.name, set: { ingredientId: i.id } })),
          ownChoice(name),
          LEAVE_OUT,
        ],
      },
      ...fresh.doubts,
    ],
  };
}
