import { TRAYS, type CoolingContainer } from "../cool/container";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { StoreContainer } from "../vessel/store-container";
import type { Vessel } from "../vessel/vessel-schema";

/** A vessel as something to cool in: straight, by the middle of its walls. */
const asContainer = ({ id, name, shape, bottomM, topM, heightM }: Vessel): CoolingContainer => ({
  id,
  name,
  shape: shape === "rectangular" ? "rectangular" : "round",
  lengthM: (bottomM[0] + topM[0]) / 2,
  widthM: (bottomM[1] + topM[1]) / 2,
  heightM,
  isPlastic: false,
  have: 1,
  isVessel: true,
});

/** What portions are kept in, as something to cool in, where its height is known: as wide as it is long. */
function storeAsContainer(store: StoreContainer): readonly CoolingContainer[] {
  const { id, name, kind, capacityL, heightM, have } = store;
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
      have,
      isVessel: false,
    },
  ];
}

/** One that something was put to chill in, also where it is not offered any more. */
export const containerOf = (kitchen: Kitchen, id: string): CoolingContainer | null =>
  [...containersOf(kitchen), ...TRAYS].find((c) => c.id === id) ?? null;

/**
 * What this kitchen can chill in: every vessel that is no cooker of its own, its trays, tubs and jars, and
 * usual trays where nobody said which ones there are.
 */
export const containersOf = (kitchen: Kitchen): readonly CoolingContainer[] => [
  ...kitchen.vessels
    .filter((v) => v.kind === "pot" || v.kind === "casserole" || v.kind === "pan")
    .map(asContainer),
  ...kitchen.containers.flatMap(storeAsContainer),
  ...(kitchen.containers.some((c) => c.kind === "tray" && c.heightM !== undefined) ? [] : TRAYS),
];
