import { powerOf } from "../units/same-math";
import { US_QUART_L } from "../units/us-measures";
import { requireWithin } from "../units/problem";
import { asHighAsHolds, capacityL } from "../vessel/volume";
import type { Vessel, VesselShape } from "../vessel/vessel-schema";
import { USUAL_PRESSURE } from "./usual-pressure";

/** Usual pots, by what kitchens call them. */
export const VESSEL_FORMS = [
  "saucepan",
  "pot",
  "stockpot",
  "braiser",
  "casserole",
  "ovalCasserole",
  "pan",
  "slowCooker",
  "pressureCooker",
  "electricPressure",
] as const;
export type VesselForm = (typeof VESSEL_FORMS)[number];

/** How a form is made: its proportions, and what it weighs. */
interface FormRecord {
  readonly name: string;
  readonly kind: Vessel["kind"];
  /** Length to width at the rim; 1 for what is round. */
  readonly lengthToWidth: number;
  /** Height inside to the width at the rim. */
  readonly heightToWidth: number;
  /** Across the floor to across the rim. */
  readonly floorToRim: number;
  readonly fillShare: number;
  readonly body: Vessel["body"];
  readonly lid: Vessel["lid"];
  /** Weight empty, kg: so much, and so much more for each litre it holds. */
  readonly massKg: readonly [number, number];
  readonly pressure?: NonNullable<Vessel["pressure"]>;
  /** Sizes it is sold in, by what is marked on it. */
  readonly soldL: readonly number[];
  readonly soldQt: readonly number[];
}

/** Ordinary proportions and weights, kitchen estimates of ±10 %: docs/method.md, “Usual pots”. */
export const FORMS: Readonly<Record<VesselForm, FormRecord>> = {
  saucepan: {
    name: "Saucepan",
    kind: "pot",
    lengthToWidth: 1,
    heightToWidth: 0.55,
    floorToRim: 1,
    fillShare: 0.85,
    body: "steel",
    lid: "ordinary",
    massKg: [0.4, 0.25],
    soldL: [1.5, 2, 3],
    soldQt: [2, 3, 4],
  },
  pot: {
    name: "Pot",
    kind: "pot",
    lengthToWidth: 1,
    heightToWidth: 0.65,
    floorToRim: 1,
    fillShare: 0.85,
    body: "enamel",
    lid: "ordinary",
    massKg: [0.6, 0.15],
    soldL: [4, 5, 6, 8],
    soldQt: [4, 6, 8],
  },
  stockpot: {
    name: "Stockpot",
    kind: "pot",
    lengthToWidth: 1,
    heightToWidth: 0.87,
    floorToRim: 1,
    fillShare: 0.85,
    body: "steel",
    lid: "ordinary",
    massKg: [0.6, 0.15],
    soldL: [8, 10, 12, 16, 20],
    soldQt: [8, 12, 16, 20],
  },
  braiser: {
    name: "Wide braiser",
    kind: "pot",
    lengthToWidth: 1,
    heightToWidth: 0.29,
    floorToRim: 0.97,
    fillShare: 0.85,
    body: "iron",
    lid: "heavy",
    massKg: [2.2, 0.5],
    soldL: [3.5, 5, 7],
    soldQt: [3.5, 5, 7],
  },
  casserole: {
    name: "Casserole",
    kind: "casserole",
    lengthToWidth: 1,
    heightToWidth: 0.46,
    floorToRim: 0.93,
    fillShare: 0.85,
    body: "iron",
    lid: "heavy",
    massKg: [2, 0.6],
    soldL: [3.5, 4.5, 6, 8],
    soldQt: [3.5, 5, 7],
  },
  ovalCasserole: {
    name: "Oval casserole",
    kind: "casserole",
    lengthToWidth: 1.3,
    heightToWidth: 0.46,
    floorToRim: 0.9,
    fillShare: 0.85,
    body: "iron",
    lid: "heavy",
    massKg: [2, 0.65],
    soldL: [4.5, 6, 8],
    soldQt: [5, 7, 9],
  },
  pan: {
    name: "Sauté pan",
    kind: "pan",
    lengthToWidth: 1,
    heightToWidth: 0.27,
    floorToRim: 1,
    fillShare: 0.85,
    body: "steel",
    lid: "ordinary",
    massKg: [0.8, 0.4],
    soldL: [3, 4.5],
    soldQt: [3, 5],
  },
  slowCooker: {
    name: "Slow cooker",
    kind: "slowCooker",
    lengthToWidth: 1.26,
    heightToWidth: 0.54,
    floorToRim: 0.88,
    fillShare: 0.85,
    body: "ceramic",
    lid: "ordinary",
    massKg: [1, 0.45],
    soldL: [3.5, 4.7, 6.5],
    soldQt: [4, 6, 8],
  },
  pressureCooker: {
    name: "Pressure cooker",
    kind: "pressureCooker",
    lengthToWidth: 1,
    heightToWidth: 0.75,
    floorToRim: 1,
    fillShare: 0.66,
    body: "steel",
    lid: "heavy",
    massKg: [1, 0.25],
    pressure: USUAL_PRESSURE.stovetop,
    soldL: [4.5, 6, 8],
    soldQt: [4, 6, 8],
  },
  electricPressure: {
    name: "Electric pressure cooker",
    kind: "pressureCooker",
    lengthToWidth: 1,
    heightToWidth: 0.7,
    floorToRim: 1,
    fillShare: 0.66,
    body: "steel",
    lid: "heavy",
    massKg: [0.4, 0.12],
    pressure: USUAL_PRESSURE.electric,
    soldL: [3, 5.7, 8],
    soldQt: [3, 6, 8],
  },
};

/** The sizes a form is sold in, L, where kitchens measure so. */
export const soldSizesL = (form: VesselForm, measures: "metric" | "us"): readonly number[] =>
  measures === "us" ? FORMS[form].soldQt.map((qt) => qt * US_QUART_L) : FORMS[form].soldL;

/**
 * The inner measures of a usual pot by the size that is marked on it, taken to its rim: the form's
 * proportions at that capacity; where it was measured across (an oval one along), as high as that takes.
 * @param markedL 0.2 to 200 L
 * @param acrossM 0.08 to 1 m
 * @throws Problem `range`
 * @example capacityL(shapeOfForm("slowCooker", 6.5)) // 6.5
 */
export function shapeOfForm(form: VesselForm, markedL: number, acrossM?: number): VesselShape {
  requireWithin("capacityL", markedL, 0.2, 200, "L");
  const { lengthToWidth, heightToWidth, floorToRim } = FORMS[form];
  const ofWidth = (widthM: number): VesselShape => ({
    shape: lengthToWidth === 1 ? "round" : "oval",
    bottomM: [lengthToWidth * floorToRim * widthM, floorToRim * widthM],
    topM: [lengthToWidth * widthM, widthM],
    heightM: heightToWidth * widthM,
  });
  if (acrossM === undefined) return ofWidth(powerOf(markedL / capacityL(ofWidth(1)), 1 / 3));
  requireWithin("acrossM", acrossM, 0.08, 1, "m");
  return asHighAsHolds(ofWidth(acrossM / lengthToWidth), markedL, acrossM);
}

/**
 * A usual pot as it stands in the kitchen, by its marked size; its measures can be put right later.
 * @throws Problem `range`
 */
export function vesselOfForm(
  form: VesselForm,
  id: string,
  markedL: number,
  acrossM?: number,
): Vessel {
  const { name, kind, fillShare, body, lid, massKg, pressure } = FORMS[form];
  const [bareKg, kgPerL] = massKg;
  return {
    id,
    name,
    kind,
    ...shapeOfForm(form, markedL, acrossM),
    fillShare,
    massKg: Math.round((bareKg + kgPerL * markedL) * 10) / 10,
    body,
    lid,
    ...(pressure === undefined ? {} : { pressure }),
  };
}
