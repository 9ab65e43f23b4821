/** What goes for an ingredient where nothing is said of it. */
export const USUAL_ITEM = {
  preparation: "",
  boneState: "raw",
  frozen: false,
  boiledMin: 0,
} as const;

/** The same for a plan. */
export const USUAL_PLAN = {
  forWhat: "",
  feeds: "people",
  kind: null,
  end: "strained",
  serves: null,
  saltWantedGKg: null,
  thickWantedGL: null,
  source: "",
  pieceM: 0.03,
  fat: "liftCold",
  readyAt: null,
  prepareMin: 15,
  note: "",
} as const;
export const USUAL_STRAIN = { when: "afterPause", pressed: false, clothPasses: 0 } as const;
