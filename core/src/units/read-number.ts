import { numericQuantity } from "numeric-quantity";
import { regionHere } from "./region";

/** A number as people write it, with the other reading where the notation allows two. */
export interface ReadNumber {
  readonly value: number;
  readonly orElse?: number;
}

const SHAPE = /^\d[\d.,]*(?:\s+\d+\s*[/⁄]\s*\d+|\s*[/⁄]\s*\d+|\s*[¼-¾⅐-⅞])?$|^[¼-¾⅐-⅞]$|^[.,]\d+$/u;

/**
 * Reads "3", "2.5", "1,5", "1 1/2", "1½", "3/4", ".5".
 * A comma before exactly three digits ("1,500") can mean a thousand or a decimal, and so can a point where
 * the comma is the decimal sign: both readings are given, the region's own first, and the caller asks.
 * Returns null when it is not a number.
 * @example readNumber("1 1/2") // { value: 1.5 }
 * @example readNumber("1,500") // { value: 1500, orElse: 1.5 }
 */
export function readNumber(text: string): ReadNumber | null {
  const trimmed = text.trim();
  if (!SHAPE.test(trimmed)) return null;
  const decimal = asNumber(trimmed.replace(",", "."));
  const isComma = regionHere().decimal === ",";
  if (/^[1-9]\d{0,2},\d{3}$/.test(trimmed) || (isComma && /^[1-9]\d{0,2}\.\d{3}$/.test(trimmed))) {
    const thousands = asNumber(trimmed.replace(/[.,]/u, ""));
    if (thousands === null || decimal === null) return null;
    return isComma === trimmed.includes(",")
      ? { value: decimal, orElse: thousands }
      : { value: thousands, orElse: decimal };
  }
  if (/^\d{1,3}(?:,\d{3}){2,}(?:\.\d+)?$/.test(trimmed)) {
    const value = asNumber(trimmed.replaceAll(",", ""));
    return value === null ? null : { value };
  }
  return decimal === null ? null : { value: decimal };
}

function asNumber(text: string): number | null {
  const value = numericQuantity(text);
  return Number.isFinite(value) && value >= 0 ? value : null;
}
