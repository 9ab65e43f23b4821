import type { WordPlace } from "../words/vocabulary";

/** What a place answers, and its drawing read part by part. */
export interface PlaceHelp {
  readonly answers: string;
  readonly drawn: readonly (readonly [part: string, means: string])[];
}

export const PLACE_HELP: Readonly<Record<WordPlace, PlaceHelp>> = {
  bench: {
    answers: "What is on, what to start and when, and what to use first.",
    drawn: [
      ["Pots", "each as full as it is now, by its last reading"],
      [
        "The shelf",
        "the pots before, at one scale: as full as they came out, with what was planned",
      ],
      [
        "The rail below",
        "today's hours; a full band is on, a dashed one is planned, the line is now",
      ],
    ],
  },
  plan: {
    answers:
      "How much water for what lies in this pot, how long on this heat, and what will be left.",
    drawn: [
      [
        "The pot",
        "cut through, to scale; pull the blue line, or choose a way of saying the water beside it",
      ],
      ["Hatched", "what steams off until the end"],
      ["The ladder", "what goes in, by its moment; a row opens what it is and what is done to it"],
      [
        "The ribbon",
        "heat, liquid and cook value over the hours; dashed is how far off it may be, green is where it is right",
      ],
    ],
  },
  crossover: {
    answers:
      "How long the same dish takes on another heat, and with how much liquid, so that it is done the same.",
    drawn: [
      ["The lines", "ember is the liquid's heat, ink the middle of the largest piece"],
      ["The wedge", "how far it is cooked: full height is done"],
      ["The bars", "where hands are needed, where an ear is, and where nobody is"],
    ],
  },
  clock: {
    answers:
      "When to begin what, so that all of it is ready, with the hands, rings and sleep there are.",
    drawn: [
      ["Lanes", "one for each pair of hands, ring, oven and pot; a block is work, a band is heat"],
      ["Dark", "the night: nobody works in it, and no flame burns in it"],
      ["Marked", "what cannot be so; each has ways out, worked out before they are offered"],
    ],
  },
  cook: {
    answers: "What to do next, and when it will be ready.",
    drawn: [
      ["The pot", "as full as it is now; the thin line is where it ends"],
      ["Large figures", "time left until the next thing to do"],
      ["The counter", "what has still to go in"],
    ],
  },
  strain: {
    answers: "What came of it, where every litre went, and how it gets cold in time.",
    drawn: [
      ["The streams", "what went in and what left the pot, each as wide as its litres"],
      ["The course", "how it cools, against the gates it must be under in time"],
      ["Containers", "as full as they will be, with room to freeze"],
    ],
  },
  larder: {
    answers: "What is there, how salty, until when, and how long it lasts.",
    drawn: [
      ["Shelves", "containers as they are; what is due first stands first"],
      ["The freezer's bar", "how much of its room is taken"],
    ],
  },
  logbook: {
    answers: "What the pots before teach the next one.",
    drawn: [
      ["Pots", "at one scale, as full as they came out; the mark is what was planned"],
      ["Scales", "one dish from time to time: each step a cooking, the best one marked"],
    ],
  },
  kitchen: {
    answers: "What stands in this kitchen: everything else is worked out with it.",
    drawn: [
      ["Pots", "to scale, with the line they may be filled to"],
      ["Rings and ovens", "what each gives, as said or as its pots have shown"],
    ],
  },
};
