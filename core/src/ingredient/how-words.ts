import type { IngredientGroup } from "./ingredient";

/** Words that say how, how big or how good, never what. */
export const HOW: ReadonlySet<string> = new Set(
  `a an the of and with in into for from to at on about some few couple plus extra more your my our favorite favourite each
  fresh freshly live whole small medium large big tiny thick thin good quality best ripe young firm organic free-range
  local raw cold warm boiling lukewarm room-temperature tepid iced cool boneless skinless skin-on lean fine finely
  roughly coarsely thinly thickly lightly well very approximately generous generously chopped diced sliced cut cubed
  crushed grated peeled unpeeled trimmed rinsed drained undrained halved quartered shredded torn smashed bruised seeded
  deseeded cored stemmed husked pitted stoned washed scrubbed cleaned jointed cracked thawed defrosted frozen
  softened melted sifted level packed reserved divided optional crumbled julienned shelled picked stripped patted
  chunk chunky piece dice slice wedge matchstick round coin half strip bite-size bite-sized size sized
  inch cm mm thick wide long across per if needed available preferably mixed-size loose large-diced medium-sized
  small-diced large-cut thick-cut thin-cut soaked overnight unsliced`.split(/\s+/),
);

/** In what is chopped, ground or dried anyway these say how; of anything else they make another thing. */
export const ONLY_HOW: Readonly<Record<string, readonly IngredientGroup[]>> = {
  ground: ["aromatic", "salt", "sweet"],
  minced: ["aromatic", "vegetable"],
  dry: ["aromatic", "dried", "pulse", "grain"],
  powder: ["starch", "salt"],
  flake: ["salt"],
  leaf: ["aromatic"],
  seed: ["aromatic"],
  sprig: ["aromatic"],
  stalk: ["aromatic", "vegetable"],
  stem: ["aromatic"],
  berry: ["aromatic"],
  pod: ["aromatic"],
  root: ["vegetable"],
  bulb: ["aromatic", "vegetable"],
  head: ["vegetable", "aromatic"],
  floret: ["vegetable"],
  hot: ["liquid"],
  baby: ["vegetable"],
  fillet: ["fish"],
  cube: ["meat", "vegetable", "fish", "bones"],
  quarter: ["vegetable"],
  meat: ["meat"],
  roasted: ["bones"],
  blanched: ["bones"],
  meaty: ["bones"],
  chilled: ["dairy", "fat"],
  unsweetened: ["liquid", "dairy", "sweet"],
  unsalted: ["dried"],
  bought: ["liquid"],
  dark: ["liquid"],
};

/** Words that make another thing of it wherever in the line they stand: state, product, origin. */
export const STATES: ReadonlySet<string> = new Set(
  `dry canned smoked cured salted unsalted pickled fermented candied roasted cooked precooked leftover homemade home-made
  ground minced powdered bone-in low-salt unsweetened vegan vegetarian zest peel rind juice`.split(
    /\s+/,
  ),
);

/** Of the line, yet nothing that is eaten. */
export const TOOLS =
  /\b(twine|string|cheesecloth|muslin|skewers?|toothpicks?|foil|parchment|baking paper|thermometer)\b/i;
