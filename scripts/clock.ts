/** Fills the clock of a Kettlos file: npm run --silent clock -- FILE.json [--now TIME] [--text | --ics]. */
import { resolve } from "@kettlos/core/simulate/set-pot";
import { emptyClock } from "@kettlos/core/simulate/clock";
import type { Asked } from "@kettlos/core/clock/day";
import { calendarOf } from "@kettlos/core/clock/calendar";
import {
  clockAnswer,
  troubleAnswers,
  type ClockAnswer,
  type TroubleAnswer,
} from "@kettlos/core/clock/answer";
import { clockworkOf, troublesOf } from "@kettlos/core/clock/clockwork";
import type { SheetRow } from "@kettlos/core/clock/run-sheet";
import { runningOf } from "@kettlos/core/clock/running";
import { sayTrouble } from "@kettlos/core/clock/say-clock";
import type { Stretch } from "@kettlos/core/clock/stretch";
import { minuteOf, wallClock, type Minute } from "@kettlos/core/clock/wall-clock";
import { COOKED_FOR_MS } from "@kettlos/core/clock/cooked-for";
import { isAheadIn, leftToCook } from "@kettlos/core/clock/cooked";
import { withReadyTimes } from "@kettlos/core/clock/wishes";
import { fold } from "@kettlos/core/batch/fold";
import { cookedPlan } from "@kettlos/core/batch/live-plan";
import { onFire } from "@kettlos/core/batch/on-fire";
import { readKettlosFile, type KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { withLog } from "@kettlos/core/learn/from-log";
import { inWords } from "@kettlos/core/units/said";
import { parseArgs } from "node:util";
import { argumentsBy, refuse, textOf } from "./command-line";

const USAGE = "Usage: npm run --silent clock -- FILE.json [--now TIME] [--text | --ics]";

function readArguments() {
  const { values, positionals } = argumentsBy(
    () =>
      parseArgs({
        allowPositionals: true,
        options: {
          now: { type: "string" },
          text: { type: "boolean", default: false },
          ics: { type: "boolean", default: false },
        },
      }),
    USAGE,
  );
  return { ...values, path: positionals[0], extra: positionals.slice(1) };
}

const { path, now: nowText, text, ics, extra } = readArguments();
if (path === undefined || extra.length > 0 || (text && ics)) refuse([USAGE]);
const reading = readKettlosFile(textOf(path));
if (!reading.ok)
  refuse(reading.problems.map((p) => (p.path === "" ? p.message : `${p.path}: ${p.message}`)));
// The plans go by what the log has taught.
const file: KettlosFile = {
  ...reading.file,
  kitchen: withLog(reading.file.kitchen, reading.file.batches, reading.file.events),
};
const nowMs = nowOf(file, nowText);
const clock = withReadyTimes(file.clock ?? emptyClock(), file.plans, nowMs);
refuseUnknown(file);
if (clock.meals.length === 0 && clock.loose.length === 0)
  refuse([
    "clock: Nothing is wanted for any time. Give meals or pots under clock, or a plan its readyAt.",
  ]);
const wall = wallOf(clock.timeZone);
const { meals, cookedAhead } = leftToCook(clock.meals, isCooked);
const asked: Asked = {
  kitchen: file.kitchen,
  plans: file.plans,
  clock: { ...clock, meals },
  cookedAhead,
  running: runningIn(file, nowMs),
  now: minuteOf(nowMs),
};
const work = clockworkOf(asked, wall);
if (ics) process.stdout.write(calendarOf(work, wall, minuteOf(nowMs)));
else {
  const answer = clockAnswer(work, wall);
  const troubles = troubleAnswers(troublesOf(work, wall), work, wall);
  process.stdout.write(
    text ? asText(answer, troubles) : `${JSON.stringify(asJson(answer, troubles), null, 2)}\n`,
  );
}

function wallOf(timeZone: string | undefined) {
  try {
    return wallClock(timeZone);
  } catch {
    return refuse([
      `clock.timeZone: "${timeZone}" is no time zone. Write one such as Europe/Rome.`,
    ]);
  }
}

/** The moment it is looked at: as told, else when the file was written, else now. */
function nowOf({ exportedAt }: KettlosFile, told: string | undefined): number {
  if (told === undefined) return exportedAt === undefined ? Date.now() : Date.parse(exportedAt);
  const ms = Date.parse(told);
  return Number.isFinite(ms)
    ? ms
    : refuse([`--now: "${told}" is no time. Write one such as 2026-03-06T18:00+01:00.`]);
}

/** Every plan that is named is in the file. */
function refuseUnknown({ plans, clock: written }: KettlosFile): void {
  const known = new Set(plans.map((p) => p.id));
  const missing = [
    ...(written?.meals ?? []).flatMap((m, i) =>
      m.planIds
        .filter((id) => !known.has(id))
        .map((id) => `clock.meals[${i}].planIds: No plan "${id}" in the file.`),
    ),
    ...(written?.loose ?? []).flatMap((l, i) =>
      known.has(l.planId) ? [] : [`clock.loose[${i}].planId: No plan "${l.planId}" in the file.`],
    ),
  ];
  if (missing.length > 0) refuse(missing);
}

/** Pots that are on the fire in the file. */
function runningIn({ batches, events }: KettlosFile, atMs: number) {
  return batches.flatMap((stored) => {
    const cook = fold(events.filter((e) => e.batchId === stored.id));
    if (cook.finishedMs !== null || cook.litMs === null || cook.strainedMs !== null) return [];
    const { plan } = cookedPlan(resolve(stored.plan, stored.kitchen), cook);
    const batch = { ...stored, plan };
    const running = runningOf(
      batch,
      cook,
      onFire(resolve(plan, stored.kitchen), cook, atMs),
      atMs,
      isAheadIn(clock, plan.id),
    );
    return running === null ? [] : [running];
  });
}

/** Whether a pot of a plan in the file is through for what is wanted then. */
function isCooked(planId: string, forMs: number): boolean {
  return file.batches.some((batch) => {
    if (batch.plan.id !== planId || batch.practice !== undefined) return false;
    const { strainedMs } = fold(file.events.filter((e) => e.batchId === batch.id));
    return strainedMs !== null && Math.abs(forMs - strainedMs) < COOKED_FOR_MS;
  });
}

function isoOf(minute: Minute): string {
  return wall.isoOf(minute);
}

function rowAsJson(row: SheetRow) {
  return {
    task: row.taskId,
    block: row.blockId,
    plans: row.planIds,
    title: row.title,
    how: inWords(row.how, "metric"),
    attention: row.attention,
    from: isoOf(row.from),
    to: isoOf(row.to),
    slowTo: isoOf(row.slowTo),
    minutes: row.to - row.from,
    needs: {
      hand: row.handId,
      ring: row.ringId,
      vessels: row.vesselIds,
      oven: row.ovenId === null ? null : { id: row.ovenId, tempC: row.ovenC },
      cold: row.isCold,
      fridgeL: row.fridgeL,
      flame: row.isFlame,
    },
    pinned: row.isPinned,
    why: row.why,
  };
}

function isoOrNull(minute: Minute | null): string | null {
  return minute === null ? null : isoOf(minute);
}
function isoPairs(all: readonly Stretch[]) {
  return all.map((s) => [isoOf(s.from), isoOf(s.to)]);
}

function asJson(answer: ClockAnswer, troubles: readonly TroubleAnswer[]) {
  return {
    now: isoOf(answer.now),
    timeZone: answer.timeZone,
    sentence: answer.sentence,
    goals: answer.goals.map(({ planIds, wishedAt, slow, ...goal }) => ({
      ...goal,
      plans: planIds,
      wishedAt: isoOrNull(wishedAt),
      nineInTenBy: isoOrNull(slow),
    })),
    tasks: answer.rows.map(rowAsJson),
    hangsOn: answer.hangsOn,
    hands: answer.hands.map((h) => ({
      ...h,
      asleep: isoPairs(h.asleep),
      away: isoPairs(h.away),
    })),
    quiet: isoPairs(answer.quiet),
    notes: answer.notes.map((note) => inWords(note, "metric")),
    contradictions: troubles.map(({ kinds, wishes, remedies, ...t }) => ({
      ...t,
      wishes: wishes.map((said, i) => ({ kind: kinds[i], said: inWords(said, "metric") })),
      remedies: remedies.map(({ id, title, cost }) => ({ id, title, cost })),
    })),
    broken: answer.broken.map((b) => ({
      what: b.what,
      at: isoOf(b.at),
      tasks: b.ids,
      said: b.said,
    })),
    problems: answer.problems.map(({ planId, said }) => ({
      plan: planId,
      message: inWords(said, file.kitchen.units),
    })),
  };
}

/** The run sheet for a person: by day and time, hands first. */
function asText(answer: ClockAnswer, troubles: readonly TroubleAnswer[]): string {
  const nameOf = (id: string | null) => answer.hands.find((h) => h.id === id)?.name ?? "";
  const lines: string[] = [
    answer.sentence,
    ...answer.problems.map(
      (p) => `${p.planId} cannot be cooked as it stands: ${inWords(p.said, file.kitchen.units)}`,
    ),
  ];
  lines.push(...answer.notes.map((note) => inWords(note, file.kitchen.units)));
  let day = "";
  for (const row of answer.rows) {
    const date = wall.dateOf(row.from);
    if (date !== day) lines.push("", wall.sayDay(row.from));
    day = date;
    const who =
      row.handId !== null ? nameOf(row.handId) : row.attention === "none" ? "alone" : row.attention;
    const said = inWords(row.how, file.kitchen.units);
    const how = said === "" ? "" : ` (${said})`;
    const slow = row.slowTo > row.to ? `, at the latest ${wall.sayTime(row.slowTo)}` : "";
    lines.push(
      `${wall.sayTime(row.from)}–${wall.sayTime(row.to)}  ${who.padEnd(8)} ${row.title}${how}${slow}; ${row.why}`,
    );
  }
  if (answer.broken.length > 0)
    lines.push("", "It breaks here:", ...answer.broken.map((b) => `  ${b.said}`));
  for (const t of troubles)
    lines.push(
      "",
      inWords(sayTrouble(t), file.kitchen.units),
      ...t.remedies.map((r) => `  ${r.title}`),
    );
  return `${lines.join("\n")}\n`;
}
