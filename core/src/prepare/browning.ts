import { kitchenEstimate } from "../units/constant";

const usual = (name: string, value: number, unit: string) =>
  kitchenEstimate(name, value, unit, "a cook with a watch");

/** Share of the pan's floor that may lie covered: a crowded pan steams. */
const PAN_COVER = usual("share of the pan's floor covered", 0.65, "");
const DICE_MIN = usual("browning a batch of dice", 7, "min");
const SLICE_MIN = usual("browning a slice, both sides", 10, "min");
const BETWEEN_MIN = usual("pan hot again between two batches", 2, "min");
/** Share of raw weight that browning drives off. */
export const BROWNING_LOSS = usual("weight lost in browning", 0.05, "of raw weight");

/** Floor that pieces of this edge cover side by side, m². */
export const footprintM2 = (massKg: number, edgeM: number, densityKgM3 = 1060): number =>
  massKg / (densityKgM3 * edgeM);

/** Batches that a pan's floor asks for; at least one. */
export const browningBatches = (footM2: number, floorM2: number): number =>
  Math.max(1, Math.ceil(footM2 / (PAN_COVER.value * floorM2) - 1e-9));

/**
 * Minutes at the pan for so many batches of dice, or of slices browned on both sides.
 * @example browningMin(2, false) // 16
 */
export const browningMin = (batches: number, isSlices: boolean): number =>
  batches * (isSlices ? SLICE_MIN : DICE_MIN).value + (batches - 1) * BETWEEN_MIN.value;
/** Of what a vegetable frees, the share that goes as steam when it is sweated: docs/method.md, “The ledger”. */
export const SWEATED_OFF = usual("share of its liquid steamed off in sweating", 0.5, "");
/** Cook value that sweating in its own steam gives. */
export const SWEAT_COOK_MIN = usual("cook value of sweating", 8, "min at 100 °C");
/** Wine or beer that is boiled down by itself takes about so long. */
export const REDUCE_MIN = usual("boiling down wine or beer", 8, "min");
