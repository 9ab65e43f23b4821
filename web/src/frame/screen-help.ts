import { PLACES, placeOf, type PlaceName } from "../words/places";

/** What a screen answers, and its drawing read part by part. */
interface ScreenHelp {
  readonly answers: string;
  readonly drawn: readonly (readonly [part: string, means: string])[];
  /** What it is called, where it is not a place of the rail. */
  readonly title?: string;
  /** Whose words it says, where it belongs to no place of the rail. */
  readonly words?: PlaceName;
}

/** By the names of the routes. */
export const SCREEN_HELP: Readonly<Record<string, ScreenHelp>> = {
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
  lessons: {
    title: "Practice",
    answers:
      "What to do when a pot goes otherwise than planned, tried where nothing can be spoilt.",
    drawn: [
      ["Each pot", "as big as it is beside the others; its points are the best it was done with"],
    ],
    words: "cook",
  },
  given: {
    title: "Sent to you",
    answers: "What a link carries: a plan there and as it would be here, or a pot for the logbook.",
    drawn: [],
    words: "plan",
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
      [
        "The pot",
        "all that was in it by its own marks, and how each part left: as steam over the rim, by the sieve, with the solids",
      ],
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
      ["Months", "each as high as pots were begun in it; a tap shows that month's"],
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
  start: {
    title: "Plan a pot",
    words: "plan",
    answers: "What to begin from: a kind of dish, one of your own plans, or a recipe.",
    drawn: [
      [
        "Kinds",
        "each with all that goes in, for the pots you have; everything can be changed after",
      ],
    ],
  },
  read: {
    title: "Read a recipe",
    words: "plan",
    answers: "What a recipe says, line by line, and what it leaves open.",
    drawn: [
      ["Lines", "as it was written, with what it was read as; a tap reads it otherwise"],
      ["Questions", "what a recipe does not say is asked, never guessed"],
    ],
  },
  shopping: {
    title: "Shopping list",
    words: "plan",
    answers: "What the chosen plans need, less what is there, and what it costs.",
    drawn: [["Counters", "what is bought at one counter stands together"]],
  },
  convert: {
    title: "Convert a time",
    words: "crossover",
    answers: "How long a recipe's time is on another heat, without a plan.",
    drawn: [["Answers", "time and liquid on each heat; as written stands beside them"]],
  },
  words: { title: "Words", answers: "What is meant by the words of Kettlos.", drawn: [] },
  chill: {
    title: "Chill",
    answers: "Which way of cooling is fast enough, and whether each gate is met.",
    drawn: [
      ["The course", "how it cools by the way chosen, with what it was read at"],
      ["Gates", "what it must be under and by when; the code of cooling is set under Kitchen"],
      [
        "Chill it another way",
        "fresh ice, other containers, while it cools: the clock of the gates runs on",
      ],
    ],
  },
  portion: {
    title: "Portion",
    answers: "What goes into which of your containers, and how full they may be.",
    drawn: [["Containers", "as full as they will be, with room to freeze"]],
  },
  labels: {
    title: "Labels",
    answers: "What goes onto each container: what, how much, how salty, until when.",
    drawn: [["The sheet", "as it is printed; letters shrink until all of it fits"]],
  },
  beside: {
    title: "Side by side",
    answers: "How two pots went, and what made the difference.",
    drawn: [
      ["Courses", "the liquid in each over the hours; rings are readings"],
      ["Steps", "from one to the other, part by part: each moves it as far as it is long"],
    ],
  },
  dish: {
    title: "One dish over time",
    answers: "How a dish came out each time, and what changing it did.",
    drawn: [["Scales", "each step a cooking; the one that was liked best is marked"]],
  },
  trends: {
    title: "Trends",
    answers: "Whether pots come out as planned, and where they go.",
    drawn: [["Dots", "each a pot; it opens the pot"]],
  },
  taught: {
    title: "What this kitchen has taught",
    answers: "Where this kitchen is otherwise than usual, how sure that is, and from which pots.",
    drawn: [
      ["Scales", "usual is in the middle; the bar is how far off it may be, nine times in ten"],
    ],
  },
};

/** The help of the screen on a route: its title, and the place whose words it says. */
export function helpOf(routeName: unknown): ScreenHelp & { readonly title: string } {
  const name = String(routeName);
  const help = SCREEN_HELP[name] ?? SCREEN_HELP["bench"];
  if (help === undefined) throw new Error("no help for Bench");
  const place = PLACES.find((p) => p.name === (help.words ?? placeOf(name)));
  return {
    ...help,
    title: help.title ?? place?.label ?? PLACES[0].label,
    ...(place === undefined ? {} : { words: place.name }),
  };
}
