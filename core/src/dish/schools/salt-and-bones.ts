import { word } from "../../units/word";
import {
  isId,
  flavour,
  has,
  isStock,
  isDish,
  both,
  change,
  every,
  when,
  state,
  hold,
  BONES,
  BEANS,
  SALT,
  ROOTS,
  START,
  OFF,
  AFTER,
  late,
} from "./plan-moves";
import { question, school, type SchoolQuestion } from "./school";

/** Salt, bones, and how long they give: the questions of what goes in. */
export const SALT_AND_BONES: readonly SchoolQuestion[] = [
  question("saltStock", "Salt in the stock", "none", isStock, [
    school("none", "none until used", "It can be reduced and used in anything.", when(SALT, AFTER)),
    school(
      "little",
      "a little at the start",
      "Draws a little more flavour; it gets saltier as it reduces.",
      when(SALT, START),
    ),
    school(
      "corrected",
      "start, then corrected",
      "Tasted each time the level has fallen by a quarter.",
    ),
  ]),
  question("saltDish", "Salt in the dish", "rounds", isDish, [
    school(
      "rounds",
      "in rounds",
      "A third at the start, a third half-way, the rest to taste: seasoned through.",
    ),
    school("end", "at the end", "Sure not to oversalt; the inside stays milder.", when(SALT, OFF)),
  ]),
  question("saltBeans", "Salt and beans", "tender", has(BEANS), [
    school(
      "soak",
      "in the soak or at the start",
      "Seasoned through; that it toughens is weakly supported.",
      when(SALT, START),
    ),
    school(
      "tender",
      "once tender",
      "The cautious way: nothing can slow the softening.",
      when(SALT, late(10)),
    ),
  ]),
  question("bones", "Bones", "blanched", has(BONES), [
    school("raw", word("raw"), "Fullest flavour, needs skimming.", state(BONES, "raw")),
    school(
      "blanched",
      word("blanched"),
      "Clear: the scum goes down the drain first.",
      state(BONES, "blanched"),
    ),
    school(
      "roasted",
      word("roasted"),
      "Brown and deep; about 5 % less set.",
      state(BONES, "roasted"),
    ),
    school(
      "usedBefore",
      "used before",
      "A second pot: about a fifth less to give.",
      state(BONES, "usedBefore"),
    ),
  ]),
  question("beefTime", "How long, beef bones", "middle", both(isStock, has(flavour("meat"))), [
    school("short", "3–5 h", "Bright taste, light set.", hold(4)),
    school("middle", "6–8 h", "Full flavour and a set.", hold(7)),
    school("long", "12–24 h", "Deepest and stickiest; the fresh notes are gone.", hold(16)),
  ]),
  question("poultryTime", "How long, poultry", "middle", both(isStock, has(flavour("poultry"))), [
    school("short", "2 h", "Light and fresh.", hold(2)),
    school("middle", "4 h", "Full flavour.", hold(4)),
    school("long", "8–16 h", "Most set; tastes of long cooking.", hold(10)),
  ]),
  question(
    "vegetableTime",
    "How long, vegetables",
    "fresh",
    both(isStock, (p) => !has(BONES)(p) && has(ROOTS)(p)),
    [
      school("fresh", "30–45 min", "Bright and green.", hold(40 / 60)),
      school("mellow", "1–2 h covered", "Sweet and mellow.", hold(1.5)),
    ],
  ),
  question("kelp", "Kelp", "out", has(isId("kelp")), [
    school("out", "out before the boil", "Clear and clean.", {
      apply: change(isId("kelp"), (i) => ({
        ...i,
        out: { when: { at: "beforeBoil" }, isBack: false },
      })),
      isNow: every(isId("kelp"), (i) => i.out?.when.at === "beforeBoil"),
    }),
    school("in", "left in", "Stronger, a little slippery.", {
      apply: change(isId("kelp"), ({ out: _out, ...i }) => i),
      isNow: every(isId("kelp"), (i) => i.out === undefined),
    }),
  ]),
];
