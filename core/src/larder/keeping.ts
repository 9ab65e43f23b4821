import { ingredientById } from "../ingredient/catalogue";
import { kitchenEstimate, published, type Constant } from "../units/constant";
import { FRIDGE_DAYS } from "../portion/lasting";
import type { FreezerSchool } from "../simulate/keeping-words";
import type { LarderKind, Lot, Place } from "./larder-schema";

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
  meat: days("raw meat in the fridge", 3, "US guidance: 3–5 days, the shorter"),
  frozenPoultry: days("raw poultry in the freezer", 270, "US guidance: pieces 9 months"),
  frozenFish: days("raw fish in the freezer", 90, "US guidance: fat fish 2–3 months"),
  frozenMeat: days("raw meat in the freezer", 180, "US guidance: 4–12 months"),
};

function rawOf(ingredientId: string | null): "poultry" | "fish" | "meat" {
  const flavour = ingredientId === null ? undefined : ingredientById(ingredientId).flavour;
  return flavour === "fish" || flavour === "poultry" ? flavour : "meat";
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
      if (isFridge) return FRESH[raw];
      return raw === "poultry"
        ? FRESH.frozenPoultry
        : raw === "fish"
          ? FRESH.frozenFish
          : FRESH.frozenMeat;
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

export const DAY_MS = 86_400_000;

/**
 * Best before, ms: days in the fridge before and between freezing count together, frozen days by
 * themselves. `fridgeMs` is what was spent in the fridge before `sinceMs`.
 */
export function bestBeforeMs(
  lot: Pick<Lot, "kind" | "ingredientId">,
  place: Place,
  sinceMs: number,
  fridgeMs: number,
  school: FreezerSchool,
): number {
  const keepsMs = keepingOf(lot, place, school).days.value * DAY_MS;
  return place === "fridge" ? sinceMs + Math.max(0, keepsMs - fridgeMs) : sinceMs + keepsMs;
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
const REHEAT_NOTE = "Thaw in the fridge. Reheat once, to 74 °C all through.";
const RAW_NOTE = "Thaw in the fridge, on the lowest shelf.";
export const noteOf = (kind: LarderKind): string =>
  kind === "rawBones" || kind === "rawMeat"
    ? RAW_NOTE
    : kind === "trimmings" || kind === "fat"
      ? ""
      : REHEAT_NOTE;
