import { word } from "../units/word";
import { kitchenEstimate, type Constant } from "../units/constant";

/** How a stock stands when cold, weakest first. */
export const SETS = ["pours", "quivers", "wobbles", "holds an edge", "rubber"] as const;
export type SetGrade = (typeof SETS)[number];

/** Gelatin that a litre lacks to the next firmer set, g/L; null where powder should take it no further. */
export function toNextSet(
  gelatinGL: number,
): { set: Exclude<SetGrade, "pours" | "rubber">; missingGL: number } | null {
  const next = SETS[SETS.indexOf(setOf(gelatinGL)) + 1];
  return next === undefined || next === "pours" || next === "rubber"
    ? null
    : { set: next, missingGL: SET_FROM_GL[next].value - gelatinGL };
}

/** What each set is called. */
export const SET_WORDS: Readonly<Record<SetGrade, string>> = {
  pours: "pours",
  quivers: "quivers",
  wobbles: "wobbles",
  "holds an edge": word("holds an edge"),
  rubber: "rubber",
};

/** What a stock of each set does when it is cold, to end a sentence with "it …". */
export const SET_DOES_WORDS: Readonly<Record<SetGrade, string>> = {
  pours: "pours",
  quivers: "quivers",
  wobbles: "wobbles",
  "holds an edge": word("holds an edge"),
  rubber: "is like rubber",
};

const edge = (name: string, value: number): Constant =>
  kitchenEstimate(`${name} from`, value, "g/L", "gelatin gels at 4 °C");

/** Gelatin, g/L at 4 °C, from which each set begins; the edge itself belongs to it. */
export const SET_FROM_GL: Record<Exclude<SetGrade, "pours">, Constant> = {
  quivers: edge("quivers", 6),
  wobbles: edge("wobbles", 12),
  "holds an edge": edge("holds an edge", 22),
  rubber: edge("rubber above", 40),
};

/**
 * The set at 4 °C of a stock with gelatinGL. Edges belong to the firmer set; 40 g/L still holds an edge.
 * @example setOf(12) // "wobbles"
 */
export function setOf(gelatinGL: number): SetGrade {
  if (gelatinGL > SET_FROM_GL.rubber.value) return "rubber";
  if (gelatinGL >= SET_FROM_GL["holds an edge"].value) return "holds an edge";
  if (gelatinGL >= SET_FROM_GL.wobbles.value) return "wobbles";
  return gelatinGL >= SET_FROM_GL.quivers.value ? "quivers" : "pours";
}
