/** Why a pot stood without heat, or open. */
export const INTERRUPTIONS = ["paused", "powerCut", "lidOff"] as const;
export type Interruption = (typeof INTERRUPTIONS)[number];
