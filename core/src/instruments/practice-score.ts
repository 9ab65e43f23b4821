import { asPlanned } from "../simulate/as-planned";
import { resolve, type SetPot } from "../simulate/set-pot";
import { boilFirstMinOf } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { judgedTarget } from "../simulate/judged";
import { onCounter } from "../batch/counter";
import { firstHeatMs } from "../batch/course-of";
import type { Cook } from "../batch/fold";
import { livePlan } from "../batch/live-plan";
import type { Plan } from "../simulate/plan-schema";
import { showDuration, showVolume } from "../units/show";
import type { HiddenPot } from "./hidden-pot";
import { falling } from "./practice-points";

/** One thing that went well or cost points, with what happened and why. */
export interface ScorePart {
  readonly id: string;
  readonly title: string;
  readonly points: number;
  readonly of: number;
  readonly why: string;
}

/** How a practice pot was cooked, out of 100, and what was hidden in it. */
export interface PracticeScore {
  readonly points: number;
  readonly parts: readonly ScorePart[];
  /** What this pot really was: how it differed from what was reckoned. */
  readonly hidden: readonly string[];
}

/** Points for what matters most: how much came out, how tender, nothing forgotten, heat, looking. */
const OF = { amount: 40, tenderness: 25, counter: 15, boil: 10, reading: 10 } as const;
/** A tenth off the amount wanted costs half its points. */
const AMOUNT_HALF = 0.1;
const READINGS_WANTED = 3;

/**
 * Scores a practice pot against its plan, from the true pot and not from the forecast. Null until it is
 * off the heat.
 */
export function scorePractice(
  { plan: written, kitchen }: SetPot,
  cook: Cook,
  pot: HiddenPot,
): PracticeScore | null {
  const plan = livePlan(written, cook);
  const truth = pot.wholeTrace(cook);
  if (truth === null || cook.offMs === null) return null;
  const planned = asPlanned(resolve(plan, kitchen)).trace;
  const wantedL = planned.endLiquidL;
  const gotL = truth.endLiquidL;
  const share = gotL / Math.max(0.05, wantedL);
  const parts: ScorePart[] = [
    {
      id: "amount",
      title: "How much is left",
      points: falling(OF.amount, Math.abs(share - 1), AMOUNT_HALF),
      of: OF.amount,
      why: `${showVolume(gotL, "metric")} in the pot, ${showVolume(wantedL, "metric")} planned. ${amountWhy(share, pot)}`,
    },
  ];
  const main = plan.items.find((i) => i.id === truth.mainItemId);
  const target = main === undefined ? null : judgedTarget(main, truth);
  if (target !== null) {
    const { cookMin } = truth;
    const done = target.done.value;
    const past = target.past.value;
    const isGood = cookMin >= target.ideal.value * 0.85 && cookMin <= past;
    const points = isGood
      ? OF.tenderness
      : cookMin < done
        ? Math.round((OF.tenderness * cookMin) / done / 2)
        : Math.round(OF.tenderness * 0.6);
    parts.push({
      id: "tenderness",
      title: "Tenderness",
      points,
      of: OF.tenderness,
      why: isGood
        ? `${target.name}: at its best.`
        : cookMin < done
          ? `${target.name}: it got ${Math.round((cookMin / done) * 100)} % of the cooking it asks for. A fork would have said so.`
          : cookMin > past
            ? `${target.name}: cooked past it.`
            : `${target.name}: just done, not yet at its best.`,
    });
  }
  const forgotten = onCounter(plan, cook);
  parts.push({
    id: "counter",
    title: "Nothing forgotten",
    points: forgotten.length === 0 ? OF.counter : 0,
    of: OF.counter,
    why:
      forgotten.length === 0
        ? "All of it went in, or was left out on purpose."
        : `${forgotten.length} left on the counter.`,
  });
  const boil = boilPart(plan, cook, truth.comeUpMin);
  if (boil !== null) parts.push(boil);
  const count = cook.readings.filter((r) => !r.isInstrument).length;
  const looks = Math.max(count, cook.readings.length > 0 ? READINGS_WANTED : 0);
  parts.push({
    id: "reading",
    title: "Looking in",
    points: Math.round((OF.reading * Math.min(READINGS_WANTED, looks)) / READINGS_WANTED),
    of: OF.reading,
    why:
      looks >= READINGS_WANTED
        ? "Enough readings to know how fast it steams."
        : `${looks} of ${READINGS_WANTED} level readings: with fewer the forecast stays wide.`,
  });
  const sum = parts.reduce((total, p) => total + p.points, 0);
  const of = parts.reduce((total, p) => total + p.of, 0);
  return { points: Math.round((100 * sum) / of), parts, hidden: hiddenWords(pot) };
}

function amountWhy(share: number, pot: HiddenPot): string {
  const steam = Math.round((pot.constants.evaporation - 1) * 100);
  const how =
    Math.abs(steam) < 4
      ? "as expected"
      : `${Math.abs(steam)} % ${steam > 0 ? "faster" : "slower"} than expected`;
  if (Math.abs(share - 1) < 0.05) return `It steamed ${how}, and you met it.`;
  return share < 1
    ? `It steamed ${how}: a lid, a lower flame or an earlier end would have kept more.`
    : `It steamed ${how}: more time, or the lid off, would have brought it down.`;
}

/** Turned down soon after it boiled: what boils hard boils away, and clouds. */
function boilPart(plan: Plan, cook: Cook, comeUpMin: number): ScorePart | null {
  const boilMin = boilFirstMinOf(plan.heat);
  const fromMs = firstHeatMs(plan, cook);
  if (boilMin === null || fromMs === null) return null;
  const turnedMin = ((cook.simmerMs ?? cook.offMs ?? fromMs) - fromMs) / MINUTE_MS;
  const overMin = turnedMin - comeUpMin - boilMin;
  return {
    id: "boil",
    title: "Turned down in time",
    points: Math.round(OF.boil * Math.exp(-Math.max(0, Math.abs(overMin) - 3) / 15)),
    of: OF.boil,
    why:
      overMin > 3
        ? `It boiled hard ${showDuration(overMin)} longer than planned.`
        : overMin < -3
          ? "It was said to simmer before it had boiled as long as planned."
          : "Turned down when it was due.",
  };
}

/** What differed in this pot by more than a few per cent. */
function hiddenWords(pot: HiddenPot): readonly string[] {
  const { evaporation, efficiency, freed } = pot.constants;
  const say = (factor: number, more: string, less: string): readonly string[] => {
    const percent = Math.round((factor - 1) * 100);
    return Math.abs(percent) < 5 ? [] : [`${Math.abs(percent)} % ${percent > 0 ? more : less}`];
  };
  return [
    ...say(evaporation, "more steam than expected", "less steam than expected"),
    ...say(efficiency, "more heat from the ring", "less heat from the ring"),
    ...say(freed, "more juice from meat and vegetables", "less juice from meat and vegetables"),
  ];
}
