import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { weekdayOf } from "@kettlos/core/units/moments";
import type { Liking } from "@kettlos/core/events/log/terms";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { ClockSchema, type Clock } from "@kettlos/core/simulate/clock-schema";
import { addDays, set, startOfMinute } from "date-fns";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { bramholtKitchen } from "./kitchen";
import { bramholtLarder } from "./larder";
import { makeBatch } from "./past-batch";
import { bramholtPlans } from "./plans";

/** What was otherwise than in the plan as it stands today, how it was liked, how salty it was made, how soon it was tender. */
interface Told {
  readonly change?: (plan: Plan) => Plan;
  readonly liking?: Liking;
  readonly saltGKg?: number;
  readonly tenderBy?: number;
}
/** So much of the bones, kg, in so much water, L, for so long, min. */
const broth =
  (bonesKg: number, waterL: number, holdMin: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    items: plan.items.map((item, i) => (i === 0 ? { ...item, massKg: bonesKg } : item)),
    water: { by: "amount", volumeL: waterL },
    stop: { by: "time", holdMin },
  });

/** Days ago, hour of lighting the ring, which plan, what was noted, and what was otherwise. */
const PAST: readonly (readonly [number, number, string, (string | undefined)?, Told?])[] = [
  [
    55,
    9,
    "lamb",
    "Level fell slower than expected. Lid was hardly ajar.",
    { change: broth(2, 4.6, 300), liking: "allRight" },
  ],
  [51, 10, "vegetable"],
  [47, 8, "trotter", "Very firm. Half a trotter less would do.", { liking: "good" }],
  [
    41,
    9,
    "lamb",
    "Better for the hour more, still a little thin.",
    { change: broth(2, 4.6, 360), liking: "good" },
  ],
  [38, 16, "trout", "No salt needed at all."],
  [33, 9, "pigeon", "Roasted darker than usual, good colour.", { liking: "good" }],
  [27, 10, "hare"],
  [24, 8, "lamb", "Skimmed early, clear. Onion skin on for colour.", { liking: "best" }],
  [19, 11, "vegetable", "Pressed hard, a little cloudy."],
  [15, 9, "trotter"],
  [10, 9, "lamb", undefined, { change: broth(2.2, 4.1, 390), liking: "good" }],
  [5, 15, "trout"],
];
/** Dishes beside the stocks; of some a share was left after the meal, and chilled. */
const PAST_DISHES: readonly (readonly [
  number,
  number,
  string,
  string | undefined,
  Told?,
  number?,
])[] = [
  [
    44,
    9,
    "beans",
    "Beans creamy, mutton a little dry. Mutton out earlier next time.",
    { saltGKg: 8.4, tenderBy: 0.95 },
  ],
  [
    30,
    14,
    "braise",
    "Sauce thin at the table; five minutes open would have done it.",
    { liking: "allRight", saltGKg: 7.8, tenderBy: 0.9 },
  ],
  [12, 15, "chili", "Everyone asked for more.", { liking: "best", saltGKg: 10.4 }, 0.4],
  [2, 14, "braise", undefined, { liking: "good", saltGKg: 8, tenderBy: 0.92 }, 0.3],
];

/** The big table tomorrow evening, and a stock for the freezer through some night: one thing in it clashes. */
const bramholtClock = (supper: Date): Clock =>
  ClockSchema.parse({
    schemaVersion: SCHEMA_VERSION,
    meals: [
      {
        id: "big-table",
        name: `${weekdayOf(supper.getTime())} supper`,
        at: supper.toISOString(),
        eaters: 38,
        planIds: ["plan-table-braise", "plan-chili"],
        sides: [{ id: "bread", name: "Slice and warm the bread", handsMin: 10 }],
      },
    ],
    loose: [{ planId: "plan-night", onlyOvernight: true }],
  });

/**
 * Bramholt Hut as a Kettlos file, with dates relative to nowMs: sixteen past batches over eight weeks,
 * one broth on the fire since this morning or for four hours, and one pot planned for tomorrow.
 * The same nowMs gives the same file.
 */
export function bramholtSample(nowMs: number): KettlosFile {
  const kitchen = bramholtKitchen();
  const plans = bramholtPlans();
  const random = xoroshiro128plus(1640);
  const planOf = (id: string): Plan => {
    const plan = plans[id];
    if (plan === undefined) throw new Error(`no sample plan ${id}`);
    return plan;
  };
  const rows = [
    ...PAST.map((row, i) => ({ row, batchId: `past-${String(i + 1).padStart(2, "0")}` })),
    ...PAST_DISHES.map((row, i) => ({ row, batchId: `dish-${String(i + 1).padStart(2, "0")}` })),
  ];
  const past = rows.map(({ row: [daysAgo, hour, id, note, told, leftShare], batchId }) =>
    makeBatch({
      id: batchId,
      plan: told?.change?.(planOf(id)) ?? planOf(id),
      kitchen,
      litMs: set(addDays(nowMs, -daysAgo), {
        hours: hour,
        minutes: 10,
        seconds: 0,
      }).getTime(),
      random,
      ...(note === undefined ? {} : { note }),
      ...(told?.liking === undefined ? {} : { liking: told.liking }),
      ...(told?.saltGKg === undefined ? {} : { saltGKg: told.saltGKg }),
      ...(told?.tenderBy === undefined ? {} : { tenderBy: told.tenderBy }),
      ...(leftShare === undefined ? {} : { leftShare }),
    }),
  );
  const onFire = makeBatch({
    id: "on-fire",
    plan: planOf("trotter"),
    kitchen,
    litMs: startOfMinute(nowMs).getTime() - 250 * MINUTE_MS,
    random,
    untilMs: nowMs,
  });
  const readyAt = set(addDays(nowMs, 1), {
    hours: 17,
    minutes: 0,
    seconds: 0,
    milliseconds: 0,
  });
  const supper = set(addDays(nowMs, 1), { hours: 18, minutes: 30, seconds: 0, milliseconds: 0 });
  const batches = [...past, onFire];
  return {
    format: "kettlos",
    schemaVersion: SCHEMA_VERSION,
    kitchen,
    plans: [
      planOf("hare"),
      planOf("pigeon"),
      planOf("vegetable"),
      planOf("trout"),
      planOf("trotter"),
      { ...planOf("chili"), note: "Everyone asked for more." },
      planOf("beans"),
      planOf("braise"),
      planOf("gravy"),
      planOf("night"),
      planOf("tableBraise"),
      { ...planOf("lamb"), readyAt: readyAt.toISOString() },
    ],
    batches: batches.map((b) => b.batch),
    events: batches.flatMap((b) => b.events),
    pictures: [],
    settings: [],
    clock: bramholtClock(supper),
    larder: bramholtLarder(past, kitchen, nowMs),
  };
}
