import { exp } from "../units/same-math";
import { resolve } from "../simulate/set-pot";
import { HEATS, suits } from "../heats/heat";
import { reductionMin } from "../liquid/reduction";
import { SIMMER_FLUX_KG_M2_H } from "../liquid/constants";
import type { Kitchen } from "../simulate/kitchen-schema";
import { steamHere } from "../simulate/learned";
import { vesselOf } from "../simulate/references";
import { kilos, litres, say, type Said } from "../units/said";
import { outcomeOf } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL, vesselAreaM2 } from "../vessel/volume";
import { simmerC } from "../heat/hob";
import type { Conversion } from "./convert";
import { CROCK_USUAL_LEAST, CROCK_USUAL_MOST } from "./limits";
import { BODIES, bodyOf, THICKENERS, thickenWithG } from "../seasoning/thickness";
import { flourGLOf } from "../simulate/binding";
import { called } from "../vessel/called";

/** One way out of a limit, in figures. */
export interface Remedy {
  readonly kind:
    "reduce" | "thicken" | "ladleOff" | "holdBack" | "loads" | "otherPot" | "turn" | "shorter";
  readonly text: Said;
  readonly minutes?: number;
  readonly volumeL?: number;
  readonly massG?: number;
}

/** A limit that binds on a heat, and the ways out of it. */
export interface Limit {
  readonly id: "leastLiquid" | "thin" | "full" | "loads" | "fillLow" | "bare";
  readonly severity: "caution" | "note";
  readonly text: Said;
  readonly remedies: readonly Remedy[];
}

const GRAVY_G_L = BODIES.find((b) => b.id === "gravy")?.from.value ?? 60;
/** Under this the end differs by less than a jug shows, L. */
const NOTICEABLE_L = 0.05;
const COVERED_SHARE = 0.95;
/** How liquid is boiled down. */
const OPEN_SIMMER = { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null } as const;

/** The vessel to reduce in: the conversion's own where it goes on a ring, else the widest that does. */
function reducesIn(own: Vessel, kitchen: Kitchen, litres: number): Vessel | null {
  if (suits(own, "hob")) return own;
  const fits = kitchen.vessels.filter(
    (v) => suits(v, "hob") && capacityL(v) * v.fillShare > litres,
  );
  return (
    fits.sort((a, b) => vesselAreaM2(b, b.heightM / 2) - vesselAreaM2(a, a.heightM / 2))[0] ?? null
  );
}

function tooThin(conversion: Conversion, kitchen: Kitchen): Limit | null {
  const { overL, trace, leastL } = conversion;
  if (overL < NOTICEABLE_L) return null;
  const endL = trace.endLiquidL;
  const wantedL = endL - overL;
  const own = vesselOf(resolve(conversion.plan, kitchen));
  const vessel = reducesIn(own, kitchen, endL);
  const minutes =
    vessel === null
      ? null
      : outcomeOf(() =>
          reductionMin({
            vessel,
            fromL: endL,
            toL: wantedL,
            fluxKgM2H:
              SIMMER_FLUX_KG_M2_H.steady.value *
              exp(steamHere(kitchen, vessel.id, OPEN_SIMMER)?.mean ?? 0),
            tempC: simmerC("steady", kitchen.altitudeM),
          }),
        );
  const reduce: readonly Remedy[] =
    vessel !== null && minutes?.ok === true
      ? [
          {
            kind: "reduce",
            minutes: minutes.value,
            text: `Reduce the liquid ${Math.round(minutes.value)} min at a steady simmer, lid off, in ${called(vessel.name)}`,
          },
        ]
      : [];
  const starch = binding(flourGLOf(conversion.plan, trace), endL, wantedL);
  return {
    id: leastL === null ? "thin" : "leastLiquid",
    severity: "caution",
    text:
      leastL === null
        ? say`Nothing steams off here: it ends ${litres(overL)} over what is wanted, even with no water added.`
        : say`The cooker wants at least ${litres(leastL)} liquid: it ends ${litres(overL)} over what is wanted.`,
    remedies: [
      ...reduce,
      ...starch,
      { kind: "ladleOff", volumeL: overL, text: say`Or ladle ${litres(overL)} off` },
    ],
  };
}

/** Corn starch for as thick as the little liquid would have been; for what binds nothing, as thick as a gravy. */
function binding(nowGL: number, endL: number, wantedL: number): readonly Remedy[] {
  const isBroth = bodyOf(nowGL).id === "broth";
  const toGL = isBroth ? GRAVY_G_L : (nowGL * endL) / wantedL;
  const g = outcomeOf(() => thickenWithG(endL, nowGL, toGL, THICKENERS.cornStarch.k.value));
  if (!g.ok || !Number.isFinite(g.value)) return [];
  const amount = kilos(g.value / 1000);
  return [
    {
      kind: "thicken",
      massG: g.value,
      text: isBroth
        ? say`Or bind it with ${amount} corn starch, if the dish shall be as thick as a stew gravy`
        : say`Or bind it with ${amount} corn starch: then it is as thick as it was to be`,
    },
  ];
}

/** The limits that bind on a converted dish. */
export function limitsOf(conversion: Conversion, kitchen: Kitchen): readonly Limit[] {
  const { plan, trace, loads, heldBackL } = conversion;
  const { method } = plan.heat;
  const limits: Limit[] = [];
  const thin = tooThin(conversion, kitchen);
  if (thin !== null) limits.push(thin);
  if (loads > 1)
    limits.push({
      id: "loads",
      severity: "caution",
      text: `It does not fit at once here: cook it in ${loads} loads. Figures are for one load.`,
      remedies: [{ kind: "loads", text: "Or take a bigger pot" }],
    });
  if (heldBackL > 0)
    limits.push({
      id: "full",
      severity: "caution",
      text: say`It would be too full: hold ${litres(heldBackL)} back and pour it in boiling at the end${HEATS[method].isSealed ? ", after release" : ""}.`,
      remedies: [{ kind: "holdBack", volumeL: heldBackL, text: "Or take a bigger pot" }],
    });
  if (method === "slowCooker") {
    const full = Math.round(trace.fullestShare * 100);
    if (trace.fullestShare > CROCK_USUAL_MOST.value + 0.005)
      limits.push({
        id: "full",
        severity: "note",
        text: `${full} % full: over the usual two thirds, still under three quarters.`,
        remedies: [],
      });
    if (trace.fullestShare < CROCK_USUAL_LEAST.value - 0.005)
      limits.push({
        id: "fillLow",
        severity: "caution",
        text: `Only ${full} % full: it cooks faster and may catch at the wall. Half to two thirds is usual.`,
        remedies: [{ kind: "shorter", text: "Look earlier than planned" }],
      });
  }
  if (!HEATS[method].isSealed && trace.heapTopM > 0) {
    const share = trace.startDepthM / trace.heapTopM;
    if (share < COVERED_SHARE)
      limits.push({
        id: "bare",
        severity: "note",
        text: `The liquid starts ${Math.round(share * 100)} % of the way up.`,
        remedies: [{ kind: "turn", text: "Turn the pieces half-way" }],
      });
  }
  return limits;
}
