import { chillNow } from "../../test/chilling";
import { OwnCodeSchema } from "./own-code-schema";
import { test } from "vitest";
import { expectWorked } from "../../test/worked";
import type { BeforeChilling } from "./before-chilling";
import {
  bestOf,
  chanceInTime,
  chillChoices,
  inCount,
  stagesBeginning,
  withMoreOf,
} from "./chill-choices";
import type { ChillReading } from "./chill-live";
import { CODES, codeOf, holdingLineC, remedyFor } from "./codes";
import { floorM2, holdsL, TRAYS, wallM2, type CoolingContainer } from "./container";
import {
  coolingCurve,
  coolingTauMin,
  gatesMet,
  iceKg,
  tempAtC,
  whenAtMin,
  type CoolingFacts,
} from "./cooling";
import { decayThrough } from "./decay";
import {
  KEEPERS,
  keepingTauMin,
  latestChillMin,
  standsAtC,
  staysAboveMin,
  withIce,
} from "./resting";
import { COOLING_WAYS } from "./ways";

const POT: CoolingContainer = {
  id: "pot",
  name: "Pot",
  shape: "round",
  lengthM: 0.26,
  widthM: 0.28,
  heightM: 0.22,
  isPlastic: false,
  have: 1,
  isVessel: true,
};
const CONTAINERS = [
  POT,
  ...TRAYS,
  { ...TRAYS[0]!, id: "trayMiddle", heightM: 0.076 },
  { ...TRAYS[0]!, id: "trayHigher", heightM: 0.084 },
];
const TWO_EACH = CONTAINERS.map((c) => ({ ...c, have: c.isVessel ? 1 : 2 }));
const facts = (container: CoolingContainer, massKg: number, over: object = {}): CoolingFacts => ({
  container,
  massKg,
  fromC: 92,
  roomC: 21,
  waterC: 12,
  airKPa: 95,
  isThick: false,
  ...over,
});
const CODE_IDS = ["us", "auNz", "uk"] as const;
const shallow = TRAYS[0]!;

test("codes, containers and heat passed, as worked", async () => {
  const own = [{ fromC: 70, toC: 20, withinMin: 90 }];
  const reads = (gate: object) => OwnCodeSchema.safeParse([gate]).success;
  await expectWorked("cooling", [
    ...CODE_IDS.map((id) => [id, [CODES[id], holdingLineC(CODES[id])]] as const),
    [
      "own",
      [
        codeOf({ coolingCode: "own", ownCode: own }),
        codeOf({ coolingCode: "own", ownCode: null }).name,
      ],
    ],
    [
      "own, edges",
      [
        reads({ fromC: 20, toC: 20, withinMin: 60 }),
        reads({ fromC: 21, toC: 20, withinMin: 60 }),
        reads({ fromC: 100, toC: 0, withinMin: 5 }),
        reads({ fromC: 101, toC: 0, withinMin: 5 }),
        reads({ fromC: 60, toC: 20, withinMin: 4 }),
        reads({ fromC: 60, toC: 20, withinMin: 1440 }),
        reads({ fromC: 60, toC: 20, withinMin: 1441 }),
        OwnCodeSchema.safeParse([]).success,
        OwnCodeSchema.safeParse(Array.from({ length: 5 }, () => own[0])).success,
        OwnCodeSchema.safeParse(Array.from({ length: 4 }, () => own[0])).success,
      ],
    ],
    [
      "remedies",
      [false, true].flatMap((again) =>
        [[], CODES.us.gates.slice(0, 1), CODES.us.gates.slice(1), CODES.us.gates].map((missed) =>
          remedyFor(missed, again),
        ),
      ),
    ],
    ...CONTAINERS.map(
      (c) => [c.id, { floorM2: floorM2(c), wallM2: wallM2(c, 0.03), holdsL: holdsL(c) }] as const,
    ),
    ...CONTAINERS.flatMap((c) =>
      COOLING_WAYS.map(
        (way) =>
          [
            `${c.id}, ${way}`,
            {
              tauMin: [false, true].map((isThick) =>
                coolingTauMin(facts(c, 2.5, { isThick }), way),
              ),
              c: [0, 7.3, 20, 60, 180, 480].map((t) =>
                tempAtC(coolingCurve(facts(c, 2.5), [{ way, min: 0 }]), t),
              ),
            },
          ] as const,
      ),
    ),
    [
      "in stages",
      [15, 60, 200].map((min) => {
        const curve = coolingCurve(facts(shallow, 3), [
          { way: "iceBath", min },
          { way: "fridge", min: 0 },
        ]);
        return [
          curve.length,
          [57, 21, 5, 3.5].map((c) => whenAtMin(curve, c)),
          gatesMet(curve, CODES.auNz.gates),
        ];
      }),
    ],
    [
      "when",
      [
        whenAtMin([], 5),
        whenAtMin([{ tMin: 3, tempC: 5 }], 5),
        whenAtMin([{ tMin: 3, tempC: 6 }], 5),
      ],
    ],
    [
      "at",
      [-1, 0, 4, 10, 11].map((t) =>
        tempAtC(
          [
            { tMin: 0, tempC: 80 },
            { tMin: 10, tempC: 60 },
          ],
          t,
        ),
      ),
    ],
    ["ice", [iceKg(4, 90, 5), iceKg(4, 5, 20), withIce(3, 80, 1), withIce(3, 20, 3)]],
    [
      "decay",
      [
        [
          { tMin: 0, tempC: 90 },
          { tMin: 5, tempC: 70 },
        ],
        [
          { tMin: 0, tempC: 90 },
          { tMin: 1, tempC: 85 },
        ],
        [
          { tMin: 0, tempC: 90 },
          { tMin: 1.5, tempC: 85 },
        ],
        [
          { tMin: 0, tempC: 60 },
          { tMin: 4, tempC: 60 },
        ],
        [
          { tMin: 0, tempC: 60 },
          { tMin: 4, tempC: 61 },
        ],
        [
          { tMin: 0, tempC: 60 },
          { tMin: 4, tempC: 20 },
        ],
        [
          { tMin: 0, tempC: 60 },
          { tMin: 4, tempC: 20.1 },
        ],
      ].map((readings) => decayThrough(readings, () => 20)),
    ],
    ...KEEPERS.map((keeper) => {
      const standing = { container: POT, massKg: 6, fromC: 95, roomC: 21 };
      return [
        keeper,
        {
          tauMin: keepingTauMin(standing, keeper),
          c: [0, 30, 240].map((min) => standsAtC(standing, keeper, min)),
          fast: standsAtC(standing, keeper, 90, 1.5),
          aboveMin: [95, 90, 60, 21.5, 21].map((line) => staysAboveMin(standing, keeper, line)),
          latestMin: CODE_IDS.map((id) =>
            latestChillMin(
              standing,
              keeper,
              facts(shallow, 1.5),
              [
                { way: "iceBath", min: 40 },
                { way: "fridge", min: 0 },
              ],
              CODES[id].gates,
            ),
          ),
        },
      ] as const;
    }),
  ]);
});

test("ways of chilling, as worked", async () => {
  const pot = { fromC: 90, roomC: 21, waterC: 12, airKPa: 95, isThick: false };
  const rows = [0.4, 1.2, 3, 6, 14].flatMap((kg) =>
    CODE_IDS.flatMap((code) =>
      [CONTAINERS, TWO_EACH].map((containers, i) => {
        const choices = chillChoices(pot, kg, containers, COOLING_WAYS, CODES[code].gates);
        return [
          `${kg} kg, ${code}, ${i === 0 ? "as many as wanted" : "two each"}`,
          {
            best: bestOf(choices)?.id ?? null,
            more: withMoreOf(choices)?.id ?? null,
            all: choices.map((c) => [
              c.id,
              c.count,
              c.lacks,
              c.effort,
              c.passes ? (c.isSure ? "sure" : "expected") : "no",
              c.stages.map((s) => s.min),
              c.gates.map((g) => g.tookMin),
            ]),
            chance: choices.slice(0, 8).map((c) => chanceInTime(c, CODES[code].gates)),
          },
        ] as const;
      }),
    ),
  );
  const few = [1, 2, 3, 4].map(
    (count) =>
      [
        `5 kg in ${count}`,
        CODE_IDS.map((code) =>
          chanceInTime(
            inCount({ ...pot, container: shallow }, 5, count, "sink", CODES[code].gates),
            CODES[code].gates,
          ),
        ),
      ] as const,
  );
  await expectWorked("chill-choices", [
    ...rows,
    ...few,
    [
      "stages",
      COOLING_WAYS.flatMap((way) =>
        [12, 19, 27, 40].map((waterC) =>
          stagesBeginning(way, facts(POT, 4, { waterC, roomC: waterC })),
        ),
      ),
    ],
  ]);
});

test("a chill as it runs, as worked", async () => {
  const stages = [
    { way: "iceBath", min: 30 },
    { way: "fridge", min: 0 },
  ] as const;
  const of = (...pairs: readonly (readonly [number, number])[]): readonly ChillReading[] =>
    pairs.map(([tMin, tempC]) => ({ tMin, tempC }));
  const rested = (wasReadAboveC: number | null, from: number): BeforeChilling => ({
    wasReadAboveC,
    readings: [],
    points: Array.from({ length: 61 }, (_, i) => ({
      tMin: i - 60,
      tempC: 95 - ((95 - from) * i) / 60,
    })),
  });
  const CASES: readonly (readonly [
    string,
    readonly ChillReading[],
    number,
    BeforeChilling | null,
  ])[] = [
    ["unread", [], 92, null],
    ["read from the start", of([0, 92], [10, 70], [40, 30]), 92, null],
    ["slow", of([20, 80], [60, 60]), 92, null],
    ["fast", of([5, 40], [15, 15], [30, 4]), 92, null],
    ["read at once", of([0.5, 91]), 92, null],
    ["first gate just missed", of([0, 92], [5, 57], [130, 21.5], [140, 20]), 92, null],
    ["rested, seen hot", of([10, 40]), 50, rested(80, 50)],
    ["rested, unseen", [], 50, rested(null, 50)],
    ["rested, seen at the line", [], 50, rested(57, 50)],
    ["at the line", [], 57, rested(null, 57)],
  ];
  await expectWorked(
    "chill-live",
    CASES.flatMap(([name, readings, fromC, before]) =>
      (["us", "auNz"] as const).map(
        (code) =>
          [
            `${name}, ${code}`,
            [0, 4, 30, 65, 119, 121, 141, 260, 361, 500].map((nowMin) => {
              const known = readings.filter((r) => r.tMin <= nowMin);
              const now = chillNow(
                facts(shallow, 2.5, { fromC }),
                [...stages],
                known,
                CODES[code].gates,
                nowMin,
                before,
              );
              return [
                nowMin,
                now.nowC,
                now.pace,
                now.stages.map((s) => s.min),
                now.gates.map((g) => [g.state, g.leftMin, g.metMin]),
              ];
            }),
          ] as const,
      ),
    ),
  );
});
