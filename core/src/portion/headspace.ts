import { metres, say, type Said } from "../units/said";
import { kitchenEstimate, physics, published } from "../units/constant";
import type { StoreContainer, StoreKind } from "../vessel/store-container";

/** Headspace of moulds, trays and bags that are frozen. */
const OPEN_HEADSPACE = published(
  "headspace in moulds",
  0.1,
  "1",
  "water swells by a tenth as it freezes",
);
/** Where nothing freezes: room for the lid. */
const LID_ROOM = kitchenEstimate("room under a lid", 0.05, "1", "so that it does not spill");
/** Ice takes this much more room than the water it was. */
export const ICE_GROWS = physics(
  "how much water grows as it freezes",
  0.09,
  "1",
  "917 to 1000 kg/m³",
);

const HALF_L = 0.5;
const FULL_L = 1;
const inch = (m: number) =>
  published("headspace in jars", m, "m", "US guidance for freezing in jars");
/** At half a litre and at a whole one; between them in proportion, beyond them the same. */
const JAR_HEADSPACE = {
  straight: [inch(0.013), inch(0.025)],
  shoulder: [inch(0.019), inch(0.038)],
};

/** How far under the rim a jar is filled that is frozen, m. */
export function headspaceM(kind: "jar" | "shoulderJar" | "tub", capacityL: number): number {
  const [half, full] = JAR_HEADSPACE[kind === "shoulderJar" ? "shoulder" : "straight"];
  const share = Math.min(1, Math.max(0, (capacityL - HALF_L) / (FULL_L - HALF_L)));
  return (half?.value ?? 0) + share * ((full?.value ?? 0) - (half?.value ?? 0));
}

/** How full a container may be, and by what. */
export interface Fill {
  readonly eachL: number;
  /** Under the rim, m; null for what has no height. */
  readonly headspaceM: number | null;
  readonly rule: Said;
}

const isTall = (kind: StoreKind): kind is "jar" | "shoulderJar" | "tub" =>
  kind === "jar" || kind === "shoulderJar" || kind === "tub";

/**
 * What one cup or container takes, L. Frozen: moulds, trays and bags to nine tenths; jars and tubs by
 * the headspace under the rim, those with a shoulder never above it, and none fuller than ice has room
 * to grow. A neck is narrower than the body, so that a jar with a shoulder gets a little less than it might.
 */
export function fillOf(container: StoreContainer, isFrozen: boolean): Fill {
  const { kind, capacityL, heightM, shoulderL } = container;
  if (!isFrozen)
    return {
      eachL: capacityL * (1 - LID_ROOM.value),
      headspaceM: heightM === undefined ? null : heightM * LID_ROOM.value,
      rule: "a finger under the lid",
    };
  if (!isTall(kind) || heightM === undefined)
    return {
      eachL: capacityL * (1 - OPEN_HEADSPACE.value),
      headspaceM: null,
      rule: kind === "bag" ? "a tenth left empty, air pressed out, laid flat" : "to nine tenths",
    };
  const wantedM = headspaceM(kind, capacityL);
  const byRimL = capacityL * Math.max(0, 1 - wantedM / heightM);
  const byIceL = capacityL / (1 + ICE_GROWS.value);
  const eachL = Math.min(byRimL, byIceL, shoulderL ?? Infinity);
  return {
    eachL,
    headspaceM: heightM * (1 - eachL / capacityL),
    rule:
      kind === "shoulderJar" && eachL === shoulderL
        ? "below the shoulder, never above it"
        : say`${metres(wantedM)} under the rim`,
  };
}

/** So many cups or containers filled, with what is over. */
export interface Filled {
  readonly count: number;
  readonly eachL: number;
  readonly remainderL: number;
  /** How often the moulds this kitchen has are filled; 1 where there are enough. */
  readonly rounds: number;
}

/** A volume into one kind of container: as many as come full, or fewer if fewer are wanted. */
export function filled(
  volumeL: number,
  container: StoreContainer,
  isFrozen: boolean,
  atMost = Infinity,
): Filled {
  const { eachL } = fillOf(container, isFrozen);
  const count = Math.min(Math.floor(atMost), Math.floor(volumeL / eachL + 1e-9));
  const atOnce = container.have === null ? Infinity : container.have * container.cups;
  return {
    count,
    eachL,
    remainderL: Math.max(0, volumeL - count * eachL),
    rounds: atOnce > 0 ? Math.max(1, Math.ceil(count / atOnce - 1e-9)) : Infinity,
  };
}

/** Room taken in a freezer by what is filled, against its own volume. */
const PACKED = kitchenEstimate(
  "room that packed containers take",
  1.3,
  "×",
  "lids, walls and gaps",
);
/** Room that so many litres take once packed, L. */
export const roomL = (litres: number): number => litres * PACKED.value;
