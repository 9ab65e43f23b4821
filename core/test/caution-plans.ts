import { HEATS, testBraise, testPlan } from "./kitchen";

const START = { at: "start" } as const;
/** Plans that between them raise the cautions there are. */
export const cautionedPlans = [
  testPlan({ water: { by: "amount", volumeL: 11 } }),
  testPlan({ water: { by: "amount", volumeL: 0.6 } }),
  testPlan({ water: { by: "amount", volumeL: 6 }, feeds: "animals" }),
  testPlan({
    items: [{ id: "n", ingredientId: "deerJoint", massKg: 2, when: START, frozen: true }],
  }),
  testPlan({
    items: [
      { id: "n", ingredientId: "lambNeck", massKg: 2, when: START },
      { id: "s", ingredientId: "tableSalt", massKg: 0.06, when: START },
    ],
  }),
  testBraise({ heat: HEATS.low, vesselId: "crock", stop: { by: "time", holdMin: 60 } }),
  testBraise({
    end: "served",
    heat: { ...HEATS.low, warmMin: 240 },
    vesselId: "crock",
    stop: { by: "time", holdMin: 60 },
  }),
  ...[0.11, 0.16].map((m) =>
    testBraise({
      heat: HEATS.low,
      vesselId: "crock",
      water: { by: "amount", volumeL: 1.8 },
      stop: { by: "time", holdMin: 480 },
      items: [
        {
          id: "m",
          ingredientId: "muttonShoulder",
          massKg: 1.8,
          when: START,
          piece: { kind: "brick", sizeM: [m, m, m] },
        },
      ],
    }),
  ),
  testBraise({
    end: "served",
    heat: HEATS.pressure,
    vesselId: "pressure",
    water: { by: "amount", volumeL: 0.1 },
    stop: { by: "time", holdMin: 5 },
    items: [
      {
        id: "m",
        ingredientId: "chickenThigh",
        massKg: 1,
        when: START,
        work: [{ kind: "thaw" }],
        piece: { kind: "brick", sizeM: [0.09, 0.09, 0.09] },
      },
      { id: "b", ingredientId: "kidneyBean", massKg: 0.2, when: { at: "offHeat" } },
    ],
  }),
  testBraise({
    end: "served",
    feeds: "animals",
    items: [
      { id: "h", ingredientId: "harePieces", massKg: 1, when: START },
      { id: "o", ingredientId: "onion", massKg: 0.1, when: START },
    ],
  }),
  testBraise({
    end: "served",
    serves: { people: 2, eachKg: 0.5 },
    items: [
      { id: "c", ingredientId: "mussels", massKg: 1, when: START },
      { id: "w", ingredientId: "redWine", massKg: 0.7, when: START },
      { id: "s", ingredientId: "tableSalt", massKg: 0.03, when: START },
      { id: "p", ingredientId: "porkBelly", massKg: 1.2, when: START },
    ],
  }),
  testPlan({
    water: { by: "amount", volumeL: 5 },
    stop: { by: "share", share: 0.3 },
    items: [
      { id: "n", ingredientId: "lambNeck", massKg: 2, when: START },
      { id: "s", ingredientId: "tableSalt", massKg: 0.03, when: START },
      { id: "b", ingredientId: "kidneyBean", massKg: 0.3, when: START },
      { id: "l", ingredientId: "bayLeaf", massKg: 0.001, when: START },
    ],
  }),
  testBraise({
    end: "served",
    vesselId: "crock",
    heat: HEATS.low,
    water: { by: "amount", volumeL: 4 },
    items: [{ id: "m", ingredientId: "muttonShoulder", massKg: 1.8, when: START, frozen: true }],
  }),
];
