import { DAY_MS } from "../units/time";
import { ingredientById } from "../ingredient/catalogue";
import { traitsOf } from "../ingredient/traits";
import { ruleC, say, type Said } from "../units/said";
import { kitchenEstimate, published, type Constant } from "../units/constant";
import { FRIDGE_DAYS } from "../portion/lasting";
import type { FreezerSchool } from "../simulate/freezer-school";
import type { Lot } from "./larder-schema";
import type { LarderKind, Place } from "./larder-words";

/** How long a kind keeps in a place, days, and what is said of it. */
export interface Keeping {
  readonly days: Constant;
  /** Past it in the fridge it is thrown away; in the freezer it is only past its best. */
  readonly isSafety: boolean;
}

const days = (what: string, value: number, source: string) => published(what, value, "d", source);
const guess = (what: string, value: number, why: string) => kitchenEstimate(what, value, "d", why);

export const FREEZER_SCHOOL_NAMES: Readonly<Record<FreezerSchool, string>> = {
  short: "3 months, as US guidance has it for best quality",
  long: "6 months, as many kitchens keep stock; safe while it stays frozen, flavour fades",
};

const COOKED_FROZEN: Readonly<Record<FreezerSchool, Constant>> = {
  short: days("cooked food in the freezer", 90, "US guidance: 2–3 months at best quality"),
  long: guess("stock in the freezer", 180, "many kitchens keep stock six months"),
};
const FRESH = {
  poultry: days("raw poultry in the fridge", 2, "US guidance: 1–2 days"),
  fish: days("raw fish in the fridge", 1, "US guidance: 1–2 days, the shorter"),
  minced: days("raw mince, sausage and offal in the fridge", 2, "US guidance: 1–2 days"),
  unknown: days("something raw, by no known name, in the fridge", 1, "the shortest of US guidance"),
  meat: days("raw meat in the fridge", 3, "US guidance: 3–5 days, the shorter"),
  frozenPoultry: days("raw poultry in the freezer", 270, "US guidance: pieces 9 months"),
  frozenFish: days("raw fish in the freezer", 90, "US guidance: fat fish 2–3 months"),
  frozenMeat: days("raw meat in the freezer", 180, "US guidance: 4–12 months"),
  frozenMinced: days("raw mince and sausage in the freezer", 90, "US guidance: 3–4 months"),
};

type Raw = "poultry" | "fish" | "meat" | "minced" | "unknown";
const FROZEN_OF: Readonly<Record<Raw, Constant>> = {
  poultry: FRESH.frozenPoultry,
  fish: FRESH.frozenFish,
  meat: FRESH.frozenMeat,
  minced: FRESH.frozenMinced,
  unknown: FRESH.frozenFish,
};

/** What something raw is taken for; by a name that nobody knows it keeps as short as anything does. */
function rawOf(ingredientId: string | null): Raw {
  if (ingredientId === null) return "unknown";
  const { id, flavour, group, allergens } = ingredientById(ingredientId);
  const isSeafood = allergens.some((a) => a === "fish" || a === "molluscs" || a === "crustaceans");
  if (group === "fish" || flavour === "fish" || isSeafood) return "fish";
  if (traitsOf(id).spoilsFast === true) return "minced";
  return flavour === "poultry" ? "poultry" : "meat";
}

/** How long something keeps in a place. Sources: US guidance for cold storage, and kitchen estimates marked so. */
export function keepingOf(
  lot: Pick<Lot, "kind" | "ingredientId">,
  place: Place,
  school: FreezerSchool,
): Keeping {
  const isFridge = place === "fridge";
  return { days: daysOf(lot.kind, lot.ingredientId, isFridge, school), isSafety: isFridge };
}

function daysOf(
  kind: LarderKind,
  ingredientId: string | null,
  isFridge: boolean,
  school: FreezerSchool,
): Constant {
  switch (kind) {
    case "rawBones":
    case "rawMeat": {
      const raw = rawOf(ingredientId);
      return isFridge ? FRESH[raw] : FROZEN_OF[raw];
    }
    case "trimmings":
      return isFridge
        ? guess("trimmings in the fridge", 3, "sound and washed; longer they wilt")
        : guess("trimmings in the freezer", 180, "flavour fades");
    case "fat":
      return isFridge
        ? guess("rendered fat in the fridge", 30, "clean of broth; it turns rancid")
        : guess("rendered fat in the freezer", 180, "it turns rancid slowly");
    case "stock":
    case "dish":
      return isFridge ? FRIDGE_DAYS : COOKED_FROZEN[school];
    case "carcass":
    case "leftovers":
      return isFridge ? FRIDGE_DAYS : COOKED_FROZEN.short;
  }
}

/** How long something has been on its shelf, and was on others before. */
export interface Stay {
  readonly place: Place;
  readonly sinceMs: number;
  /** In the fridge before that, and frozen before that, ms. */
  readonly fridgeMs: number;
  readonly frozenMs: number;
}

/** Best before, ms: all days in the fridge count together, and all frozen ones; freezing gives no new ones. */
export function bestBeforeMs(
  lot: Pick<Lot, "kind" | "ingredientId">,
  { place, sinceMs, fridgeMs, frozenMs }: Stay,
  school: FreezerSchool,
): number {
  const keepsMs = keepingOf(lot, place, school).days.value * DAY_MS;
  return sinceMs + Math.max(0, keepsMs - (place === "fridge" ? fridgeMs : frozenMs));
}

/** Why something is thrown away and nothing else, whatever is done with it now. */
export type Spent = "pastWhenFrozen" | "rawRefrozen";

export const SPENT_WORDS: Readonly<Record<Spent, string>> = {
  pastWhenFrozen: "It was past its days in the fridge when it was frozen",
  rawRefrozen: "It was thawed raw and frozen again raw",
};

export const isRaw = (kind: LarderKind): boolean => kind === "rawBones" || kind === "rawMeat";

/**
 * Whether it may be put into the freezer at a moment, and if not why: freezing does not mend what is past
 * its days, and what was thawed raw is cooked before it is frozen again.
 */
export function whyNotFrozen(
  lot: Pick<Lot, "kind" | "ingredientId">,
  stay: Stay,
  atMs: number,
): Spent | null {
  const days = keepingOf(lot, "fridge", "short").days.value;
  const inFridgeMs = stay.fridgeMs + (stay.place === "fridge" ? atMs - stay.sinceMs : 0);
  if (inFridgeMs > days * DAY_MS) return "pastWhenFrozen";
  return isRaw(lot.kind) && stay.frozenMs > 0 ? "rawRefrozen" : null;
}

export type Age = "good" | "soon" | "past";
const SOON_MS: Readonly<Record<Place, number>> = { fridge: DAY_MS, freezer: 14 * DAY_MS };

/** Whether it is good yet, should be used, or is past its date. */
export const ageOf = (place: Place, untilMs: number, nowMs: number): Age =>
  nowMs > untilMs ? "past" : nowMs > untilMs - SOON_MS[place] ? "soon" : "good";

/** What is said where it is kept. */
export const KEEPING_CAUTION =
  "In the fridge 3–4 days, frozen 2–3 months at best quality (US guidance; it stays safe longer). Never at room temperature: a jar of broth does not keep on a shelf, and a pressure cooker does not make it safe to. Your local food code rules.";
/** Goes on labels and on every taking out of what was cooked. */
const REHEAT_NOTE = say`Thaw in the fridge. Reheat once, to ${ruleC(74)} all through.`;
const RAW_NOTE = "Thaw in the fridge, on the lowest shelf.";
export const noteOf = (kind: LarderKind): Said =>
  isRaw(kind) ? RAW_NOTE : kind === "trimmings" || kind === "fat" ? "" : REHEAT_NOTE;
