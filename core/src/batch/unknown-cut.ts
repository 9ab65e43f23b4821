import { MINUTE_MS } from "../units/time";
import { codeOf, holdingLineC } from "../cool/codes";
import { aboutC, ruleC, say } from "../units/said";
import type { Interrupted } from "../events/fire/effects";
import { live, type LiveCaution, type LiveFacts } from "./live-caution";

const RULE =
  "Power off, or heat out, and nobody knows how long: throw it away, even if it looks done. What was fully cooked before, or is read above the line while it is still off, is not lost; a reading after the heat is back proves nothing.";
const WHOSE = "US guidance (USDA) on power cuts and slow cookers; your local food code rules";

/** A reading speaks for so long after it, min: then it may be under the line. */
const READING_HOLDS_MIN = 30;

/** Without heat, nobody knows how long: thrown away, unless something shows that it need not be. */
export function unknownCut(facts: LiveFacts): LiveCaution | null {
  const told = facts.cook.interruptions
    .filter((i) => i.isUnknown && i.why !== "lidOff")
    .map((cut) => judged(cut, facts));
  // One that was lost is not mended by a later one that was not.
  return told.find((c) => c.severity === "danger") ?? told.at(-1) ?? null;
}

function judged(cut: Interrupted, facts: LiveFacts): LiveCaution {
  const lineC = holdingLineC(codeOf(facts.kitchen));
  const told = (part: Pick<LiveCaution, "severity" | "title" | "text">) =>
    live({ id: "unknownCut", sinceMs: cut.saidMs, rule: RULE, whose: WHOSE, ...part });
  const hotC = readHotWhileOff(facts, cut, lineC);
  if (hotC !== null)
    return told({
      severity: "note",
      title: "It is hot yet",
      text: say`${aboutC(hotC)} was read while it was still off. Bring it back to a full simmer within ${READING_HOLDS_MIN} min, or chill it at once; else read it again.`,
    });
  if (wasDone(facts, cut))
    return told({
      severity: "caution",
      title: "It was done before the heat went",
      text: "Eat it now, or chill it at once, shallow and fast. Where it may have stood under the line for over 2 h since, throw it away.",
    });
  return told({
    severity: "danger",
    title: "Nobody knows how long it was without heat",
    text:
      cut.untilMs === null
        ? say`Throw it away, even if it looks done. Only a thermometer now, before the heat is back, can show otherwise: ${ruleC(lineC)} or more in the middle, and write it down.`
        : "Throw it away, even if it looks done or is hot again: what grew while it was warm may have left its poison.",
  });
}

/** What was read last at or above the line while it was off, and not long before the heat was back (or now). */
function readHotWhileOff(
  { cook, nowMs }: LiveFacts,
  cut: Interrupted,
  lineC: number,
): number | null {
  const endMs = cut.untilMs ?? nowMs;
  const last = cook.temperatures.findLast((t) => t.atMs >= cut.saidMs && t.atMs <= endMs);
  const isFresh = last !== undefined && endMs - last.atMs <= READING_HOLDS_MIN * MINUTE_MS;
  return isFresh && cut.saidMs < endMs && last.tempC >= lineC ? last.tempC : null;
}

/** A fork said so of what rules it, or it had had all its time, when it was last seen. */
function wasDone({ cook, forecast }: LiveFacts, cut: Interrupted): boolean {
  const { toSimmerMin, holdMin, mainItemId } = forecast.planned;
  const isTender = cook.checks.some(
    (c) =>
      c.itemId === mainItemId &&
      c.atMs <= cut.fromMs &&
      (c.how === "tender" || c.how === "tooSoft"),
  );
  const simmerMs = cook.simmerMs ?? (cook.litMs ?? 0) + toSimmerMin * MINUTE_MS;
  return isTender || cut.fromMs >= simmerMs + holdMin * MINUTE_MS;
}
