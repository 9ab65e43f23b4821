import type { Cook } from "./fold";

/** Litres that were ladled out and are not back yet. */
export const ladledOutL = ({ pours }: Pick<Cook, "pours">): number =>
  Math.max(0, -pours.reduce((sum, p) => (p.volumeL < 0 || p.isBack ? sum + p.volumeL : sum), 0));
