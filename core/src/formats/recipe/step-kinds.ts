/** What a sentence of a recipe tells to do. */
const STEP_KINDS = [
  "heat",
  "brown",
  "sweat",
  "fry",
  "dredge",
  "deglaze",
  "roux",
  "soak",
  "marinate",
  "tie",
  "roast",
  "blanch",
  "cut",
  "skim",
  "add",
  "takeOut",
  "blend",
  "reduce",
  "thicken",
  "strain",
  "rest",
  "chill",
  "season",
  "serve",
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

const SAYS: Readonly<Record<StepKind, RegExp>> = {
  heat: /\b(simmer|brais|bak(?:e|ed|ing)|stew|boil|pressure|poach|bubbl|slow[ -]?cooker|oven|cook|bring|heat|warm)\w*|\b(?:low|high)\s+\d/i,
  brown: /\b(brown|sear)\w*/i,
  sweat: /\b(sweat|soften|until soft|translucent)\w*/i,
  fry: /\b(fry|fried|saut[eé]|toast|render)\w*/i,
  dredge: /\b(dredge|dust|toss\b[^.]*\bflour|coat\b[^.]*\bflour)\w*/i,
  deglaze: /\b(deglaze|scrap(?:e|ing) up)\b/i,
  roux: /\broux\b/i,
  soak: /\bsoak\w*/i,
  marinate: /\bmarinat\w*/i,
  tie: /\b(tie|truss)\b/i,
  roast: /\broast(?:ed)?\b/i,
  blanch: /\bblanch\w*/i,
  cut: /\b(cut|chop|slice|dice|peel|trim|shred|strip|rub|shape|wash|rinse|pat)\b/i,
  skim: /\bskim\w*/i,
  add: /\b(add|stir in|put|throw in|tip in|fold in|pour|return|combine|layer|toss|in for|everything in|at the end|sprinkle|garnish)\b/i,
  takeOut: /\b(lift|take|remove|fish)\b[^.]*\b(out|remove|discard)\b|\b(discard|remove|drain)\b/i,
  blend: /\b(blend|pur[eé]e\b(?!,| paste)|mash|liquidi[sz]e)\w*/i,
  reduce: /\b(reduce|by half|boil down|bubble away)\b/i,
  thicken: /\bthicken\w*/i,
  strain: /\bstrain\w*/i,
  rest: /\b(rest|stand)\b[^.]*\d|\blet\b[^.]*\b(rest|stand)\b/i,
  chill: /\b(chill|cool|refrigerate|freeze)\b/i,
  season: /\bseason\b|\bto taste\b/i,
  serve: /\bserv(?:e|ing)\b/i,
};

/** What a plan's own figures, works and moments stand for, or what needs none. */
const HELD: ReadonlySet<StepKind> = new Set<StepKind>([
  "heat",
  "brown",
  "sweat",
  "roux",
  "soak",
  "tie",
  "roast",
  "blanch",
  "cut",
  "skim",
  "add",
  "strain",
  "chill",
  "season",
  "serve",
]);

/** True where a plan stands for all that a sentence tells to do; else the cook minds it. */
export const isHeld = (kinds: readonly StepKind[]): boolean =>
  kinds.length > 0 && kinds.every((k) => HELD.has(k));

/** Everything a sentence tells to do; empty where nothing of it was understood. */
export const stepKindsOf = (sentence: string): readonly StepKind[] =>
  STEP_KINDS.filter((kind) => SAYS[kind].test(sentence));
