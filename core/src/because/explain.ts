import type { SetPot } from "../simulate/set-pot";
import { RINGS } from "../heat/ring-kinds";
import type { Heat } from "../heats/heat-schema";
import { heatOf } from "../heats/heat";
import { COOK_VALUE_Z_C } from "../doneness/cook-value";
import { TAP_WATER_C, THERMAL_DIFFUSIVITY_M2_S, WALL_LOSS_W_M2_K } from "../heat/constants";
import { ingredientById } from "../ingredient/catalogue";
import {
  FAT_LAYER_FACTOR,
  FAT_RENDER_MIN,
  LEFT_IN_CLOTH_L,
  LEFT_ON_PRESSED_L_KG,
  LEFT_ON_SOLIDS_L_KG,
} from "../liquid/constants";
import {
  bonesHereWords,
  hotHereWords,
  keptHereWords,
  ringHereWords,
  steamHereWords,
  tenderHereWords,
} from "../learn/say-taught";
import { PARAMETER_NAMES, type Parameters } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { heatsOf, isByClock, isByLevel, stretchesOf } from "../simulate/stretches";
import { ringOf, vesselOf } from "../simulate/references";
import type { FigureId, FigureSpread } from "../simulate/spread";
import type { Trace } from "../simulate/trace";
import type { Constant } from "../units/constant";
import { physics } from "../units/constant";
import type { Because, BecauseInput } from "../units/estimate";
import { vesselAreaM2 } from "../vessel/volume";

interface Told extends SetPot {
  readonly trace: Trace;
  readonly waterL: number;
}

const BOILING = physics("boiling point of water", 0, "°C", "IAPWS-IF97 and standard atmosphere");
const MIN_SHARE = 0.02;

/** Figures that go by how fast the pot steams, and by what reaches it from its ring. */
const BY_STEAM: ReadonlySet<FigureId> = new Set<FigureId>([
  "strainedL",
  "endLiquidL",
  "steamedL",
  "gelatinGL",
  "saltGL",
]);
const BY_WHAT_ENDS_IT: ReadonlySet<FigureId> = new Set<FigureId>(["holdMin", "totalMin"]);
const BY_RING: ReadonlySet<FigureId> = new Set<FigureId>(["toSimmerMin", "totalMin"]);

/** How a figure came about, for the "Why?" beside it. */
export function explain(id: FigureId, told: Told, spread: FigureSpread): Because {
  const [formula, inputs, constants] = STORIES[id](told);
  const shares = (Object.entries(spread.shares) as [keyof Parameters, number][])
    .filter(([, share]) => share >= MIN_SHARE)
    .sort((a, b) => b[1] - a[1])
    .map(([parameter, share]) => ({ name: PARAMETER_NAMES[parameter], share }));
  const { plan, kitchen, trace } = told;
  const endsTender = stretchesOf(plan).some(({ stop }) => stop.by === "tender");
  const endsByLevel = stretchesOf(plan).some(({ stop }) => isByLevel(stop));
  const isBySteam = BY_STEAM.has(id) || (endsByLevel && BY_WHAT_ENDS_IT.has(id));
  const here = [
    ...(isBySteam ? steamHereWords(told) : []),
    ...(BY_RING.has(id) ? ringHereWords(told) : []),
    ...(id === "gelatinGL" ? bonesHereWords(plan, kitchen) : []),
    ...(id === "cookMin" || (endsTender && BY_WHAT_ENDS_IT.has(id)) ? hotHereWords(told) : []),
    ...(id === "strainedL" ? keptHereWords(plan, kitchen) : []),
    ...(endsTender && BY_WHAT_ENDS_IT.has(id)
      ? tenderHereWords(trace.judged.get(trace.mainItemId ?? ""), kitchen)
      : []),
  ];
  return { formula, inputs, constants, spread: shares, here };
}

type Story = readonly [string, readonly BecauseInput[], readonly Constant[]];

/** One input of a figure. */
export const input = (name: string, value: number | string, unit = ""): BecauseInput => ({
  name,
  value,
  unit,
});

/** What says how fast a plan steams. */
export const steamConstants = (setPot: SetPot): readonly Constant[] => {
  const { plan } = setPot;
  const heats = heatsOf(plan);
  const lids = heats.map((heat) => heatOf(heat).lidConstant(heat, vesselOf(setPot)));
  return [
    ...new Set([
      ...heats.map((heat) => heatOf(heat).steamConstant(heat)),
      ...lids.filter((lid) => lid !== null),
    ]),
    ...(plan.fat === "skimHot" ? [] : [FAT_LAYER_FACTOR]),
  ];
};

/** How hot it gets, by heat. */
export const heatConstants = (plan: Plan): readonly Constant[] => [
  ...new Set(heatsOf(plan).flatMap((heat) => heatOf(heat).constants(heat))),
];

/** How its heat is set. */
export const heatInputs = (plan: Plan): readonly BecauseInput[] =>
  heatsOf(plan).flatMap((heat, i) =>
    inputsOfHeat(heat).map((one) => (i === 0 ? one : { ...one, name: `then ${one.name}` })),
  );

const inputsOfHeat = (heat: Heat): readonly BecauseInput[] =>
  heatOf(heat)
    .inputs(heat)
    .map(([name, value, unit]) => input(name, value, unit));

const leftConstant = ({ plan }: Told): Constant =>
  plan.strain.pressed ? LEFT_ON_PRESSED_L_KG : LEFT_ON_SOLIDS_L_KG;

const gelatinConstants = ({ plan }: Told): readonly Constant[] =>
  plan.items.flatMap((item) => {
    const { gelatinGKg, gelatinKMin, name } = ingredientById(item.ingredientId);
    return gelatinGKg === undefined || gelatinKMin === undefined
      ? []
      : [
          { ...gelatinGKg, name: `${name}: ${gelatinGKg.name}` },
          { ...gelatinKMin, name: `${name}: ${gelatinKMin.name}` },
        ];
  });

const potInputs = (told: Told): readonly BecauseInput[] => [
  input("surface", vesselAreaM2(vesselOf(told), told.trace.startDepthM) * 1e4, "cm²"),
  ...heatInputs(told.plan),
  input("hold", told.trace.holdMin, "min"),
];

const ledgerInputs = ({ trace, waterL }: Told): readonly BecauseInput[] => [
  input("water in", waterL, "L"),
  input("from meat", trace.ledger.juice, "kg"),
  input("from vegetables", trace.ledger.vegetables, "kg"),
  input("taken up by solids", -trace.ledger.takenUp, "kg"),
  input("steamed off", -(trace.ledger.evaporated + trace.ledger.vented), "kg"),
  ...(trace.ledger.overRim < 0 ? [input("ran over the rim", -trace.ledger.overRim, "kg")] : []),
];

const timeInputs = (told: Told): readonly BecauseInput[] => [
  input("ring", ringOf(told).powerW, "W"),
  input("heat that reaches the pot", told.trace.ringW, "W"),
  input("boiling point here", told.trace.boilingC, "°C"),
  input("solids", told.trace.solidsInKg, "kg"),
];

const STORIES: Record<FigureId, (told: Told) => Story> = {
  strainedL: (t) => [
    "Water in, plus what meat and vegetables let go, less what they take up, less steam, less what stays on the solids and in the cloth. Cold litres.",
    [
      ...ledgerInputs(t),
      input("left on the solids", -t.trace.ledger.leftOnSolids, "kg"),
      input("left in the cloth", -t.trace.ledger.leftInCloth, "kg"),
    ],
    [...steamConstants(t), leftConstant(t), LEFT_IN_CLOTH_L],
  ],
  endLiquidL: (t) => [
    "Water in, plus what meat and vegetables let go, less what they take up, less steam. Cold litres, bones still in.",
    ledgerInputs(t),
    steamConstants(t),
  ],
  steamedL: (t) => [
    "Steam per square metre and hour at this simmer, times the free surface, times the lid's and the fat's share, over the whole time, with the come-up added.",
    potInputs(t),
    steamConstants(t),
  ],
  gelatinGL: (t) => [
    "What each kind of bone can give, times the share drawn out by this cook value, 1 − exp(−C/K), divided by the liquid before straining.",
    [
      input("cook value of the bones", t.trace.cookMin, "min at 100 °C"),
      input("liquid", t.trace.endLiquidL, "L"),
    ],
    gelatinConstants(t),
  ],
  saltGL: (t) => [
    "All salt that went in, divided by the liquid before straining. Salt does not steam off.",
    [input("liquid", t.trace.endLiquidL, "L")],
    t.plan.items.flatMap((i) => ingredientById(i.ingredientId).saltGKg ?? []),
  ],
  fatKg: (t) => [
    "Fat that each kind of bone or meat holds, times the share that has rendered out by this cook value.",
    [input("cook value of the bones", t.trace.cookMin, "min at 100 °C")],
    [...t.plan.items.flatMap((i) => ingredientById(i.ingredientId).fatKgKg ?? []), FAT_RENDER_MIN],
  ],
  cookMin: (t) => [
    "Every minute counts 10^((T − 100)/z): averaged over the piece while heat goes in, over come-up, hold and rest.",
    [
      input("simmer at", t.trace.holdC, "°C"),
      input("hold", t.trace.holdMin, "min"),
      input("piece", t.plan.pieceM * 100, "cm"),
    ],
    [COOK_VALUE_Z_C, ...heatConstants(t.plan), THERMAL_DIFFUSIVITY_M2_S],
  ],
  toSimmerMin: (t) => [
    "Heat from the ring, less what the wall and the steam carry off, warms water, bones and pot step by step.",
    [...timeInputs(t), input("cold water", t.kitchen.waterC, "°C")],
    [
      RINGS[ringOf(t).kind].efficiency,
      WALL_LOSS_W_M2_K[vesselOf(t).body],
      { ...BOILING, value: t.trace.boilingC },
      TAP_WATER_C,
    ],
  ],
  holdMin: (t) => [
    isByClock(t.plan)
      ? "As planned, counted from the simmer."
      : t.plan.then.length > 0
        ? "Stretch after stretch of the heat, each until its own end: its time, its level, or until what rules the dish is at its best."
        : t.plan.stop.by === "tender"
          ? "The time until what rules the dish has its ideal cook value, come-up and rest counted, and its centre is hot enough."
          : t.plan.stop.by === "temperature"
            ? "The time until the middle of what rules the dish is as hot as is said."
            : "The time until steam has taken the level down to where it shall stop.",
    potInputs(t),
    steamConstants(t),
  ],
  totalMin: (t) => [
    "From lighting the ring to the sieve: come-up, boil, hold and pause.",
    [input("to the simmer", t.trace.toSimmerMin, "min"), input("hold", t.trace.holdMin, "min")],
    [RINGS[ringOf(t).kind].efficiency],
  ],
};
