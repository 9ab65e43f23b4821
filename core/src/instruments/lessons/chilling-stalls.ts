import { codeOf } from "../../cool/codes";
import { gatesMet, type GateResult } from "../../cool/cooling";
import type { CookEvent } from "../../events/event-schema";
import { asPlanned } from "../../simulate/as-planned";
import type { SetPot } from "../../simulate/set-pot";
import { inWords, ruleC, say, sayAll } from "../../units/said";
import { showDuration } from "../../units/show";
import { MINUTE_MS } from "../../units/time";
import { falling } from "../practice-run";
import { trueChill } from "../true-chill";
import type { Entry, Lesson } from "./lesson";
import { lessonBroth } from "./lesson-plans";

const HOLD_MIN = 150;
/** From off the heat until it is through the sieve and measured. */
const STANDS_MIN = 10;

const COLD = 60;
/** Cold in the end, but hot once more in between. */
const COLD_ANEW = 35;
/** Minutes from the stall to the first thermometer, and to another way: one that is read before it tells nothing. */
const READ = { of: 20, free: 45, half: 30 } as const;
const MOVED = { of: 20, free: 45, half: 30 } as const;

/** The bath goes warm, and nobody sees it from outside. */
export const chillingStalls: Lesson = {
  id: "chillingStalls",
  title: "The chilling that stalls",
  aim: "Chill this broth by your code, and read it in the middle within the first three quarters of an hour. Where it does not fall, chill it another way at once: fresh ice, shallower, more of them.",
  teaches:
    "A bath goes warm and a full fridge stands still, and neither shows it. Only a thermometer in the middle tells, and only early is there time to change anything. What missed its gate has what the code asks for: hot through once more and chilled faster, or thrown away.",
  plan: (kitchen, id) =>
    lessonBroth(kitchen, id, {
      items: [{ id: "neck", ingredientId: "lambNeck", massKg: 2, when: { at: "start" } }],
      water: { by: "amount", volumeL: 4.5 },
      stop: { by: "time", holdMin: HOLD_MIN },
    }),
  begun: toTheSieve,
  isOver: (cook) => (cook.chilling?.endedMs ?? null) !== null || cook.stage === "done",
  score: ({ setPot, cook, pot }) => {
    const { units } = setPot.kitchen;
    const course = trueChill(setPot, pot, cook);
    const changes = cook.events.filter((e) => e.kind === "chillBegun" || e.kind === "chillMoved");
    const firstMs = changes[0]?.atMs ?? 0;
    const gates = course === null ? [] : gatesMet(course.points, codeOf(setPot.kitchen).gates);
    const isCold = gates.length > 0 && gates.every((g) => g.passes);
    const isAnew = cook.chilling?.wasReheated === true;
    const stallsMin = pot.trouble.chillStallsMin ?? 0;
    const minOf = ({ atMs }: CookEvent) => (atMs - firstMs) / MINUTE_MS;
    const read = cook.events.find((e) => e.kind === "chillRead" && minOf(e) >= stallsMin);
    const readMin = read === undefined ? null : minOf(read);
    const movedMin = changes[1] === undefined ? null : minOf(changes[1]);
    const wasNoNeed = isCold && movedMin === null;
    return [
      {
        id: "cold",
        title: "Cold in time",
        points: isCold ? (isAnew ? COLD_ANEW : COLD) : 0,
        of: COLD,
        why: inWords(
          sayAll(gates.length === 0 ? ["It was never chilled."] : gates.map(gateWords), " "),
          units,
        ),
      },
      {
        id: "read",
        title: "Read in time",
        points: readMin === null ? 0 : falling(READ, readMin - stallsMin),
        of: READ.of,
        why:
          readMin === null
            ? "No thermometer was in it once it had stalled."
            : `Read ${showDuration(readMin)} after it was begun.`,
      },
      {
        id: "moved",
        title: "Changed in time",
        points: wasNoNeed
          ? MOVED.of
          : movedMin === null
            ? 0
            : falling(MOVED, Math.max(0, movedMin - stallsMin)),
        of: MOVED.of,
        why: wasNoNeed
          ? "It was cold without it."
          : movedMin === null
            ? "It stood as it was begun until the end."
            : `Chilled another way ${showDuration(movedMin)} after it was begun.`,
      },
    ];
  },
};

const gateWords = ({ gate, tookMin, passes }: GateResult) =>
  tookMin === null
    ? say`It never came to ${ruleC(gate.toC)}.`
    : say`From ${ruleC(gate.fromC)} to ${ruleC(gate.toC)} it took ${showDuration(tookMin)}, ${passes ? "in time" : "too long"}: ${showDuration(gate.withinMin)} are allowed.`;

/** Cooked as it was planned, strained and measured: the lesson begins with what is to be chilled. */
function toTheSieve(setPot: SetPot, litMs: number): readonly Entry[] {
  const { waterL, trace } = asPlanned(setPot);
  const simmerMs = Math.round(litMs + trace.toSimmerMin * MINUTE_MS);
  const offMs = simmerMs + HOLD_MIN * MINUTE_MS;
  return [
    ...setPot.plan.items.map((item): Entry => ({
      kind: "added",
      itemId: item.id,
      massKg: item.massKg,
      atMs: litMs,
    })),
    ...(waterL > 0 ? [{ kind: "waterIn" as const, atMs: litMs }] : []),
    { kind: "lit", atMs: litMs },
    { kind: "simmers", atMs: simmerMs },
    { kind: "offHeat", atMs: offMs },
    {
      kind: "strained",
      atMs: offMs + STANDS_MIN * MINUTE_MS,
      measured: {
        volumeL: Math.round(trace.strained.volumeL * 20) / 20,
        tempC: 15,
        passes: 1,
        clothPasses: 0,
        pressed: false,
      },
    },
  ];
}
