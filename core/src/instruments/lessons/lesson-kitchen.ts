import { usualRings } from "../../heat/usual-hob";
import { vesselOfForm } from "../../heat/vessel-forms";
import { KitchenSchema, type Kitchen } from "../../simulate/kitchen-schema";
import { SCHEMA_VERSION } from "../../simulate/schema-version";

/** A made-up kitchen at sea level to practise in, with the measures and the rule for chilling of the cook's own. */
export function lessonKitchen({
  units,
  coolingCode,
  ownCode,
}: Pick<Kitchen, "units" | "coolingCode" | "ownCode">): Kitchen {
  let n = 0;
  const ringId = () => `ring-${++n}`;
  return KitchenSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    id: "practice",
    name: "Practice kitchen",
    altitudeM: 0,
    units,
    coolingCode,
    ownCode,
    vessels: [
      vesselOfForm("stockpot", "stockpot", 8),
      vesselOfForm("casserole", "casserole", 4.5),
      vesselOfForm("slowCooker", "crock", 6.5),
    ],
    rings: usualRings("gas", 2, units === "us" ? "us" : "metric", ringId),
  });
}
