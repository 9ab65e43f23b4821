import type { PotToChill } from "../cool/chill-choices";
import { TRAYS, type CoolingContainer } from "../cool/container";
import type { CoolingFacts } from "../cool/cooling";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { StoreContainer } from "../vessel/store-container";
import type { Vessel } from "../vessel/vessel-schema";
import { airPressureKPa } from "../water/altitude";
import { chillNow, type ChillNow } from "../cool/chill-live";
import { remedyFor, type CodeOfCooling, type Remedy } from "../cool/codes";
import type { Chill } from "./batch-schema";
import type { Chilling, Cook } from "./fold";

/** After so long it is cold, or has to be thrown away. */
const PAST_CHILLING_MS = 24 * 60 * 60_000;

/** A vessel as something to cool in: straight, by the middle of its walls. */
const asContainer = ({ id, name, shape, bottomM, topM, heightM }: Vessel): CoolingContainer => ({
  id,
  name,
  shape: shape === "rectangular" ? "rectangular" : "round",
  lengthM: (bottomM[0] + topM[0]) / 2,
  widthM: (bottomM[1] + topM[1]) / 2,
  heightM,
  isPlastic: false,
});

/** What portions are kept in, as something to cool in, where its height is known: as wide as it is long. */
function storeAsContainer(store: StoreContainer): readonly CoolingContainer[] {
  const { id, name, kind, capacityL, heightM } = store;
  if (heightM === undefined || kind === "bag" || kind === "mould") return [];
  const isRound = kind === "jar" || kind === "shoulderJar";
  const floorM2 = capacityL / 1000 / heightM;
  const sideM = Math.sqrt(isRound ? (floorM2 * 4) / Math.PI : floorM2);
  return [
    {
      id,
      name,
      shape: isRound ? "round" : "rectangular",
      lengthM: sideM,
      widthM: sideM,
      heightM,
      isPlastic: kind === "tub",
    },
  ];
}

/** What this kitchen can chill in: every vessel that is no cooker of its own, its trays, tubs and jars, and usual trays. */
export const containersOf = (kitchen: Kitchen): readonly CoolingContainer[] => [
  ...kitchen.vessels
    .filter((v) => v.kind === "pot" || v.kind === "casserole" || v.kind === "pan")
    .map(asContainer),
  ...kitchen.containers.flatMap(storeAsContainer),
  ...TRAYS,
];

/** What is round a pot in this kitchen. */
export const potToChill = (kitchen: Kitchen, fromC: number, isThick: boolean): PotToChill => ({
  fromC,
  isThick,
  roomC: kitchen.roomC,
  waterC: kitchen.waterC,
  airKPa: airPressureKPa(kitchen.altitudeM),
});

/** A chilling as it was begun, to be reckoned; null where what it stands in is not there any more. */
export function coolingOf(chill: Chill, kitchen: Kitchen): CoolingFacts | null {
  const container = containersOf(kitchen).find((c) => c.id === chill.containerId);
  return container === undefined
    ? null
    : {
        ...potToChill(kitchen, chill.fromC, chill.isThick),
        container,
        massKg: chill.massKg / chill.count,
      };
}

/** A chilling as its readings have it now, with what a missed gate asks for. Times in min since it began. */
export interface ChillingNow extends ChillNow {
  readonly facts: CoolingFacts;
  readonly nowMin: number;
  readonly readings: readonly { readonly tMin: number; readonly tempC: number }[];
  readonly remedy: Remedy | null;
}

/** How a chilling stands against a code; null where what it stands in is not there any more. */
export function chillingNow(
  chilling: Chilling,
  kitchen: Kitchen,
  code: CodeOfCooling,
  nowMs: number,
): ChillingNow | null {
  const facts = coolingOf(chilling.chill, kitchen);
  if (facts === null) return null;
  const minOf = (ms: number) => (ms - chilling.beganMs) / 60_000;
  const readings = chilling.readings.map((r) => ({ tMin: minOf(r.atMs), tempC: r.tempC }));
  const nowMin = minOf(nowMs);
  const now = chillNow(facts, chilling.chill.stages, readings, code.gates, nowMin);
  const missed = now.gates.filter((g) => g.state === "failed").map((g) => g.gate);
  return { ...now, facts, nowMin, readings, remedy: remedyFor(missed, chilling.wasReheated) };
}

/** Chilled by the clock, all through. */
export const isChilled = ({ chilling }: Cook): boolean => (chilling?.endedMs ?? null) !== null;

/** True until it is chilled; what was logged without it is past chilling after a day. */
export const isStillToChill = (cook: Cook, nowMs: number): boolean =>
  !isChilled(cook) &&
  (cook.stage !== "done" || nowMs - (cook.strainedMs ?? nowMs) <= PAST_CHILLING_MS);
