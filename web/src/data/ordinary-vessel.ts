import type { Vessel, VesselShape } from "@kettlos/core/vessel/vessel-schema";
import { capacityL } from "@kettlos/core/vessel/volume";
import { newId } from "./new-id";

/** A pot of which only the size is known: enamelled steel, about 0.2 kg a litre, ordinary lid. */
export const ordinaryVessel = (name: string, shape: VesselShape): Vessel => ({
  id: newId(),
  name,
  kind: "pot",
  ...shape,
  fillShare: 0.85,
  massKg: Math.round((0.6 + 0.15 * capacityL(shape)) * 10) / 10,
  body: "enamel",
  lid: "ordinary",
});
