import { capital } from "../units/capital";
import { aboutC, exactC, say } from "../units/said";
import { Problem } from "../units/problem";
import { airPressureKPa } from "../water/altitude";
import { latentHeatKJKg } from "../water/properties";
import { ROOM_C } from "./constants";
import { warmingFluxKgM2H } from "./hob";

export interface ComeUp {
  /** Σ m·c of water, solids and vessel, kJ/K. */
  readonly heatCapacityKJK: number;
  readonly fromC: number;
  readonly toC: number;
  /** Heat into the pot, W. */
  readonly netW: number;
  /** U·A of the outer wall, W/K. */
  readonly lossWK: number;
  readonly freeSurfaceM2: number;
  /** Lid factor, 0–1. */
  readonly lidFactor: number;
  readonly altitudeM: number;
  readonly roomC?: number;
}

/**
 * Rate of warming, K/s: (ηP − U·A·(T − T_room) − E)/Σmc.
 */
function warmingRateKS(pot: ComeUp, tempC: number, airKPa: number): number {
  const fluxKgS = (warmingFluxKgM2H(tempC, airKPa) * pot.freeSurfaceM2 * pot.lidFactor) / 3600;
  const steamW = fluxKgS * latentHeatKJKg(tempC) * 1000;
  const lossW = pot.lossWK * (tempC - (pot.roomC ?? ROOM_C.value));
  return (pot.netW - lossW - steamW) / (pot.heatCapacityKJK * 1000);
}

/**
 * Minutes from fromC to toC on a ring at full power, by the midpoint rule in steps of 10 s.
 * @throws Problem `ringTooWeak` when less than 2 % of the ring's heat is left over before toC;
 * its value is the temperature at which it is stuck.
 */
export function comeUpMin(pot: ComeUp): number {
  const airKPa = airPressureKPa(pot.altitudeM);
  const stepS = 10;
  let tempC = pot.fromC;
  for (let s = 0; tempC < pot.toC; s += stepS) {
    const rate = warmingRateKS(pot, tempC, airKPa);
    if (rate * pot.heatCapacityKJK * 1000 < 0.02 * pot.netW) throw ringTooWeak(tempC, pot.toC);
    const middle = warmingRateKS(pot, tempC + (rate * stepS) / 2, airKPa);
    const next = tempC + middle * stepS;
    if (next >= pot.toC) return (s + (stepS * (pot.toC - tempC)) / (next - tempC)) / 60;
    tempC = next;
  }
  return 0;
}

/** The problem that a ring, or a cooker's own heat, cannot bring the pot to toC: it stands still at stuckC. */
export function ringTooWeak(
  stuckC: number,
  toC: number,
  { isOnRing = true, hasLid = true } = {},
): Problem {
  const ways = [
    ...(hasLid ? ["put the lid on"] : []),
    ...(isOnRing ? ["use a stronger ring"] : []),
  ];
  const before = ways.length === 0 ? "" : `${ways.join(", ")}, or `;
  return new Problem(
    "ringTooWeak",
    "ring",
    stuckC,
    say`${isOnRing ? "This ring" : "This cooker"} cannot bring the pot to ${exactC(toC)}: it stands still at about ${aboutC(stuckC)}. ${capital(`${before}cook less at once`)}.`,
  );
}

/**
 * Heat needed to hold a simmer, W: what leaves as steam and through the wall.
 */
export function holdingW(
  fluxKgM2H: number,
  freeSurfaceM2: number,
  lossWK: number,
  tempC: number,
  roomC: number = ROOM_C.value,
): number {
  return (
    ((fluxKgM2H * freeSurfaceM2) / 3600) * latentHeatKJKg(tempC) * 1000 + lossWK * (tempC - roomC)
  );
}
