import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { METHODS } from "../heats/heat";
import { test } from "vitest";
import { HEATS, testBraise, testKitchen } from "../../test/kitchen";
import { expectWorked } from "../../test/worked";
import { CROCK_SETTINGS } from "../heat/slow-cooker";
import { PlanSchema, type Plan } from "../simulate/plan-schema";
import { outcomeOf } from "../units/problem";
import { assumedPlan, readWrittenTime } from "./assume";
import { crockRefusal } from "./crock-safety";
import { convert } from "./convert";
import { crossover, rangesFor, type Column } from "./crossover";
import { goalOf } from "./goal";
import { kitchenRule, type RuleHeat } from "./kitchen-rule";
import { courseOf, followCourse } from "./lean-course";
import { LeanPiece } from "./lean-piece";
import { foams, fullestShareOf, leastLiquidL } from "./limits";
import { limitsOf } from "./remedies";
import { sayRange, sayTime } from "./say-time";
import { secondOpinion } from "./second-opinion";
import { isSuggested, withSuggestions, withUsed } from "./suggested";
import { usualHeat, usualTargets, vesselFor } from "./targets";
import { slowestMeatHighMin, slowestMeatMin } from "./warming";

const kitchen = testKitchen();
const low = testKitchen({ altitudeM: 0 });
type Over = Parameters<typeof testBraise>[0];
const dish = (over: Over = {}): Plan => testBraise({ end: "served", ...over });
const item = (id: string, ingredientId: string, massKg: number, rest: object = {}) =>
  ({ id, ingredientId, massKg, when: { at: "start" }, ...rest }) as NonNullable<
    NonNullable<Over>["items"]
  >[number];
const cube = (m: number) => ({ piece: { kind: "brick", sizeM: [m, m, m] } });
const lateBy = (min: number) => ({ when: { at: "beforeEnd", min } });
const carrots = item("c", "carrot", 0.3, lateBy(45));

const DISHES: readonly (readonly [string, Plan])[] = [
  ["oven braise", dish()],
  ["late carrots", dish({ items: [item("m", "beefChuck", 1.2, cube(0.04)), carrots] })],
  [
    "carrots late and cold",
    dish({
      items: [item("m", "beefChuck", 1.4, cube(0.04)), item("c", "carrot", 0.5, lateBy(10))],
    }),
  ],
  [
    "hob stew with cream",
    dish({
      heat: HEATS.hob,
      stop: { by: "time", holdMin: 110 },
      items: [
        item("m", "lambShoulder", 1, cube(0.03)),
        item("f", "flour", 0.04),
        item("d", "cream", 0.2),
        item("p", "potato", 0.4, lateBy(25)),
      ],
    }),
  ],
  [
    "until tender",
    dish({ stop: { by: "tender" }, items: [item("m", "porkShoulder", 1.3, cube(0.05)), carrots] }),
  ],
  [
    "big joint",
    dish({
      items: [
        item("m", "muttonShoulder", 1.8, { piece: { kind: "brick", sizeM: [0.1, 0.12, 0.14] } }),
      ],
      stop: { by: "time", holdMin: 240 },
    }),
  ],
  [
    "beans on the hob",
    dish({
      vesselId: "tall",
      heat: HEATS.hob,
      water: { by: "amount", volumeL: 2.4 },
      items: [item("b", "runnerBean", 0.5, { work: [{ kind: "soak" }] }), item("o", "onion", 0.2)],
      stop: { by: "time", holdMin: 75 },
    }),
  ],
  [
    "from the slow cooker",
    dish({
      vesselId: "crock",
      heat: { ...HEATS.low, start: "hot" },
      water: { by: "amount", volumeL: 1.6 },
      stop: { by: "time", holdMin: 500 },
    }),
  ],
  [
    "from pressure",
    dish({
      vesselId: "pressure",
      heat: HEATS.pressure,
      water: { by: "amount", volumeL: 0.7 },
      stop: { by: "time", holdMin: 28 },
      items: [item("m", "beefChuck", 1.1, cube(0.04)), item("c", "carrot", 0.3, lateBy(12))],
    }),
  ],
  [
    "a broth that reduces",
    dish({
      vesselId: "tall",
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: 5 },
      water: { by: "amount", volumeL: 5 },
      items: [item("m", "lambNeck", 2)],
      stop: { by: "time", holdMin: 150 },
    }),
  ],
  ["frozen", dish({ items: [item("m", "beefChuck", 1.2, { ...cube(0.04), frozen: true })] })],
  [
    "a dry curry",
    dish({
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null },
      water: { by: "amount", volumeL: 0.55 },
      stop: { by: "time", holdMin: 55 },
      items: [item("m", "chickenThigh", 0.7, cube(0.03)), item("f", "flour", 0.02)],
    }),
  ],
  [
    "a dry curry, unbound",
    dish({
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null },
      water: { by: "amount", volumeL: 0.5 },
      stop: { by: "time", holdMin: 55 },
      items: [item("m", "beefChuck", 0.7, cube(0.03))],
    }),
  ],
  [
    "a mild oven",
    dish({ heat: { ...HEATS.oven, ovenC: 105 }, stop: { by: "time", holdMin: 170 } }),
  ],
  [
    "small dice",
    dish({
      heat: HEATS.hob,
      stop: { by: "time", holdMin: 40 },
      items: [item("m", "chickenThigh", 1, cube(0.012))],
    }),
  ],
  [
    "big pieces",
    dish({
      heat: HEATS.hob,
      stop: { by: "time", holdMin: 150 },
      items: [item("m", "beefChuck", 1.4, cube(0.085))],
    }),
  ],
  [
    "beans soaked for a day",
    dish({
      vesselId: "tall",
      heat: HEATS.hob,
      water: { by: "amount", volumeL: 2.4 },
      items: [item("b", "runnerBean", 0.5, { work: [{ kind: "soak" }] })],
      prepareMin: 1420,
      stop: { by: "time", holdMin: 120 },
    }),
  ],
  [
    "quick",
    dish({
      heat: HEATS.hob,
      stop: { by: "time", holdMin: 12 },
      items: [item("m", "chickenThigh", 0.8, cube(0.02))],
    }),
  ],
];

const columnFigures = (c: Column) => ({
  vessel: c.plan.vesselId,
  holdMin: c.trace.holdMin,
  stop: c.plan.stop,
  waterL: c.waterL,
  loads: c.loads,
  heldBackL: c.heldBackL,
  endL: c.trace.endLiquidL,
  cookMin: c.trace.cookMin,
  full: c.trace.fullestShare,
  prepareMin: c.plan.prepareMin,
  items: c.plan.items.map((i) => [i.id, i.massKg, i.when, i.boiledMin]),
  boil: c.plan.heat.method === "hob" ? c.plan.heat.boilFirstMin : null,
  limits: c.limits,
  restaged: c.restaged,
  refusal:
    c.refusal === null
      ? null
      : [c.refusal.text, c.refusal.remedies.map((r) => [r.text, r.from5To60Min])],
  handsOnMin: c.handsOnMin,
  doorToDoorMin: c.doorToDoorMin,
});

test.each(["high up", "at sea level"] as const)(
  "dishes on every heat, %s, as worked",
  async (where) => {
    const at = where === "high up" ? kitchen : low;
    const rows = DISHES.flatMap(([name, plan]): (readonly [string, unknown])[] => {
      const result = outcomeOf(() => crossover(plan, usualTargets(resolve(plan, at)), at));
      if (!result.ok) return [[name, result.problem.message] as const];
      const ranges = rangesFor(result.value, { draws: 80, seed: 7 });
      return result.value.columns.map(
        ({ target, outcome }, i) =>
          [
            `${name}, ${target.heat.method}${target.heat.method === "slowCooker" ? ` ${target.heat.setting}` : ""}`,
            outcome.ok
              ? { ...columnFigures(outcome.value), range: ranges[i] ?? null }
              : outcome.problem.message,
          ] as const,
      );
    });
    await expectWorked(`conversions-${where.replaceAll(" ", "-")}`, rows);
  },
);

test("ranges of a given seed are the same to the last place but one", async () => {
  const one = crossover(dish(), usualTargets(resolve(dish(), kitchen)), kitchen);
  const tender = DISHES.find(([n]) => n === "until tender")![1];
  const two = crossover(tender, usualTargets(resolve(tender, kitchen)), kitchen);
  await expectWorked("ranges", [
    ["timed", rangesFor(one, { draws: 40, seed: 3 })],
    ["tender", rangesFor(two, { draws: 40, seed: 3 })],
  ]);
});

test("the lean piece and its course, as worked", async () => {
  const piece = (tauS: number) => {
    const p = new LeanPiece(tauS, 5, 20);
    return [5, 5, 20, 60, 300].map((min, i) => {
      p.advance(min, 20 + 16 * (i + 1));
      return [p.centreC, p.meanRate(28)];
    });
  };
  const traceOf = (plan: Plan) => asPlanned(resolve(plan, kitchen)).trace;
  const plain = { zC: 28, plateauC: 0, capC: 100, comeUp: 1, warmUp: 1 };
  const heats: readonly (readonly [string, Plan])[] = [
    ["oven", dish()],
    ["crock", DISHES.find(([n]) => n === "from the slow cooker")![1]],
    ["hob", DISHES.find(([n]) => n === "a broth that reduces")![1]],
    ["quick", DISHES.find(([n]) => n === "quick")![1]],
  ];
  await expectWorked("lean", [
    ...[5, 60, 200, 900, 4000].map((tauS) => [`tau ${tauS} s`, piece(tauS)] as const),
    ...heats.flatMap(([name, plan]) => {
      const course = courseOf(traceOf(plan));
      const along = (shift: object, wanted: object) =>
        followCourse(course, { ...plain, ...shift }, 700, 5, {
          cookMin: 60,
          centreC: 70,
          atMin: 100,
          ...wanted,
        });
      return [
        [
          name,
          {
            n: course.tMin.length,
            t: [...course.tMin],
            c: [...course.liquidC],
            p: [...course.progress],
          },
        ],
        [
          `${name}, followed`,
          [
            along({}, {}),
            along({ plateauC: 2 }, {}),
            along({ plateauC: -3 }, {}),
            along({ plateauC: 9 }, { centreC: 90 }),
            along({ comeUp: 1.4 }, {}),
            along({ warmUp: 1.3 }, {}),
            along({ zC: 24 }, {}),
            along({}, { centreC: 93 }),
            along({}, { cookMin: 5000 }),
            along({}, { atMin: 0 }),
            along({}, { atMin: 4000, cookMin: 1 }),
            along({}, { cookMin: 0.5, centreC: 40 }),
          ],
        ],
      ] as const;
    }),
  ]);
});

const joint = (m: number, over: object = {}) =>
  dish({
    vesselId: "crock",
    heat: HEATS.low,
    water: { by: "amount", volumeL: 1.8 },
    stop: { by: "time", holdMin: 480 },
    items: [item("m", "muttonShoulder", 1.8, { ...cube(m), ...over })],
  });

test("slow warming and its remedies, as worked", async () => {
  const shapes = [
    { piece: { kind: "ball", diameterM: 0.15 } },
    { piece: { kind: "cylinder", diameterM: 0.12, lengthM: 0.2 } },
    { piece: { kind: "cylinder", diameterM: 0.16, lengthM: 0.12 } },
    { piece: { kind: "brick", sizeM: [0.09, 0.12, 0.2] } },
    { frozen: true },
    { when: { at: "after", min: 0 } },
    { when: { at: "beforeEnd", min: 60 } },
  ];
  const of = (plan: Plan) => {
    const setPot = resolve(plan, kitchen);
    const { trace, waterL } = asPlanned(setPot);
    return {
      expectedMin: slowestMeatMin(setPot, trace, waterL),
      highMin: slowestMeatHighMin(setPot, trace, waterL),
      refusal: crockRefusal(setPot, trace, waterL),
    };
  };
  await expectWorked("slow-warming", [
    ...[0.04, 0.06, 0.08, 0.1, 0.12, 0.125, 0.13, 0.135, 0.14, 0.145, 0.15, 0.16, 0.18].map(
      (m) => [`${m} m on LOW`, of(joint(m))] as const,
    ),
    ...[0.1, 0.14, 0.18].map(
      (m) =>
        [
          `${m} m on HIGH`,
          of({ ...joint(m), heat: PlanSchema.shape.heat.parse(HEATS.high) }),
        ] as const,
    ),
    ...shapes.map((s) => [JSON.stringify(s), of(joint(0.15, s))] as const),
    [
      "with carrots beside it",
      of({ ...joint(0.15), items: [...joint(0.15).items, ...dish({ items: [carrots] }).items] }),
    ],
    ["45 min only", of({ ...joint(0.1), stop: { by: "time", holdMin: 45 } })],
    [
      "carrots alone",
      of({ ...joint(0.1), items: joint(0.1).items.map((i) => ({ ...i, ingredientId: "carrot" })) }),
    ],
    ["in the oven", of(dish({ items: [item("m", "muttonShoulder", 2, cube(0.14))] }))],
    [
      "on a weak ring",
      of(dish({ heat: HEATS.hob, items: [item("m", "muttonShoulder", 2, cube(0.12))] })),
    ],
  ]);
});

test("how full a crock is, and where what is too thin is reduced, as worked", async () => {
  const pans = [0.2, 0.34, 0.28].map((across, i) => ({
    ...kitchen.vessels[0]!,
    id: `pan ${i}`,
    name: `Pan of ${across} m`,
    bottomM: [across, across] as [number, number],
    topM: [across, across] as [number, number],
    heightM: 0.12,
  }));
  const withPans = { ...kitchen, vessels: [...pans, ...kitchen.vessels.slice(2)] };
  const said = (plan: Plan, at: typeof kitchen, method: "slowCooker" | "pressure") => {
    const goal = goalOf(resolve(plan, at));
    const target = usualTargets(resolve(plan, at), ["low"]).find((t) => t.heat.method === method)!;
    const got = outcomeOf(() => convert(goal, target, at));
    return got.ok ? [target.vesselId, limitsOf(got.value, at)] : got.problem.code;
  };
  const curry = (volumeL: number) =>
    dish({
      vesselId: "pan 1",
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null },
      water: { by: "amount", volumeL },
      stop: { by: "time", holdMin: 40 },
      items: [item("m", "chickenThigh", 0.7, cube(0.03))],
    });
  await expectWorked("limits", [
    ...[1.7, 1.8, 1.9, 1.95, 2, 2.05, 2.1, 2.2, 2.6, 2.65, 2.7, 2.75, 2.8, 2.9, 3].map(
      (volumeL) =>
        [
          `${volumeL} L`,
          said(dish({ water: { by: "amount", volumeL } }), kitchen, "slowCooker"),
        ] as const,
    ),
    ...[0.55, 0.6, 0.62, 0.64, 0.66, 0.68, 0.7, 0.75].flatMap((l) =>
      (["slowCooker", "pressure"] as const).map(
        (m) => [`curry of ${l} L, ${m}`, said(curry(l), withPans, m)] as const,
      ),
    ),
  ]);
});

test("why rule and model part, by the size of the pieces, as worked", async () => {
  const said = (m: number, holdMin: number, at = kitchen) => {
    const plan = dish({
      heat: HEATS.hob,
      stop: { by: "time", holdMin },
      items: [item("m", "beefChuck", 1.2, cube(m))],
    });
    const goal = goalOf(resolve(plan, at));
    return usualTargets(resolve(plan, at)).map((target) => {
      const got = outcomeOf(() => convert(goal, target, at));
      if (!got.ok) return got.problem.code;
      const opinion = secondOpinion(goal, got.value);
      return opinion === null ? null : [opinion.said, opinion.agrees, opinion.why];
    });
  };
  await expectWorked(
    "second-opinions",
    [
      0.008, 0.012, 0.014, 0.015, 0.016, 0.018, 0.02, 0.03, 0.05, 0.055, 0.06, 0.065, 0.07, 0.08,
    ].flatMap((m) => [
      [`${m} m, 45 min, high up`, said(m, 45)] as const,
      [`${m} m, 100 min, high up`, said(m, 100)] as const,
      [`${m} m, 45 min, low`, said(m, 45, low)] as const,
    ]),
  );
});

test("kitchen rule, words for times, limits and vessels, as worked", async () => {
  const heats: readonly RuleHeat[] = ["hob", "oven", "low", "high", "pressure"];
  const times = [
    1, 4.9, 5, 10, 14, 15, 29, 30, 45, 49, 50, 90, 180, 181, 239, 240, 300, 360, 480, 600, 601,
  ];
  const pots = [
    ...kitchen.vessels,
    {
      ...kitchen.vessels[3]!,
      id: "electric",
      pressure: { ...kitchen.vessels[3]!.pressure!, drive: "electric" as const },
    },
    {
      ...kitchen.vessels[3]!,
      id: "own",
      pressure: { ...kitchen.vessels[3]!.pressure!, minLiquidL: 0.4 },
    },
    { ...kitchen.vessels[2]!, id: "half", fillShare: 0.5 },
  ];
  const said = [
    0.4, 3, 29.4, 29.6, 31, 57, 59.7, 62, 119, 178, 182, 195, 239, 240, 254, 256, 600, 1430,
  ];
  const planOn = (heat: Plan["heat"], ingredientId: string): Plan => ({
    ...dish({ items: [item("m", ingredientId, 1)] }),
    heat,
  });
  const bare = testKitchen({ vessels: kitchen.vessels.slice(0, 2), ovens: [] });
  const suggested = withSuggestions(bare);
  const heatsOf = (k: typeof kitchen) => METHODS.map((m) => usualHeat(m, k));
  await expectWorked("rules-and-words", [
    ...heats.flatMap((from) =>
      heats.map((to) => [`${from} → ${to}`, times.map((t) => kitchenRule(from, t, to))] as const),
    ),
    ["said", said.map(sayTime)],
    [
      "said from to",
      said.flatMap((a) => [null, a, a + 4, a + 40, a * 1.3].map((b) => sayRange(a, b))),
    ],
    ...pots.map(
      (v) =>
        [
          v.id,
          heatsOf(kitchen).flatMap((h) =>
            h === null
              ? []
              : ["beefChuck", "chickpea", "pearlBarley", "cornStarch"].map((id) => {
                  const plan = planOn(h, id);
                  return [foams(plan), fullestShareOf(plan, v), leastLiquidL(plan, v)];
                }),
          ),
        ] as const,
    ),
    ["usual heats", [heatsOf(kitchen), heatsOf(bare), heatsOf({ ...kitchen, rings: [] })]],
    [
      "an oven that stops at 140",
      usualHeat("oven", { ...kitchen, ovens: kitchen.ovens.map((o) => ({ ...o, maxC: 140 })) }),
    ],
    [
      "vessels",
      METHODS.flatMap((m) =>
        [0.5, 2.5, 4, 5.2, 8, 11, 40].map((l) => [
          vesselFor(m, kitchen, l, "casserole")?.id ?? null,
          vesselFor(m, kitchen, l, "nobody's")?.id ?? null,
          vesselFor(m, bare, l, "nobody's")?.id ?? null,
        ]),
      ),
    ],
    [
      "suggested",
      [suggested.vessels.slice(2), suggested.ovens, withSuggestions(kitchen).vessels.length],
    ],
    [
      "taken in",
      ["tall", "suggested-crock", "suggested-pressure"].flatMap((vesselId) =>
        ["oven", "suggested-oven"].map((ovenId) => {
          const plan = { ...dish(), vesselId, heat: { ...HEATS.oven, ovenId } };
          const k = withUsed(bare, plan);
          const again = withUsed(k, plan);
          return [
            k.vessels.map((v) => v.id),
            k.ovens.map((o) => o.id),
            again === k,
            isSuggested(vesselId),
          ];
        }),
      ),
    ],
    [
      "targets",
      DISHES.map(([, plan]) =>
        CROCK_SETTINGS.map((s) =>
          usualTargets(resolve(plan, suggested), [s]).map((t) => [t.vesselId, t.heat]),
        ),
      ),
    ],
  ]);
});

test("dishes that say little, as worked", async () => {
  const more = [0.08, 0.1, 0.12, 0.14, 0.16].flatMap((heightM) =>
    kitchen.vessels.slice(2).map((v) => ({ ...v, id: `${v.id} ${heightM}`, heightM })),
  );
  const times = [
    "",
    "2 h",
    "90 min",
    "2–3 hours",
    "20-30 min",
    "1 to 2 h",
    "until tender",
    "done",
    "low and slow",
    "low & slow",
    "falls apart",
    "45",
    "soon",
    "0 min",
    "1 min",
    "2880 min",
    "2881 min",
  ];
  const written = [
    { ingredientId: "beefChuck", time: "until tender", method: null },
    { ingredientId: "beefChuck", time: "low and slow", method: null },
    { ingredientId: "beefChuck", time: "3 h", method: "oven", massKg: 2, waterL: 1 },
    { ingredientId: "chickpea", time: "until tender", method: "hob" },
    { ingredientId: "lentil", time: "40 min", method: "pressure" },
    { ingredientId: "whiteBean", time: "60-90 min", method: "slowCooker" },
    { ingredientId: "carrot", time: "30 min", method: "hob", vesselId: "tall" },
    { ingredientId: "lambNeck", time: "low and slow", method: "hob" },
    {
      ingredientId: "oxtail",
      time: "until tender",
      method: "pressure",
      piece: { kind: "ball", diameterM: 0.05 },
    },
  ] as const;
  await expectWorked("assumed", [
    ...times.map((t) => {
      const read = outcomeOf(() => readWrittenTime(t));
      return [`"${t}"`, read.ok ? read.value : [read.problem.code, read.problem.message]] as const;
    }),
    ...written.map((w) => {
      const got = outcomeOf(() => assumedPlan({ id: "x", ...w }, kitchen));
      return [
        JSON.stringify(w),
        got.ok
          ? [
              got.value.assumptions,
              got.value.plan.heat,
              got.value.plan.vesselId,
              got.value.plan.ringId,
              got.value.plan.water,
              got.value.plan.stop,
              got.value.plan.items.map((i) => [i.massKg, i.piece ?? null, i.work]),
            ]
          : [got.problem.code, got.problem.message],
      ] as const;
    }),
    [
      "vessels by weight",
      [0.4, 0.8, 1.2, 1.6, 2, 2.2, 2.4, 2.6, 3, 3.6].map((massKg) =>
        (["hob", "slowCooker", "pressure"] as const).map(
          (method) =>
            assumedPlan(
              { id: "x", ingredientId: "beefChuck", time: "2 h", method, massKg },
              { ...kitchen, vessels: [kitchen.vessels[1]!, ...kitchen.vessels.slice(2), ...more] },
            ).plan.vesselId,
        ),
      ),
    ],
    [
      "the strongest ring",
      assumedPlan(
        { id: "x", ingredientId: "beefChuck", time: "2 h", method: "hob" },
        {
          ...kitchen,
          rings: [1000, 3500, 2000].map((powerW) => ({
            ...kitchen.rings[0]!,
            id: `${powerW} W`,
            powerW,
          })),
        },
      ).plan.ringId,
    ],
    [
      "no pots",
      (() => {
        const got = outcomeOf(() =>
          assumedPlan(
            { id: "x", ingredientId: "beefChuck", time: "2 h", method: "hob" },
            { ...kitchen, rings: [] },
          ),
        );
        return got.ok ? "?" : got.problem.message;
      })(),
    ],
  ]);
});
