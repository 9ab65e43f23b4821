import type { PlaceName } from "./places";

/** A word of Kettlos, and what it means in a line. */
export interface Term {
  readonly term: string;
  readonly means: string;
  /** Places of the rail where it is met. */
  readonly at: readonly PlaceName[];
  /** How it stands in a sentence, where that is not the term itself. */
  readonly found?: RegExp;
  /** Other words for it, for whoever looks for those. */
  readonly also?: string;
}

/** The whole vocabulary beyond what every kitchen says; `npm run words` makes docs/words.md of it. */
export const VOCABULARY: readonly Term[] = [
  {
    term: "Altitude",
    means:
      "How high the kitchen lies. The higher, the cooler water boils and the longer everything takes.",
    at: ["kitchen", "plan"],
    also: "mountain elevation feet metres boiling point",
  },
  {
    term: "Best before",
    means:
      "Until when something in the freezer is at its best; after that, if it stayed frozen, it is safe but duller.",
    at: ["larder"],
    also: "date expiry shelf life",
  },
  {
    term: "Blanch",
    means: "Cold water over the bones, brought to the boil and thrown away, for a clear stock.",
    at: ["plan", "cook"],
    found: /\bblanch/iu,
    also: "parboil scum",
  },
  {
    term: "Block",
    means: "One frozen piece out of a mould.",
    at: ["larder"],
    found: /\bblocks?\b/iu,
    also: "cube",
  },
  {
    term: "Body",
    means: "How thick a liquid is, whatever makes it so: counted as grams of flour in a litre.",
    at: ["plan"],
    also: "thickness consistency",
  },
  {
    term: "By hands",
    means:
      "Work for which somebody has to stand there; beside it, what only wants an ear, and what nobody needs to watch.",
    at: ["clock", "plan"],
    found: /\bhands\b/iu,
    also: "hands-on active time",
  },
  {
    term: "Code of cooling",
    means:
      "Who rules how fast food must be cold, with the temperatures and times it sets. Your local code goes first.",
    at: ["strain", "kitchen"],
    found: /\b(?:food|cooling) code|code of cooling|\bcodes?\b/iu,
    also: "haccp law rule danger zone",
  },
  {
    term: "Cook value",
    means:
      "How much cooking something has had, as minutes at boiling heat: an hour at a bare simmer counts for less. What is tender, done or gone over is told by it.",
    at: ["plan", "cook", "crossover"],
    found: /\bcook value/iu,
    also: "doneness tenderness",
  },
  {
    term: "Counter",
    means: "What stands ready and has still to go into the pot; it calls when its time has come.",
    at: ["cook"],
    also: "mise en place to add",
  },
  {
    term: "Crossover",
    means: "The same dish on another heat: how long there, and with how much liquid.",
    at: ["crossover"],
    also: "convert slow cooker pressure oven",
  },
  {
    term: "Fill line",
    means: "How full a pot may safely be; under pressure it is lower, and lowest for what foams.",
    at: ["plan", "kitchen"],
    also: "maximum overfull",
  },
  {
    term: "Fond",
    means:
      "What browns onto the floor of the pan; loosened with water or wine it is the taste of the dish.",
    at: ["plan", "cook"],
    also: "deglaze",
  },
  {
    term: "Gate",
    means:
      "A temperature that the pot must be under by a certain time while it cools. Met or missed, it is said with what to do.",
    at: ["strain"],
    found: /\bgates?\b/iu,
    also: "two hour rule chilling limit",
  },
  {
    term: "Grit",
    means: "What is muddy on the floor of the pot: the last of the liquid stays with it.",
    at: ["strain"],
    also: "sediment",
  },
  {
    term: "Headspace",
    means: "Room left at the top of a jar or tub, for what is frozen takes more room.",
    at: ["larder", "strain"],
    also: "expansion crack",
  },
  {
    term: "Joint",
    means: "Meat in one piece, as against dice.",
    at: ["plan"],
    also: "roast whole",
  },
  {
    term: "Lid ajar",
    means: "The lid left open a finger: about a third of the steam gets away.",
    at: ["plan", "cook"],
    also: "lid tilted partly covered",
  },
  {
    term: "Lot",
    means: "What was put away of one pot at one time; it has a number, and what is in it is known.",
    at: ["larder"],
    found: /\blots?\b/iu,
    also: "batch number label",
  },
  {
    term: "Meanwhile",
    means: "Work in a pan beside the pot, while the pot is on.",
    at: ["cook", "plan"],
  },
  {
    term: "Natural release",
    means:
      "A pressure cooker left to fall by itself: for stock, stew and whatever foams. Quick release lets it out at once.",
    at: ["crossover", "plan"],
    also: "pressure valve",
  },
  {
    term: "On the fire",
    means: "A pot that is on a heat now.",
    at: ["bench", "cook"],
    also: "cooking now",
  },
  {
    term: "Planned against got",
    means:
      "What the plan foretold beside what the jug measured, and the likeliest reason for the gap.",
    at: ["strain", "logbook"],
    found: /\bplanned\b/iu,
    also: "yield difference",
  },
  {
    term: "Practice pot",
    means:
      "A made-up pot on a fast clock. It teaches nothing to the log and draws on nothing in the larder.",
    at: ["bench", "cook"],
    found: /\bpractice\b|\bpractise/iu,
    also: "demo try simulate",
  },
  {
    term: "Range",
    means: "From what to what it may come to: eight pots of ten end within it. Readings narrow it.",
    at: ["plan", "cook"],
    found: /\brange\b/iu,
    also: "uncertainty error spread",
  },
  {
    term: "Reading",
    means: "What somebody or something measured: a level, a temperature, a weight.",
    at: ["cook", "strain"],
    found: /\breadings?\b/iu,
    also: "measure thermometer dipstick level",
  },
  {
    term: "Ring",
    means: "One flame or plate of the hob.",
    at: ["kitchen", "plan", "cook"],
    found: /\brings?\b/iu,
    also: "burner stove hotplate",
  },
  {
    term: "Ring against pot",
    means: "How much of a ring's heat arrives in the pot on it; a log of a few pots knows it.",
    at: ["kitchen", "logbook"],
    found: /\breach(?:es)? the pot\b|\bgets\b/iu,
    also: "efficiency power",
  },
  {
    term: "Roux",
    means: "Flour stirred in fat. The darker, the more taste, and the less it binds.",
    at: ["plan", "cook"],
  },
  {
    term: "Set",
    means:
      "How a stock stands when it is cold: it pours, quivers, wobbles, holds an edge, or is like rubber.",
    at: ["plan", "strain", "logbook"],
    found: /\bset\b/iu,
    also: "gelatin jelly wobble gel",
  },
  {
    term: "Simmer",
    means:
      "Bare: single beads. Gentle: a string of them. Steady: all over. Rolling: a boil that cannot be stirred down.",
    at: ["plan", "cook"],
    found: /\bsimmers?\b/iu,
    also: "boil bubbles vigour",
  },
  {
    term: "Spoken for",
    means: "A container that a plan has already taken.",
    at: ["larder"],
    also: "reserved",
  },
  {
    term: "Stands",
    means: "Time off the heat under the lid, before it is strained or served.",
    at: ["plan", "clock"],
    found: /\bstands?\b/iu,
    also: "rest",
  },
  {
    term: "Strained",
    means: "What came through the sieve, measured cold.",
    at: ["plan", "strain", "logbook"],
    also: "yield",
  },
  {
    term: "Stretch",
    means:
      "A part of the cooking on one heat: covered until tender, then down by half with the lid off.",
    at: ["plan", "cook"],
    found: /\bstretch(?:es)?\b|\band then\b/iu,
    also: "phase step stage",
  },
  {
    term: "Sweat",
    means: "Vegetables made soft in fat, without colour.",
    at: ["plan", "cook"],
    found: /\bsweat/iu,
  },
  {
    term: "Tide mark",
    means: "The ring that fat leaves on the wall of the pot: how high it stood.",
    at: ["cook"],
  },
  {
    term: "Use by",
    means: "Until when something in the fridge may be eaten; after that it is thrown away.",
    at: ["larder"],
    also: "date expiry",
  },
];
