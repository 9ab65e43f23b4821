import { plain } from "../units/region";
import { showFraction } from "../units/show";
import { INCH_M } from "../units/us-measures";
import type { Said } from "../units/said";
import type { Allergen } from "../ingredient/ingredient";
import { isUnsalted, litresOf } from "./lot-amounts";
import { ingredientById } from "../ingredient/catalogue";
import { contentName } from "../ingredient/own-content";
import { unreadOf } from "../ingredient/label";
import { traitsOf } from "../ingredient/traits";
import { isRaw, noteOf } from "./keeping";
import type { Lot } from "./larder-schema";
import type { Holding } from "./larder";

/** What a label says, in its parts. */
export interface LotLabel {
  readonly name: string;
  readonly code: string;
  readonly madeMs: number;
  readonly bestBeforeMs: number;
  readonly isFrozen: boolean;
  readonly litres: number | null;
  readonly massKg: number;
  readonly isUnsalted: boolean;
  /** Null where nobody knows. */
  readonly saltGKg: number | null;
  readonly allergens: readonly Allergen[];
  /** Names of what is in it and may hold any other: its label was not read, or nobody knows what it is. */
  readonly unread: readonly string[];
  readonly isForAnimals: boolean;
  readonly note: Said;
  readonly batchId: string | null;
  /** How many of it are to be printed. */
  readonly count: number;
}

const isPlain = ({ kind, ingredientId }: Lot): boolean =>
  ingredientId !== null &&
  (isRaw(kind) || kind === "trimmings" || kind === "fat") &&
  traitsOf(ingredientId).isComposed !== true;
/** Of something put in by hand as what it is. */
const ownAllergens = (lot: Lot): readonly Allergen[] =>
  lot.ingredientId === null ? [] : ingredientById(lot.ingredientId).allergens;

function unreadNames(lot: Lot): readonly string[] {
  const { allergens } = lot.label;
  if (allergens === undefined) return isPlain(lot) ? [] : [lot.name];
  return unreadOf(lot.label).map((id) => contentName(id).toLowerCase());
}

/** The label of what is held in one place. */
export function labelOf({ lot, place, count, bestBeforeMs }: Holding): LotLabel {
  return {
    name: lot.name,
    code: lot.code,
    madeMs: lot.madeMs,
    bestBeforeMs,
    isFrozen: place === "freezer",
    litres: lot.isLiquid ? litresOf(lot.eachKg) : null,
    massKg: lot.eachKg,
    isUnsalted: isUnsalted(lot),
    saltGKg: lot.label.saltGKg ?? null,
    allergens: lot.label.allergens ?? ownAllergens(lot),
    unread: unreadNames(lot),
    isForAnimals: lot.isForAnimals,
    note: noteOf(lot.kind),
    batchId: lot.batchId,
    count,
  };
}

/** A sheet of labels by its grid, all in mm. */
export interface LabelSheet {
  readonly id: string;
  readonly page: "A4" | "letter";
  readonly columns: number;
  readonly rows: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly topMm: number;
  readonly leftMm: number;
  readonly gapXMm: number;
}

const USUAL = sheet("a4-21", "A4", 3, 7, 63.5, 38.1, 15.15, 7.2, 2.5);
/** Common sizes. */
export const LABEL_SHEETS: readonly LabelSheet[] = [
  USUAL,
  sheet("a4-14", "A4", 2, 7, 99.1, 38.1, 15.15, 4.65, 2.5),
  sheet("a4-24", "A4", 3, 8, 70, 36, 4.5, 0, 0),
  sheet("a4-8", "A4", 2, 4, 99.1, 67.7, 13.1, 4.65, 2.5),
  sheet("letter-30", "letter", 3, 10, 66.7, 25.4, 12.7, 4.8, 3.2),
  sheet("letter-10", "letter", 2, 5, 101.6, 50.8, 12.7, 4, 4.8),
];

/** A sheet in words; each paper is sold by its own measure. */
export const sheetName = ({ page, columns, rows, widthMm, heightMm }: LabelSheet): string =>
  page === "A4"
    ? `A4, ${columns} × ${rows}, ${plain(widthMm)} × ${plain(heightMm)} mm`
    : `Letter, ${columns} × ${rows}, ${inches(widthMm)} × ${inches(heightMm)} in`;
const inches = (mm: number): string => showFraction(mm / 1000 / INCH_M, 8);

function sheet(
  id: string,
  page: LabelSheet["page"],
  columns: number,
  rows: number,
  widthMm: number,
  heightMm: number,
  topMm: number,
  leftMm: number,
  gapXMm: number,
): LabelSheet {
  return { id, page, columns, rows, widthMm, heightMm, topMm, leftMm, gapXMm };
}

/** A sheet by its id; the usual one where there is none of it. */
export const sheetOf = (id: string): LabelSheet => LABEL_SHEETS.find((s) => s.id === id) ?? USUAL;

export const PAGE_MM = {
  A4: { widthMm: 210, heightMm: 297 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;

/** Labels cut into pages; the first page begins after `skip` labels that are used already. */
export function pagesOf<T>(labels: readonly T[], perPage: number, skip: number): (T | null)[][] {
  const all: (T | null)[] = [...Array.from({ length: skip }, () => null), ...labels];
  const pages: (T | null)[][] = [];
  for (let i = 0; i < all.length; i += perPage) pages.push(all.slice(i, i + perPage));
  return pages;
}
