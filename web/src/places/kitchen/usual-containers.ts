import { StoreContainerSchema, type StoreContainer } from "@kettlos/core/vessel/store-container";
import { newId } from "../../data/new-id";

/** What many kitchens keep portions in, to begin a list with; measures are changed to one's own. */
const USUAL = [
  { name: "Half-litre jar", kind: "jar", capacityL: 0.55, heightM: 0.11 },
  { name: "Litre jar", kind: "shoulderJar", capacityL: 1.05, heightM: 0.19, shoulderL: 0.82 },
  { name: "Mould of six", kind: "mould", capacityL: 0.125, cups: 6, have: 1 },
  { name: "Shallow tray", kind: "tray", capacityL: 5, heightM: 0.06 },
  { name: "Tub", kind: "tub", capacityL: 1, heightM: 0.1 },
  { name: "Flat bag", kind: "bag", capacityL: 1 },
] as const;

export const usualContainers = (): readonly StoreContainer[] =>
  USUAL.map((c) => StoreContainerSchema.parse({ id: newId(), ...c }));
