import { WORK_WORDS } from "./work-names";
import type { RouxColour, WorkKind } from "./works";
import { word } from "../units/word";
import { kitchenEstimate, type Constant } from "../units/constant";

const min = (name: string, value: number, unit = "min") =>
  kitchenEstimate(name, value, unit, "a cook with a watch");

/** How long each work takes and who is wanted: hands for all of it, an ear, or nobody. */
export interface WorkTime {
  readonly name: string;
  readonly attention: "hands" | "near" | "leave";
  readonly fixed: Constant;
  readonly perKg?: Constant;
  /** Why it is done, in a line. */
  readonly why: string;
}

const work = (
  name: string,
  attention: WorkTime["attention"],
  fixedMin: number,
  perKgMin: number,
  why: string,
): WorkTime => ({
  name,
  attention,
  fixed: min(name, fixedMin),
  ...(perKgMin === 0 ? {} : { perKg: min(`${name}, a kilogram`, perKgMin, "min/kg") }),
  why,
});

/** Every work but browning and roux, which have laws of their own. */
export const WORK_TIMES: Record<Exclude<WorkKind, "brown" | "roux">, WorkTime> = {
  thaw: work(
    "thaw in the fridge",
    "leave",
    0,
    600,
    "Slowly in the fridge, never on the counter; pieces then cook alike.",
  ),
  saltAhead: work(
    WORK_WORDS.saltAhead,
    "leave",
    720,
    0,
    "Overnight in the fridge, covered: it goes right through, and the meat keeps more of its juice.",
  ),
  soak: work(
    WORK_WORDS.soak,
    "leave",
    600,
    0,
    "Overnight: softens evenly. Pulses: throw the water away. Mushrooms: decant it from the grit.",
  ),
  rinse: work(WORK_WORDS.rinse, "hands", 2, 1, "Blood and bone dust make it cloudy."),
  scrub: work(
    WORK_WORDS.scrub,
    "hands",
    4,
    4,
    "Sand and beard off; throw away what stays open when tapped.",
  ),
  trim: work(
    WORK_WORDS.trim,
    "hands",
    3,
    4,
    "Sinew, silver skin and hard fat off; shot damage cut away.",
  ),
  cut: work(WORK_WORDS.cut, "hands", 2, 6, "One size, so that all is done at once."),
  tie: work(
    WORK_WORDS.tie,
    "hands",
    4,
    0,
    "Keeps its shape and comes out whole. The string comes off before serving.",
  ),
  bundle: work(WORK_WORDS.bundle, "hands", 2, 0, "Comes out in one piece."),
  sweat: work(WORK_WORDS.sweat, "hands", 8, 0, "Half its water steams off and the sharpness goes."),
  fry: work(WORK_WORDS.fry, "hands", 3, 0, "Until fragrant: heat brings the aroma into the fat."),
  reduce: work(
    WORK_WORDS.reduce,
    "near",
    8,
    0,
    "Dissolves the fond and drives off most of the alcohol.",
  ),
  crush: work(WORK_WORDS.crush, "hands", 3, 2, "Gives body without flour."),
  blend: work(
    WORK_WORDS.blend,
    "hands",
    4,
    2,
    "Hot liquid in small lots, lid vented under a cloth: steam throws it out.",
  ),
};

/** Works done on the bones or the beans themselves, by their state. */
export const STATE_TIMES = {
  roasted: work(
    "roast at 200–230 °C",
    "near",
    45,
    0,
    "Brown stock: pour off the fat, loosen the fond with water.",
  ),
  blanched: work(
    word("blanch"),
    "near",
    15,
    0,
    "Cold water to the boil, thrown away: a clear stock.",
  ),
} as const;

const roux = (colour: string, value: number) => min(`${colour} roux, stirred`, value);
/** Minutes at a roux, stirred without a break, by its colour. */
export const ROUX_MIN: Record<RouxColour, Constant> = {
  white: roux("white", 5),
  blond: roux("blond", 10),
  brown: roux("brown", 15),
  dark: roux("dark", 20),
};
