import { codeOf, holdingLineC } from "../cool/codes";
import type { Interrupted } from "./fold";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";

const MINUTE_MS = 60_000;
const RULE =
  "Power off, or heat out, and nobody knows how long: throw it away, even if it looks done. What was fully cooked before, or is read above the line while it is still off, is not lost; a reading after the heat is back proves nothing.";
const WHOSE = "US guidance (USDA) on power cuts and slow cookers; your local food code rules";

/** Without heat, nobody knows how long: thrown away, unless something shows that it need not be. */
export function unknownCut(facts: LiveFacts): LiveCaution | null {
  const cut = facts.cook.interruptions.findLast((i) => i.isUnknown && i.why !== "lidOff");
  if (cut === undefined) return null;
  const lineC = holdingLineC(codeOf(facts.kitchen));
  const say = (part: Pick<LiveCaution, "severity" | "title" | "text">) =>
    live({ id: "unknownCut", sinceMs: cut.saidMs, rule: RULE, whose: WHOSE, ...part });
  const hot = readHotWhileOff(facts, cut, lineC);
  if (hot !== null)
    return say({
      severity: "note",
      title: "It is hot yet",
      text: `${hot.toFixed(0)} °C was read while it was still off. Bring it back to a full simmer, or chill it at once.`,
    });
  if (wasDone(facts, cut))
    return say({
      severity: "caution",
      title: "It was done before the heat went",
      text: "Eat it now, or chill it at once, shallow and fast. Where it may have stood under the line for over 2 h since, throw it away.",
    });
  return say({
    severity: "danger",
    title: "Nobody knows how long it was without heat",
    text:
      cut.untilMs === null
        ? `Throw it away, even if it looks done. Only a thermometer now, before the heat is back, can show otherwise: ${lineC} °C or more in the middle, and write it down.`
        : "Throw it away, even if it looks done or is hot again: what grew while it was warm may have left its poison.",
  });
}

/** What was read at or above the line while it was still off; null where nothing was. */
function readHotWhileOff({ cook }: LiveFacts, cut: Interrupted, lineC: number): number | null {
  const endMs = cut.untilMs ?? Infinity;
  const last = cook.temperatures.findLast((t) => t.atMs >= cut.saidMs && t.atMs <= endMs);
  return cut.saidMs < endMs && last !== undefined && last.tempC >= lineC ? last.tempC : null;
}

/** A fork said so before, or it had had all its time when it was last seen. */
function wasDone({ cook, forecast }: LiveFacts, cut: Interrupted): boolean {
  const isTender = cook.checks.some(
    (c) => c.atMs <= cut.fromMs && (c.how === "tender" || c.how === "tooSoft"),
  );
  const { toSimmerMin, holdMin } = forecast.planned;
  const endMs =
    (cook.simmerMs ?? (cook.litMs ?? 0) + toSimmerMin * MINUTE_MS) + holdMin * MINUTE_MS;
  return isTender || cut.fromMs >= endMs;
}
