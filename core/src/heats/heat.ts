import type { HobHeat } from "./hob-schema";
import type { OvenHeat } from "./oven-schema";
import type { PressureHeat } from "./pressure-schema";
import type { RestHeat } from "./rest-schema";
import type { SlowCookerHeat } from "./slow-cooker-schema";
import type { Heat, HeatOf, Method, StretchHeat } from "./heat-schema";
import type { Vigour } from "../heat/constants";
import type { Lid } from "../vessel/lid";
import type { Vessel } from "../vessel/vessel-schema";
import { HOB } from "./hob";
import { OVEN } from "./oven";
import { PRESSURE } from "./pressure";
import type { HeatRecord, StretchRecord } from "./record";
import { REST } from "./rest";
import { SLOW_COOKER } from "./slow-cooker";

/** Each heat by its method, in the order in which they are offered. */
export const HEATS: { readonly [M in Method]: HeatRecord<HeatOf<M>> } = {
  hob: HOB,
  oven: OVEN,
  slowCooker: SLOW_COOKER,
  pressure: PRESSURE,
};
/** The same, standing off the heat too. */
const STRETCHES: { readonly [M in StretchHeat["method"]]: StretchRecord<HeatOf<M>> } = {
  ...HEATS,
  rest: REST,
};
export const METHODS = Object.keys(HEATS) as readonly Method[];

/** The record of a heat, which then takes that heat. */
export const heatOf = <H extends Heat>({ method }: H): HeatRecord<H> =>
  HEATS[method] as unknown as HeatRecord<H>;
/** The same of a stretch. */
export const stretchOf = <H extends StretchHeat>({ method }: H): StretchRecord<H> =>
  STRETCHES[method] as unknown as StretchRecord<H>;

/** On a ring, where it is seen how it simmers. */
export const isOnRing = (heat: StretchHeat): heat is HobHeat => "vigour" in heat;
export const isInOven = (heat: StretchHeat): heat is OvenHeat => "ovenId" in heat;
/** In a slow cooker, left alone with its lid on. */
export const isSlow = (heat: StretchHeat): heat is SlowCookerHeat => "highFirstMin" in heat;
/** Shut under pressure: nothing goes in or steams off until it is let down. */
export const isSealed = (heat: StretchHeat): heat is PressureHeat => "release" in heat;
/** Off the heat, standing. */
export const isRest = (heat: StretchHeat): heat is RestHeat => !isHeat(heat);
export const isHeat = (heat: StretchHeat): heat is Heat => heat.method in HEATS;
/** With a lid that may be off or ajar, past which it steams. */
export const hasLid = <H extends StretchHeat>(heat: H): heat is Extract<H, { lid: unknown }> =>
  "lid" in heat;

/** Minutes at a rolling boil before it is turned down; null where it does not boil first. */
export const boilFirstMinOf = (heat: StretchHeat): number | null =>
  isOnRing(heat) ? heat.boilFirstMin : null;
/** How it simmers; null where nobody sets that. */
export const vigourOf = (heat: StretchHeat): Vigour | null => (isOnRing(heat) ? heat.vigour : null);
/** Where its lid is; null where that is no matter of choice. */
export const lidOf = (heat: StretchHeat): Lid | null => (hasLid(heat) ? heat.lid : null);
export const isLidOff = (heat: StretchHeat): boolean => lidOf(heat) === "off";

/** True where two are done alike: on one method, and in a slow cooker on one setting. */
export const isSameKind = (a: Heat, b: Heat): boolean => heatOf(a).kind(a) === heatOf(b).kind(b);

/** True where a vessel can be used for a method. */
export const suits = (vessel: Vessel, method: Method): boolean => HEATS[method].suits(vessel);
/** True where a vessel stands in only where nothing else is left: a pressure cooker as a pot. */
export const isSpare = (vessel: Pick<Vessel, "kind">, method: Method): boolean =>
  vessel.kind === "pressureCooker" && !HEATS[method].isSealed;

/** What a recipe says that it is set to; null of no heat too. */
export const setByOf = (method: StretchHeat["method"] | null) =>
  method === null || !(method in HEATS) ? null : HEATS[method as Method].setBy;
