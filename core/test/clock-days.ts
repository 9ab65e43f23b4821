import type { Day, Goal } from "../src/clock/day";
import { hoursOf, someoneUp } from "../src/clock/hours";
import { about, exactly } from "../src/clock/minutes";
import { blockOf, taskOf, type Block, type Task } from "../src/clock/task";
import { minuteOf, wallClock, type Minute } from "../src/clock/wall-clock";
import type { Hand } from "../src/simulate/hands-schema";
import { seeded, uniform } from "../src/units/random";

const ZONE = "Europe/Berlin";
export const wall = wallClock(ZONE);
export const NOON: Minute = minuteOf(Date.parse("2026-03-06T12:00:00+01:00"));

export const madeTask = (id: string, min: number, more: Partial<Task> = {}): Task =>
  taskOf(id, id, { minutes: about(min), ...more });
/** A block whose kind is what its id ends with. */
export const madeBlock = (id: string, steps: readonly Task[], more: Partial<Block> = {}): Block =>
  blockOf(id, id.endsWith("/serve") ? "serve" : id.endsWith("/fire") ? "fire" : "prep", steps, {
    planIds: [id.split("/")[0] ?? id],
    ...more,
  });

const madeHand = (id: string, more: Partial<Hand> = {}): Hand => ({
  id,
  name: id,
  there: [],
  away: [],
  sleep: { from: "22:00", to: "06:00" },
  ...more,
});

interface MadeDay {
  readonly blocks: readonly Block[];
  readonly goals: readonly Goal[];
  readonly hands?: readonly Hand[];
  readonly now?: Minute;
  readonly days?: number;
}
/** A day of these blocks, in a kitchen with two rings and one oven. */
export function madeDay({
  blocks,
  goals,
  hands = [madeHand("you")],
  now = NOON,
  days = 5,
}: MadeDay): Day {
  const until = now + days * 1440;
  const hours = hands.map((h) => hoursOf(h, { from: now, to: until }, wall));
  return {
    now,
    until,
    hands: hours,
    up: someoneUp(hours),
    loud: [{ from: now, to: until }],
    fridgeL: null,
    overnight: () => [],
    shelves: new Map([["oven", 0.16]]),
    blocks,
    goals,
    pots: new Map(),
    problems: new Map(),
  };
}

/** One pot: work by hand, up to the simmer, the simmer with something put in, and the table. */
function potOf(id: string, random: ReturnType<typeof seeded>, potCount: number): readonly Block[] {
  const between = (low: number, high: number) => Math.round(low + (high - low) * uniform(random));
  const ring = uniform(random) < 0.5 ? ["ring1"] : ["ring1", "ring2"];
  const vesselIds = [`pot ${between(1, potCount)}`];
  const flame = { isFlame: true, ringIds: ring, vesselIds } as const;
  const isAlone = uniform(random) < 0.25;
  const isOven = !isAlone && uniform(random) < 0.3;
  const works = Array.from({ length: between(1, 4) }, (_, i) => {
    const attention = uniform(random) < 0.5 ? "near" : "hands";
    return madeBlock(`${id}/prep/${i}`, [
      madeTask(`${id}/prep/${i}`, between(3, 25), { attention }),
    ]);
  });
  const heldMin = between(30, isAlone ? 600 : 300);
  const up = madeTask(`${id}/up`, between(10, 40), { ...flame, attention: "near" });
  const hold = isAlone
    ? madeTask(`${id}/hold`, heldMin, { attention: "none", vesselIds })
    : isOven
      ? madeTask(`${id}/hold`, heldMin, {
          attention: "eyes",
          vesselIds,
          oven: {
            ovenId: "oven",
            ovenC: uniform(random) < 0.5 ? 150 : 180,
            areaM2: between(5, 12) / 100,
          },
        })
      : madeTask(`${id}/hold`, heldMin, { ...flame, attention: "eyes" });
  const put = { task: madeTask(`${id}/put`, 2, { minutes: exactly(2) }), step: 1, atMin: 20 };
  return [
    ...works,
    madeBlock(`${id}/fire`, [up, hold], {
      meanwhile: [put],
      after: works.map((w) => ({ blockId: w.id, from: "end", leastMin: 0, mostMin: 720 })),
    }),
  ];
}

/** A made-up day from a seed: one or two meals of one to three dishes, one to three hands, so many pots. */
export function drawnKitchenDay(seed: number, potCount = 3): Day {
  const random = seeded(seed);
  const between = (low: number, high: number) => Math.round(low + (high - low) * uniform(random));
  const blocks: Block[] = [];
  const goals: Goal[] = [];
  const meals = between(1, 2);
  for (let m = 0; m < meals; m++) {
    const pots = Array.from({ length: between(1, 3) }, (_, i) =>
      potOf(`m${m}p${i}`, random, potCount),
    );
    blocks.push(...pots.flat());
    const id = `m${m}/serve`;
    blocks.push(
      madeBlock(id, [madeTask(id, 15, { minutes: exactly(15) })], {
        after: pots.map((_, i) => ({
          blockId: `m${m}p${i}/fire`,
          from: "end",
          leastMin: 0,
          mostMin: 90,
        })),
      }),
    );
    goals.push({
      id: `m${m}`,
      name: `meal ${m}`,
      kind: "meal",
      due: NOON + 1440 * (m + 1) + between(-60, 480),
      blockId: id,
      planIds: pots.map((_, i) => `m${m}p${i}`),
      weight: between(1, 10),
    });
  }
  const hands = Array.from({ length: between(1, 3) }, (_, i) =>
    madeHand(`hand ${i}`, i === 0 ? {} : { there: [{ weekdays: [], from: "15:00", to: "21:00" }] }),
  );
  return madeDay({ blocks, goals, hands });
}
