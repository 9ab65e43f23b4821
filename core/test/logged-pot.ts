import { resolve } from "../src/simulate/set-pot";
import { SCHEMA_VERSION } from "../src/simulate/schema-version";
import type { Batch } from "../src/batch/batch-schema";
import { fold } from "../src/batch/fold";
import type { LoggedPot } from "../src/learn/from-pot";
import { EXPECTED } from "../src/simulate/parameters";
import type { Plan } from "../src/simulate/plan-schema";
import { simulate } from "../src/simulate/simulate";
import { pointAt } from "../src/simulate/point-at";
import { coldWaterKg, waterL } from "../src/simulate/stated-water";
import { happened } from "./events";
import { testKitchen, testPlan } from "./kitchen";

const kitchen = testKitchen();
const written = testPlan({});
/** A stock on the ring, five hours. */
export const loggedPlan = testPlan({
  // What goes in late is in once it is tapped in, which nobody does here.
  items: written.items.filter((i) => i.when.at === "start"),
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
  stop: { by: "time", holdMin: 300 },
  water: { by: "amount", volumeL: 5 },
});
export const LIT = Date.parse("2026-03-18T08:00:00Z");
const waterKg = coldWaterKg(waterL(resolve(loggedPlan, kitchen)), kitchen);

export interface How {
  readonly steam?: number;
  /** How much juice comes, against the usual. */
  readonly freed?: number;
  /** What is cooked, where it is not the stock. */
  readonly cooks?: Plan;
  readonly ring?: number;
  readonly dips?: readonly number[];
  readonly isMeasured?: boolean;
  readonly more?: readonly object[];
  readonly plan?: Plan;
  /** Water that goes in, and what is left in the pot with the grit, L. */
  readonly waterL?: number;
  readonly leftL?: number;
  readonly batch?: Partial<Batch>;
}
/** A pot as it went: its true steam and ring, the dips at shares of its hold, and what came through. */
export function cooked({
  steam = 1,
  ring = 1,
  freed = 1,
  cooks = loggedPlan,
  dips = [0.3, 0.8],
  isMeasured = true,
  more = [],
  leftL = 0,
  ...how
}: How): LoggedPot {
  const trace = simulate(resolve(cooks, kitchen), {
    waterKg: how.waterL === undefined ? waterKg : coldWaterKg(how.waterL, kitchen),
    parameters: { ...EXPECTED, evaporation: steam, efficiency: ring, freed },
  });
  const at = (min: number) => Math.round(LIT + min * 60_000);
  const offMin = trace.toSimmerMin + trace.holdMin;
  const cook = fold(
    happened(
      { kind: "lit", atMs: at(0) },
      { kind: "boils", atMs: at(trace.comeUpMin) },
      { kind: "simmers", atMs: at(trace.toSimmerMin) },
      ...more,
      ...dips.map((share) => {
        const min = trace.toSimmerMin + share * trace.holdMin;
        return {
          kind: "read",
          atMs: at(min),
          reading: { form: "liquidDepth", value: pointAt(trace, min).depthM },
        };
      }),
      { kind: "offHeat", atMs: at(offMin) },
      ...(isMeasured
        ? [
            {
              kind: "strained",
              atMs: at(offMin + 10),
              measured: {
                volumeL: Math.max(0, trace.strained.volumeL - leftL),
                ...(leftL > 0 ? { leftL } : {}),
                passes: 1,
                clothPasses: 0,
                pressed: false,
                tempC: 15,
              },
            },
          ]
        : []),
    ),
  );
  const batch: Batch = {
    schemaVersion: SCHEMA_VERSION,
    id: "b",
    createdMs: LIT,
    plan: how.plan ?? cooks,
    kitchen,
    ...how.batch,
  };
  return { batch, cook };
}
