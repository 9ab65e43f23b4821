/** The places in the order of the work; only those that work are here. */
export const PLACES = [
  { name: "bench", path: "/bench", label: "Bench", key: "1" },
  { name: "plan", path: "/plan", label: "Plan", key: "2" },
  { name: "crossover", path: "/crossover", label: "Crossover", key: "3" },
  { name: "clock", path: "/clock", label: "Clock", key: "4" },
  { name: "cook", path: "/cook", label: "Cook", key: "5" },
  { name: "strain", path: "/strain", label: "Strain & chill", key: "6" },
  { name: "larder", path: "/larder", label: "Larder", key: "7" },
  { name: "logbook", path: "/logbook", label: "Logbook", key: "8" },
  { name: "kitchen", path: "/kitchen", label: "Kitchen", key: "9" },
] as const;

/** Screens that belong to a place without standing in the rail themselves. */
const WITHIN: Readonly<Record<string, string>> = {
  chill: "strain",
  portion: "strain",
  labels: "larder",
  taught: "logbook",
  beside: "logbook",
  dish: "logbook",
  trends: "logbook",
  lessons: "cook",
};
export type PlaceName = (typeof PLACES)[number]["name"];

/** The place of the rail that a screen belongs to. */
export const placeOf = (routeName: unknown): string =>
  WITHIN[String(routeName)] ?? String(routeName);
