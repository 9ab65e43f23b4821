/** What stock stands in while it cools: a straight vessel. Lengths in m. */
export interface CoolingContainer {
  readonly id: string;
  readonly name: string;
  readonly shape: "round" | "rectangular";
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly isPlastic: boolean;
  /** How many of it the kitchen has; null where nobody said. */
  readonly have: number | null;
  /** A pot or pan: what is in it is not divided over several. */
  readonly isVessel: boolean;
}

/** Trays and tubs that every kitchen knows, beside its own pots. */
export const TRAYS: readonly CoolingContainer[] = [
  tray("trayShallow", "Shallow tray", 0.32, 0.26, 0.065, false),
  tray("trayDeep", "Deep tray", 0.53, 0.32, 0.1, false),
  tray("tub", "Plastic tub", 0.2, 0.14, 0.12, true),
];

function tray(
  id: string,
  name: string,
  lengthM: number,
  widthM: number,
  heightM: number,
  isPlastic: boolean,
): CoolingContainer {
  return {
    id,
    name,
    shape: "rectangular",
    lengthM,
    widthM,
    heightM,
    isPlastic,
    have: null,
    isVessel: false,
  };
}

/** Floor, m². */
export const floorM2 = ({ shape, lengthM, widthM }: CoolingContainer): number =>
  shape === "round" ? (Math.PI * lengthM * widthM) / 4 : lengthM * widthM;

/** Wall up to a depth, m². */
export const wallM2 = (container: CoolingContainer, depthM: number): number =>
  container.shape === "round"
    ? Math.PI * ((container.lengthM + container.widthM) / 2) * depthM
    : 2 * (container.lengthM + container.widthM) * depthM;

/** What it holds to nine tenths of its height, L. */
export const holdsL = (container: CoolingContainer): number =>
  floorM2(container) * container.heightM * 0.9 * 1000;
