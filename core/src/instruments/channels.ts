/** What an instrument can measure of a pot. Units are in the names: °C, kg gross, m of liquid. */
export const CHANNELS = ["liquidC", "pieceC", "potKg", "depthM"] as const;
export type Channel = (typeof CHANNELS)[number];
