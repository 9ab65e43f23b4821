import { HOLD_MIN } from "../units/limits";
import type { Heat, Method } from "../heats/heat-schema";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { isInOven } from "../heats/heat";
import { targetOf } from "../doneness/targets-of";
import type { PieceShape } from "../heat/piece-schema";
import { ingredientById } from "../ingredient/catalogue";
import type { Kitchen } from "../simulate/kitchen-schema";
import { PlanSchema, type Plan, type Stop } from "../simulate/plan-schema";
import { kitchenEstimate } from "../units/constant";
import { Problem } from "../units/problem";
import { readQuantity } from "../units/read-quantity";
import { readSpans } from "../units/read-span";
import { usualHeat, vesselFor } from "./targets";
import { kilos, litres, metres, ovenC, say, type Said } from "../units/said";
import { called } from "../vessel/called";

/** A dish as it is written somewhere: what is said, and nothing more. */
export interface WrittenDish {
  readonly id: string;
  readonly ingredientId: string;
  /** As written: "2 h 30", "2–3 hours", "until tender", "low and slow". */
  readonly time: string;
  readonly method: Method | null;
  readonly heat?: Heat;
  readonly massKg?: number;
  readonly piece?: PieceShape;
  readonly waterL?: number;
  readonly vesselId?: string;
}

/** A fact that was not written and is taken as usual; each can be changed. */
export interface Assumption {
  readonly of: "mass" | "piece" | "water" | "vessel" | "heat" | "time";
  readonly text: Said;
}

const USUAL_KG = 1.2;
/** Dry pulses: what a pot takes, and water enough that they swell and swim, L a kilo. */
const USUAL_PULSE_KG = 0.5;
const PULSE_WATER = kitchenEstimate(
  "water for dry pulses",
  4,
  "L/kg",
  "they take up 1.5 and swim in the rest",
);
const USUAL_CUBE_M = 0.04;
const LOW_AND_SLOW_C = 120;
const LOW_AND_SLOW = /low\s*(and|&|\+)\s*slow/i;
const UNTIL_TENDER = /tender|soft|done|falls? apart/i;
/** What may stand beside a time without changing it. */
const FILLER =
  /^[\s,.~]*(?:(?:for|about|around|approx\.?|approximately|ca\.?|some|in all|total|simmer|cook|then)\b[\s,.]*)*$/i;

/**
 * A written time: a stop, or the stop "until tender" where the words say so. A range is taken at its
 * middle; its unit may stand at the end alone.
 * @throws Problem `unreadable`
 * @example readWrittenTime("2–3 hours") // { by: "time", holdMin: 150 }
 */
export function readWrittenTime(text: string): Stop {
  const words = text.trim();
  if (words === "" || UNTIL_TENDER.test(words) || LOW_AND_SLOW.test(words)) return { by: "tender" };
  const spans = readSpans(words);
  const beside = spans.reduceRight((rest, x) => rest.slice(0, x.at) + rest.slice(x.end), words);
  const span = spans.length === 1 && FILLER.test(beside) ? spans[0] : undefined;
  const holdMin = span === undefined ? bareMinutes(words) : (span.fromMin + span.toMin) / 2;
  if (!(holdMin >= HOLD_MIN.least && holdMin <= HOLD_MIN.most))
    throw new Problem(
      "range",
      "time",
      holdMin,
      `${words} is out of range: from 1 min to two days.`,
    );
  return { by: "time", holdMin };
}

/** A time without a unit, or in one that only a field knows. @throws Problem `unreadable` */
function bareMinutes(words: string): number {
  const reading = readQuantity(words, { dimension: "time", bareUnit: "min" });
  if (reading.kind !== "one")
    throw new Problem("unreadable", "time", words, `"${words}" is not a time. Try 2 h 30.`);
  return reading.quantity.value;
}

/**
 * A whole plan from a dish that says little. What is missing is taken as usual in this kitchen, and said.
 * @throws Problem `unreadable`, `range` for its time; `notReachable` where the kitchen has no vessel for it
 */
export function assumedPlan(
  written: WrittenDish,
  kitchen: Kitchen,
): { readonly plan: Plan; readonly assumptions: readonly Assumption[] } {
  const assumptions: Assumption[] = [];
  const assume = (of: Assumption["of"], text: Said) => assumptions.push({ of, text });
  const stop = readWrittenTime(written.time);
  const { name, group, uptakeLKg } = ingredientById(written.ingredientId);
  const isSlow = LOW_AND_SLOW.test(written.time);
  const method = written.method ?? "oven";
  const usual = usualHeat(method, kitchen);
  const heat: Heat | null =
    written.heat ??
    (isSlow && usual !== null && isInOven(usual) ? { ...usual, ovenC: LOW_AND_SLOW_C } : usual);
  const isPulse = group === "pulse" && uptakeLKg !== undefined;
  // Skinless and small ones are not soaked.
  const isSoaked = isPulse && targetOf(written.ingredientId)?.id.endsWith("Soaked") === true;
  const massKg = written.massKg ?? (isPulse ? USUAL_PULSE_KG : USUAL_KG);
  const vesselId =
    written.vesselId ?? vesselFor(method, kitchen, massKg * 2.2, kitchen.vessels[0]?.id ?? "")?.id;
  const ringId = [...kitchen.rings].sort((a, b) => b.powerW - a.powerW)[0]?.id;
  if (heat === null || vesselId === undefined || ringId === undefined)
    throw new Problem(
      "notReachable",
      "vesselId",
      method,
      "This kitchen has no pot or ring for it yet. Set up the kitchen first.",
    );
  if (written.method === null)
    assume(
      "heat",
      isSlow ? say`low oven, ${ovenC(LOW_AND_SLOW_C)}, covered` : say`oven, ${ovenC(150)}, covered`,
    );
  else if (written.heat === undefined) assume("heat", USUAL_WORDS[method]);
  if (stop.by === "tender") {
    const target = targetOf(written.ingredientId);
    if (target !== null) assume("time", `until it is right for ${target.name}`);
  }
  if (written.massKg === undefined)
    assume(
      "mass",
      isPulse
        ? say`${kilos(massKg)} dry${isSoaked ? ", soaked overnight" : ""}`
        : say`${kilos(massKg)}`,
    );
  const isPieces = group === "meat";
  if (written.piece === undefined && isPieces) assume("piece", say`${metres(USUAL_CUBE_M)} dice`);
  if (written.waterL === undefined)
    assume(
      "water",
      isPulse ? say`${litres(PULSE_WATER.value * massKg)} of water` : "liquid to cover",
    );
  if (written.vesselId === undefined)
    assume("vessel", `in ${called(kitchen.vessels.find((v) => v.id === vesselId)?.name ?? "pot")}`);
  const piece =
    written.piece ??
    (isPieces
      ? { kind: "brick" as const, sizeM: [USUAL_CUBE_M, USUAL_CUBE_M, USUAL_CUBE_M] as const }
      : undefined);
  return {
    plan: PlanSchema.parse({
      schemaVersion: SCHEMA_VERSION,
      id: written.id,
      name,
      vesselId,
      ringId,
      items: [
        {
          id: "main",
          ingredientId: written.ingredientId,
          massKg,
          when: { at: "start" },
          ...(piece === undefined ? {} : { piece }),
          ...(isSoaked ? { work: [{ kind: "soak" as const }] } : {}),
        },
      ],
      water:
        written.waterL === undefined && !isPulse
          ? { by: "cover" }
          : { by: "amount", volumeL: written.waterL ?? PULSE_WATER.value * massKg },
      heat,
      stop,
      strain: { when: "atOnce", pressed: false, clothPasses: 0 },
    }),
    assumptions,
  };
}

const USUAL_WORDS: Record<Method, Said> = {
  hob: "gentle simmer, lid ajar",
  oven: say`${ovenC(150)}, covered, in hot`,
  slowCooker: "on LOW, cold liquid",
  pressure: "high pressure, natural release",
};
