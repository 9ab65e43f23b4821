/** How money is written where it is not the euro. */
const SIGNS: Readonly<Record<string, string>> = {
  AU: "$",
  CA: "$",
  CH: "Fr.",
  CZ: "Kč",
  DK: "kr",
  GB: "£",
  IN: "₹",
  JP: "¥",
  MX: "$",
  NO: "kr",
  NZ: "$",
  PL: "zł",
  SE: "kr",
  US: "$",
};

/**
 * The sign of the money there, as a first guess.
 * @param country its two letters
 */
export const usualMoney = (country: string): string => SIGNS[country] ?? "€";
