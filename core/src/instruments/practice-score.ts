import { exp } from "../units/same-math";
import { onCounter } from "../batch/counter";
import { firstHeatMs } from "../batch/course-of";
import { livePlan } from "../batch/live-plan";
import { boilFirstMinOf } from "../heats/heat";
import { judgedTarget } from "../simulate/judged";
import { resolve } from "../simulate/set-pot";
import { showDuration } from "../units/show";
import type { HiddenPot } from "./hidden-pot";
import {
  amountPart,
  leftShare,
  overBoiledMin,
  type PracticeRun,
  type ScorePart,
} from "./practice-run";

/** Points for what matters most: how much came out, how tender, nothing forgotten, heat, looking. */
const OF = { amount: 40, tenderness: 25, counter: 15, boil: 10, reading: 10 } as const;
/** A tenth off the amount wanted costs half its points. */
const AMOUNT = { of: OF.amount, free: 0, half: 0.1 } as const;
const READINGS_WANTED = 3;

/** Scores a practice pot against its plan as it was cooked, from the true pot and not from the forecast. */
export function practiceParts(written: PracticeRun): readonly ScorePart[] {
  const { cook, pot, truth } = written;
  const plan = livePlan(written.setPot.plan, cook);
  const run = { ...written, setPot: resolve(plan, written.setPot.kitchen) };
  const parts: ScorePart[] = [amountPart(run, AMOUNT, amountWhy(leftShare(run), pot))];
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
  const boil = boilPart(run);
  if (boil !== null) parts.push(boil);
  // What instruments read is enough too.
  const byHand = cook.readings.filter((r) => !r.isInstrument).length;
  const isWatched = byHand < cook.readings.length;
  const looks = isWatched ? READINGS_WANTED : Math.min(READINGS_WANTED, byHand);
  parts.push({
    id: "reading",
    title: "Looking in",
    points: Math.round((OF.reading * looks) / READINGS_WANTED),
    of: OF.reading,
    why:
      looks >= READINGS_WANTED
        ? "Enough readings to know how fast it steams."
        : `${looks} of ${READINGS_WANTED} level readings: with fewer the forecast stays wide.`,
  });
  return parts;
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
function boilPart(run: PracticeRun): ScorePart | null {
  const { plan } = run.setPot;
  if (boilFirstMinOf(plan.heat) === null || firstHeatMs(plan, run.cook) === null) return null;
  const overMin = overBoiledMin(run);
  return {
    id: "boil",
    title: "Turned down in time",
    points: Math.round(OF.boil * exp(-Math.max(0, Math.abs(overMin) - 3) / 15)),
    of: OF.boil,
    why:
      overMin > 3
        ? `It boiled hard ${showDuration(overMin)} longer than planned.`
        : overMin < -3
          ? "It was said to simmer before it had boiled as long as planned."
          : "Turned down when it was due.",
  };
}
