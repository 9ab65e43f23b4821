import { either, metres, say } from "../units/said";
import { outcomeOf, Problem } from "../units/problem";
import { readQuantity } from "../units/read-quantity";
import { INCH_M } from "../units/us-measures";
import type { PieceShape } from "./piece-schema";

/** Thinner is no piece, longer is none that goes into a pot. */
const SMALLEST_M = 0.002;
const LARGEST_M = 1;
const UNIT = /(?:mm|cm|m|in|inch|inches|")\s*$/i;

/**
 * A piece as typed: one measure is a cube, two a cylinder (across × long), three a brick. A unit at the
 * end holds for all; without one centimetres, or inches where `bareUnit` says so.
 * @throws Problem `unreadable`, `range`
 * @example readPiece("9 x 14 x 20 cm") // { kind: "brick", sizeM: [0.09, 0.14, 0.2] }
 */
export function readPiece(text: string, bareUnit: "cm" | "in" = "cm"): PieceShape {
  const parts = text
    .trim()
    .split(/\s*(?:x|×|\*|by)\s*/i)
    .filter(Boolean);
  const unit = UNIT.exec(parts.at(-1) ?? "")?.[0].trim() ?? bareUnit;
  const sizes = parts.map((part) => {
    const outcome = outcomeOf(() =>
      readQuantity(UNIT.test(part) ? part : `${part} ${unit}`, { dimension: "length", bareUnit }),
    );
    if (!outcome.ok || outcome.value.kind !== "one") throw unreadable(text);
    return outcome.value.quantity.value;
  });
  for (const size of sizes)
    if (!(size >= SMALLEST_M && size <= LARGEST_M))
      throw new Problem(
        "range",
        "piece",
        size,
        say`A piece of ${metres(size)} is out of range: from ${metres(SMALLEST_M)} to ${metres(LARGEST_M)}.`,
      );
  const [a, b, c] = sizes;
  if (a === undefined || sizes.length > 3) throw unreadable(text);
  if (b === undefined) return { kind: "brick", sizeM: [a, a, a] };
  if (c === undefined) return { kind: "cylinder", diameterM: a, lengthM: b };
  return { kind: "brick", sizeM: [a, b, c] };
}

const unreadable = (text: string): Problem =>
  new Problem(
    "unreadable",
    "piece",
    text,
    say`"${text}" is not a size. Try ${either("4 cm for dice, or 9 × 14 × 20 cm", "1 ½ in for dice, or 4 × 6 × 8 in")} for a joint.`,
  );

/** A piece as a cook would write it: "4 cm dice", "9 × 14 × 20 cm", "3 cm across". */
export function showPiece(piece: PieceShape, system: "metric" | "us"): string {
  const unit = system === "us" ? "in" : "cm";
  const size = (m: number) => {
    const value = system === "us" ? m / INCH_M : m * 100;
    return String(Math.round(value * 10) / 10);
  };
  if (piece.kind === "ball") return `${size(piece.diameterM)} ${unit} across`;
  if (piece.kind === "cylinder") return `${size(piece.diameterM)} × ${size(piece.lengthM)} ${unit}`;
  const [a, b, c] = piece.sizeM;
  return a === b && b === c
    ? `${size(a)} ${unit} dice`
    : `${size(a)} × ${size(b)} × ${size(c)} ${unit}`;
}
