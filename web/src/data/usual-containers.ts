import { StoreContainerSchema, type StoreContainer } from "@kettlos/core/vessel/store-container";
import { newId } from "./new-id";

/** What many kitchens keep portions in, to begin a list with; measures are changed to one's own. */
const COMMON = [
  { name: "Mould of six", kind: "mould", capacityL: 0.125, cups: 6, have: 1 },
  { name: "Shallow tray", kind: "tray", capacityL: 5, heightM: 0.06 },
] as const;
const BY_MEASURES = {
  metric: [
    { name: "Half-litre jar", kind: "jar", capacityL: 0.55, heightM: 0.11 },
    { name: "Litre jar", kind: "shoulderJar", capacityL: 1.05, heightM: 0.19, shoulderL: 0.82 },
    ...COMMON,
    { name: "Tub", kind: "tub", capacityL: 1, heightM: 0.1 },
    { name: "Flat bag", kind: "bag", capacityL: 1 },
  ],
  us: [
    { name: "Pint jar", kind: "jar", capacityL: 0.5, heightM: 0.12 },
    { name: "Quart jar", kind: "shoulderJar", capacityL: 1, heightM: 0.17, shoulderL: 0.8 },
    ...COMMON,
    { name: "Quart tub", kind: "tub", capacityL: 0.95, heightM: 0.1 },
    { name: "Quart bag", kind: "bag", capacityL: 0.95 },
  ],
} as const;

export const usualContainers = (measures: "metric" | "us"): readonly StoreContainer[] =>
  BY_MEASURES[measures].map((c) => StoreContainerSchema.parse({ id: newId(), ...c }));
