import { VOCABULARY } from "../words/vocabulary";
import { weekdayClockOf, weekdayDateOf, weekdayDateClockOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import { KIND_FORMULAS } from "@kettlos/core/dish/kind-formulas";
import type { Holding } from "@kettlos/core/larder/larder";
import { LARDER_KIND_WORDS } from "@kettlos/core/larder/larder-words";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { KINDS } from "@kettlos/core/simulate/dish-words";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { capacityL } from "@kettlos/core/vessel/volume";
import type { PotState } from "../data/pot-state";
import { allWords, countWords, keyOf } from "../words/held-words";
import type { Findable } from "./findable";

/** Screens by what a cook would call them. */
const SCREENS: readonly [to: string, title: string, words: string][] = [
  ["/bench", "Bench", "start today home overview"],
  ["/new", "Plan a pot", "new begin kinds recipe empty"],
  ["/read", "Read a recipe", "paste import text web"],
  ["/shopping", "Shopping list", "buy butcher cost prices"],
  ["/convert", "Convert a time", "slow cooker oven pressure hob hours quick"],
  ["/crossover", "Crossover", "slow cooker oven pressure hob compare convert"],
  ["/larder", "Larder", "freezer fridge shelves jars stock frozen"],
  ["/labels", "Labels", "print stickers sheet"],
  ["/logbook", "Logbook", "history past results"],
  [
    "/kitchen",
    "Kitchen",
    "settings altitude units fahrenheit celsius backup export import restore cooling code alarm sound notification night sleep removed undo bin day dark",
  ],
  [
    "/lessons",
    "Practice: pots that go wrong",
    "lesson learn try tutorial boil over power cut salty tough weak lukewarm",
  ],
  ["/words", "Words", "glossary help meaning explain dictionary"],
];

export interface Sources {
  readonly kitchen: Kitchen;
  readonly plans: readonly Plan[];
  /** Under way, and in the logbook; the newest first. */
  readonly open: readonly PotState[];
  readonly logged: readonly ShelvedPot[];
  readonly holdings: readonly Holding[];
  readonly units: UnitSystem;
}

const within = (plan: Plan): readonly string[] => plan.items.map(nameOf);
const day = (ms: number) => weekdayDateOf(ms);

function ofPlan(plan: Plan): Findable {
  const ready =
    plan.readyAt === null ? "" : `ready by ${weekdayDateClockOf(Date.parse(plan.readyAt))}`;
  return {
    id: `plan ${plan.id}`,
    to: `/plan/${plan.id}`,
    title: plan.name,
    where: "Plan",
    weight: plan.readyAt === null ? 1.35 : 1.5,
    says: [plan.forWhat === "" ? "" : `for ${plan.forWhat}`, ready]
      .filter((s) => s !== "")
      .join(", "),
    parts: [...within(plan), ...(plan.note === "" ? [] : [plan.note])],
  };
}

const quoted = (notes: readonly string[]) => notes.map((text) => `“${text}”`);

const ofLogged = (pot: ShelvedPot, age: number, units: UnitSystem): Findable => ({
  id: `pot ${pot.id}`,
  title: pot.name,
  parts: [...pot.ingredients, ...quoted(pot.notes)],
  begunMs: pot.begunMs,
  to: `/logbook/${pot.id}`,
  where: "Logbook",
  // The newer first.
  weight: 1 + 0.3 / (1 + age),
  says: [
    day(pot.begunMs),
    pot.strainedL === null ? "" : showVolume(pot.strainedL, units === "us" ? "us" : "metric"),
    pot.set ?? "",
    pot.isPractice ? "practice" : "",
  ]
    .filter((s) => s !== "")
    .join(", "),
});

function ofOpen({ batch, cook }: PotState): Findable {
  const begun = begunMs({ batch, cook });
  const isOn = cook.strainedMs === null;
  return {
    id: `pot ${batch.id}`,
    title: batch.plan.name,
    parts: [
      ...within(batch.plan),
      ...quoted([...cook.notes, ...cook.tastings].map((t) => t.text).filter((t) => t !== "")),
    ],
    begunMs: begun,
    to: isOn ? `/cook/${batch.id}` : `/strain/${batch.id}`,
    where: isOn ? "On the fire" : "Strained",
    says: `since ${weekdayClockOf(begun)}${batch.practice === undefined ? "" : ", practice"}`,
    isPressing: true,
    weight: 2,
  };
}

const ofHolding = (held: Holding, units: UnitSystem): Findable => ({
  id: `held ${keyOf(held)}`,
  to: `/larder/${encodeURIComponent(keyOf(held))}`,
  title: held.lot.name,
  where: held.place === "freezer" ? "Freezer" : "Fridge",
  says: `${countWords(held.lot.container.kind, held.count)}, ${allWords(held.lot, held.count, units === "us" ? "us" : "metric")}, best before ${day(held.bestBeforeMs)}`,
  parts: [],
  words: `larder ${LARDER_KIND_WORDS[held.lot.kind]}`,
});

/** All that can be looked for: pots, plans, the larder, the kitchen's pots, kinds to begin, screens. */
export const findables = ({
  kitchen,
  plans,
  open,
  logged,
  holdings,
  units,
}: Sources): readonly Findable[] => [
  ...open.map(ofOpen),
  ...logged.map((p, age) => ofLogged(p, age, units)),
  ...plans.map(ofPlan),
  ...holdings.map((h) => ofHolding(h, units)),
  ...kitchen.vessels.map((v) => ({
    id: `vessel ${v.id}`,
    to: "/kitchen",
    title: v.name,
    where: "Kitchen",
    says: `holds ${showVolume(capacityL(v), units)}`,
    parts: [],
    words: "pot",
  })),
  ...KINDS.map((kind) => ({
    id: `kind ${kind}`,
    to: `/new?kind=${kind}`,
    title: KIND_FORMULAS[kind].name,
    where: "Begin",
    says: KIND_FORMULAS[kind].about,
    parts: [],
    words: "new",
  })),
  ...VOCABULARY.map(({ term, means, also }) => ({
    id: `word ${term}`,
    to: `/words#${encodeURIComponent(term)}`,
    title: term,
    where: "Word",
    says: means,
    parts: [],
    // What is cooked or kept comes first, what it is called after that.
    weight: 0.2,
    ...(also === undefined ? {} : { words: also }),
  })),
  ...SCREENS.map(([to, title, words]) => ({
    id: `screen ${to}`,
    to,
    title,
    where: "Screen",
    says: "",
    parts: [],
    words,
  })),
];
