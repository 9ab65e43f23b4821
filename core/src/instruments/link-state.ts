/** How an instrument stands with us. */
export type LinkState = "waiting" | "connected" | "stale" | "lost";

/** Quiet for longer than this it is stale, then lost, on the real clock. */
const STALE_MS = 5_000;
const LOST_MS = 20_000;

/**
 * By when it last spoke: stale after 5 s, lost after 20 s; waiting until it has spoken once. Both moments
 * are on the real clock, however fast the pot's runs.
 */
export function linkStateOf(lastMs: number | null, sinceMs: number, nowMs: number): LinkState {
  const quietMs = nowMs - (lastMs ?? sinceMs);
  if (quietMs >= LOST_MS) return "lost";
  if (lastMs === null) return "waiting";
  return quietMs >= STALE_MS ? "stale" : "connected";
}
