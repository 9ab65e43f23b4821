import { resolve } from "../simulate/set-pot";
import { test } from "vitest";
import { HEATS, testBraise, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import { simulated } from "../../test/simulated";
import { expectWorked } from "../../test/worked";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Caution } from "./caution";
import { burnsIntoNight } from "./flame";
import { cautionsFor } from "./rules";
import { solidsHazards } from "./solids";

const kitchen = testKitchen();
const START = { at: "start" } as const;
const thing = (id: string, ingredientId: string, massKg: number, rest: object = {}) => ({
  id,
  ingredientId,
  massKg,
  when: START,
  ...rest,
});
const cube = (m: number) => ({ piece: { kind: "brick", sizeM: [m, m, m] } });
type Over = Record<string, unknown>;
const stock = (over: Over = {}): Plan => testPlan(over as never);
const on = (heat: keyof typeof HEATS, over: Over = {}): Plan =>
  testBraise({ end: "served", heat: HEATS[heat], vesselId: VESSEL_OF[heat], ...over } as never);
const water = (volumeL: number) => ({ water: { by: "amount", volumeL } });
const mutton = (m: number, massKg = 1.6) => ({
  items: [thing("m", "muttonShoulder", massKg, cube(m))],
});
const beef = thing("m", "beefChuck", 1, cube(0.04));
const electric = {
  ...kitchen,
  vessels: kitchen.vessels.map((v) =>
    v.id === "pressure" ? { ...v, pressure: { ...v.pressure!, drive: "electric" as const } } : v,
  ),
};
/** A huge pot on one induction ring. */
const huge = (powerW: number): Kitchen =>
  testKitchen({
    altitudeM: 0,
    vessels: [
      {
        ...kitchen.vessels[0]!,
        id: "huge",
        bottomM: [0.4, 0.4],
        topM: [0.4, 0.4],
        heightM: 0.4,
        massKg: 6,
      },
    ],
    rings: [{ id: "gas", name: "Ring", kind: "induction", powerW }],
  });
const manyBones = stock({
  vesselId: "huge",
  ...water(30),
  items: [thing("n", "lambNeck", 8)],
  heat: HEATS.hob,
  stop: { by: "time", holdMin: 600 },
});

interface Case {
  readonly plan: Plan;
  readonly at?: Kitchen;
  readonly litHour?: number | null;
  readonly isLitTimeSet?: boolean;
}
const each = <T>(values: readonly T[], of: (value: T) => Case, name: string) =>
  values.map((v) => [`${name} ${String(v)}`, of(v)] as const);

const CASES: readonly (readonly [string, Case])[] = [
  ...each(
    [3, 4.4, 5.6, 5.85, 6, 7, 8.5, 11],
    (l) => ({ plan: stock(water(l)) }),
    "a stock in L of water:",
  ),
  ...each(
    [0.5, 1.2, 2, 3],
    (l) => ({ plan: stock({ ...water(l), heat: { ...stock().heat, vigour: "steady" } }) }),
    "steady, L:",
  ),
  ...each(
    [0, 5, 6, 9, 15.9, 16, 16.2, 21.9, 22, 23.5],
    (litHour) => ({ plan: stock(), litHour }),
    "lit at",
  ),
  ["lit now, in the evening", { plan: stock(), litHour: 19, isLitTimeSet: false }],
  ["nobody knows when", { plan: stock(), litHour: null }],
  ...each(
    [45, 59, 60, 120],
    (holdMin) => ({ plan: stock({ stop: { by: "time", holdMin } }) }),
    "held min:",
  ),
  ["until tender", { plan: on("oven", { stop: { by: "tender" } }) }],
  ...each(
    [0.015, 0.025, 0.03, 0.04, 0.06],
    (kg) => ({
      plan: stock({ items: [thing("n", "lambNeck", 2.2), thing("s", "tableSalt", kg)] }),
    }),
    "salted, kg:",
  ),
  ...each(
    [0.01, 0.015, 0.02, 0.04],
    (kg) => ({
      plan: on("hob", {
        ...water(2),
        serves: { people: 4, eachKg: 0.5 },
        items: [beef, thing("s", "tableSalt", kg)],
      }),
    }),
    "a salted dish, kg:",
  ),
  [
    "salty before it reduces",
    {
      plan: stock({
        ...water(3),
        items: [thing("n", "lambNeck", 1), thing("b", "boughtStock", 2)],
        heat: { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null },
        stop: { by: "time", holdMin: 60 },
      }),
    },
  ],
  ...each(
    [5, 10, 15, 20, 60],
    (kg) => ({
      plan: stock({
        feeds: "animals",
        items: [thing("n", "lambNeck", 2.2), thing("s", "tableSalt", kg / 10000)],
      }),
    }),
    "for animals, salt in g / 10:",
  ),
  ...each(
    [0.1, 0.4, 0.6, 1],
    (kg) => ({
      plan: stock({
        feeds: "animals",
        fat: "keep",
        items: [thing("n", "lambNeck", 2.2), thing("o", "oil", kg)],
      }),
    }),
    "for animals, oil kg:",
  ),
  ...each(
    [40, 110, 116, 120, 124, 128, 130, 132, 136, 140, 200],
    (fatGKg) => ({
      plan: on("hob", {
        ...water(0.4),
        feeds: "animals",
        fat: "keep",
        items: [thing("p", "porkShoulder", 1, { label: { fatGKg } })],
      }),
    }),
    "for animals, fat g/kg:",
  ),
  [
    "for animals, leek and wine",
    {
      plan: stock({
        feeds: "animals",
        items: [thing("n", "lambNeck", 2), thing("l", "leek", 0.1), thing("w", "redWine", 0.2)],
      }),
    },
  ],
  ["deer", { plan: stock({ items: [thing("d", "deerJoint", 1.5)] }) }],
  ["pigeon", { plan: stock({ items: [thing("d", "pigeonFrame", 1.5)] }) }],
  ["mussels", { plan: on("hob", { items: [thing("d", "mussels", 1)] }) }],
  ["frozen", { plan: stock({ items: [thing("n", "lambNeck", 2, { frozen: true })] }) }],
  [
    "frozen in a crock",
    {
      plan: on("low", {
        ...water(1.8),
        items: [thing("m", "beefChuck", 1, { ...cube(0.04), frozen: true })],
      }),
    },
  ],
  ...each(
    [0.04, 0.08, 0.09, 0.1, 0.11, 0.115, 0.12, 0.15],
    (m) => ({
      plan: on("low", { ...water(1.8), ...mutton(m, 1.8), stop: { by: "time", holdMin: 480 } }),
    }),
    "on LOW, m:",
  ),
  ...each(
    [0.5, 1, 2, 2.6, 3.2, 3.6, 4, 4.6],
    (l) => ({ plan: on("low", { ...water(l), stop: { by: "time", holdMin: 480 } }) }),
    "in the crock, L:",
  ),
  ...each(
    [60, 90, 120, 180, 300, 480],
    (holdMin) => ({
      plan: on("low", {
        heat: { ...HEATS.low, warmMin: 240 },
        ...water(1.8),
        stop: { by: "time", holdMin },
      }),
    }),
    "then WARM, held min:",
  ),
  ...each(
    [80, 85, 95, 110, 150],
    (ovenC) => ({
      plan: on("oven", {
        ...mutton(0.14, 2),
        heat: { ...HEATS.oven, ovenC, start: "cold" },
        stop: { by: "time", holdMin: 400 },
      }),
    }),
    "in a cold oven, °C:",
  ),
  ...each(
    [450, 500, 600, 700, 800, 900, 1000, 1100, 1300, 1500, 2200, 3000],
    (w) => ({ at: huge(w), plan: manyBones }),
    "on a ring of W:",
  ),
  ...each(
    [0.1, 0.2, 0.24, 0.26, 0.3, 1, 2, 3, 3.6, 4],
    (l) => ({ plan: on("pressure", { ...water(l), stop: { by: "time", holdMin: 25 } }) }),
    "under pressure, L:",
  ),
  ...each(
    [0.1, 0.3, 0.4, 0.5, 1],
    (l) => ({
      at: electric,
      plan: on("pressure", { ...water(l), stop: { by: "time", holdMin: 25 } }),
    }),
    "in an electric cooker, L:",
  ),
  ...each(
    [0.3, 1, 1.8, 2, 2.2, 3],
    (l) => ({
      plan: on("pressure", {
        ...water(l),
        heat: { ...HEATS.pressure, release: "quick" },
        stop: { by: "time", holdMin: 25 },
      }),
    }),
    "quick release, L:",
  ),
  [
    "quick release of chickpeas",
    {
      plan: on("pressure", {
        ...water(1.4),
        items: [thing("c", "chickpea", 0.4, { work: [{ kind: "soak" }] })],
        heat: { ...HEATS.pressure, release: "quick" },
      }),
    },
  ],
  ...["cream", "flour", "jarSauce", "coconutMilk", "condensedSoup"].flatMap((id) =>
    [START, { at: "beforeEnd", min: 10 }, { at: "offHeat" }].map(
      (when) =>
        [
          `under pressure, ${id} ${when.at}`,
          {
            plan: on("pressure", {
              items: [beef, thing("x", id, 0.2, { when })],
              ...water(0.8),
              stop: { by: "time", holdMin: 25 },
            }),
          },
        ] as const,
    ),
  ),
  ...each(
    [20, 35, 40, 45, 60, 90, 150],
    (holdMin) => ({ plan: on("oven", { ...mutton(0.1), stop: { by: "time", holdMin } }) }),
    "a joint, min:",
  ),
  ...each(
    [20, 35, 45, 60],
    (holdMin) => ({
      plan: on("oven", {
        items: [thing("t", "chickenThigh", 1.2, cube(0.07))],
        stop: { by: "time", holdMin },
      }),
    }),
    "chicken, min:",
  ),
  ...[0, 580, 620, 1170, 1230].flatMap((altitudeM) =>
    [9, 11, 29, 31, 44, 46].map(
      (boiledMin) =>
        [
          `beans boiled ${boiledMin} min at ${altitudeM} m, in a crock`,
          {
            at: testKitchen({ altitudeM }),
            plan: on("low", {
              ...water(2),
              items: [thing("b", "runnerBean", 0.4, { boiledMin, work: [{ kind: "soak" }] })],
            }),
          },
        ] as const,
    ),
  ),
  ...[START, { at: "beforeEnd", min: 20 }, { at: "offHeat" }, { at: "nextDay" }].flatMap((when) =>
    (["hob", "oven", "pressure"] as const).map(
      (heat) =>
        [
          `beans ${when.at}, ${heat}`,
          {
            plan: on(heat, {
              ...water(2),
              items: [beef, thing("b", "whiteBean", 0.3, { when, work: [{ kind: "soak" }] })],
              stop: { by: "time", holdMin: 60 },
            }),
          },
        ] as const,
    ),
  ),
  ...each(
    [120, 299, 300, 480],
    (min) => ({
      plan: on("hob", {
        ...water(2),
        items: [thing("b", "whiteBean", 0.3, { boiledMin: 45, work: [{ kind: "soak", min }] })],
      }),
    }),
    "soaked min:",
  ),
  ...each(
    [0.02, 0.05, 0.2, 0.5],
    (kg) => ({
      plan: on("hob", {
        ...water(1.5),
        serves: { people: 4, eachKg: 0.4 },
        items: [beef, thing("w", "redWine", kg)],
      }),
    }),
    "wine, kg:",
  ),
  ...each(
    [0.2, 0.3, 0.4, 0.5],
    (kg) => ({
      plan: on("hob", {
        ...water(1.5),
        fat: "keep",
        serves: { people: 4, eachKg: 0.4 },
        items: [beef, thing("w", "oil", kg)],
      }),
    }),
    "oil, kg:",
  ),
  [
    "for eaters",
    {
      plan: on("hob", {
        diets: ["vegan", "glutenFree", "cat", "lowSalt"],
        items: [beef, thing("f", "flour", 0.05), thing("s", "tableSalt", 0.03)],
      }),
    },
  ],
  [
    "much work",
    {
      plan: on("hob", {
        items: [
          { ...beef, work: [{ kind: "thaw" }, { kind: "brown" }] },
          thing("f", "flour", 0.05, { work: [{ kind: "roux" }] }),
          thing("c", "carrot", 0.3, { work: [{ kind: "fry" }, { kind: "blend" }] }),
          thing("b", "bayLeaf", 0.001),
        ],
      }),
    },
  ],
  [
    "a joint too long",
    {
      plan: on("oven", {
        items: [
          thing("m", "muttonShoulder", 3, { piece: { kind: "brick", sizeM: [0.1, 0.12, 0.4] } }),
        ],
      }),
    },
  ],
  [
    "a joint too high",
    {
      plan: on("oven", {
        items: [
          thing("m", "muttonShoulder", 3, { piece: { kind: "brick", sizeM: [0.16, 0.17, 0.18] } }),
        ],
      }),
    },
  ],
  [
    "an electric cooker in the night",
    {
      at: electric,
      litHour: 20,
      plan: on("pressure", { ...water(1), stop: { by: "time", holdMin: 200 } }),
    },
  ],
  [
    "two things too cool in the middle",
    {
      plan: on("oven", {
        items: [
          thing("m", "muttonShoulder", 1.2, cube(0.1)),
          thing("t", "chickenThigh", 1, cube(0.09)),
          thing("f", "whiteFish", 0.6, { ...cube(0.06), when: { at: "beforeEnd", min: 2 } }),
        ],
        stop: { by: "time", holdMin: 35 },
      }),
    },
  ],
  [
    "waits for what never comes",
    {
      plan: on("hob", {
        items: [
          thing("c", "carrot", 0.3, { when: { at: "whenTender", itemId: "m" } }),
          { ...beef, when: { at: "whenTender", itemId: "c" } },
        ],
      }),
    },
  ],
];

test("what is said of some hundred and fifty pots, as worked", async () => {
  /** A caution is written out where it first says so, and named after that. */
  const said = new Set<string>();
  const written = ({ id, severity, places, title, text, refuses }: Caution) => {
    const whole = [id, severity, places.join(" "), title, text, refuses === true ? "refuses" : ""];
    const key = JSON.stringify(whole);
    if (said.has(key)) return `${id} ${severity}`;
    said.add(key);
    return whole;
  };
  await expectWorked(
    "cautions",
    CASES.map(([name, { plan, at = kitchen, litHour = 9, isLitTimeSet = true }]) => [
      name,
      cautionsFor(simulated(resolve(plan, at), litHour, isLitTimeSet)).map(written),
    ]),
  );
});

test("nights, and what is left in the sieve, as worked", async () => {
  const hours = [0, 5.9, 6, 6.1, 12, 21.5, 21.9, 22, 23, 24, 30, null];
  const solids = (items: readonly object[]) => solidsHazards(stock({ items }));
  await expectWorked("nights-and-solids", [
    ...[0, 5, 30, 60, 600].map(
      (min) =>
        [
          `${min} min`,
          hours.map((h) => burnsIntoNight(h, [{ fromMin: 0, toMin: min }], { hands: [] }) !== null),
        ] as const,
    ),
    ["bones", solids([thing("n", "lambNeck", 1)])],
    ["carrots", solids([thing("n", "carrot", 1)])],
    ["leek", solids([thing("n", "carrot", 1), thing("l", "leek", 0.1)])],
    ...[0.0008, 0.00099, 0.0011, 0.0015].map(
      (kg) =>
        [`salt ${kg}`, solids([thing("n", "carrot", 1), thing("s", "flakedSalt", kg)])] as const,
    ),
    [
      "brined",
      solids([
        thing("n", "carrot", 1, { label: { saltGKg: 0.6 } }),
        thing("m", "celery", 1, { label: { saltGKg: 1.6 } }),
      ]),
    ],
    ["wine", solids([thing("n", "carrot", 1), thing("w", "redWine", 0.1)])],
  ]);
});
